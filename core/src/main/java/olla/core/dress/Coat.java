package olla.core.dress;

import java.util.List;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Amount;
import olla.core.units.Measure;
import olla.core.units.Temperature;

/**
 * Dipped, floured and crumbed all round.
 *
 * @param thickMm how thick the coat is, 1 to 8 mm
 * @param dip what makes the crumb stick
 */
public record Coat(double thickMm, Dip dip) {

    /** What a piece is dipped in before it is crumbed. */
    public enum Dip {
        EGG("dip"),
        MAYONNAISE("mayonnaise"),
        BUTTER("butter");

        private final String stuff;

        Dip(String stuff) {
            this.stuff = stuff;
        }
    }

    /** A coat of crumb, mm (common practice, no source). */
    public static final double USUAL_MM = 2.5;

    /* As pressed on, kg/m³ (from memory). */
    private static final double DENSITY_KG_M3 = 500;

    /* Water in the coat, kg/m³: what the dip brings (from memory). */
    private static final double WATER_KG_M3 = 120;

    /* How many times as fast as plain flesh it browns: flour, egg and bread that was baked before (by cases of practice, docs/model.md). */
    private static final double BROWNING = 6;

    /* What a coat is made of, by mass (common practice, no source). */
    private static final double CRUMB_SHARE = 0.55;
    private static final double FLOUR_SHARE = 0.12;
    private static final double DIP_SHARE = 0.33;

    /** @throws olla.core.messages.RefusedInput where no coat is so thick */
    public Coat {
        new Refusals().range("depthMm", "coat-of-crumb", thickMm, 1, 8, Unit.MM).throwIfAny();
    }

    /** With egg or buttermilk. */
    public Coat(double thickMm) {
        this(thickMm, Dip.EGG);
    }

    /** How much of it one piece takes, g: all its sides times the thickness. */
    public double grams(Piece piece) {
        double ends = 2 * piece.thicknessMm() * piece.widthMm();
        double round = 2 * piece.upperSideMm2() + 2 * piece.thicknessMm() * piece.lengthMm();
        return (round + ends) * thickMm / 1e9 * DENSITY_KG_M3 * 1000;
    }

    /** Dip, flour and crumb for one piece. */
    public List<Amount> amounts(Piece piece) {
        double grams = grams(piece);
        return List.of(
                new Amount(StuffNames.of("crumbs"), CRUMB_SHARE * grams, Measure.GRAM),
                new Amount(StuffNames.of("flour"), FLOUR_SHARE * grams, Measure.GRAM),
                new Amount(StuffNames.of(dip.stuff), DIP_SHARE * grams, Measure.GRAM));
    }

    Laid layer() {
        return new Laid.Coat(Stuff.spread(DENSITY_KG_M3, WATER_KG_M3, BROWNING), thickMm, Temperature.MIXED_C);
    }
}
