package olla.core.heat;

import java.util.Arrays;

/**
 * Heat conduction in a {@link Section} by explicit finite volumes on enthalpy.
 *
 * <pre>
 * V_i dH_i/dt = sum over links G_ij (T_j - T_i) + sum over faces A_f kappa_f (Ts_f - T_i)
 * G_ij        = A_ij / (d_i r_i + R_ij + d_j r_j)      layers meet at harmonic means; r = 1/k
 * kappa_f     = 1 / (d_f r_i)                          from the face to the middle of its cell
 * T, r        = functions of H (Material)
 * Ts_f        : arriving - vapour = kappa_f (Ts_f - T_i)   both to first order about a recent Ts_f (Face)
 * </pre>
 *
 * Forward Euler in time, second order in space. The step follows the stiffest cell, dt = 0.8 min(V C / (sum G + sum
 * F/2)), which keeps the largest eigenvalue below 2/dt by Gershgorin's circles (F, a face, has no cell beyond it), and
 * is set anew, with the conductances, every {@value #REFRESH_S} s. Nothing is allocated while it runs. One solver serves one
 * thread; results depend on nothing but its input.
 */
public final class SectionSolver {

    private static final double SAFETY = 0.8;
    private static final double REFRESH_S = 30;

    /* A tangent serves while the face is within this of where it was taken, K; its error goes with the square. */
    private static final double TANGENT_HOLDS_K = 0.4;
    private static final int MOST_TANGENTS = 40;

    /* A face's film never conducts better than this when the step is chosen, W/m²K. */
    private static final double STIFFEST_FILM = 400;

    private final Section section;
    private final Material[] materials;
    private final Material[] materialOf;
    private final double[] temperature;
    private final double[] gained;
    private final double[] resistivity;
    private final double[] stiffness;
    private final double[] conductance;
    private final double[] inward;
    private final double[] tangent;
    private final double[] tangentC;
    private long updates;

    /**
     * @param section the cells
     * @param materials by material number: flesh, then the tray's metal where the section has one
     */
    public SectionSolver(Section section, Material... materials) {
        this.section = section;
        this.materials = materials.clone();
        int cells = section.cells();
        this.materialOf = new Material[cells];
        for (int i = 0; i < cells; i++) {
            materialOf[i] = materials[section.material[i]];
        }
        this.temperature = new double[cells];
        this.gained = new double[cells];
        this.resistivity = new double[cells];
        this.stiffness = new double[cells];
        this.conductance = new double[section.linkA.length];
        this.inward = new double[section.faceCell.length];
        this.tangent = new double[Face.TANGENT * inward.length];
        this.tangentC = new double[inward.length];
    }

    /**
     * The state before anything happens.
     *
     * @param startC temperature of each material by number, °C
     */
    public SectionState start(double... startC) {
        SectionState state = new SectionState(section.cells(), section.faceCell.length);
        double[] enthalpyOf = new double[materials.length];
        for (int m = 0; m < materials.length; m++) {
            enthalpyOf[m] = materials[m].enthalpyJm3(startC[m]);
        }
        for (int i = 0; i < section.cells(); i++) {
            state.enthalpy[i] = enthalpyOf[section.material[i]];
        }
        for (int f = 0; f < state.faceC.length; f++) {
            state.faceC[f] = startC[section.material[section.faceCell[f]]];
        }
        state.coldestC = startC[Section.FLESH];
        state.coldestPeakC = state.coldestC;
        return state;
    }

    /** Moves a state on by some seconds in given surroundings. */
    public void advance(SectionState state, Surroundings around, double seconds) {
        for (int f = 0; f < inward.length; f++) {
            tangentC[f] = state.faceC[f];
            face(around, f).tangent(tangentC[f], tangent, Face.TANGENT * f);
        }
        double left = seconds;
        while (left > 1e-9) {
            double longest = refresh(state);
            double stretch = Math.min(left, REFRESH_S);
            int steps = Math.max(1, (int) Math.ceil(stretch / longest));
            double dt = stretch / steps;
            for (int s = 0; s < steps; s++) {
                step(state, around, dt);
            }
            updates += (long) steps * temperature.length;
            left -= stretch;
            state.seconds += stretch;
        }
        temperatures(state);
    }

    /** Mean temperature of the flesh, °C, by volume. */
    public double meanC(SectionState state) {
        double sum = 0;
        double volume = 0;
        for (int i = 0; i < section.fleshCells; i++) {
            sum += section.volume[i] * materialOf[i].temperatureC(state.enthalpy[i]);
            volume += section.volume[i];
        }
        return sum / volume;
    }

    /** Temperature of the upper face at the mid-plane, °C. */
    public double topFaceC(SectionState state) {
        return state.faceC[section.topFace];
    }

    /** Temperature of a cell, °C. */
    public double cellC(SectionState state, int cell) {
        return materialOf[cell].temperatureC(state.enthalpy[cell]);
    }

    /** Enthalpy of everything in the modelled part, J, from the lowest tabled temperature. */
    public double storedJ(SectionState state) {
        double sum = 0;
        for (int i = 0; i < temperature.length; i++) {
            sum += section.volume[i] * state.enthalpy[i];
        }
        return sum;
    }

    /** Cells times steps since the solver was made, for the benchmark. */
    public long updates() {
        return updates;
    }

    private double refresh(SectionState state) {
        temperatures(state);
        for (int i = 0; i < temperature.length; i++) {
            resistivity[i] = materialOf[i].resistivity(state.enthalpy[i]);
            stiffness[i] = 0;
        }
        for (int l = 0; l < conductance.length; l++) {
            int a = section.linkA[l];
            int b = section.linkB[l];
            double g = section.linkArea[l]
                    / (section.linkHalfA[l] * resistivity[a]
                            + section.linkContact[l]
                            + section.linkHalfB[l] * resistivity[b]);
            conductance[l] = g;
            stiffness[a] += g;
            stiffness[b] += g;
        }
        for (int f = 0; f < inward.length; f++) {
            int cell = section.faceCell[f];
            double resistance = section.faceHalf[f] * resistivity[cell];
            inward[f] = resistance > 0 ? 1 / resistance : Double.POSITIVE_INFINITY;
            stiffness[cell] += 0.5 * section.faceArea[f] / (resistance + 1 / STIFFEST_FILM);
        }
        double longest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < temperature.length; i++) {
            double least = materialOf[i].leastCapacityJm3K(state.enthalpy[i]);
            double own = section.volume[i] * least / stiffness[i];
            if (own < longest) {
                longest = own;
            }
        }
        return SAFETY * longest;
    }

    private void temperatures(SectionState state) {
        int flesh = section.fleshCells;
        materials[Section.FLESH].temperatures(state.enthalpy, temperature, 0, flesh);
        if (flesh < temperature.length) {
            materials[Section.TRAY].temperatures(state.enthalpy, temperature, flesh, temperature.length);
        }
        double coldest = Double.POSITIVE_INFINITY;
        for (int i = 0; i < flesh; i++) {
            if (temperature[i] < coldest) {
                coldest = temperature[i];
            }
        }
        state.coldestC = coldest;
        state.coldestPeakC = Math.max(state.coldestPeakC, coldest);
    }

    private Face face(Surroundings around, int f) {
        return section.faceRole[f] == Section.UNDER ? around.under() : around.upper();
    }

    private void step(SectionState state, Surroundings around, double dt) {
        temperatures(state);
        Arrays.fill(gained, 0);
        for (int l = 0; l < conductance.length; l++) {
            int a = section.linkA[l];
            int b = section.linkB[l];
            double q = conductance[l] * (temperature[a] - temperature[b]);
            gained[a] -= q;
            gained[b] += q;
        }
        for (int f = 0; f < inward.length; f++) {
            enter(state, face(around, f), f, dt);
        }
        for (int i = 0; i < gained.length; i++) {
            state.enthalpy[i] += gained[i] * dt / section.volume[i];
        }
    }

    private void enter(SectionState state, Face face, int f, double dt) {
        int cell = section.faceCell[f];
        double cellC = temperature[cell];
        double t = faceC(face, f, cellC);
        double away = t - tangentC[f];
        int at = Face.TANGENT * f;
        double arriving = tangent[at] + away * tangent[at + 1];
        double vapour = tangent[at + 2] + away * tangent[at + 3];
        double flux;
        if (t > face.mostC()) {
            t = face.mostC();
            away = t - tangentC[f];
            arriving = tangent[at] + away * tangent[at + 1];
            flux = inward[f] * (t - cellC);
            vapour = arriving - flux;
        } else {
            flux = Double.isInfinite(inward[f]) ? arriving - vapour : inward[f] * (t - cellC);
        }
        state.faceC[f] = t;
        double area = section.faceArea[f];
        gained[cell] += area * flux;
        state.arrivedJ += area * arriving * dt;
        state.vapourJ += area * vapour * dt;
        if (face.dries()) {
            state.driedJ += area * vapour * dt;
        }
    }

    /* Where arriving - vapour meets what conducts inwards, on the face's tangent; a new tangent where that is far off. */
    private double faceC(Face face, int f, double cellC) {
        int at = Face.TANGENT * f;
        double t = tangentC[f];
        for (int i = 0; i < MOST_TANGENTS; i++) {
            if (Double.isInfinite(inward[f])) {
                t = cellC;
            } else {
                double net = tangent[at] - tangent[at + 2];
                double slope = tangent[at + 1] - tangent[at + 3];
                t = (inward[f] * cellC + net - slope * tangentC[f]) / (inward[f] - slope);
            }
            double held = Math.min(t, face.mostC());
            if (Math.abs(held - tangentC[f]) < TANGENT_HOLDS_K) {
                break;
            }
            tangentC[f] = held;
            face.tangent(held, tangent, at);
        }
        return t;
    }
}
