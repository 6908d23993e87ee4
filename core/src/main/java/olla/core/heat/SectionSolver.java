package olla.core.heat;

import olla.core.units.Temperature;

/**
 * Heat conduction in a {@link Section} by explicit finite volumes on enthalpy.
 *
 * <pre>
 * V_i dH_i/dt = sum over links G_ij (T_j - T_i) + sum over faces A_f kappa_f (Ts_f - T_i)
 * G_ij        = A_ij / (d_i r_i + R_ij + d_j r_j)      layers meet at harmonic means; r = 1/k
 * kappa_f     = 1 / (d_f r_i)                          from the face to the middle of its cell
 * T, r        = functions of H (Material)
 * Ts_f        : arriving - vapour = kappa_f (Ts_f - T_i)   both to first order about a recent Ts_f (Face)
 * w_i         : in a layer that holds water, what H_i has beyond 100 °C boils some of it off (Material.holdingWater)
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
    private final Stencil stencil;
    private final double[] inward;
    private final double[] tangent;
    private final double[] tangentC;
    private final double[] boilingJm3;
    private final Face[] faces;
    private final double[] mostC;
    private final boolean[] dries;
    private final double[] wetAtFirst;
    private long updates;

    /**
     * @param section the cells
     * @param materials by material number: flesh, the tray's metal, those of further layers; only those the section has
     *     are used
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
        this.stencil = new Stencil(section);
        this.inward = new double[section.faceCell.length];
        this.tangent = new double[Face.TANGENT * inward.length];
        this.tangentC = new double[inward.length];
        this.faces = new Face[inward.length];
        this.mostC = new double[inward.length];
        this.dries = new boolean[inward.length];
        this.wetAtFirst = new double[inward.length];
        for (int f = 0; f < inward.length; f++) {
            wetAtFirst[f] = materialOf[section.faceCell[f]].waterKgM3();
        }
        this.boilingJm3 = new double[materials.length];
        for (int m = 0; m < materials.length; m++) {
            boilingJm3[m] = section.has(m) && materials[m].waterKgM3() > 0
                    ? materials[m].enthalpyJm3(Temperature.BOILING_C)
                    : Double.POSITIVE_INFINITY;
        }
    }

    /** The cells it solves for. */
    public Section section() {
        return section;
    }

    /**
     * The state before anything happens.
     *
     * @param startC temperature of each material by number, °C
     */
    public SectionState start(double... startC) {
        SectionState state = new SectionState(section.cells(), section.faceCell.length, section.materials());
        double[] enthalpyOf = new double[materials.length];
        for (int m = 0; m < materials.length; m++) {
            if (section.has(m)) {
                enthalpyOf[m] = materials[m].enthalpyJm3(startC[m]);
                state.coldest[m] = startC[m];
                state.coldestPeak[m] = startC[m];
            }
        }
        for (int i = 0; i < section.cells(); i++) {
            state.enthalpy[i] = enthalpyOf[section.material[i]];
            state.waterKgM3[i] = materialOf[i].waterKgM3();
        }
        for (int f = 0; f < state.faceC.length; f++) {
            state.faceC[f] = startC[section.material[section.faceCell[f]]];
        }
        return state;
    }

    /**
     * Goes on from a state of another section: materials that both have keep their heat and water, new ones come in at
     * {@code startC}, and the clock and the sums run on. Where the section is turned over, each layer's heat is spread
     * so that none is lost.
     *
     * @param other the solver of the other section, cut on the same grids
     * @param startC temperature of each material by number, °C, for those that are new
     * @param upsideDownAboutM 0, or the height about which everything but the tray is turned over, m
     */
    public SectionState takeOver(SectionSolver other, SectionState before, double[] startC, double upsideDownAboutM) {
        SectionState state = start(startC);
        double[] fresh = state.coldest.clone();
        state.sums(before);
        Section old = other.section;
        for (int m = 0; m < section.materials(); m++) {
            if (section.has(m) && old.has(m)) {
                boolean turned = upsideDownAboutM != 0 && m != Section.TRAY;
                double given = 0;
                double volume = 0;
                double startEnthalpy = state.enthalpy[section.from[m]];
                for (int i = section.from[m]; i < section.to[m]; i++) {
                    int from = old.counterpart(section, i, turned ? upsideDownAboutM : 0);
                    state.enthalpy[i] = before.enthalpy[from];
                    state.waterKgM3[i] = before.waterKgM3[from];
                    given += section.volume[i] * state.enthalpy[i];
                    volume += section.volume[i];
                }
                // Cells that lie otherwise than before hold together what was held before, and what is new is as it
                // starts.
                double missing = held(old, before, m, volume, startEnthalpy) - given;
                for (int i = section.from[m]; i < section.to[m]; i++) {
                    state.enthalpy[i] += missing / volume;
                }
            } else if (section.has(m)) {
                state.coldest[m] = fresh[m];
                state.coldestPeak[m] = fresh[m];
            }
        }
        for (int f = 0; f < state.faceC.length; f++) {
            int cell = section.faceCell[f];
            state.faceC[f] = materialOf[cell].temperatureC(state.enthalpy[cell]);
        }
        temperatures(state);
        return state;
    }

    /* What so much of a material holds that takes over from another section: more of it than before is as it starts. */
    private static double held(Section old, SectionState before, int material, double volume, double startEnthalpy) {
        double held = 0;
        double was = 0;
        for (int i = old.from[material]; i < old.to[material]; i++) {
            held += old.volume[i] * before.enthalpy[i];
            was += old.volume[i];
        }
        return volume >= was ? held + (volume - was) * startEnthalpy : held * volume / was;
    }

    /** Moves a state on by some seconds in given surroundings. */
    public void advance(SectionState state, Surroundings around, double seconds) {
        for (int f = 0; f < inward.length; f++) {
            faces[f] = around.of(section.faceMaterial[f]);
            mostC[f] = faces[f].mostC();
            dries[f] = faces[f].dries();
            tangentC[f] = state.faceC[f];
            faces[f].tangent(tangentC[f], section.faceUp[f], tangent, Face.TANGENT * f);
        }
        double left = seconds;
        while (left > 1e-9) {
            double longest = refresh(state);
            double stretch = Math.min(left, REFRESH_S);
            int steps = Math.max(1, (int) Math.ceil(stretch / longest));
            double dt = stretch / steps;
            for (int s = 0; s < steps; s++) {
                step(state, dt);
            }
            updates += (long) steps * temperature.length;
            left -= stretch;
            state.seconds += stretch;
        }
        temperatures(state);
    }

    /** Mean temperature of the flesh, °C, by volume. */
    public double meanC(SectionState state) {
        return meanC(state, Section.FLESH);
    }

    /** Mean temperature of a material, °C, by volume. */
    public double meanC(SectionState state, int material) {
        double sum = 0;
        double volume = 0;
        for (int i = section.from[material]; i < section.to[material]; i++) {
            sum += section.volume[i] * materialOf[i].temperatureC(state.enthalpy[i]);
            volume += section.volume[i];
        }
        return sum / volume;
    }

    /** Which part of the flesh, by volume, is as warm as this or warmer, 0 to 1. */
    public double shareFrom(SectionState state, double celsius) {
        double above = 0;
        double volume = 0;
        for (int i = section.from[Section.FLESH]; i < section.to[Section.FLESH]; i++) {
            volume += section.volume[i];
            if (materialOf[i].temperatureC(state.enthalpy[i]) >= celsius) {
                above += section.volume[i];
            }
        }
        return above / volume;
    }

    /** Water that a material still holds, kg, in the modelled part. */
    public double waterKg(SectionState state, int material) {
        double sum = 0;
        for (int i = section.from[material]; i < section.to[material]; i++) {
            sum += section.volume[i] * state.waterKgM3[i];
        }
        return sum;
    }

    /** Temperature of the uppermost face at the mid-plane, whatever layer it belongs to, °C. */
    public double topFaceC(SectionState state) {
        return state.faceC[section.topFace];
    }

    /** Enthalpy of a material in the modelled part, J, from the lowest tabled temperature. */
    public double storedJ(SectionState state, int material) {
        double sum = 0;
        for (int i = section.from[material]; i < section.to[material]; i++) {
            sum += section.volume[i] * state.enthalpy[i];
        }
        return sum;
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
            resistivity[i] = materialOf[i].resistivity(state.enthalpy[i], state.waterKgM3[i]);
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
        stencil.renew(conductance);
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
        for (int m = 0; m < materials.length; m++) {
            if (section.has(m)) {
                temperatures(state, m);
            }
        }
    }

    private void temperatures(SectionState state, int m) {
        double coldest = materials[m].temperatures(state.enthalpy, temperature, section.from[m], section.to[m]);
        state.coldest[m] = coldest;
        state.coldestPeak[m] = Math.max(state.coldestPeak[m], coldest);
    }

    private void step(SectionState state, double dt) {
        for (int f = 0; f < inward.length; f++) {
            enter(state, f, dt);
        }
        stencil.crossOthers(temperature, gained);
        for (int m = 0; m < section.materials(); m++) {
            int from = section.from[m];
            int to = section.to[m];
            if (to > from) {
                stencil.within(from, to, temperature, gained, dt, state.enthalpy);
                if (boilingJm3[m] < Double.POSITIVE_INFINITY) {
                    boil(state, m);
                }
                temperatures(state, m);
            }
        }
    }

    /* What a wet layer holds beyond the boiling point goes off with its water while it has any. */
    private void boil(SectionState state, int material) {
        double boiling = boilingJm3[material];
        for (int i = section.from[material]; i < section.to[material]; i++) {
            double excess = state.enthalpy[i] - boiling;
            if (excess > 0 && state.waterKgM3[i] > 0) {
                double boiled = Math.min(state.waterKgM3[i], excess / Water.EVAPORATION_J_KG);
                state.waterKgM3[i] -= boiled;
                state.enthalpy[i] -= boiled * Water.EVAPORATION_J_KG;
                state.vapourJ += boiled * Water.EVAPORATION_J_KG * section.volume[i];
            }
        }
    }

    private void enter(SectionState state, int f, double dt) {
        int cell = section.faceCell[f];
        double cellC = temperature[cell];
        // Flesh stays as wet as it went in; a layer that holds water loses it.
        double first = wetAtFirst[f];
        double wet = first > 0 ? state.waterKgM3[cell] / first : 1;
        double conducts = inward[f];
        boolean itself = conducts == Double.POSITIVE_INFINITY;
        double t = itself ? onItself(f, cellC) : faceC(f, cellC, wet);
        double away = t - tangentC[f];
        int at = Face.TANGENT * f;
        double arriving = tangent[at] + away * tangent[at + 1];
        double vapour = wet * (tangent[at + 2] + away * tangent[at + 3]);
        double flux;
        if (t > mostC[f]) {
            t = mostC[f];
            away = t - tangentC[f];
            arriving = tangent[at] + away * tangent[at + 1];
            flux = conducts * (t - cellC);
            vapour = arriving - flux;
        } else {
            flux = itself ? arriving - vapour : conducts * (t - cellC);
        }
        state.faceC[f] = t;
        double area = section.faceArea[f];
        gained[cell] += area * flux;
        state.arrivedJ += area * arriving * dt;
        double gone = area * vapour * dt;
        state.vapourJ += gone;
        if (dries[f] && cell < section.fleshCells) {
            state.driedJ += gone;
        } else if (dries[f] && state.waterKgM3[cell] > 0) {
            state.waterKgM3[cell] =
                    Math.max(0, state.waterKgM3[cell] - gone / Water.EVAPORATION_J_KG / section.volume[cell]);
        }
    }

    /* Where arriving - vapour meets what conducts inwards, on the face's tangent; a new tangent where that is far off. */
    private double faceC(int f, double cellC, double wet) {
        int at = Face.TANGENT * f;
        double conducts = inward[f];
        double t = tangentC[f];
        for (int i = 0; i < MOST_TANGENTS; i++) {
            double net = tangent[at] - wet * tangent[at + 2];
            double slope = tangent[at + 1] - wet * tangent[at + 3];
            t = (conducts * cellC + net - slope * tangentC[f]) / (conducts - slope);
            if (!renewed(f, t)) {
                break;
            }
        }
        return t;
    }

    /* A face of what is all at one temperature is as warm as that. */
    private double onItself(int f, double cellC) {
        renewed(f, cellC);
        return cellC;
    }

    private boolean renewed(int f, double faceC) {
        double held = Math.min(faceC, mostC[f]);
        if (Math.abs(held - tangentC[f]) < TANGENT_HOLDS_K) {
            return false;
        }
        tangentC[f] = held;
        faces[f].tangent(held, section.faceUp[f], tangent, Face.TANGENT * f);
        return true;
    }
}
