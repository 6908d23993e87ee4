package olla.core.heat;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;
import olla.core.units.Temperature;

/**
 * Heat conduction in a {@link Section} by spectral elements on enthalpy, in linearly implicit steps of a length that follows from how
 * exact they are to be.
 *
 * <pre>
 * V_i dH_i/dt = - sum over elements and springs K_ij T_j + sum over faces A_f (arriving - vapour)(T_i)
 * T, k        = functions of H (Material)
 * (C_i V_i / (h gamma) + K - dF/dT) theta = what flows in at a stage         theta: by how much it warms (RosenbrockMethod)
 * H_i         grows by C_i theta_i: what flows is held, whatever the temperature then is
 * w_i         : in a layer that holds water, what H_i has beyond 100 °C boils some of it off (Material.holdingWater)
 * </pre>
 *
 * C is what a node is expected to hold for each kelvin on its way, latent heat and all; the temperature follows from the enthalpy when
 * the step is done, so that no latent heat is stepped over (as the quasi-enthalpy correction of Pham 1985, Cryogenics 25, from memory). Where
 * it then lies off the line that C drew, the step is tried again with a line through where it came to. What boils or thaws does not warm
 * evenly: what it conducts meanwhile is reckoned from how it does. Whether a covered face steams is decided when a step begins. A step is
 * made again, shorter, where the method's companion says that it is wrong by more than is allowed, or where no line is found.
 *
 * <p>In several planes the matrix is that of each plane times that between planes (approximate factorisation: published, Hundsdorfer
 * and Verwer 2003, section IV.5, from memory), which the method's order does not mind.
 *
 * <p>Nothing is allocated while it runs. One solver serves one thread; results depend on nothing but its input.
 */
public final class SectionSolver {

    private static final RosenbrockMethod METHOD = RosenbrockMethod.ROS34PW2;

    /** As exact as the application's fine runs: on its meshes an exacter one changes little, K. */
    public static final double FINE_K = 0.3;

    /* The first step where something new begins, s; and by how much steps may grow and shrink. */
    private static final double FIRST_STEP_S = 4;
    private static final double SHORTEST_S = 0.05;
    private static final double MOST_GROWTH = 4;
    private static final double LEAST_GROWTH = 0.2;
    private static final double SAFETY = 0.9;

    /* Where layers boil dry the method's companion does not see all that is wrong with a long step, s (docs/model.md has what others
     * than this leave and cost). */
    private static final double LONGEST_WET_S = 120;

    /* What is not flesh may be so many times as wrong: what comes of it is felt in the flesh only after a while. */
    private static final double ELSEWHERE = 0.1;

    /* How far a step's temperatures may be from those of its enthalpies, on the average and anywhere, K: what is held is right all the
     * same, and the next step goes on from there. */
    private static final double AVERAGE_OFF_K = 6;
    private static final double MOST_OFF_K = 25;

    /* Anywhere a step may be so many times as wrong as on the average. */
    private static final double WORST = 5;
    private static final double TINY = 1e-9;
    private static final int CREST_LOOKS = 6;
    private static final int CREST_ROUNDS = 8;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    /* So often a step is tried again with other heat capacities before it is made shorter: after its first stage already where the
     * next would begin so many times as far off as a whole step may be; for nodes that are so far off, K. */
    private static final int MOST_SECANTS = 5;
    private static final double FIRST_STAGE_OFF = 1.5;

    /* Nodes that hang together may be tried in turn and no line be found: then a step is taken that has not more than twice as far to
     * come, since half as long a one would not be nearer. */
    private static final double NEAR_ENOUGH = 0.6;
    private static final double SECANT_FROM_K = 0.5;

    /* At a covered face what would warm it beyond boiling goes off as steam: so much for each kelvin beyond, W/m²K. */
    private static final double STEAM_W_M2K = 2e4;

    /* Where a step takes a covered face beyond boiling, what it then holds too much goes off as steam; where it would by more than
     * this the step is made shorter, K. */
    private static final double OVERSHOOT_K = 15;
    private static final double STEAMS_WITHIN_K = 0.01;

    /* A node that boils is taken to warm by so much until it is dry, K. */
    private static final double BOILS_OVER_K = 0.2;

    /** A material of another section, turned over about a height where that is not 0. */
    private record Lying(Section section, int material, double about) {}

    private final Section section;
    private final Map<Lying, Place[]> lying = new HashMap<>();
    private final Material[] materials;
    private final double toleranceK;
    private final int planes;
    private final int nodes;
    private final int all;
    private final Material[] materialOf;
    private final double[] volume;
    private final double[] boilingJm3;
    private final double[] steamingJm3;
    private final double[] share;
    private final boolean[] flesh;
    private final boolean[] varies;
    private final double wholeVolume;
    private final boolean holdsWater;
    private final Coldest coldest;
    private final SparseFactors[] factors;
    private final SparseMatrix[] stiffness;
    private final double[] diagonal;

    private final double[] capacity;
    private final double[] conductivity;
    private final double[] atStart;
    private final double[] flow;
    private final double[] stageC;
    private final double[] conductedAtStart;
    private final double[][] conductsAway;
    private final double[] entries;
    private final double[] rightSide;
    private final double[] inPlane;
    private final double[][] theta;
    private final double[] newEnthalpy;
    private final double[] newC;
    private final double[] bend;
    private final double[] triedOff;
    private final double[] triedGoes;

    private final int faces;
    private final Face[] face;
    private final double[] faceArea;
    private final int[] faceNode;
    private final double[] faceUp;
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
    private final double[] planeSystem;
    private final double[] planeSide;

    private long steps;
    private long refused;
    private boolean besideTheLine;

    /** A solver as exact as the application's fine runs. */
    public SectionSolver(Section section, Material... materials) {
        this(section, FINE_K, materials);
    }

    /**
     * @param section what is solved for
     * @param toleranceK how wrong a step may be, K; the whole solve is right to about a third of it
     * @param materials by material number: flesh, the tray's metal, those of further layers; only those the section has
     *     are used
     */
    public SectionSolver(Section section, double toleranceK, Material... materials) {
        this.section = section;
        this.toleranceK = toleranceK;
        this.materials = materials.clone();
        this.planes = section.planes();
        this.nodes = section.nodes;
        this.all = planes * nodes;
        materialOf = new Material[all];
        volume = new double[all];
        share = new double[all];
        flesh = new boolean[all];
        varies = new boolean[all];
        conductivity = new double[all];
        boilingJm3 = new double[all];
        steamingJm3 = new double[all];
        double sum = 0;
        for (int i = 0; i < all; i++) {
            int m = section.material[i % nodes];
            materialOf[i] = materials[m];
            volume[i] = section.area[i % nodes] * section.planeM[i / nodes];
            flesh[i] = m == Section.FLESH;
            share[i] = flesh[i] ? 1 : ELSEWHERE;
            sum += volume[i];
            varies[i] = !materials[m].steady() || materials[m].waterKgM3() > 0;
            conductivity[i] = 1 / materials[m].resistivity(0, materials[m].waterKgM3());
            steamingJm3[i] = materials[m].enthalpyJm3(Temperature.BOILING_C);
            boilingJm3[i] = materials[m].waterKgM3() > 0 ? steamingJm3[i] : Double.POSITIVE_INFINITY;
        }
        wholeVolume = sum;
        holdsWater = Arrays.stream(boilingJm3).anyMatch(boils -> boils < Double.POSITIVE_INFINITY);
        coldest = new Coldest(section);
        factors = new SparseFactors[planes];
        stiffness = new SparseMatrix[planes];
        diagonal = new double[nodes];
        for (int p = 0; p < planes; p++) {
            factors[p] = new SparseFactors(section.pattern);
            stiffness[p] = new SparseMatrix(section.pattern);
        }
        capacity = new double[all];
        atStart = new double[all];
        flow = new double[all];
        stageC = new double[all];
        conductedAtStart = new double[all];
        conductsAway = new double[METHOD.stages][all];
        rightSide = new double[all];
        inPlane = new double[nodes];
        theta = new double[METHOD.stages][all];
        newEnthalpy = new double[all];
        newC = new double[all];
        bend = new double[all];
        triedOff = new double[all];
        triedGoes = new double[all];
        int per = section.rule.count() * section.rule.count();
        entries = new double[per * (per + 1) / 2];
        int each = section.faceNode.length;
        int[] ends = planes == 1
                ? new int[0]
                : IntStream.range(0, nodes)
                        .filter(i -> section.material[i] != Section.TRAY)
                        .toArray();
        faces = each * planes + ends.length;
        face = new Face[faces];
        faceArea = new double[faces];
        faceNode = new int[faces];
        faceUp = new double[faces];
        for (int f = 0; f < faces; f++) {
            if (f < each * planes) {
                int plane = f / each;
                faceNode[f] = plane * nodes + section.faceNode[f % each];
                faceArea[f] = section.faceArea[f % each] * section.planeM[plane];
                faceUp[f] = section.faceUp[f % each];
            } else {
                int node = ends[f - each * planes];
                faceNode[f] = (planes - 1) * nodes + node;
                faceArea[f] = section.area[node];
            }
        }
        steams = new boolean[faces];
        arriving = new double[faces];
        vapour = new double[faces];
        arrivingSlope = new double[faces];
        vapourSlope = new double[faces];
        startArriving = new double[faces];
        startVapour = new double[faces];
        startSlopeA = new double[faces];
        startSlopeV = new double[faces];
        stageArriving = new double[METHOD.stages][faces];
        stageVapour = new double[METHOD.stages][faces];
        planeSystem = new double[planes * planes];
        planeSide = new double[planes];
    }

    /** What it solves for. */
    public Section section() {
        return section;
    }

    /**
     * The state before anything happens.
     *
     * @param startC temperature of each material by number, °C
     */
    public SectionState start(double... startC) {
        SectionState state = blank();
        for (int i = 0; i < all; i++) {
            int m = section.material[i % nodes];
            state.enthalpy[i] = materialOf[i].enthalpyJm3(startC[m]);
            state.waterKgM3[i] = materialOf[i].waterKgM3();
            state.coldest[m] = startC[m];
            state.coldestPeak[m] = startC[m];
        }
        temperatures(state);
        state.nextStepS = FIRST_STEP_S;
        return state;
    }

    /**
     * Goes on from a state of another section: materials that both have keep their heat and water, new ones come in at
     * {@code startC}, and the clock and the sums run on. Where the section is turned over, each layer's heat is spread
     * so that none is lost.
     *
     * @param other the solver of the other section, in as many planes
     * @param startC temperature of each material by number, °C, for those that are new
     * @param upsideDownAboutM 0, or the height about which everything but the tray is turned over, m
     */
    public SectionState takeOver(SectionSolver other, SectionState before, double[] startC, double upsideDownAboutM) {
        SectionState state = start(startC);
        double[] fresh = state.coldest.clone();
        state.sums(before);
        state.nextStepS = FIRST_STEP_S;
        for (int m = 0; m < section.materials(); m++) {
            if (section.has(m) && other.section.has(m)) {
                double about = m == Section.TRAY ? 0 : upsideDownAboutM;
                double startEnthalpy = materials[m].enthalpyJm3(startC[m]);
                takeOver(other, before, state, m, about);
                // What lies otherwise than before holds together what was held before, and what is new is as it starts.
                double held = other.storedJ(before, m);
                double was = other.section.volumeOf(m);
                double is = section.volumeOf(m);
                double holds = is >= was ? held + (is - was) * startEnthalpy : held * is / was;
                double missing = (holds - storedJ(state, m)) / is;
                for (int i = 0; i < all; i++) {
                    if (section.material[i % nodes] == m) {
                        state.enthalpy[i] += missing;
                    }
                }
            } else if (section.has(m)) {
                state.coldest[m] = fresh[m];
                state.coldestPeak[m] = fresh[m];
            }
        }
        temperatures(state);
        for (int m = 0; m < section.materials(); m++) {
            state.coldestPeak[m] = Math.max(state.coldestPeak[m], state.coldest[m]);
        }
        return state;
    }

    /* Each node takes what was held where it lies, and no more or less than the nodes round that place. */
    private void takeOver(SectionSolver other, SectionState before, SectionState state, int m, double about) {
        Place[] places = lying.computeIfAbsent(new Lying(other.section, m, about), this::places);
        for (int i = 0; i < nodes; i++) {
            if (places[i] == null) {
                continue;
            }
            for (int p = 0; p < planes; p++) {
                state.enthalpy[p * nodes + i] = places[i].within(before.enthalpy, p * other.nodes);
                state.waterKgM3[p * nodes + i] = places[i].within(before.waterKgM3, p * other.nodes);
            }
        }
    }

    /* Where in the other section each node of a material lies; the same for all states. */
    private Place[] places(Lying in) {
        Place[] places = new Place[nodes];
        for (int i = 0; i < nodes; i++) {
            if (section.material[i] == in.material) {
                double y = in.about == 0 ? section.y[i] : in.about - section.y[i];
                places[i] = in.section.place(in.material, section.x[i], y);
            }
        }
        return places;
    }

    /** A state with nothing in it yet. */
    SectionState blank() {
        return new SectionState(all, Math.max(section.materials(), materials.length));
    }

    /** Whether a node holds water that can boil off. */
    boolean boils(int node) {
        return boilingJm3[node] < Double.POSITIVE_INFINITY;
    }

    /** What each node takes in, W/m³, as it is and where it is. */
    void gains(SectionState state, Surroundings around, double[] into) {
        meeting(around);
        begin(state);
        for (int i = 0; i < all; i++) {
            bend[i] = 0;
            if (varies[i]) {
                conductivity[i] = 1 / materialOf[i].resistivity(state.enthalpy[i], state.waterKgM3[i]);
            }
        }
        conductance();
        flowAtStart(state);
        for (int i = 0; i < all; i++) {
            into[i] = atStart[i] / volume[i];
        }
    }

    /** Moves a state on by some seconds in given surroundings. */
    public void advance(SectionState state, Surroundings around, double seconds) {
        double end = state.seconds + seconds;
        while (end - state.seconds > 1e-9) {
            step(state, around, end - state.seconds);
        }
        state.seconds = end;
    }

    /**
     * Moves a state on by one step, as long as it can be.
     *
     * @param most the longest that it may be, s
     */
    public void step(SectionState state, Surroundings around, double most) {
        meeting(around);
        if (state.met == null || around.unlike(state.met)) {
            state.nextStepS = Math.min(state.nextStepS, FIRST_STEP_S);
            Arrays.fill(state.rate, 0);
        }
        state.met = around;
        begin(state);
        double h = Math.min(most, holdsWater ? Math.min(LONGEST_WET_S, state.nextStepS) : state.nextStepS);
        if (h > 0.6 * most && h < most) {
            // Two halves are better than a whole and a bit.
            h = most / 2;
        }
        double grows = MOST_GROWTH;
        int secants = 0;
        expect(state, h);
        while (true) {
            first(h);
            if (secants < MOST_SECANTS && strays(state)) {
                refused++;
                secants(state, secants++ == 0);
                continue;
            }
            others(state, h);
            double factor = Math.max(LEAST_GROWTH, Math.min(grows, growth(state, h)));
            boolean near = besideTheLine && secants >= MOST_SECANTS && factor > NEAR_ENOUGH;
            if (factor < SAFETY && h > SHORTEST_S && !near) {
                grows = 1;
                refused++;
                if (besideTheLine && secants++ < MOST_SECANTS) {
                    secants(state, secants == 1);
                } else {
                    secants = 0;
                    h *= factor;
                    expect(state, h);
                }
                continue;
            }
            accept(state, h);
            // A step that had to be short says nothing against longer ones.
            state.nextStepS = h < most ? h * factor : Math.max(state.nextStepS, h * factor);
            steps++;
            return;
        }
    }

    private void meeting(Surroundings around) {
        for (int f = 0; f < faces; f++) {
            face[f] = around.of(section.material[faceNode[f] % nodes]);
        }
    }

    /** Steps made and steps made again, since the solver was made, for the benchmark. */
    public long[] steps() {
        return new long[] {steps, refused};
    }

    private void begin(SectionState state) {
        double[] c = state.celsius;
        for (int f = 0; f < faces; f++) {
            steams[f] = c[faceNode[f]] > face[f].mostC() - STEAMS_WITHIN_K;
        }
        Arrays.fill(flow, 0);
        meet(state, c);
        System.arraycopy(arriving, 0, startArriving, 0, faces);
        System.arraycopy(vapour, 0, startVapour, 0, faces);
        System.arraycopy(arrivingSlope, 0, startSlopeA, 0, faces);
        System.arraycopy(vapourSlope, 0, startSlopeV, 0, faces);
    }

    /*
     * What a step of such a length is expected to meet, if each node goes on taking in heat as it did: the conductivity half way, and the
     * heat capacity on the way there, latent heat and all; where the flow has turned, that of what comes next.
     */
    private void expect(SectionState state, double h) {
        for (int i = 0; i < all; i++) {
            bend[i] = 0;
            if (varies[i]) {
                double gains = state.rate[i] * h;
                double warms = celsius(i, state.enthalpy[i] + gains, state.waterKgM3[i]) - state.celsius[i];
                conductivity[i] = 1 / materialOf[i].resistivity(state.enthalpy[i] + gains / 2, state.waterKgM3[i]);
                bend[i] = bend(state, i, gains, warms);
            }
        }
        conductance();
        flowAtStart(state);
        for (int i = 0; i < all; i++) {
            capacity[i] = expectedCapacity(state, i, h);
        }
    }

    private double expectedCapacity(SectionState state, int i, double h) {
        double enthalpy = state.enthalpy[i];
        double water = state.waterKgM3[i];
        if (enthalpy > boilingJm3[i] - 1 && water > 0 && atStart[i] > 0) {
            return boilingDry(i, h, water * Water.EVAPORATION_J_KG);
        }
        double gains = state.rate[i] * atStart[i] > 0 ? state.rate[i] * h : 0;
        double warms = gains == 0 ? 0 : celsius(i, enthalpy + gains, water) - state.celsius[i];
        return warms * gains > 0 ? gains / warms : materialOf[i].capacityJm3K(enthalpy);
    }

    /*
     * What boils takes in heat as it does now until it is dry, and from then on less the warmer it is: half of that on the average.
     */
    private double boilingDry(int i, double h, double latent) {
        double beyond = atStart[i] * h / volume[i] - latent;
        double most = boilingCapacity(materialOf[i]);
        if (beyond <= 0) {
            return most;
        }
        double dry = materialOf[i].capacityJm3K(steamingJm3[i]);
        double warms = beyond / (dry + stiffness[i / nodes].diagonal(i % nodes) * h / 2 / volume[i]);
        return Math.min(most, dry + latent / warms);
    }

    /*
     * By how much a node is warmer on the way, on the average, than on the straight line from where it is to where it comes to: what
     * boils or thaws does not warm evenly (Simpson's rule).
     */
    private double bend(SectionState state, int i, double gains, double warms) {
        double halfWay = celsius(i, state.enthalpy[i] + gains / 2, state.waterKgM3[i]) - state.celsius[i];
        return 2 / 3.0 * (halfWay - warms / 2);
    }

    private void flowAtStart(SectionState state) {
        for (int i = 0; i < all; i++) {
            stageC[i] = state.celsius[i] + bend[i];
        }
        Arrays.fill(flow, 0);
        conducts(stageC);
        System.arraycopy(flow, 0, conductedAtStart, 0, all);
        for (int f = 0; f < faces; f++) {
            flow[faceNode[f]] += faceArea[f] * (startArriving[f] - startVapour[f]);
        }
        for (int f = 0; f < faces; f++) {
            // What would cool without it steams no more.
            if (steams[f] && flow[faceNode[f]] + faceArea[f] * startVapour[f] <= 0) {
                steams[f] = false;
                flow[faceNode[f]] += faceArea[f] * startVapour[f];
                startVapour[f] = 0;
                startSlopeV[f] = 0;
            }
        }
        System.arraycopy(flow, 0, atStart, 0, all);
    }

    /*
     * Where the temperature came to lie off the line it was on, a line through where it came to; where that would now go back to where
     * it came from, one between, by how far off both were (regula falsi, node by node, on the logarithm of what a node holds).
     */
    private void secants(SectionState state, boolean first) {
        for (int i = 0; i < all; i++) {
            double warms = newC[i] - state.celsius[i];
            double holds = newEnthalpy[i] - state.enthalpy[i];
            if (varies[i]) {
                bend[i] = bend(state, i, holds, warms);
            }
            if (first) {
                triedOff[i] = 0;
            }
            if (Math.abs(warms - holds / capacity[i]) > SECANT_FROM_K && holds * warms > 0) {
                double off = Math.log(holds / warms / capacity[i]);
                double goes = off;
                if (off * triedOff[i] < 0) {
                    goes = -triedGoes[i] * off / (off - triedOff[i]);
                }
                capacity[i] *= Math.exp(goes);
                triedOff[i] = off;
                triedGoes[i] = goes;
            }
        }
        flowAtStart(state);
    }

    private static double boilingCapacity(Material m) {
        return m.waterKgM3() * Water.EVAPORATION_J_KG / BOILS_OVER_K;
    }

    private void first(double h) {
        assemble(h);
        System.arraycopy(atStart, 0, rightSide, 0, all);
        System.arraycopy(startArriving, 0, arriving, 0, faces);
        System.arraycopy(startVapour, 0, vapour, 0, faces);
        solve(0, h);
    }

    /* Whether the temperatures that the second stage would begin with are already too far from those of their enthalpies. */
    private boolean strays(SectionState state) {
        double off = 0;
        double farthest = 0;
        for (int i = 0; i < all; i++) {
            double beside = comesTo(state, i, METHOD.a[1][0] * theta[0][i]);
            off += volume[i] * beside * beside;
            farthest = Math.max(farthest, Math.abs(beside));
        }
        return offTheLine(off, farthest) > FIRST_STAGE_OFF;
    }

    /* Where a node comes to on the line of its heat capacity, and how far off that its temperature then is, K. */
    private double comesTo(SectionState state, int i, double warms) {
        newEnthalpy[i] = state.enthalpy[i] + warms * capacity[i];
        newC[i] = celsius(i, newEnthalpy[i], state.waterKgM3[i]);
        return newC[i] - state.celsius[i] - warms;
    }

    /* 1 where a step's temperatures are as far off the line as they may be. */
    private double offTheLine(double squares, double farthest) {
        return Math.max(Math.sqrt(squares / wholeVolume) / AVERAGE_OFF_K, farthest / MOST_OFF_K);
    }

    private void others(SectionState state, double h) {
        for (int s = 1; s < METHOD.stages; s++) {
            between(state, s);
            meet(state, stageC);
            System.arraycopy(flow, 0, rightSide, 0, all);
            for (int j = 0; j < s; j++) {
                double c = METHOD.c[s][j] / h;
                double[] before = theta[j];
                for (int i = 0; i < all; i++) {
                    rightSide[i] += c * capacity[i] * volume[i] * before[i];
                }
            }
            solve(s, h);
        }
    }

    /* The temperatures that a stage begins with, on the line of the heat capacity, and what is conducted then. */
    private void between(SectionState state, int s) {
        System.arraycopy(state.celsius, 0, stageC, 0, all);
        System.arraycopy(conductedAtStart, 0, flow, 0, all);
        for (int j = 0; j < s; j++) {
            double a = METHOD.a[s][j];
            double[] warms = theta[j];
            double[] less = conductsAway[j];
            for (int i = 0; i < all && a != 0; i++) {
                stageC[i] += a * warms[i];
                flow[i] -= a * less[i];
            }
        }
        if (planes > 1) {
            Arrays.fill(flow, 0);
            for (int i = 0; i < all; i++) {
                stageC[i] += bend[i];
            }
            conducts(stageC);
            for (int i = 0; i < all; i++) {
                stageC[i] -= bend[i];
            }
        }
    }

    /* What conducts in each plane, as it is expected to be half way. */
    private void conductance() {
        int per = section.rule.count() * section.rule.count();
        int half = entries.length;
        for (int p = 0; p < planes; p++) {
            SparseMatrix m = stiffness[p];
            double length = section.planeM[p];
            m.set(section.springEntry, length);
            for (int e = 0; e < section.elements; e++) {
                double first = conductivity[p * nodes + section.nodeOf[e * per]];
                boolean alike = true;
                for (int at = e * per + 1; at < (e + 1) * per && alike; at++) {
                    alike = conductivity[p * nodes + section.nodeOf[at]] == first;
                }
                if (alike) {
                    m.add(section.elementAt, section.elementEntry, e * half, (e + 1) * half, first * length);
                } else {
                    addUneven(m, p, e, length);
                }
            }
        }
    }

    /* Each plane's matrix: what conducts, what holds heat, what the faces give way by; then its factors. */
    private void assemble(double h) {
        int each = section.faceNode.length;
        for (int p = 0; p < planes; p++) {
            for (int i = 0; i < nodes; i++) {
                diagonal[i] = volume[p * nodes + i] * capacity[p * nodes + i] / (h * METHOD.gamma);
            }
            for (int f = p * each; f < (p + 1) * each; f++) {
                diagonal[faceNode[f] - p * nodes] += faceArea[f] * (startSlopeV[f] - startSlopeA[f]);
            }
            factors[p].of(stiffness[p], diagonal);
        }
    }

    /* An element that does not conduct alike everywhere. */
    private void addUneven(SparseMatrix m, int plane, int element, double length) {
        int per = section.rule.count() * section.rule.count();
        int half = entries.length;
        Arrays.fill(entries, 0);
        for (int at = element * per; at < (element + 1) * per; at++) {
            double k = length * conductivity[plane * nodes + section.nodeOf[at]];
            int from = at * half;
            for (int c = 0; c < half; c++) {
                entries[c] += k * section.nodeEntry[from + c];
            }
        }
        m.add(section.elementAt, element * half, entries);
    }

    private void solve(int s, double h) {
        double[] warms = theta[s];
        for (int p = 0; p < planes; p++) {
            System.arraycopy(rightSide, p * nodes, inPlane, 0, nodes);
            factors[p].solve(inPlane);
            System.arraycopy(inPlane, 0, warms, p * nodes, nodes);
        }
        int within = section.faceNode.length * planes;
        take(s, h, 0, within, warms);
        if (planes == 1) {
            // What is left of the right side when what holds heat and the faces have had theirs.
            double[] away = conductsAway[s];
            for (int i = 0; i < all; i++) {
                away[i] = rightSide[i] - volume[i] * capacity[i] / (h * METHOD.gamma) * warms[i];
            }
            for (int f = 0; f < faces; f++) {
                away[faceNode[f]] -= faceArea[f] * (startSlopeV[f] - startSlopeA[f]) * warms[faceNode[f]];
            }
        } else {
            alongTheLength(warms, h);
            take(s, h, within, faces, warms);
        }
    }

    /* What each face passes in a stage, by the same linear rule as the nodes, so that the sums agree to the last digit. */
    private void take(int s, double h, int from, int to, double[] warms) {
        for (int f = from; f < to; f++) {
            double a = arriving[f] + startSlopeA[f] * warms[faceNode[f]];
            double v = vapour[f] + startSlopeV[f] * warms[faceNode[f]];
            for (int j = 0; j < s; j++) {
                a += METHOD.c[s][j] / h * stageArriving[j][f];
                v += METHOD.c[s][j] / h * stageVapour[j][f];
            }
            stageArriving[s][f] = h * METHOD.gamma * a;
            stageVapour[s][f] = h * METHOD.gamma * v;
        }
    }

    /* The second factor: for each node the planes among each other, with the end's faces. */
    private void alongTheLength(double[] warms, double h) {
        int firstEnd = section.faceNode.length * planes;
        int end = firstEnd;
        for (int i = 0; i < nodes; i++) {
            if (section.material[i] == Section.TRAY) {
                continue;
            }
            Arrays.fill(planeSystem, 0);
            for (int q = 0; q < planes; q++) {
                double k = section.area[i] * section.planeM[q] * conductivity[q * nodes + i];
                for (int a = 0; a < planes; a++) {
                    double slope = k * section.planeSlope[q * planes + a];
                    for (int b = 0; b < planes; b++) {
                        planeSystem[a * planes + b] += slope * section.planeSlope[q * planes + b];
                    }
                }
            }
            for (int p = 0; p < planes; p++) {
                int at = p * nodes + i;
                double holds = volume[at] * capacity[at] / (h * METHOD.gamma);
                planeSystem[p * planes + p] += holds;
                planeSide[p] = holds * warms[at];
            }
            planeSystem[planes * planes - 1] += faceArea[end] * (startSlopeV[end] - startSlopeA[end]);
            end++;
            solvePlanes();
            for (int p = 0; p < planes; p++) {
                warms[p * nodes + i] = planeSide[p];
            }
        }
    }

    /* Elimination; the system is symmetric and positive definite. */
    private void solvePlanes() {
        for (int k = 0; k < planes; k++) {
            double pivot = planeSystem[k * planes + k];
            for (int r = k + 1; r < planes; r++) {
                double times = planeSystem[r * planes + k] / pivot;
                for (int c = k + 1; c < planes; c++) {
                    planeSystem[r * planes + c] -= times * planeSystem[k * planes + c];
                }
                planeSide[r] -= times * planeSide[k];
            }
        }
        for (int k = planes - 1; k >= 0; k--) {
            for (int c = k + 1; c < planes; c++) {
                planeSide[k] -= planeSystem[k * planes + c] * planeSide[c];
            }
            planeSide[k] /= planeSystem[k * planes + k];
        }
    }

    /* By how much the next step may be longer for this one to have been as exact as is wanted; below 1 it was not. */
    private double growth(SectionState state, double h) {
        double error = 0;
        double worst = 0;
        double off = 0;
        double farthest = 0;
        for (int i = 0; i < all; i++) {
            double warms = 0;
            double wrong = 0;
            for (int s = 0; s < METHOD.stages; s++) {
                warms += METHOD.m[s] * theta[s][i];
                wrong += METHOD.e[s] * theta[s][i];
            }
            double by = wrong * share[i];
            double beside = comesTo(state, i, warms);
            error += volume[i] * by * by;
            off += volume[i] * beside * beside;
            if (flesh[i]) {
                worst = Math.max(worst, Math.abs(by));
            }
            farthest = Math.max(farthest, Math.abs(beside));
        }
        double e = Math.max(Math.sqrt(error / wholeVolume), worst / WORST) / toleranceK;
        double o = offTheLine(off, farthest);
        double grows = SAFETY
                * Math.min(
                        Math.pow(Math.max(e, TINY), -1.0 / (RosenbrockMethod.COMPANION_ORDER + 1)),
                        1 / Math.sqrt(Math.max(o, TINY)));
        boolean tooFar = false;
        for (int f = 0; f < faces; f++) {
            double over = newC[faceNode[f]] - face[f].mostC();
            if (over > OVERSHOOT_K && !steams[f]) {
                tooFar = true;
                double was = face[f].mostC() - state.celsius[faceNode[f]];
                grows = Math.min(grows, SAFETY * (was + OVERSHOOT_K / 2) / (was + over));
            }
        }
        besideTheLine = o > 1 && e <= 1;
        return e <= 1 && o <= 1 && !tooFar ? Math.max(grows, SAFETY) : Math.min(grows, SAFETY - 0.1);
    }

    /* The temperature of a node that holds so much; while it boils and is wet it hardly warms. */
    private double celsius(int i, double enthalpy, double water) {
        double over = enthalpy - boilingJm3[i];
        if (over <= 0 || water <= 0) {
            return materialOf[i].temperatureC(enthalpy);
        }
        double latent = water * Water.EVAPORATION_J_KG;
        double beyond = Math.max(0, over - latent);
        return Math.min(over, latent) / boilingCapacity(materialOf[i])
                + materialOf[i].temperatureC(boilingJm3[i] + beyond);
    }

    private void accept(SectionState state, double h) {
        for (int i = 0; i < all; i++) {
            state.rate[i] = (newEnthalpy[i] - state.enthalpy[i]) / h;
            state.enthalpy[i] = newEnthalpy[i];
        }
        for (int f = 0; f < faces; f++) {
            double came = 0;
            double went = 0;
            for (int s = 0; s < METHOD.stages; s++) {
                came += METHOD.m[s] * stageArriving[s][f];
                went += METHOD.m[s] * stageVapour[s][f];
            }
            int i = faceNode[f];
            state.arrivedJ += came * faceArea[f];
            double gone = went * faceArea[f];
            state.vapourJ += gone;
            if (face[f].dries() && section.material[i % nodes] == Section.FLESH) {
                state.driedJ += gone;
            } else if (face[f].dries() && state.waterKgM3[i] > 0) {
                state.waterKgM3[i] = Math.max(0, state.waterKgM3[i] - gone / Water.EVAPORATION_J_KG / volume[i]);
            }
        }
        for (int f = 0; f < faces; f++) {
            int i = faceNode[f];
            double beyond =
                    face[f].mostC() == Temperature.BOILING_C && !steams[f] ? state.enthalpy[i] - steamingJm3[i] : 0;
            if (beyond > 0) {
                state.enthalpy[i] = steamingJm3[i];
                state.vapourJ += beyond * volume[i];
            }
        }
        for (int i = 0; i < all; i++) {
            double excess = state.enthalpy[i] - boilingJm3[i];
            if (excess > 0 && state.waterKgM3[i] > 0) {
                double boiled = Math.min(state.waterKgM3[i], excess / Water.EVAPORATION_J_KG);
                state.waterKgM3[i] -= boiled;
                state.enthalpy[i] -= boiled * Water.EVAPORATION_J_KG;
                state.vapourJ += boiled * Water.EVAPORATION_J_KG * volume[i];
            }
        }
        System.arraycopy(state.celsius, 0, stageC, 0, all);
        temperatures(state);
        for (int m = 0; m < state.coldest.length; m++) {
            if (section.has(m)) {
                crest(state, m, h);
            }
        }
        state.seconds += h;
    }

    /*
     * The warmest that the coldest of a material was on the way: it may have been one place that warmed until another, that cooled, was
     * colder. Each node goes by the cubic that begins and ends as warm and rises there as fast as it does.
     */
    private void crest(SectionState state, int m, double h) {
        double most = Math.max(state.coldestPeak[m], state.coldest[m]);
        if (mayCrest(state, m, h)) {
            Arrays.fill(flow, 0);
            conducts(state.celsius);
            meet(state, state.celsius);
            int best = 0;
            double there = Double.NEGATIVE_INFINITY;
            for (int look = 0; look <= CREST_LOOKS; look++) {
                double then = coldestAt(state, m, look * h / CREST_LOOKS, h);
                if (then > there) {
                    there = then;
                    best = look;
                }
            }
            double low = Math.max(0, best - 1) * h / CREST_LOOKS;
            double high = Math.min(CREST_LOOKS, best + 1) * h / CREST_LOOKS;
            most = Math.max(most, Math.max(there, crestBetween(state, m, h, low, high)));
        }
        state.coldestPeak[m] = most;
    }

    /* By the golden section: what was looked at once serves for the next round too. */
    private double crestBetween(SectionState state, int m, double h, double from, double to) {
        double low = from;
        double high = to;
        double first = high - GOLDEN * (high - low);
        double second = low + GOLDEN * (high - low);
        double a = coldestAt(state, m, first, h);
        double b = coldestAt(state, m, second, h);
        for (int round = 0; round < CREST_ROUNDS; round++) {
            if (a < b) {
                low = first;
                first = second;
                a = b;
                second = low + GOLDEN * (high - low);
                b = coldestAt(state, m, second, h);
            } else {
                high = second;
                second = first;
                b = a;
                first = high - GOLDEN * (high - low);
                a = coldestAt(state, m, first, h);
            }
        }
        return Math.max(a, b);
    }

    /* Not where the coldest cools from the start, nor where it is one node that warms until the end. */
    private boolean mayCrest(SectionState state, int m, double h) {
        int node = coldest.node(stageC, m);
        double rises = atStart[node] / (volume[node] * capacity[node]);
        double risesAtEnd = 2 * (state.celsius[node] - stageC[node]) / h - rises;
        return rises > 0 && (risesAtEnd < 0 || coldest.node(state.celsius, m) != node);
    }

    private double coldestAt(SectionState state, int m, double after, double h) {
        double[] then = rightSide;
        double part = after / h;
        for (int i : coldest.nodes(m)) {
            double holds = volume[i] * capacity[i];
            then[i] = DenseOutput.cubic(stageC[i], state.celsius[i], h * atStart[i] / holds, h * flow[i] / holds, part);
        }
        return coldest.about(then, coldest.node(then, m));
    }

    /** Temperatures from what is held. */
    void temperatures(SectionState state) {
        for (int i = 0; i < all; i++) {
            state.celsius[i] = celsius(i, state.enthalpy[i], state.waterKgM3[i]);
        }
        coldest(state);
    }

    private void coldest(SectionState state) {
        for (int m = 0; m < state.coldest.length; m++) {
            if (section.has(m)) {
                state.coldest[m] = coldest.about(state.celsius, coldest.node(state.celsius, m));
            }
        }
    }

    /* What is conducted into each node, W, on top of what flows into it already. */
    private void conducts(double[] c) {
        for (int p = 0; p < planes; p++) {
            stiffness[p].multiply(c, p * nodes, flow);
        }
        if (planes > 1) {
            conductAlong(c, conductivity);
        }
    }

    /* What the faces meet at these temperatures, and adds what comes in by them. */
    private void meet(SectionState state, double[] c) {
        for (int f = 0; f < faces; f++) {
            int i = faceNode[f];
            // Flesh stays as wet as it went in; a layer that holds water loses it.
            double first = materialOf[i].waterKgM3();
            double wet = first > 0 ? state.waterKgM3[i] / first : 1;
            face[f].tangent(c[i], faceUp[f], tangent, 0);
            arriving[f] = tangent[0];
            arrivingSlope[f] = tangent[1];
            vapour[f] = wet * tangent[2];
            vapourSlope[f] = wet * tangent[3];
            if (steams[f]) {
                vapour[f] += STEAM_W_M2K * (c[i] - face[f].mostC());
                vapourSlope[f] += STEAM_W_M2K;
            }
            flow[i] += faceArea[f] * (arriving[f] - vapour[f]);
        }
    }

    private void conductAlong(double[] c, double[] k) {
        for (int i = 0; i < nodes; i++) {
            if (section.material[i] == Section.TRAY) {
                continue;
            }
            for (int q = 0; q < planes; q++) {
                double slope = 0;
                for (int b = 0; b < planes; b++) {
                    slope += section.planeSlope[q * planes + b] * c[b * nodes + i];
                }
                double flux = section.area[i] * section.planeM[q] * k[q * nodes + i] * slope;
                for (int a = 0; a < planes; a++) {
                    flow[a * nodes + i] -= section.planeSlope[q * planes + a] * flux;
                }
            }
        }
    }

    /** Mean temperature of the flesh, °C, by volume. */
    public double meanC(SectionState state) {
        return meanC(state, Section.FLESH);
    }

    /** Mean temperature of a material, °C, by volume. */
    public double meanC(SectionState state, int material) {
        double sum = 0;
        double whole = 0;
        for (int i = 0; i < all; i++) {
            if (section.material[i % nodes] == material) {
                sum += volume[i] * state.celsius[i];
                whole += volume[i];
            }
        }
        return sum / whole;
    }

    /** Water that a material still holds, kg, in the modelled part. */
    public double waterKg(SectionState state, int material) {
        double sum = 0;
        for (int i = 0; i < all; i++) {
            if (section.material[i % nodes] == material) {
                sum += volume[i] * state.waterKgM3[i];
            }
        }
        return sum;
    }

    /** Temperature of the uppermost face at the mid-plane, whatever layer it belongs to, °C. */
    public double topFaceC(SectionState state) {
        return state.celsius[section.topNode];
    }

    /** Temperature at a place of the section in the middle of the length, °C. */
    public double celsius(SectionState state, Place place) {
        double sum = 0;
        for (int i = 0; i < place.nodes.length; i++) {
            sum += place.weights[i] * state.celsius[place.nodes[i]];
        }
        return sum;
    }

    /** Enthalpy of a material in the modelled part, J, from the lowest tabled temperature. */
    public double storedJ(SectionState state, int material) {
        double sum = 0;
        for (int i = 0; i < all; i++) {
            if (section.material[i % nodes] == material) {
                sum += volume[i] * state.enthalpy[i];
            }
        }
        return sum;
    }

    /** Enthalpy of everything in the modelled part, J, from the lowest tabled temperature. */
    public double storedJ(SectionState state) {
        double sum = 0;
        for (int i = 0; i < all; i++) {
            sum += volume[i] * state.enthalpy[i];
        }
        return sum;
    }
}
