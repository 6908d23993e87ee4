package olla.core.heat;

import java.util.stream.IntStream;
import olla.core.units.Temperature;

/**
 * Where a section meets the oven, in all its planes and at the end of its length: what arrives there and what leaves with vapour, at the
 * start of a step and in each of its stages. A covered face that has come to boiling steams: what would warm it further goes off. Mutable,
 * for one thread; nothing is allocated after it is made.
 */
final class SectionFaces {

    /* At a covered face what would warm it beyond boiling goes off as steam: so much for each kelvin beyond, W/m²K. */
    private static final double STEAM_W_M2K = 2e4;

    /* Of the juice that a gel lets go, what comes from so far under a face wets what has dried there; the rest runs off (ours, calibrated). */
    private static final double WETS_M = 0.0005;
    private static final double STEAMS_WITHIN_K = 0.01;

    private final RosenbrockMethod method;
    private final Section section;
    private final SectionNodes nodes;
    private final int each;
    private final int within;
    private final int count;
    private final Face[] face;
    private final double[] area;
    private final int[] node;
    private final double[] up;
    private final int[] endOf;
    private final double[] deep;
    private final boolean[] steams;
    private final double[] wet;
    private final double[] crust;
    private final double[] arriving;
    private final double[] vapour;
    private final double[] arrivingSlope;
    private final double[] vapourSlope;
    private final double[] startArriving;
    private final double[] startVapour;
    private final double[] startSlopeA;
    private final double[] startSlopeV;
    private final double[][] stageArriving;
    private final double[][] stageVapour;
    private final double[] tangent = new double[Face.TANGENT];

    SectionFaces(SectionNodes nodes, RosenbrockMethod method) {
        this.method = method;
        this.section = nodes.section;
        this.nodes = nodes;
        each = section.faceNode.length;
        within = each * nodes.planes;
        int[] ends = nodes.planes == 1
                ? new int[0]
                : IntStream.range(0, nodes.each)
                        .filter(i -> section.material[i] != Section.TRAY)
                        .toArray();
        count = within + ends.length;
        face = new Face[count];
        area = new double[count];
        node = new int[count];
        up = new double[count];
        endOf = new int[nodes.each];
        for (int f = 0; f < within; f++) {
            int plane = f / each;
            node[f] = plane * nodes.each + section.faceNode[f % each];
            area[f] = section.faceArea[f % each] * section.planeM[plane];
            up[f] = section.faceUp[f % each];
        }
        for (int e = 0; e < ends.length; e++) {
            node[within + e] = (nodes.planes - 1) * nodes.each + ends[e];
            area[within + e] = section.area[ends[e]];
            endOf[ends[e]] = within + e;
        }
        double[] open = new double[nodes.all];
        for (int f = 0; f < count; f++) {
            open[node[f]] += area[f];
        }
        deep = new double[count];
        for (int f = 0; f < count; f++) {
            deep[f] = nodes.volume[node[f]] / open[node[f]];
        }
        steams = new boolean[count];
        wet = new double[count];
        crust = new double[count];
        arriving = new double[count];
        vapour = new double[count];
        arrivingSlope = new double[count];
        vapourSlope = new double[count];
        startArriving = new double[count];
        startVapour = new double[count];
        startSlopeA = new double[count];
        startSlopeV = new double[count];
        stageArriving = new double[method.stages][count];
        stageVapour = new double[method.stages][count];
    }

    /** What they all meet from now on. */
    void meeting(Surroundings around) {
        for (int f = 0; f < count; f++) {
            face[f] = around.of(nodes.material(node[f]));
        }
    }

    /**
     * A step begins: how dry they are in it, what is met now, which of them steam.
     *
     * @param seconds how long the step is to be
     */
    void begin(SectionState state, double seconds) {
        for (int f = 0; f < count; f++) {
            wet[f] = wet(state, f, seconds);
        }
        meetNow(state);
    }

    /** What is met now, as dry as they are in the step that was begun. */
    void meetNow(SectionState state) {
        for (int f = 0; f < count; f++) {
            steams[f] = state.celsius[node[f]] > face[f].mostC() - STEAMS_WITHIN_K;
        }
        tangents(state.celsius);
        System.arraycopy(arriving, 0, startArriving, 0, count);
        System.arraycopy(vapour, 0, startVapour, 0, count);
        System.arraycopy(arrivingSlope, 0, startSlopeA, 0, count);
        System.arraycopy(vapourSlope, 0, startSlopeV, 0, count);
    }

    /** How thick the crust on a node's face is, m; 0 of what is no face. */
    double crustM(SectionState state, int atNode) {
        int f = faceOf(atNode);
        return f < 0 || nodes.materialOf[atNode].crustWmK() == 0 ? 0 : dryM(state, f);
    }

    /* How deep a face of what crusts has dried, m. */
    private double dryM(SectionState state, int f) {
        double left = state.waterKgM3[node[f]] / nodes.materialOf[node[f]].waterKgM3();
        return (1 - left) * deep[f];
    }

    /** By how much the crust on a node's face is warmer than what is under it, K. */
    double crustWarmer(SectionState state, int atNode) {
        double thickM = crustM(state, atNode);
        if (thickM == 0) {
            return 0;
        }
        int f = faceOf(atNode);
        state.met.of(nodes.material(atNode)).tangent(state.celsius[atNode], up[f], tangent, 0);
        double resists = thickM / nodes.materialOf[atNode].crustWmK();
        return resists * tangent[0] / (1 - tangent[1] * resists);
    }

    private int faceOf(int atNode) {
        for (int f = 0; f < within; f++) {
            if (node[f] == atNode) {
                return f;
            }
        }
        return -1;
    }

    /**
     * What a gel lets go near its faces wets what has dried there.
     *
     * @param letGoBefore which share of its raw water each node had let go when the step began
     */
    void wetted(SectionState state, double[] letGoBefore) {
        for (int f = 0; f < count; f++) {
            int i = node[f];
            Material material = nodes.materialOf[i];
            if (material.crustWmK() > 0 && material.holds() != null) {
                double comesKg =
                        (state.letGo[i] - letGoBefore[i]) * material.holds().kgM3() * WETS_M * area[f];
                state.waterKgM3[i] = Math.min(material.waterKgM3(), state.waterKgM3[i] + comesKg / nodes.volume[i]);
            }
        }
    }

    /** Whether flesh loses vapour to the oven: where no face of it is open it goes into what lies around. */
    boolean fleshDries() {
        for (int f = 0; f < count; f++) {
            if (nodes.flesh(node[f]) && face[f].dries()) {
                return true;
            }
        }
        return false;
    }

    /** Adds what came in when the step began. What would cool without it steams no more. */
    void flowAtStart(double[] flow) {
        for (int f = 0; f < count; f++) {
            flow[node[f]] += area[f] * (startArriving[f] - startVapour[f]);
        }
        for (int f = 0; f < count; f++) {
            if (steams[f] && flow[node[f]] + area[f] * startVapour[f] <= 0) {
                steams[f] = false;
                flow[node[f]] += area[f] * startVapour[f];
                startVapour[f] = 0;
                startSlopeV[f] = 0;
            }
        }
    }

    /** The first stage meets what the step began with. */
    void meetAsAtStart() {
        System.arraycopy(startArriving, 0, arriving, 0, count);
        System.arraycopy(startVapour, 0, vapour, 0, count);
    }

    /** What they meet at these temperatures; adds what comes in by them. */
    void meet(double[] celsius, double[] flow) {
        tangents(celsius);
        for (int f = 0; f < count; f++) {
            flow[node[f]] += area[f] * (arriving[f] - vapour[f]);
        }
    }

    /** In which time no crust comes to hold back more than so many times what it does now, s. */
    double crustsGrowS(SectionState state, double times) {
        double least = Double.POSITIVE_INFINITY;
        for (int f = 0; f < count; f++) {
            int i = node[f];
            Material material = nodes.materialOf[i];
            if (material.crustWmK() > 0 && state.waterKgM3[i] > 0) {
                double grows = face[f].growsS(state.celsius[i], dryM(state, f), material.waterKgM3(), times);
                least = Math.min(least, grows);
            }
        }
        return least;
    }

    /* How much of what would evaporate from the wet face does, 0 to 1; sees to how its crust resists. */
    private double wet(SectionState state, int f, double seconds) {
        Material material = nodes.materialOf[node[f]];
        double first = material.waterKgM3();
        if (first == 0) {
            return 1;
        }
        double left = state.waterKgM3[node[f]] / first;
        if (material.crustWmK() == 0) {
            return left;
        }
        double dryM = dryM(state, f);
        crust[f] = dryM / material.crustWmK();
        if (left == 0) {
            return 0;
        }
        // Half way through the step it is as warm as it will be if it goes on as it did, and half of what will wet it
        // has come.
        double gains = state.rate[node[f]] * seconds / 2;
        double halfWayC = nodes.celsius(node[f], state.enthalpy[node[f]] + gains, state.waterKgM3[node[f]]);
        WaterHolding holds = material.holds();
        if (holds != null) {
            double comes = holds.comes(seconds) * Math.max(0, holds.letsGo(halfWayC) - state.letGo[node[f]]);
            dryM = Math.max(0, dryM - comes * holds.kgM3() / first * WETS_M / 2);
        }
        return face[f].through(halfWayC, dryM, first, seconds);
    }

    private void tangents(double[] c) {
        for (int f = 0; f < count; f++) {
            int i = node[f];
            face[f].tangent(c[i], up[f], tangent, 0);
            // The crust is warmer than what is under it by what goes through: as if the face gave way by so much less.
            double through = 1 / (1 - tangent[1] * crust[f]);
            arriving[f] = through * tangent[0];
            arrivingSlope[f] = through * tangent[1];
            vapour[f] = wet[f] * tangent[2];
            vapourSlope[f] = wet[f] * tangent[3];
            if (steams[f]) {
                vapour[f] += STEAM_W_M2K * (c[i] - face[f].mostC());
                vapourSlope[f] += STEAM_W_M2K;
            }
        }
    }

    /* By how much less comes in for each kelvin that its node is warmer, W/K. */
    private double givesWay(int f) {
        return area[f] * (startSlopeV[f] - startSlopeA[f]);
    }

    /** Adds what a plane's faces give way by for each kelvin, W/K. */
    void giveWay(double[] diagonal, int plane) {
        for (int f = plane * each; f < (plane + 1) * each; f++) {
            diagonal[node[f] - plane * nodes.each] += givesWay(f);
        }
    }

    /** Takes away what they give way by where nodes warm by so much; where there is one plane. */
    void giveWay(double[] warms, double[] away) {
        for (int f = 0; f < count; f++) {
            away[node[f]] -= givesWay(f) * warms[node[f]];
        }
    }

    /** What the end of the length gives way by at a node, W/K. */
    double endGivesWay(int inPlane) {
        return givesWay(endOf[inPlane]);
    }

    /** What each face in the planes passes in a stage, by the same linear rule as the nodes, so that the sums agree to the last digit. */
    void take(int stage, double h, double[] warms) {
        take(stage, h, 0, within, warms);
    }

    /** The same for the faces at the end of the length. */
    void takeAtTheEnd(int stage, double h, double[] warms) {
        take(stage, h, within, count, warms);
    }

    private void take(int s, double h, int from, int to, double[] warms) {
        for (int f = from; f < to; f++) {
            double a = arriving[f] + startSlopeA[f] * warms[node[f]];
            double v = vapour[f] + startSlopeV[f] * warms[node[f]];
            for (int j = 0; j < s; j++) {
                a += method.c[s][j] / h * stageArriving[j][f];
                v += method.c[s][j] / h * stageVapour[j][f];
            }
            stageArriving[s][f] = h * method.gamma * a;
            stageVapour[s][f] = h * method.gamma * v;
        }
    }

    /**
     * How far the step must be shortened for no covered face to be taken far beyond boiling before it steams; 1 where none is.
     *
     * @param most by how much it may be, K
     */
    double overshoot(SectionState state, double[] newC, double most) {
        double part = 1;
        for (int f = 0; f < count; f++) {
            double over = newC[node[f]] - face[f].mostC();
            if (over > most && !steams[f]) {
                double was = face[f].mostC() - state.celsius[node[f]];
                part = Math.min(part, (was + most / 2) / (was + over));
            }
        }
        return part;
    }

    /** A step is made: adds what passed to a state's sums, and takes the water that left with it. */
    void accept(SectionState state) {
        for (int f = 0; f < count; f++) {
            double came = 0;
            double went = 0;
            for (int s = 0; s < method.stages; s++) {
                came += method.m[s] * stageArriving[s][f];
                went += method.m[s] * stageVapour[s][f];
            }
            int i = node[f];
            state.arrivedJ += came * area[f];
            double gone = went * area[f];
            state.vapourJ += gone;
            if (face[f].dries() && nodes.flesh(i)) {
                state.driedJ += gone;
            }
            if (face[f].dries() && state.waterKgM3[i] > 0) {
                state.waterKgM3[i] = Math.max(0, state.waterKgM3[i] - gone / Water.EVAPORATION_J_KG / nodes.volume[i]);
            }
        }
        for (int f = 0; f < count; f++) {
            int i = node[f];
            boolean covered = face[f].mostC() == Temperature.BOILING_C;
            double beyond = covered && !steams[f] ? state.enthalpy[i] - nodes.steamingJm3[i] : 0;
            if (beyond > 0) {
                state.enthalpy[i] = nodes.steamingJm3[i];
                state.vapourJ += beyond * nodes.volume[i];
            }
        }
    }
}
