package olla.practice.kitchen;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Heat in a dish over time: between columns explicitly, within each implicitly, on enthalpy. Mutable; for one thread. Another method than
 * the application's on purpose: a mistake of the one is not one of the other.
 */
final class Baking {

    /* Radiation of a dark tray's underside, and how much wider it is than the piece. */
    private static final double UNDERSIDE = 0.85;
    private static final double WIDER = 1.5;

    /* So much of the longest step that stays stable. */
    private static final double SAFE = 0.45;
    private static final double LONGEST_S = 8;

    /* Air between a round fish and its tray, W/mK and W/m²K (from memory). */
    private static final double AIR_W_MK = 0.03;
    private static final double ACROSS_GAP_W_M2K = 7;

    private final Dish dish;
    private final Body body;
    private final int layers;
    private final double[] enthalpy;
    private final double[] celsius;
    private final double[] water;
    private final double[] gone;
    private final double[] film;
    private final double[] left;
    private final double[] inflow;
    private final double[] sideOpens;
    private final double[] conducts;
    private final double[] upper;
    private final double[] right;
    private final double[] flux = new double[2];
    private double trayC;
    private double seconds;
    private double peakC;
    private double takesW;

    Baking(Dish dish) {
        this.dish = dish;
        body = dish.body();
        layers = body.layers;
        enthalpy = new double[body.cells()];
        celsius = new double[body.cells()];
        water = new double[body.cells()];
        inflow = new double[body.cells()];
        sideOpens = new double[body.cells()];
        conducts = new double[body.cells()];
        gone = new double[body.there.length];
        film = new double[body.there.length];
        left = new double[body.there.length];
        upper = new double[layers];
        right = new double[layers];
        Arrays.fill(film, Faces.FILM_KG_M2);
        for (int cell = 0; cell < celsius.length; cell++) {
            Matter of = of(cell);
            celsius[cell] = body.matter[cell] == 0 ? dish.startC() : dish.laidC();
            enthalpy[cell] = of.enthalpyJm3(celsius[cell]);
            water[cell] = of.waterKgM3();
        }
        trayC = dish.trayC();
        peakC = coldestC();
    }

    private Baking(Baking like) {
        dish = like.dish;
        body = like.body;
        layers = like.layers;
        enthalpy = like.enthalpy.clone();
        celsius = like.celsius.clone();
        water = like.water.clone();
        gone = like.gone.clone();
        film = like.film.clone();
        left = like.left.clone();
        inflow = new double[body.cells()];
        sideOpens = new double[body.cells()];
        conducts = new double[body.cells()];
        upper = new double[layers];
        right = new double[layers];
        trayC = like.trayC;
        seconds = like.seconds;
        peakC = like.peakC;
    }

    /** As it stands now; what goes on from it changes nothing here. */
    Baking copy() {
        return new Baking(this);
    }

    /**
     * Goes on with other things on it, over the same columns. What was there is as warm as it was; what was spread on it comes as warm as it is laid.
     *
     * @param other the same fish on the same
     */
    Baking as(Dish other) {
        Baking next = new Baking(other);
        int lower = body.underLayers + body.fishLayers;
        boolean sameOver = body.layers == other.body().layers;
        for (int at = 0; at < body.there.length; at++) {
            int from = at * layers;
            int to = at * next.layers;
            next.takes(this, from, to, sameOver ? layers : lower);
        }
        next.goesOn(this);
        return next;
    }

    /** Goes on under a fish that is laid on it: what was there is on the average as warm as it was. */
    Baking under(Dish fish) {
        Baking next = new Baking(fish);
        for (int at = 0; at < body.there.length; at++) {
            double mean = 0;
            double left = 0;
            for (int k = 0; k < layers; k++) {
                mean += celsius[at * layers + k] / layers;
                left += water[at * layers + k] / layers;
            }
            for (int k = 0; k < next.body.underLayers; k++) {
                int cell = at * next.layers + k;
                next.celsius[cell] = mean;
                next.enthalpy[cell] = next.of(cell).enthalpyJm3(mean);
                next.water[cell] = left;
            }
        }
        next.trayC = trayC;
        next.seconds = seconds;
        next.peakC = next.coldestC();
        return next;
    }

    private void takes(Baking from, int first, int into, int count) {
        System.arraycopy(from.celsius, first, celsius, into, count);
        System.arraycopy(from.enthalpy, first, enthalpy, into, count);
        System.arraycopy(from.water, first, water, into, count);
    }

    private void goesOn(Baking before) {
        System.arraycopy(before.gone, 0, gone, 0, gone.length);
        System.arraycopy(before.film, 0, film, 0, film.length);
        System.arraycopy(before.left, 0, left, 0, left.length);
        trayC = before.trayC;
        seconds = before.seconds;
        peakC = before.peakC;
    }

    /** Is turned over: what lay below lies above, and has not dried yet. */
    void turn() {
        for (int at = 0; at < body.there.length; at++) {
            for (int k = 0; k < layers / 2; k++) {
                swap(at * layers + k, at * layers + layers - 1 - k);
            }
            gone[at] = 0;
            film[at] = Faces.FILM_KG_M2;
        }
    }

    private void swap(int one, int other) {
        for (double[] of : List.of(celsius, enthalpy, water)) {
            double kept = of[one];
            of[one] = of[other];
            of[other] = kept;
        }
    }

    private Matter of(int cell) {
        return body.matters[body.matter[cell]];
    }

    double seconds() {
        return seconds;
    }

    /** The warmest that its coldest flesh has been, °C. */
    double peakC() {
        return peakC;
    }

    /** The warmest that its coldest flesh gets where it comes out now and lies on a board for so many minutes, °C. */
    double peakIfOutC(double restMin) {
        Baking resting = copy();
        double until = seconds + 60 * restMin;
        double dt = resting.safeS();
        while (resting.seconds < until) {
            resting.step(Around.BOARD, dt);
        }
        return resting.peakC;
    }

    /** What it takes from the oven, W. */
    double takesW() {
        return takesW;
    }

    /** The coldest flesh of the thickest part, °C: a third of the length about the middle. */
    double coldestC() {
        double coldest = Double.POSITIVE_INFINITY;
        for (int i = body.along / 3; i < body.along - body.along / 3; i++) {
            for (int j = 0; j < body.across; j++) {
                for (int k = 0; k < layers; k++) {
                    int cell = (i * body.across + j) * layers + k;
                    if (body.there[i * body.across + j] && body.matter[cell] == 0) {
                        coldest = Math.min(coldest, celsius[cell]);
                    }
                }
            }
        }
        return coldest;
    }

    /** Through the flesh of the column in the middle, from below to above, °C. */
    double[] throughC() {
        int first = (body.along / 2 * body.across + (body.half ? 0 : body.across / 2)) * layers;
        return IntStream.range(first, first + layers)
                .filter(cell -> body.matter[cell] == 0)
                .mapToDouble(cell -> celsius[cell])
                .toArray();
    }

    /** The uppermost, by rows along it, °C; NaN where there is nothing. The other half is not said where only one is modelled. */
    double[][] topC() {
        double[][] rows = new double[body.across][body.along];
        for (int i = 0; i < body.along; i++) {
            for (int j = 0; j < body.across; j++) {
                int at = i * body.across + j;
                rows[j][i] = body.there[at] ? celsius[at * layers + layers - 1] : Double.NaN;
            }
        }
        return rows;
    }

    /** Heat in all of it, J, from 0 °C. */
    double holdsJ() {
        double sum = 0;
        for (int cell = 0; cell < enthalpy.length; cell++) {
            sum += body.there[cell / layers] ? enthalpy[cell] * body.volumeM3(cell) : 0;
        }
        return sum;
    }

    /** The longest step that is safe, s. */
    double safeS() {
        double quickest = 0;
        for (Matter m : body.matters) {
            quickest = Math.max(quickest, m.wetWmK() * m.frozenTimes() / m.capacityJm3K());
        }
        double narrowest = Math.min(body.stepM, body.acrossM);
        return Math.min(LONGEST_S, SAFE * narrowest * narrowest / (2 * quickest));
    }

    /** Goes on by one step. */
    void step(Around around, double dt) {
        Arrays.fill(inflow, 0);
        Arrays.fill(sideOpens, 0);
        takesW = 0;
        double trayTakes = tray(around);
        level();
        for (int i = 0; i < body.along; i++) {
            for (int j = 0; j < body.across; j++) {
                if (body.there[i * body.across + j]) {
                    beside(around, i, j, i + 1, j);
                    beside(around, i, j, i - 1, j);
                    beside(around, i, j, i, j + 1);
                    if (j > 0 || !body.half) {
                        beside(around, i, j, i, j - 1);
                    }
                }
            }
        }
        double toFish = 0;
        double area = 0;
        for (int at = 0; at < body.there.length; at++) {
            if (body.there[at]) {
                toFish += column(around, at, dt);
                area += body.areaM2();
            }
        }
        takesW += trayTakes * area * WIDER;
        trayC += dt * (trayTakes * WIDER - toFish / area) / (dish.trayJm2K() * WIDER);
        takesW *= body.half ? 2 : 1;
        seconds += dt;
        peakC = Math.max(peakC, coldestC());
    }

    /* What comes to a square metre of the tray, W/m². */
    private double tray(Around around) {
        double kelvin = (trayC + around.underC()) / 2 + Faces.KELVIN;
        double opens = around.underWm2K() + 4 * UNDERSIDE * Faces.STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
        return opens * (around.underC() - trayC);
    }

    /* What goes level from column to column. */
    private void level() {
        for (int cell = 0; cell < conducts.length; cell++) {
            conducts[cell] = of(cell).conductivityWmK(celsius[cell], water[cell]);
        }
        for (Body.Joint joint : body.joints) {
            double here = heightC(joint.lower(), joint.share());
            double there = heightC(joint.otherLower(), joint.otherShare());
            double a = conducts[joint.cell()];
            double b = conducts[joint.other()];
            double flow = joint.heightM() * joint.wide() * 2 * a * b / (a + b) * (there - here);
            inflow[joint.cell()] += flow;
            inflow[joint.other()] -= flow;
        }
    }

    /* How warm a column is at a height between the middles of two layers, °C. */
    private double heightC(int lower, double share) {
        return celsius[lower] + share * (celsius[lower + 1] - celsius[lower]);
    }

    /* What comes into a column from the oven at its side, where there is no other beside it. */
    private void beside(Around around, int i, int j, int ni, int nj) {
        int at = i * body.across + j;
        boolean within = ni >= 0 && ni < body.along && nj >= 0 && nj < body.across;
        boolean next = within && body.there[ni * body.across + nj];
        if (next || nj >= j && ni == i && body.leans[i]) {
            return;
        }
        for (int k = 0; k < layers; k++) {
            int cell = at * layers + k;
            double area = (ni == i ? body.stepM : body.acrossM) * body.deepM[cell];
            dish.faces().heat(around, celsius[cell], false, flux);
            double half = (ni == i ? body.acrossM : body.stepM) / 2 / conducts[cell];
            double through = 1 / (1 + flux[1] * half);
            double leaves = evaporation(around, at, celsius[cell], area);
            inflow[cell] += area * flux[0] * through - leaves;
            sideOpens[cell] += area * flux[1] * through;
            takesW += area * flux[0] * through;
        }
    }

    /* Heat that goes with vapour from a face of a column, W; as wet as its film and what feeds that let it. */
    private double evaporation(Around around, int at, double faceC, double area) {
        if (body.matter[at * layers + layers - 1] != 0) {
            return 0;
        }
        double wet = Math.min(1, film[at] / Faces.FILM_KG_M2);
        return wet * dish.faces().evaporates(around, faceC) * Matter.EVAPORATION_J_KG * area;
    }

    /* A column's layers, all at once; says what the tray gives it, W. */
    private double column(Around around, int at, double dt) {
        int first = at * layers;
        double area = body.areaM2();
        int top = first + layers - 1;
        dish.faces().heat(around, celsius[top], true, flux);
        double face = area * body.slope[at];
        double halfTop = body.deepM[top] / 2 / body.slope[at] / conducts[top];
        double through = 1 / (1 + flux[1] * halfTop);
        double comes = flux[0] * through * face;
        double opens = flux[1] * through * face;
        takesW += comes;
        // The face is warmer than what is half a layer under it, by what went in when it was last looked at.
        double faceC = celsius[top] + (comes / face - left[at]) * halfTop;
        double leaves = evaporation(around, at, faceC, face);
        left[at] = leaves / face;
        double halfBottom = body.deepM[first] / 2 / conducts[first];
        double open = body.openBelow[at];
        double contact = (1 - open) * area / (1 / contact(at) + halfBottom);
        if (open > 0) {
            dish.faces().heat(around, celsius[first], false, flux);
            double share = open * face / (1 + flux[1] * halfBottom / body.slope[at]);
            inflow[first] += share * flux[0] - evaporation(around, at, celsius[first], open * face);
            sideOpens[first] += share * flux[1];
            takesW += share * flux[0];
        }
        double below = contact;
        double under = trayC - celsius[first];
        double before = 0;
        for (int k = 0; k < layers; k++) {
            int cell = first + k;
            double above = k + 1 < layers ? between(cell, cell + 1) * area : 0;
            double holds = of(cell).capacityJm3K(celsius[cell]) * body.volumeM3(cell) / dt;
            double gains = inflow[cell] + (k == 0 ? below * under : below * (celsius[cell - 1] - celsius[cell]));
            gains += above > 0 ? above * (celsius[cell + 1] - celsius[cell]) : comes - leaves;
            double diagonal = holds + below + above + sideOpens[cell] + (above > 0 ? 0 : opens);
            double pivot = diagonal - (k == 0 ? 0 : below * before);
            upper[k] = above / pivot;
            right[k] = (gains + (k == 0 ? 0 : below * right[k - 1])) / pivot;
            before = upper[k];
            below = above;
        }
        double warms = 0;
        double first0 = 0;
        for (int k = layers - 1; k >= 0; k--) {
            warms = right[k] + upper[k] * warms;
            int cell = first + k;
            enthalpy[cell] += of(cell).capacityJm3K(celsius[cell]) * warms;
            boil(cell);
            celsius[cell] = of(cell).celsius(enthalpy[cell]);
            first0 = warms;
        }
        dries(at, left[at] * dt / Matter.EVAPORATION_J_KG, dt);
        return contact * (under - first0);
    }

    private double contact(int at) {
        double gap = body.baseM[at];
        double touching = dish.contactWm2K()[at];
        return gap < 1e-4 ? touching : 1 / (1 / touching + 1 / (AIR_W_MK / gap + ACROSS_GAP_W_M2K));
    }

    /* Between two layers of a column, W/m²K. */
    private double between(int cell, int above) {
        double resists = body.deepM[cell] / 2 / conducts[cell] + body.deepM[above] / 2 / conducts[above];
        boolean touch = body.matter[cell] != body.matter[above];
        return 1 / (resists + (touch ? 1 / dish.touchesWm2K() : 0));
    }

    private void boil(int cell) {
        Matter of = of(cell);
        double over = enthalpy[cell] - of.enthalpyJm3(of.boilsC());
        if (over > 0 && water[cell] > 0) {
            double boiled = Math.min(water[cell], over / Matter.EVAPORATION_J_KG);
            water[cell] -= boiled;
            enthalpy[cell] -= boiled * Matter.EVAPORATION_J_KG;
        }
    }

    private void dries(int at, double leftKgM2, double dt) {
        gone[at] += leftKgM2;
        film[at] = Math.max(
                0,
                Math.min(
                        Faces.FILM_KG_M2,
                        film[at] - leftKgM2 + dt * dish.faces().feeds(gone[at])));
    }
}
