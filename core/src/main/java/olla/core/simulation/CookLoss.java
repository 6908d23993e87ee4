package olla.core.simulation;

import olla.core.fish.Fish;
import olla.core.fish.Group;
import olla.core.fish.Piece;
import olla.core.heat.WaterHolding;

/**
 * How fish lets its water go as its proteins do. Muscle begins to shrink at about 40 °C and does so most between 50 and 70 (published:
 * myosin and collagen of fish denature from 40 °C on, actin by 70; from memory), ten degrees below the beef that the form of the law is
 * from. How much a group lets go at most is set by what composition tables say of raw and baked fish: protein stays, so that what it is
 * a share of has shrunk (published: USDA SR, raw against cooked by dry heat, from memory; held by {@code CookLossTest}).
 */
final class CookLoss {

    private static final double MIDDLE_C = 56;
    private static final double WIDTH_K = 5;

    /* What is let go runs out through a few millimetres of flesh within some minutes (ours). */
    private static final double TIME_S = 240;

    private CookLoss() {}

    /* Share of its water that it lets go at most. */
    private static double most(Group group) {
        return switch (group) {
            case LEAN_WHITE -> 0.32;
            case FLAT_WHITE -> 0.28;
            case MEDIUM -> 0.31;
            case OILY -> 0.27;
        };
    }

    /** Water that raw flesh holds, kg/m³. */
    static double rawKgM3(Fish species) {
        return species.composition().water() * Piece.DENSITY_KG_M3;
    }

    static WaterHolding of(Fish species) {
        return new WaterHolding(rawKgM3(species), most(species.group()), MIDDLE_C, WIDTH_K, TIME_S);
    }
}
