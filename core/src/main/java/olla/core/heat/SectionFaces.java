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
    private final boolean[] steams;
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
        steams = new boolean[count];
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

    /** A step begins: what is met now, and which of them steam. */
    void begin(SectionState state) {
        for (int f = 0; f < count; f++) {
            steams[f] = state.celsius[node[f]] > face[f].mostC() - STEAMS_WITHIN_K;
        }
        tangents(state, state.celsius);
        System.arraycopy(arriving, 0, startArriving, 0, count);
        System.arraycopy(vapour, 0, startVapour, 0, count);
        System.arraycopy(arrivingSlope, 0, startSlopeA, 0, count);
        System.arraycopy(vapourSlope, 0, startSlopeV, 0, count);
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
    void meet(SectionState state, double[] celsius, double[] flow) {
        tangents(state, celsius);
        for (int f = 0; f < count; f++) {
            flow[node[f]] += area[f] * (arriving[f] - vapour[f]);
        }
    }

    private void tangents(SectionState state, double[] c) {
        for (int f = 0; f < count; f++) {
            int i = node[f];
            // Flesh stays as wet as it went in; a layer that holds water loses it.
            double first = nodes.materialOf[i].waterKgM3();
            double wet = first > 0 ? state.waterKgM3[i] / first : 1;
            face[f].tangent(c[i], up[f], tangent, 0);
            arriving[f] = tangent[0];
            arrivingSlope[f] = tangent[1];
            vapour[f] = wet * tangent[2];
            vapourSlope[f] = wet * tangent[3];
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
            } else if (face[f].dries() && state.waterKgM3[i] > 0) {
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
