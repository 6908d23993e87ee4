package olla.standin.kitchen;

import java.util.function.DoubleBinaryOperator;

/**
 * A piece of fish and what lies round it, in columns on a square grid along and across it; each column has as many layers, from below to
 * above. Immutable.
 */
final class Body {

    /** Thinner than this share of the thickest a column of fish is none: the sides begin there. */
    private static final double LEAST_SHARE = 0.25;

    /* As far as this from its middle a belly goes, of half the length. */
    private static final double BELLY_ALONG = 0.45;

    final int along;
    final int across;
    final int layers;
    final double stepM;
    /** True where only half of it is modelled, from the middle outwards. */
    final boolean half;

    private final boolean round;

    final boolean[] there;
    final double[] deepM;
    final int[] matter;
    final double[] baseM;
    final double[] slope;
    final Matter[] matters;
    /** Whether the side across, at its far edge, leans on another piece, by place along it. */
    final boolean[] leans;

    /**
     * What is under or over the fish.
     *
     * @param matter its number
     * @param deepM how deep, m; 0 for nothing
     * @param layers in how many
     */
    record Sheet(int matter, double deepM, int layers) {
        static final Sheet NONE = new Sheet(0, 0, 0);
    }

    /**
     * A piece in an envelope.
     *
     * @param lengthM along, m
     * @param widthM across, m
     * @param thickM at a place along (-1 to 1) and across (-1 to 1), m
     * @param round whether it curves away from what it lies on as it does above
     * @param roomM what of the grid goes beyond the fish: an envelope's, 0 where nothing lies round it
     * @param leansFrom along which part of it another piece lies against its far side, 0 to 1
     * @param belly how wide its empty belly is, of its width; 0 where it has none; the last matter fills it
     * @param matters flesh first
     */
    Body(
            double lengthM,
            double widthM,
            double stepM,
            int fishLayers,
            boolean half,
            DoubleBinaryOperator thickM,
            boolean round,
            double roomM,
            Sheet under,
            Sheet over,
            double leansFrom,
            double belly,
            Matter... matters) {
        this.matters = matters;
        this.half = half;
        this.round = round;
        this.layers = under.layers() + fishLayers + over.layers();
        this.along = Math.max(4, (int) Math.round((lengthM + 2 * roomM) / stepM));
        this.stepM = (lengthM + 2 * roomM) / along;
        double spanM = half ? widthM / 2 + roomM : widthM + 2 * roomM;
        this.across = Math.max(3, (int) Math.round(spanM / this.stepM));
        there = new boolean[along * across];
        deepM = new double[along * across * layers];
        matter = new int[along * across * layers];
        baseM = new double[along * across];
        slope = new double[along * across];
        leans = new boolean[along];
        double thickest = thickM.applyAsDouble(0, 0);
        double acrossStep = spanM / across;
        for (int i = 0; i < along; i++) {
            double x = ((i + 0.5) * this.stepM - roomM) / lengthM * 2 - 1;
            leans[i] = (i + 0.5) / along < leansFrom;
            for (int j = 0; j < across; j++) {
                double y = half
                        ? (j + 0.5) * acrossStep / (widthM / 2)
                        : ((j + 0.5) * acrossStep - roomM) / widthM * 2 - 1;
                double thick = Math.abs(x) < 1 && Math.abs(y) < 1 ? thickM.applyAsDouble(x, y) : 0;
                column(i * across + j, thick, thickest, round, roomM, under, over, fishLayers);
                if (Math.abs(y) < belly && Math.abs(x) < BELLY_ALONG && thick > LEAST_SHARE * thickest) {
                    matter[(i * across + j) * layers + under.layers() + fishLayers / 2] = matters.length - 1;
                }
                double beside = Math.abs(y) < 0.95 ? thickM.applyAsDouble(x, y + 0.05) : thick;
                double rises = (beside - thick) / (0.05 * widthM / 2) / (round ? 2 : 1);
                slope[i * across + j] = Math.min(2, Math.sqrt(1 + rises * rises));
            }
        }
    }

    private void column(
            int at,
            double thick,
            double thickest,
            boolean round,
            double roomM,
            Sheet under,
            Sheet over,
            int fishLayers) {
        boolean fish = thick > LEAST_SHARE * thickest;
        there[at] = fish || roomM > 0;
        baseM[at] = round ? (thickest - thick) / 2 : 0;
        for (int k = 0; k < layers; k++) {
            int cell = at * layers + k;
            boolean isUnder = k < under.layers();
            boolean isOver = k >= under.layers() + fishLayers;
            Sheet sheet = isUnder ? under : over;
            if (isUnder || isOver) {
                // An envelope fills up what the fish leaves; what is spread is as deep everywhere.
                double fills = roomM > 0 ? (thickest - (fish ? thick : 0)) / 4 : 0;
                deepM[cell] = (sheet.deepM() + fills) / sheet.layers();
                matter[cell] = sheet.matter();
            } else {
                deepM[cell] = fish ? thick / fishLayers : LEAST_SHARE * thickest / fishLayers;
                matter[cell] = fish ? 0 : over.matter();
            }
        }
    }

    /**
     * By how much better heat goes up through a column than its depth says, where the layers in it slope: what goes at right angles to them has less far to
     * go (the diagonal part of the metric of coordinates that follow the layers; that part which couples both directions is left out).
     *
     * @param layer above this many layers
     */
    double steeper(int at, int layer) {
        double share = round ? 2.0 * layer / layers - 1 : (double) layer / layers;
        double rises = Math.sqrt(slope[at] * slope[at] - 1) * share;
        return 1 + rises * rises;
    }

    /** How many cells there are. */
    int cells() {
        return matter.length;
    }

    /** A cell's volume, m³. */
    double volumeM3(int cell) {
        return stepM * stepM * deepM[cell];
    }
}
