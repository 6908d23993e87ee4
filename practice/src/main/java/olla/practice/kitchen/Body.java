package olla.practice.kitchen;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
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

    /** How many of the layers are under the fish, and how many it has. */
    final int underLayers;

    final int fishLayers;

    /** From column to column along it, m. */
    final double stepM;

    /** From column to column across it, m. */
    final double acrossM;
    /** True where only half of it is modelled, from the middle outwards. */
    final boolean half;

    final boolean[] there;
    final double[] deepM;
    final int[] matter;
    final double[] baseM;
    final double[] slope;
    final Matter[] matters;
    /** How openly its underside lies to the oven, by column: 0 where it lies on something, 1 where it is high above its tray close to the edge. */
    final double[] openBelow;
    /** Whether the side across, at its far edge, leans on another piece, by place along it. */
    final boolean[] leans;
    /** Where two columns touch, side by side, at one height. */
    final Joint[] joints;

    /**
     * Where a layer of one column and one of the next touch: what goes through there goes level, by how warm both columns are at its middle.
     *
     * @param cell the one's layer
     * @param other the other's
     * @param heightM how high it is, m
     * @param wide how wide it is, of how far it is from column to column
     * @param lower the one's layer from which its temperature there is reckoned, together with the layer above
     * @param share how much of that above counts; below 0 or above 1 beyond the middles of the outermost
     * @param otherLower as lower, of the other
     * @param otherShare as share, of the other
     */
    record Joint(
            int cell,
            int other,
            double heightM,
            double wide,
            int lower,
            double share,
            int otherLower,
            double otherShare) {}

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
     * What is inside the fish, of the last matter.
     *
     * @param ofWidth how wide it is, of the fish's width, 0 to 1; 0 for nothing
     * @param layers how high it is, in layers of the fish
     */
    record Belly(double ofWidth, int layers) {
        static final Belly NONE = new Belly(0, 0);
    }

    /**
     * A slice with soft shoulders that thins towards its ends; as a place along and across it, -1 to 1, has it, m.
     *
     * @param thins by which share it is thinner there
     * @param rounds how square its shoulders are: 2 for an ellipse
     */
    static DoubleBinaryOperator slice(double thickM, double thins, double rounds) {
        return (x, y) -> thickM
                * (1 - thins * Math.abs(x))
                * Math.pow(Math.max(0, 1 - Math.pow(Math.abs(y), rounds)), 1 / rounds);
    }

    /**
     * A fish on its side, thinner towards head and tail; as a place along and across it, -1 to 1, has it, m.
     *
     * @param ends how late it begins to thin
     */
    static DoubleBinaryOperator fish(double thickM, double ends) {
        return (x, y) ->
                thickM * Math.sqrt(Math.max(0, 1 - y * y)) * Math.max(0, 1 - 0.6 * Math.pow(Math.abs(x), ends));
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
     * @param belly what is inside it
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
            Belly belly,
            Matter... matters) {
        this.matters = matters;
        this.half = half;
        this.underLayers = under.layers();
        this.fishLayers = fishLayers;
        this.layers = underLayers + fishLayers + over.layers();
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
        openBelow = new double[along * across];
        double thickest = thickM.applyAsDouble(0, 0);
        acrossM = spanM / across;
        for (int i = 0; i < along; i++) {
            double x = ((i + 0.5) * this.stepM - roomM) / lengthM * 2 - 1;
            leans[i] = (i + 0.5) / along < leansFrom;
            for (int j = 0; j < across; j++) {
                double y = half ? (j + 0.5) * acrossM / (widthM / 2) : ((j + 0.5) * acrossM - roomM) / widthM * 2 - 1;
                double thick = Math.abs(x) < 1 && Math.abs(y) < 1 ? thickM.applyAsDouble(x, y) : 0;
                column(i * across + j, thick, thickest, round, roomM, under, over, fishLayers);
                if (Math.abs(y) < belly.ofWidth() && Math.abs(x) < BELLY_ALONG && thick > LEAST_SHARE * thickest) {
                    int first = (i * across + j) * layers + underLayers + (fishLayers - belly.layers() + 1) / 2;
                    Arrays.fill(matter, first, first + belly.layers(), matters.length - 1);
                }
            }
        }
        List<Joint> touching = new ArrayList<>();
        for (int i = 0; i < along; i++) {
            for (int j = 0; j < across; j++) {
                double rises = rises(i, j, 0, 1);
                double runs = rises(i, j, 1, 0);
                slope[i * across + j] = Math.sqrt(1 + rises * rises + runs * runs);
                double gap = baseM[i * across + j];
                openBelow[i * across + j] = gap / Math.hypot(gap, (across - j - 0.5) * acrossM);
                join(i, j, i + 1, j, touching);
                join(i, j, i, j + 1, touching);
            }
        }
        joints = touching.toArray(Joint[]::new);
    }

    private boolean isThere(int i, int j) {
        return i >= 0 && i < along && j >= 0 && j < across && there[i * across + j];
    }

    private double topM(int i, int j) {
        double top = baseM[i * across + j];
        for (int k = 0; k < layers; k++) {
            top += deepM[(i * across + j) * layers + k];
        }
        return top;
    }

    /* How steeply the upper face rises there, from one neighbour to the other or from where there is one. */
    private double rises(int i, int j, int di, int dj) {
        boolean before = isThere(i - di, j - dj);
        boolean after = isThere(i + di, j + dj);
        double from = before ? topM(i - di, j - dj) : topM(i, j);
        double to = after ? topM(i + di, j + dj) : topM(i, j);
        int steps = (before ? 1 : 0) + (after ? 1 : 0);
        // In the middle of what is modelled by half its other side mirrors it.
        boolean mirrored = half && dj == 1 && j == 0;
        return steps == 0 || mirrored ? 0 : (to - from) / (steps * (dj == 1 ? acrossM : stepM));
    }

    private void join(int i, int j, int ni, int nj, List<Joint> into) {
        if (!isThere(i, j) || !isThere(ni, nj)) {
            return;
        }
        int one = i * across + j;
        int next = ni * across + nj;
        double bottom = baseM[one];
        for (int k = 0; k < layers; k++) {
            double top = bottom + deepM[one * layers + k];
            double otherBottom = baseM[next];
            for (int l = 0; l < layers; l++) {
                double otherTop = otherBottom + deepM[next * layers + l];
                double from = Math.max(bottom, otherBottom);
                double to = Math.min(top, otherTop);
                if (to > from) {
                    double middle = (from + to) / 2;
                    double[] here = at(one, middle);
                    double[] there = at(next, middle);
                    into.add(new Joint(
                            one * layers + k,
                            next * layers + l,
                            to - from,
                            j == nj ? acrossM / stepM : stepM / acrossM,
                            (int) here[0],
                            here[1],
                            (int) there[0],
                            there[1]));
                }
                otherBottom = otherTop;
            }
            bottom = top;
        }
    }

    /* Between which layers' middles a height lies in a column: the lower, and how far on to the next. */
    private double[] at(int column, double heightM) {
        int first = column * layers;
        double middle = baseM[column] + deepM[first] / 2;
        int k = 0;
        double next = middle + (deepM[first] + deepM[first + 1]) / 2;
        while (k < layers - 2 && heightM > next) {
            k++;
            middle = next;
            next += (deepM[first + k] + deepM[first + k + 1]) / 2;
        }
        return new double[] {first + k, (heightM - middle) / (next - middle)};
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
        double deep = fish ? thick : LEAST_SHARE * thickest;
        boolean envelope = roomM > 0;
        there[at] = fish || envelope;
        double missing = thickest - deep;
        baseM[at] = round && !envelope ? missing / 2 : 0;
        for (int k = 0; k < layers; k++) {
            int cell = at * layers + k;
            boolean isUnder = k < under.layers();
            boolean isOver = k >= under.layers() + fishLayers;
            Sheet sheet = isUnder ? under : over;
            if (isUnder || isOver) {
                // An envelope lies flat and fills up what the fish leaves, above half of it; what is spread is as deep
                // everywhere.
                double fills = envelope ? missing / (isUnder ? 2 : 4) : 0;
                deepM[cell] = (sheet.deepM() + fills) / sheet.layers();
                matter[cell] = sheet.matter();
            } else {
                deepM[cell] = deep / fishLayers;
                matter[cell] = fish ? 0 : over.matter();
            }
        }
    }

    /** How many cells there are. */
    int cells() {
        return matter.length;
    }

    /** A column's area as seen from above, m². */
    double areaM2() {
        return stepM * acrossM;
    }

    /** A cell's volume, m³. */
    double volumeM3(int cell) {
        return areaM2() * deepM[cell];
    }
}
