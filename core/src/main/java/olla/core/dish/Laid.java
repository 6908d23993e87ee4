package olla.core.dish;

import olla.core.units.Temperature;

/** A layer as it is laid: of what, where, and how much of it. */
public sealed interface Laid {

    /** What it is of. */
    Stuff stuff();

    /** How warm it is when it is laid, °C. */
    double startC();

    /**
     * What the fish lies on: slices, leaves, vegetables.
     *
     * @param depthMm how deep, mm
     * @param besideMm how far it reaches beyond the fish, mm
     */
    record Under(Stuff stuff, double depthMm, double besideMm, double startC) implements Laid {}

    /**
     * What the fish lies in: wine, butter, stock. It fills what is free beside the fish and what lies under it.
     *
     * @param depthMm how deep it stands, mm; no higher than the fish's middle
     * @param underMm the film of it that gets under a fish that lies on nothing else, mm
     * @param besideMm how far it reaches beyond the fish, mm
     */
    record Liquid(Stuff stuff, double depthMm, double underMm, double besideMm, double startC) implements Laid {}

    /**
     * What is inside the fish: a filling, or an empty belly.
     *
     * @param ofThickness its height as a share of the fish's as that lies on its side
     * @param ofDepth its width as a share of the fish's from back to belly
     */
    record Inside(Stuff stuff, double ofThickness, double ofDepth, double startC) implements Laid {

        /* A gutted belly with nothing in it: its flaps sag together, so that it stands lower than one with sprigs in it and is
         * as wide (shares: common practice, no source). */
        private static final double HOLLOW_OF_THICKNESS = 0.14;
        private static final double HOLLOW_OF_DEPTH = 0.4;

        /** A gutted belly with nothing in it. */
        public static Inside hollow() {
            return new Inside(Stuff.HOLLOW, HOLLOW_OF_THICKNESS, HOLLOW_OF_DEPTH, Temperature.MIXED_C);
        }

        /** Whether there is nothing but air. */
        public boolean isHollow() {
            return stuff.equals(Stuff.HOLLOW);
        }
    }

    /**
     * What is pressed on all round: a coat of crumb.
     *
     * @param thickMm how thick, mm
     */
    record Coat(Stuff stuff, double thickMm, double startC) implements Laid {}

    /**
     * What buries the fish: salt. A thin one follows the fish like a glove; a thicker one is a heap with a flat foot.
     *
     * @param thickMm how thick over, beside and under the fish, mm
     * @param followsBelowMm a thinner one follows the fish, mm
     * @param contactWm2K from it into the fish, W/m²K
     */
    record Heap(Stuff stuff, double thickMm, double followsBelowMm, double contactWm2K, double startC)
            implements Laid {}

    /**
     * What lies on the fish, or on what is on it already.
     *
     * @param depthMm how deep, mm
     * @param joins 0 where it is there from the start; else with which of the later additions it goes on, from 1
     */
    record On(Stuff stuff, double depthMm, int joins, double startC) implements Laid {}
}
