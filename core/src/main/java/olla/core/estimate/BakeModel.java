package olla.core.estimate;

import olla.core.dress.Dress;
import olla.core.dress.OpenTray;
import olla.core.dress.Parcel;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.heat.Face;
import olla.core.heat.Material;
import olla.core.heat.Outline;
import olla.core.heat.Section;
import olla.core.heat.SectionBuilder;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;
import olla.core.heat.Surroundings;
import olla.core.oven.Oven;

/** One piece in its dress in one oven, put into the solver's terms. */
final class BakeModel {

    /** How finely a section is cut. */
    enum Fineness {
        /** For the answer the cook sees: cells of 2 mm, larger only where a section is very thick. */
        FINE,
        /** For runs of which only the ratio to another such run counts: eight rows. */
        COARSE;

        private static final double FINE_M = 0.002;
        private static final int MOST_ROWS = 32;
        private static final int COARSE_ROWS = 8;

        double stepM(double heightM) {
            return this == FINE ? Math.max(FINE_M, heightM / MOST_ROWS) : heightM / COARSE_ROWS;
        }
    }

    /* Sheet steel, 1 mm: 7850 kg/m³ x 490 J/kgK (published: Incropera, plain carbon steel, rounded, from memory). */
    private static final double TRAY_M = 0.001;
    private static final Material TRAY = Material.constant(Double.POSITIVE_INFINITY, 3.85e6);
    private static final double TRAY_EMISSIVITY = 0.9;

    /* The kitchen: its air and walls, and the film of still air on a dish that stands (from memory). */
    private static final double ROOM_C = 22;
    private static final double ROOM_FILM = 5;
    private static final double ROOM_VAPOUR_PA = 1300;

    /* A board or trivet under the tray conducts some 8 W/m²K (from memory). */
    private static final double BOARD_FILM = 8;

    /* Vapour in a vented oven with fish in it, about a dew point of 20 °C (from memory). */
    private static final double OVEN_VAPOUR_PA = 2300;

    /* Shorter than this the ends of a piece count, and the solve goes in slices, mm. */
    private static final double SLICED_BELOW_MM = 80;
    private static final int SLICES = 4;

    private final Piece piece;
    private final Dress dress;
    private final Oven oven;
    private final Unknowns unknowns;
    private final Outline outline;
    private final Section section;
    private final SectionSolver solver;

    BakeModel(Piece piece, Dress dress, Oven oven, Unknowns unknowns, Fineness fineness) {
        this.piece = piece;
        this.dress = dress;
        this.oven = oven;
        this.unknowns = unknowns;
        this.outline = outline(piece, unknowns.thicknessFactor());
        this.section = new SectionBuilder(
                        outline,
                        fineness.stepM(outline.height()),
                        TRAY_M,
                        Dress.TRAY_CONTACT_W_M2K * unknowns.contactFactor(),
                        piece.lengthMm() / 1000,
                        piece.lengthMm() < SLICED_BELOW_MM ? SLICES : 1)
                .build();
        this.solver = new SectionSolver(section, Flesh.material(piece.species()), TRAY);
    }

    private static Outline outline(Piece piece, double thicknessFactor) {
        double height = piece.thicknessMm() / 1000 * thicknessFactor;
        double halfWidth = piece.widthMm() / 2000;
        if (piece.cut() == Cut.WHOLE) {
            return new Outline.Ellipse(halfWidth, height);
        }
        // A fillet is a lens, a portion a block with soft shoulders.
        double shoulder = piece.cut() == Cut.PORTION ? 0.45 : 0.75;
        double top = Math.min(shoulder * height, 0.9 * halfWidth);
        return new Outline.RoundedRectangle(halfWidth, height, top, Math.min(0.1 * height, halfWidth / 4));
    }

    Outline outline() {
        return outline;
    }

    Section section() {
        return section;
    }

    SectionSolver solver() {
        return solver;
    }

    /** The piece as it goes in, on a tray at room temperature. */
    SectionState start() {
        return solver.start(piece.startTempC() + unknowns.startShiftC(), ROOM_C);
    }

    /** What the faces meet in the oven with its dial at {@code dialC}. */
    Surroundings baking(double dialC) {
        double air = dialC + oven.offsetC() + unknowns.ovenShiftC();
        double film = oven.filmWm2K() * unknowns.filmFactor();
        return new Surroundings(
                dressed(film, air, OVEN_VAPOUR_PA), new Face.Exposed(film, air, air, TRAY_EMISSIVITY, 0, 0));
    }

    /** What the faces meet on the board. */
    Surroundings resting() {
        return new Surroundings(
                dressed(ROOM_FILM, ROOM_C, ROOM_VAPOUR_PA), new Face.Exposed(BOARD_FILM, ROOM_C, ROOM_C, 0, 0, 0));
    }

    private Face dressed(double film, double airC, double vapourPa) {
        if (dress instanceof Parcel parcel) {
            double emissivity = parcel.sheet().emissivity();
            return new Face.Covered(
                    new Face.Exposed(film, airC, airC, emissivity, 0, 0),
                    Parcel.COLD_GAP_W_M2K,
                    Parcel.STEAM_GAP_W_M2K);
        }
        double wetness = OpenTray.wetness(piece.species().composition()) * unknowns.wetnessFactor();
        return new Face.Exposed(film, airC, airC, OpenTray.EMISSIVITY, wetness, vapourPa);
    }

    /** Water lost so far, g, scaled from the modelled prism to the piece's real mass, which tapers. */
    double waterLossG(SectionState state) {
        double modelledKg = section.fleshVolume() * Piece.DENSITY_KG_M3;
        return state.driedKg() / modelledKg * piece.massG();
    }
}
