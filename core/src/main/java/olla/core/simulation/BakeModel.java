package olla.core.simulation;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import olla.core.dish.Dish;
import olla.core.dish.Laid;
import olla.core.dish.Ware;
import olla.core.dress.Dress;
import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Fish;
import olla.core.fish.Piece;
import olla.core.fish.Taper;
import olla.core.heat.Face;
import olla.core.heat.Material;
import olla.core.heat.Outline;
import olla.core.heat.Section;
import olla.core.heat.SectionBuilder;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;
import olla.core.heat.Surroundings;
import olla.core.heat.Wall;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Stage;
import olla.core.units.Temperature;

/** One piece in its dress in one oven, put into the solver's terms. */
public final class BakeModel {

    /** How finely a section is cut, and how exactly it is followed. */
    public enum Fineness {
        /** For the answer the cook sees: right to about a hundredth of the minutes. */
        FINE(8, 0.0025, 0.0025, 0.001, SectionSolver.FINE_K, 4),
        /** For runs whose way through the oven is held against a probe: in a round fish no mesh with one element less follows the middle. */
        WATCHED(7, 0.005, 0.0025, 0.004, 1, 3),
        /** For runs of which only the ratio to another such run counts. */
        COARSE(6, 0.005, 0.0025, 0.004, 1, 3);

        private final int intervals;
        private final double underStepM;
        private final double heapStepM;
        private final double spreadStepM;
        private final double toleranceK;
        private final int planes;

        Fineness(
                int intervals, double underStepM, double heapStepM, double spreadStepM, double toleranceK, int planes) {
            this.intervals = intervals;
            this.underStepM = underStepM;
            this.heapStepM = heapStepM;
            this.spreadStepM = spreadStepM;
            this.toleranceK = toleranceK;
            this.planes = planes;
        }

        /** Wished distance of the fish's nodes, m. */
        double stepM(Outline outline) {
            return Math.min(outline.height(), 2 * outline.halfWidth()) / intervals;
        }

        /** The same in beds and liquids, m: they boil from below, whatever the fish. */
        double underStepM() {
            return underStepM;
        }

        /** Wished distance of nodes in salt, m: how deep it boils at once does not hang on the fish. */
        double heapStepM() {
            return heapStepM;
        }

        /** Wished distance of nodes in what is spread on the fish or crumbed round it, m: it is thin, and steep in it. */
        double spreadStepM() {
            return spreadStepM;
        }
    }

    /* The kitchen: its air and walls, and the film of still air on a dish that stands (from memory). */
    private static final double ROOM_FILM = 5;
    private static final double ROOM_VAPOUR_PA = 1300;

    /* A board or trivet under the tray conducts some 8 W/m²K (from memory). */
    private static final double BOARD_FILM = 8;

    /* Vapour in a vented oven with fish in it, about a dew point of 20 °C (from memory). */
    private static final double OVEN_VAPOUR_PA = 2300;

    /* A sheet beside its fish, °C, half-way between boiling and its oven: only for what it radiates (order of magnitude). */
    private static final double SHEET_C = 150;

    /* Shorter than this the ends of a piece count, and the solve goes in planes along its length too, mm. */
    private static final double PLANES_BELOW_MM = 80;

    /* A piece and its two neighbours. */
    private static final int TOUCHING = 3;

    private final Piece piece;
    private final Dish dish;
    private final OvenModel oven;
    private final OvenEvents events;
    private final Unknowns unknowns;
    private final Fineness fineness;
    private final Layers layers;
    private final int planes;
    private final Optional<Outline> along;
    private final int beside;
    private final double[] startC;
    private final Map<SectionKey, Section> sections;
    private final Map<TrayLoad, SectionSolver> solvers;

    /** What a section is made for: everything else of a dish is the same. */
    private record SectionKey(double thicknessFactor, double contactFactor, TrayLoad load) {}

    /** A dish in an oven that does as it is told. */
    public BakeModel(Piece piece, Dress dress, OvenModel oven, Unknowns unknowns, Fineness fineness) {
        this(piece, dress, oven, OvenEvents.NONE, unknowns, fineness);
    }

    /** @param events what happens to the oven meanwhile */
    public BakeModel(
            Piece piece, Dress dress, OvenModel oven, OvenEvents events, Unknowns unknowns, Fineness fineness) {
        this(piece, dress.dish(piece), oven, events, unknowns, fineness);
    }

    /**
     * A dish as it is laid.
     *
     * @param events what happens to the oven meanwhile
     */
    public BakeModel(Piece piece, Dish dish, OvenModel oven, OvenEvents events, Unknowns unknowns, Fineness fineness) {
        this(piece, dish, oven, events, unknowns, fineness, Optional.empty(), 1, new ConcurrentHashMap<>());
    }

    private BakeModel(
            Piece piece,
            Dish dish,
            OvenModel oven,
            OvenEvents events,
            Unknowns unknowns,
            Fineness fineness,
            Optional<Outline> along,
            int beside,
            Map<SectionKey, Section> sections) {
        this.along = along;
        this.beside = beside;
        this.sections = sections;
        this.events = events;
        this.piece = piece;
        this.dish = dish;
        this.oven = oven;
        this.unknowns = unknowns;
        this.fineness = fineness;
        this.solvers = new HashMap<>();
        Outline lying = along.orElseGet(() -> outline(piece, unknowns.thicknessFactor(), beside));
        this.layers = new Layers(dish, piece.orientation(), lying, fineness, unknowns);
        this.planes = piece.lengthMm() < PLANES_BELOW_MM && !dish.wrapped() && along.isEmpty() ? fineness.planes : 1;
        this.startC = new double[layers.materials()];
        for (int m = Layers.FIRST; m < startC.length; m++) {
            startC[m] = layers.laid(m).startC();
        }
        startC[TrayLoad.FLESH] = piece.startTempC() + unknowns.startShiftC();
        startC[TrayLoad.TRAY] = dish.vessel().startC();
    }

    private BakeModel(BakeModel like, Unknowns unknowns) {
        this.events = like.events;
        this.piece = like.piece;
        this.dish = like.dish;
        this.oven = like.oven;
        this.unknowns = unknowns;
        this.fineness = like.fineness;
        this.layers = like.layers;
        this.planes = like.planes;
        this.along = like.along;
        this.beside = like.beside;
        this.sections = like.sections;
        this.solvers = like.solvers;
        this.startC = like.startC.clone();
        startC[TrayLoad.FLESH] = piece.startTempC() + unknowns.startShiftC();
    }

    /** The same dish with other things off. */
    public BakeModel under(Unknowns other) {
        return new BakeModel(piece, dish, oven, events, other, fineness, along, beside, sections);
    }

    /**
     * The same dish cut along its length, from the thickest place to the thin end, as drawn by its mid-plane; empty for a piece that is even.
     *
     * @param thinner how thick the cut is reckoned, of the piece: heat comes from the sides too, which a cut does not have
     */
    public Optional<BakeModel> along(double thinner) {
        return piece.cut()
                .taper()
                .map(taper -> new BakeModel(
                        piece,
                        dish,
                        oven,
                        events,
                        unknowns,
                        fineness,
                        Optional.of(outline(piece, taper, thinner)),
                        1,
                        new ConcurrentHashMap<>()));
    }

    /** How thick a long cut is for a slab of it to warm as fast as a bar (product of two slabs' slowest terms: Newman 1936, from memory). */
    public double thinnerAlong() {
        double flatness = piece.heightMm() / piece.acrossMm();
        return 1 / Math.sqrt(1 + flatness * flatness);
    }

    /**
     * The same dish lying between two like it, all touching: as one piece as wide as the three, whose middle is theirs. Empty for what touches along
     * a line only, and for what is closed or buried.
     */
    public Optional<BakeModel> touching() {
        return piece.cut().round()
                        || dish.cover().isPresent()
                        || dish.the(Laid.Heap.class).isPresent()
                ? Optional.empty()
                : Optional.of(new BakeModel(
                        piece, dish, oven, events, unknowns, fineness, along, TOUCHING, new ConcurrentHashMap<>()));
    }

    private static Outline outline(Piece piece, Taper taper, double thinner) {
        return new Outline.Tapering(
                taper.reach() * piece.lengthMm() / 1000,
                thinner * piece.heightMm() / 1000,
                taper.endShare(),
                taper.power(),
                piece.cut().round());
    }

    /**
     * The same section under other unknowns; not to be run at the same time as this one.
     *
     * @param other like this one's in thickness, contact and, where the dress is of salt, wetness
     */
    public BakeModel elsewise(Unknowns other) {
        return new BakeModel(this, other);
    }

    private static Outline outline(Piece piece, double thicknessFactor, int beside) {
        double height = piece.heightMm() / 1000 * thicknessFactor;
        double halfWidth = beside * piece.acrossMm() / 2000;
        if (piece.cut().round()) {
            return new Outline.Ellipse(halfWidth, height);
        }
        // A fillet is a lens, a portion a block with soft shoulders.
        double shoulder = piece.cut() == Cut.FILLET || piece.cut() == Cut.SIDE ? 0.75 : 0.45;
        double top = Math.min(shoulder * height, 0.9 * halfWidth);
        return new Outline.RoundedRectangle(halfWidth, height, top, Math.min(0.1 * height, halfWidth / 4));
    }

    /** The flesh as it lies. */
    Outline outline() {
        return layers.flesh();
    }

    Layers layers() {
        return layers;
    }

    /** How many times as fast as plain flesh the face of a material browns. */
    double browning(int material) {
        return material >= Layers.FIRST
                ? layers.stuff(material).browning()
                : dish.bare().browning();
    }

    Fish species() {
        return piece.species();
    }

    /** Whether its top meets the oven's air from the start, and so colours. */
    public boolean browns() {
        return dish.browns();
    }

    /** Whether its top meets the oven's air as it then is. */
    boolean browns(TrayLoad load) {
        return dish.browns() || load.uncovered();
    }

    /** Whether there is something in its belly besides air. */
    boolean filled() {
        return piece.filling() != Filling.NONE;
    }

    boolean stuffed() {
        return piece.filling() == Filling.STUFFING;
    }

    /** The coldest now of what is inside the fish, °C; of the flesh where that is flesh right through. */
    double insideC(SectionState state) {
        return state.coldestC(layers.inside());
    }

    /** The warmest that the coldest of what is inside the fish has been, °C; of the flesh where that is flesh right through. */
    double insidePeakC(SectionState state) {
        return state.coldestPeakC(layers.inside());
    }

    /** Whether something lies over the fish's upper side in a section. */
    boolean covered(Section section) {
        for (int m = Layers.FIRST; m < startC.length; m++) {
            if (layers.covers(m) && section.has(m)) {
                return true;
            }
        }
        return false;
    }

    double startC() {
        return startC[TrayLoad.FLESH];
    }

    /** The coldest of all that there is when it goes in, and of the kitchen, °C. */
    double leastC() {
        return Math.min(Temperature.ROOM_C, Arrays.stream(startC).min().orElseThrow());
    }

    /** The solver for what is on the tray. */
    SectionSolver solver(TrayLoad load) {
        return solvers.computeIfAbsent(load, s -> {
            Ware ware = dish.vessel().ware();
            Section section = sections.computeIfAbsent(
                    new SectionKey(unknowns.thicknessFactor(), unknowns.contactFactor(), s), key -> section(s));
            Material[] materials = new Material[layers.materials()];
            for (int m = Layers.FIRST; m < materials.length; m++) {
                materials[m] = layers.material(m);
            }
            materials[TrayLoad.FLESH] = FleshMaterial.material(piece.species());
            materials[TrayLoad.TRAY] = Material.constant(ware.conductivityWmK(), ware.heatCapacityJm3K());
            double slower = piece.habit().slower();
            Arrays.setAll(materials, m -> materials[m].slower(slower));
            return new SectionSolver(section, fineness.toleranceK, materials);
        });
    }

    private Section section(TrayLoad load) {
        return new SectionBuilder(
                        layers.of(load, Dress.TRAY_CONTACT_W_M2K * unknowns.contactFactor()),
                        wall(),
                        piece.lengthMm() / 1000,
                        planes)
                .build();
    }

    /* What stands out of it takes the usual film of such an oven and what walls give it by radiation. */
    private Wall wall() {
        Ware ware = dish.vessel().ware();
        Face.Exposed face = new Face.Exposed(oven.kind().filmWm2K(), 0, 0, ware.undersideEmissivity(), 0, 0);
        return new Wall(ware.wallM(), ware.conductivityWmK(), ware.alongWmK(), face.opening(SHEET_C));
    }

    /** The load as it goes in, on a tray at room temperature. */
    SectionState start(TrayLoad load) {
        return solver(load).start(startC);
    }

    /** The same dish with something more on it. */
    SectionState change(TrayLoad from, SectionState state, TrayLoad to) {
        return solver(to).takeOver(solver(from), state, startC, 0);
    }

    /** The same dish with the piece turned over. */
    SectionState turn(TrayLoad load, SectionState state) {
        double about = 2 * outline().base() + outline().height();
        return solver(load).takeOver(solver(load), state, startC, about);
    }

    /** Whether the oven's air moves while its dial does not, or the dish comes out and goes back. */
    boolean unsteady() {
        return oven.cooling().falls() || !events.asPlanned();
    }

    /** Whether the dish stands outside then, in the middle of its bake. */
    boolean outside(double minute) {
        return events.outside(minute);
    }

    /**
     * The oven's air, °C.
     *
     * @param minutes since the first thing went in
     */
    double airC(double dialC, double minutes) {
        double set = events.airC(dialC, minutes) + oven.offsetC() + unknowns.ovenShiftC();
        return Temperature.ROOM_C + (set - Temperature.ROOM_C) * oven.cooling().left(minutes);
    }

    /**
     * What the faces meet in the oven with its dial at {@code dialC}.
     *
     * @param minutes since the first thing went in; only an unsteady oven cares
     * @param uncovered whether what closed it has been opened
     */
    Surroundings baking(double dialC, double minutes, boolean uncovered) {
        OvenKind kind = oven.kind();
        double air = airC(dialC, minutes);
        double film = oven.filmWm2K() * unknowns.filmFactor();
        double under = air + kind.underAboveAirC();
        return faces(
                new Air(film, air, air + kind.wallsAboveAirC(), OVEN_VAPOUR_PA, 0),
                new Face.Exposed(
                        film + kind.underMoreWm2K(),
                        under,
                        under,
                        dish.vessel().ware().undersideEmissivity(),
                        0,
                        0),
                uncovered);
    }

    /** What the faces meet under the grill. */
    Surroundings grilling(Stage.Grill grill, boolean uncovered) {
        double film = oven.filmWm2K() * unknowns.filmFactor();
        double air = Stage.Grill.AIR_C;
        return faces(
                new Air(film, air, air, OVEN_VAPOUR_PA, grill.fluxWm2()),
                new Face.Exposed(film, air, air, dish.vessel().ware().undersideEmissivity(), 0, 0),
                uncovered);
    }

    /** What the faces meet on the board. */
    Surroundings resting(boolean uncovered) {
        return faces(KITCHEN, new Face.Exposed(BOARD_FILM, Temperature.ROOM_C, Temperature.ROOM_C, 0, 0, 0), uncovered);
    }

    /** What the faces meet on the hob: a flame below, the kitchen above. */
    Surroundings onTheHob(boolean uncovered) {
        double film = Stage.Hob.FLUX_W_M2 / (Stage.Hob.HOTTEST_C - Temperature.BOILING_C);
        return faces(KITCHEN, new Face.Exposed(film, Stage.Hob.HOTTEST_C, Stage.Hob.HOTTEST_C, 0, 0, 0), uncovered);
    }

    /** The air round a dish: film W/m²K, air and walls °C, vapour Pa, a grill's beam W/m². */
    private record Air(double film, double airC, double wallC, double vapourPa, double beam) {
        Face.Exposed on(double emissivity, double wetness, double crustKgMsPa) {
            return new Face.Exposed(film, airC, wallC, emissivity, wetness, vapourPa, beam, crustKgMsPa);
        }
    }

    private static final Air KITCHEN = new Air(ROOM_FILM, Temperature.ROOM_C, Temperature.ROOM_C, ROOM_VAPOUR_PA, 0);

    private Surroundings faces(Air air, Face under, boolean uncovered) {
        Face[] faces = new Face[layers.materials()];
        faces[TrayLoad.TRAY] = under;
        // What evaporates goes by the root of what its crust lets through.
        double factor = unknowns.wetnessFactor() * unknowns.wetnessFactor();
        faces[TrayLoad.FLESH] = top(air, 1, dish.bare().crustKgMsPa() * factor, uncovered);
        for (int m = Layers.FIRST; m < faces.length; m++) {
            faces[m] = top(air, layers.stuff(m).wetness(), Double.POSITIVE_INFINITY, uncovered);
        }
        return new Surroundings(faces);
    }

    private Face top(Air air, double wetness, double crustKgMsPa, boolean uncovered) {
        return dish.cover()
                .filter(c -> !uncovered)
                .<Face>map(c -> new Face.Covered(air.on(c.emissivity(), 0, 0), c.coldGapWm2K(), c.steamGapWm2K()))
                .orElseGet(() -> air.on(Dress.EMISSIVITY, wetness, crustKgMsPa));
    }

    /** What everything there has taken in so far and still holds, or has boiled off, J, scaled from the modelled prism to the piece. */
    double takenInJ(TrayLoad load, SectionState state) {
        SectionSolver solver = solver(load);
        double scale = piece.massG() / 1000 / (solver.section().fleshVolume() * Piece.DENSITY_KG_M3);
        return scale * (solver.storedJ(state) + state.vapourJ());
    }

    /** What it has lost so far, scaled from the modelled prism to the flesh there really is: a piece tapers, and a head loses nothing. */
    Juice juice(TrayLoad load, SectionState state) {
        double fleshG = piece.massG() * (piece.cut() == Cut.WHOLE ? BodyShape.WITHOUT_HEAD_AND_TAIL : 1);
        double scale = fleshG / (solver(load).section().fleshVolume() * Piece.DENSITY_KG_M3);
        return new Juice(fleshG, scale * state.lostKg(), scale * state.driedKg());
    }
}
