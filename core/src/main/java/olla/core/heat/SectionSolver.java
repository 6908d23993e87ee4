package olla.core.heat;

import java.util.Arrays;

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
 * <p>In several planes the matrix is factorised approximately ({@link Conduction}), which the method's order does not mind.
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

    /* Where layers boil dry the method's companion does not see all that is wrong with a long step: in fine runs no step is longer, s; what
     * is missed goes by its square (docs/model.md has what others than this leave and cost). */
    private static final double LONGEST_WET_S = 120;

    /* In a fine run's step a crust comes to hold back no more than by so much times what it did (docs/model.md). */
    private static final double CRUSTS_GROW = 0.7;

    /* What is not flesh may be so many times as wrong: what comes of it is felt in the flesh only after a while. */
    private static final double ELSEWHERE = 0.1;

    /* Anywhere a step may be so many times as wrong as on the average. */
    private static final double WORST = 5;
    private static final double TINY = 1e-9;

    /* So often a step is tried again with other heat capacities before it is made shorter: after its first stage already where the
     * next would begin so many times as far off as a whole step may be. */
    private static final int MOST_SECANTS = 5;
    private static final double FIRST_STAGE_OFF = 1.5;

    /* Nodes that hang together may be tried in turn and no line be found: then a step is taken that has not more than twice as far to
     * come, since half as long a one would not be nearer. */
    private static final double NEAR_ENOUGH = 0.6;

    /* Where a step takes a covered face beyond boiling, what it then holds too much goes off as steam; where it would by more than
     * this the step is made shorter, K. */
    private static final double OVERSHOOT_K = 15;

    private final Section section;
    private final Material[] materials;
    private final double toleranceK;
    private final SectionNodes nodes;
    private final SectionFaces faces;
    private final Conduction conduction;
    private final Capacities capacities;
    private final TakingOver takingOver;
    private final Crest crest;
    private final int all;
    private final double longestS;
    private final double crustsGrow;

    private final double[] atStart;
    private final double[] flow;
    private final double[] stageC;
    private final double[] conductedAtStart;
    private final double[][] conductsAway;
    private final double[] rightSide;
    private final double[][] theta;
    private final double[] asAtStart;
    private final double[] asAtEnd;

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
        nodes = new SectionNodes(section, this.materials);
        faces = new SectionFaces(nodes, METHOD);
        conduction = new Conduction(nodes, faces);
        capacities = new Capacities(nodes);
        takingOver = new TakingOver(nodes);
        crest = new Crest(nodes);
        all = nodes.all;
        longestS = nodes.layersBoil() ? LONGEST_WET_S * Math.sqrt(toleranceK / FINE_K) : Double.POSITIVE_INFINITY;
        crustsGrow = 1 + CRUSTS_GROW * Math.sqrt(toleranceK / FINE_K);
        atStart = new double[all];
        flow = new double[all];
        stageC = new double[all];
        conductedAtStart = new double[all];
        conductsAway = new double[METHOD.stages][all];
        rightSide = new double[all];
        theta = new double[METHOD.stages][all];
        asAtStart = new double[all];
        asAtEnd = new double[all];
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
        for (int i = 0; i < nodes.all; i++) {
            int m = nodes.material(i);
            state.enthalpy[i] = materials[m].enthalpyJm3(startC[m]);
            state.waterKgM3[i] = materials[m].waterKgM3();
            state.coldest[m] = startC[m];
            state.coldestPeak[m] = startC[m];
        }
        nodes.temperatures(state);
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
                takingOver.take(other.nodes, before, state, m, about, materials[m].enthalpyJm3(startC[m]));
            } else if (section.has(m)) {
                state.coldest[m] = fresh[m];
                state.coldestPeak[m] = fresh[m];
            }
        }
        nodes.temperatures(state);
        for (int m = 0; m < section.materials(); m++) {
            state.coldestPeak[m] = Math.max(state.coldestPeak[m], state.coldest[m]);
        }
        return state;
    }

    /** A state with nothing in it yet. */
    SectionState blank() {
        return new SectionState(all, Math.max(section.materials(), materials.length));
    }

    /** Its nodes. */
    SectionNodes nodes() {
        return nodes;
    }

    /**
     * What each node takes in, W/m³, when a step begins and when it ends.
     *
     * @param into receives both
     */
    void gains(SectionState before, SectionState after, double[][] into) {
        faces.meeting(after.met);
        faces.begin(before, after.seconds - before.seconds);
        gains(before, into[0]);
        faces.meetNow(after);
        gains(after, into[1]);
    }

    private void gains(SectionState state, double[] into) {
        for (int i = 0; i < all; i++) {
            capacities.bend[i] = 0;
            if (nodes.varies[i]) {
                conduction.at(i, state.enthalpy[i], state.waterKgM3[i]);
            }
        }
        conduction.update();
        flowAtStart(state);
        for (int i = 0; i < all; i++) {
            into[i] = atStart[i] / nodes.volume[i];
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
        faces.meeting(around);
        if (state.met == null || around.unlike(state.met)) {
            state.nextStepS = Math.min(state.nextStepS, FIRST_STEP_S);
            Arrays.fill(state.rate, 0);
        }
        state.met = around;
        double longest = Math.max(FIRST_STEP_S, Math.min(longestS, faces.crustsGrowS(state, crustsGrow)));
        double h = Math.min(most, Math.min(longest, state.nextStepS));
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
                tryAgain(state, secants++ == 0);
                continue;
            }
            others(state, h);
            double factor = Math.max(LEAST_GROWTH, Math.min(grows, growth(state, h)));
            boolean near = besideTheLine && secants >= MOST_SECANTS && factor > NEAR_ENOUGH;
            if (factor < SAFETY && h > SHORTEST_S && !near) {
                grows = 1;
                refused++;
                if (besideTheLine && secants++ < MOST_SECANTS) {
                    tryAgain(state, secants == 1);
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

    /** Steps made and steps made again, since the solver was made, for the benchmark. */
    public long[] steps() {
        return new long[] {steps, refused};
    }

    private void expect(SectionState state, double h) {
        faces.begin(state, h);
        capacities.expectWays(state, conduction, h);
        conduction.update();
        flowAtStart(state);
        capacities.expect(state, conduction, atStart, h);
    }

    private void tryAgain(SectionState state, boolean first) {
        capacities.tryAgain(state, first);
        flowAtStart(state);
    }

    private void flowAtStart(SectionState state) {
        for (int i = 0; i < all; i++) {
            stageC[i] = state.celsius[i] + capacities.bend[i];
        }
        Arrays.fill(flow, 0);
        conduction.conducts(stageC, flow);
        System.arraycopy(flow, 0, conductedAtStart, 0, all);
        faces.flowAtStart(flow);
        System.arraycopy(flow, 0, atStart, 0, all);
    }

    private void first(double h) {
        conduction.assemble(capacities.of, h * METHOD.gamma);
        System.arraycopy(atStart, 0, rightSide, 0, all);
        faces.meetAsAtStart();
        solve(0, h);
    }

    /* Whether the temperatures that the second stage would begin with are already too far from those of their enthalpies. */
    private boolean strays(SectionState state) {
        capacities.begin();
        for (int i = 0; i < all; i++) {
            capacities.goes(state, i, METHOD.a[1][0] * theta[0][i]);
        }
        return capacities.offTheLine() > FIRST_STAGE_OFF;
    }

    private void others(SectionState state, double h) {
        for (int s = 1; s < METHOD.stages; s++) {
            between(state, s);
            faces.meet(stageC, flow);
            System.arraycopy(flow, 0, rightSide, 0, all);
            for (int j = 0; j < s; j++) {
                double c = METHOD.c[s][j] / h;
                double[] before = theta[j];
                for (int i = 0; i < all; i++) {
                    rightSide[i] += c * capacities.of[i] * nodes.volume[i] * before[i];
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
        if (nodes.planes > 1) {
            Arrays.fill(flow, 0);
            for (int i = 0; i < all; i++) {
                stageC[i] += capacities.bend[i];
            }
            conduction.conducts(stageC, flow);
            for (int i = 0; i < all; i++) {
                stageC[i] -= capacities.bend[i];
            }
        }
    }

    private void solve(int s, double h) {
        double[] warms = theta[s];
        conduction.solve(rightSide, warms);
        faces.take(s, h, warms);
        if (nodes.planes == 1) {
            conduction.conductsAway(rightSide, warms, conductsAway[s]);
        } else {
            conduction.solveAlongTheLength(warms);
            faces.takeAtTheEnd(s, h, warms);
        }
    }

    /* By how much the next step may be longer for this one to have been as exact as is wanted; below 1 it was not. */
    private double growth(SectionState state, double h) {
        double error = 0;
        double worst = 0;
        capacities.begin();
        for (int i = 0; i < all; i++) {
            double warms = 0;
            double wrong = 0;
            for (int s = 0; s < METHOD.stages; s++) {
                warms += METHOD.m[s] * theta[s][i];
                wrong += METHOD.e[s] * theta[s][i];
            }
            capacities.goes(state, i, warms);
            if (nodes.flesh(i)) {
                worst = Math.max(worst, Math.abs(wrong));
            } else {
                wrong *= ELSEWHERE;
            }
            error += nodes.volume[i] * wrong * wrong;
        }
        double e = Math.max(Math.sqrt(error / nodes.wholeVolume), worst / WORST) / toleranceK;
        double o = capacities.offTheLine();
        double grows = SAFETY
                * Math.min(
                        Math.pow(Math.max(e, TINY), -1.0 / (RosenbrockMethod.COMPANION_ORDER + 1)),
                        1 / Math.sqrt(Math.max(o, TINY)));
        double part = faces.overshoot(state, capacities.newC, OVERSHOOT_K);
        if (part < 1) {
            grows = Math.min(grows, SAFETY * part);
        }
        besideTheLine = o > 1 && e <= 1;
        return e <= 1 && o <= 1 && part == 1 ? Math.max(grows, SAFETY) : Math.min(grows, SAFETY - 0.1);
    }

    private void accept(SectionState state, double h) {
        for (int i = 0; i < all; i++) {
            state.rate[i] = (capacities.newEnthalpy[i] - state.enthalpy[i]) / h;
            state.enthalpy[i] = capacities.newEnthalpy[i];
        }
        double dried = state.driedKg();
        faces.accept(state);
        boilOff(state);
        System.arraycopy(state.celsius, 0, stageC, 0, all);
        nodes.temperatures(state);
        // What evaporates is what has just come out, as far as that goes.
        System.arraycopy(state.letGo, 0, flow, 0, all);
        state.lostKg += Math.max(nodes.letGo(state, stageC, h), state.driedKg() - dried);
        faces.wetted(state, flow);
        crests(state, h);
        state.seconds += h;
    }

    /* What is held beyond boiling goes off as vapour while there is water. */
    private void boilOff(SectionState state) {
        boolean lost = faces.fleshDries();
        for (int i = 0; i < all; i++) {
            double excess = state.enthalpy[i] - nodes.boilingJm3[i];
            if (excess > 0 && state.waterKgM3[i] > 0) {
                double boiled = Math.min(state.waterKgM3[i], excess / Water.EVAPORATION_J_KG);
                state.waterKgM3[i] -= boiled;
                state.enthalpy[i] -= boiled * Water.EVAPORATION_J_KG;
                double left = boiled * Water.EVAPORATION_J_KG * nodes.volume[i];
                state.vapourJ += left;
                state.driedJ += lost && nodes.flesh(i) ? left : 0;
            }
        }
    }

    private void crests(SectionState state, double h) {
        for (int i = 0; i < all; i++) {
            asAtStart[i] = h * atStart[i] / (nodes.volume[i] * capacities.of[i]);
        }
        boolean known = false;
        for (int m = 0; m < state.coldest.length; m++) {
            if (!section.has(m)) {
                continue;
            }
            double most = Math.max(state.coldestPeak[m], state.coldest[m]);
            if (crest.mayBe(m, stageC, state.celsius, asAtStart)) {
                if (!known) {
                    asAtEnd(state, h);
                    known = true;
                }
                most = Math.max(most, crest.of(m, stageC, state.celsius, asAtStart, asAtEnd));
            }
            state.coldestPeak[m] = most;
        }
    }

    private void asAtEnd(SectionState state, double h) {
        Arrays.fill(flow, 0);
        conduction.conducts(state.celsius, flow);
        faces.meet(state.celsius, flow);
        for (int i = 0; i < all; i++) {
            asAtEnd[i] = h * flow[i] / (nodes.volume[i] * capacities.of[i]);
        }
    }

    /** Mean temperature of the flesh, °C, by volume. */
    public double meanC(SectionState state) {
        return meanC(state, Section.FLESH);
    }

    /** Mean temperature of a material, °C, by volume. */
    public double meanC(SectionState state, int material) {
        return nodes.mean(state.celsius, material);
    }

    /** Water that a material still holds, kg, in the modelled part. */
    public double waterKg(SectionState state, int material) {
        return nodes.sum(state.waterKgM3, material);
    }

    /** Water that a gel has let go, kg, in the modelled part; 0 of what is none. */
    public double letGoKg(SectionState state, int material) {
        WaterHolding holds = materials[material].holds();
        return holds == null ? 0 : holds.kgM3() * nodes.sum(state.letGo, material);
    }

    /** Temperature of the uppermost face at the mid-plane, whatever layer it belongs to, and of its crust if it has one, °C. */
    public double topFaceC(SectionState state) {
        double under = state.celsius[section.topNode];
        return state.met == null ? under : under + faces.crustWarmer(state, section.topNode);
    }

    /** How thick the crust on the uppermost face at the mid-plane is, m. */
    public double topCrustM(SectionState state) {
        return faces.crustM(state, section.topNode);
    }

    /** Temperature at a place of the section in the middle of the length, °C. */
    public double celsius(SectionState state, Place place) {
        return place.of(state.celsius);
    }

    /** Enthalpy of a material in the modelled part, J, from the lowest tabled temperature. */
    public double storedJ(SectionState state, int material) {
        return nodes.sum(state.enthalpy, material);
    }

    /** Enthalpy of everything in the modelled part, J, from the lowest tabled temperature. */
    public double storedJ(SectionState state) {
        return nodes.sum(state.enthalpy);
    }
}
