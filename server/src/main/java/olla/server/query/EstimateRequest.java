package olla.server.query;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonCreator;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.dish.Ware;
import olla.core.doneness.Doneness;
import olla.core.dress.Coat.Dip;
import olla.core.dress.EggSize;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel.Fold;
import olla.core.dress.Pour.Liquid;
import olla.core.dress.Salt;
import olla.core.dress.SaltCrust.Damping;
import olla.core.dress.Sheet;
import olla.core.dress.Topping.When;
import olla.core.dress.Vegetable;
import olla.core.dress.Vegetable.Cutting;
import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Habit;
import olla.core.fish.Kept;
import olla.core.fish.Orientation;
import olla.core.fish.Stuffing;
import olla.core.habits.Which;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.oven.Shelf;
import olla.core.oven.Spot;
import olla.core.oven.Stage;
import olla.core.oven.Stage.What;
import olla.core.safety.Parasites;
import olla.core.uncertainty.OvenCalibration;
import olla.server.web.MaybeAbsent;

/**
 * A question to the bench, in SI units and degrees Celsius.
 *
 * @param piece the fish
 * @param dress how it is dressed
 * @param oven in which kind of oven
 * @param programme stages in order; BAKEs without minutes share one length, which is solved for the target
 * @param usual true to take only the first BAKE's temperature and the REST from the programme, and all else as the dress
 *     usually has it
 * @param fit true to leave out of the programme what the dress contradicts, and to put in what it asks for, rather than to
 *     refuse it
 * @param doneness the target; FLAKES where it is not said
 * @param pieces how many such pieces, 1 to 100; 1 where it is not said
 * @param atRisk true where a guest is pregnant, very young, old or ill
 * @param parasites what was done about them; UNKNOWN where it is not said
 * @param habits how fish like this goes in the kitchen that asks; as everywhere where it is not said
 */
public record EstimateRequest(
        PieceInput piece,
        DressInput dress,
        OvenInput oven,
        List<StageInput> programme,
        @MaybeAbsent Boolean usual,
        @MaybeAbsent Boolean fit,
        @MaybeAbsent Doneness doneness,
        @MaybeAbsent Integer pieces,
        @MaybeAbsent Boolean atRisk,
        @MaybeAbsent Parasites parasites,
        @MaybeAbsent HabitsInput habits) {

    /**
     * The fish. Thickness or mass may be missing, not both; the other sides default from cut and species.
     *
     * @param species key of a species, as {@code /api/catalogue} lists them; of the closest relation where the fish is one's own
     * @param cut how it is cut
     * @param thicknessMm at the thickest point, mm
     * @param massG raw, g
     * @param widthMm mm
     * @param lengthMm mm
     * @param startTempC at the middle, °C; 8 from the fridge, -18 frozen, where it is not said
     * @param frozen goes in hard
     * @param orientation LYING where it is not said
     * @param filling NONE where it is not said
     * @param fillingG how much stuffing is in each, g; as much as is usual where it is not said
     * @param fillingKept where the stuffing comes from; MIXED where it is not said
     * @param fillingOf what the stuffing is of; BREAD where it is not said
     * @param ownName what a fish is called that is not in the catalogue
     * @param build of that: its build; its relation's where it is not said
     * @param fatPercent of that: fat in its raw flesh, per cent; its relation's where it is not said
     */
    public record PieceInput(
            String species,
            Cut cut,
            @MaybeAbsent Double thicknessMm,
            @MaybeAbsent Double massG,
            @MaybeAbsent Double widthMm,
            @MaybeAbsent Double lengthMm,
            @MaybeAbsent Double startTempC,
            @MaybeAbsent Boolean frozen,
            @MaybeAbsent @JsonAlias("stance") Orientation orientation,
            @MaybeAbsent Filling filling,
            @MaybeAbsent Double fillingG,
            @MaybeAbsent Kept fillingKept,
            @MaybeAbsent Stuffing.Of fillingOf,
            @MaybeAbsent String ownName,
            @MaybeAbsent BodyShape build,
            @MaybeAbsent Double fatPercent) {

        /** A fish of which nothing else was said. */
        public static PieceInput of(String species, Cut cut) {
            return new PieceInput(
                    species, cut, null, null, null, null, null, null, null, null, null, null, null, null, null, null);
        }

        /** A fish that was measured and weighed, of which nothing else was said. */
        public static PieceInput of(String species, Cut cut, double thicknessMm, double massG) {
            return new PieceInput(
                    species,
                    cut,
                    thicknessMm,
                    massG,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
        }
    }

    /**
     * The dress. Its kind says where it starts from: what is not said is as it usually is there. Every kind may have a vessel;
     * all but SALT_CRUST a bed, a liquid, a finish and toppings.
     *
     * @param kind where it starts from; TRAY_BAKE: the bed goes in first, the fish onto it
     * @param finish what is on its face
     * @param underlay as earlier versions said it: citrus is in the bed, the sauce of a pan a liquid
     * @param vessel what the vessel is of
     * @param vesselLengthMm inner length of the vessel, mm
     * @param vesselWidthMm inner width of the vessel, mm
     * @param preheatedC how hot the vessel is when the fish is laid in it, °C; as the kitchen where it is not said
     * @param liquid what it lies in
     * @param liquidMl how much of that, ml, in each parcel or in the one vessel; a film that makes a sauce where it is not said
     * @param liquidHot whether that is poured in hot
     * @param toppings what is spread on it, from below to above
     * @param mix TOPPING, as earlier versions said it: of what, where one is on it
     * @param when TOPPING, as earlier versions said it: when that goes on
     * @param depthMm BREADED: how thick the crumb, mm; as earlier versions said it, of the only topping or a tray bake's base
     * @param dip BREADED: what makes the crumb stick
     * @param fold PARCHMENT and FOIL: how it is closed
     * @param lid the others but SALT_CRUST: of what a lid is that lies over the vessel
     * @param opened PARCHMENT, FOIL and where there is a lid: opened for the last minutes
     * @param vegetables the bed, or a tray bake's base
     * @param bedMm how deep that is, mm
     * @param bedKept how warm it is laid
     * @param splashMl PARCHMENT and FOIL, as earlier versions said it: wine poured in, ml
     * @param acid PARCHMENT and FOIL: something sour is inside that nothing else tells of
     * @param school SALT_CRUST: how the salt is made damp
     * @param coatMm SALT_CRUST: how thick it lies, mm
     * @param salt SALT_CRUST: which salt
     * @param eggs SALT_CRUST: which eggs
     * @param headAndTail SALT_CRUST: covered too
     * @param scalesOn SALT_CRUST: scales still on
     * @param bagG SALT_CRUST: salt in a bag, g
     * @param saltThereG SALT_CRUST: salt that there is, g
     * @param trayLengthMm SALT_CRUST: inner length of the tray, mm
     * @param trayWidthMm SALT_CRUST: inner width of the tray, mm
     * @param cutting how the bed is cut
     * @param sides what joins beside the fish for the last minutes
     */
    public record DressInput(
            DressKind kind,
            @MaybeAbsent Finish finish,
            @MaybeAbsent Underlay underlay,
            @MaybeAbsent Mix mix,
            @MaybeAbsent When when,
            @MaybeAbsent Double depthMm,
            @MaybeAbsent Fold fold,
            @MaybeAbsent List<Vegetable> vegetables,
            @MaybeAbsent Double bedMm,
            @MaybeAbsent Double splashMl,
            @MaybeAbsent Boolean acid,
            @MaybeAbsent Damping school,
            @MaybeAbsent Double coatMm,
            @MaybeAbsent Salt salt,
            @MaybeAbsent EggSize eggs,
            @MaybeAbsent Boolean headAndTail,
            @MaybeAbsent Boolean scalesOn,
            @MaybeAbsent Double bagG,
            @MaybeAbsent Double saltThereG,
            @MaybeAbsent Double trayLengthMm,
            @MaybeAbsent Double trayWidthMm,
            @MaybeAbsent Cutting cutting,
            @MaybeAbsent List<SideInput> sides,
            @MaybeAbsent List<ToppingInput> toppings,
            @MaybeAbsent Ware vessel,
            @MaybeAbsent Double vesselLengthMm,
            @MaybeAbsent Double vesselWidthMm,
            @MaybeAbsent Double preheatedC,
            @MaybeAbsent Liquid liquid,
            @MaybeAbsent Double liquidMl,
            @MaybeAbsent Boolean liquidHot,
            @MaybeAbsent Kept bedKept,
            @MaybeAbsent Dip dip,
            @MaybeAbsent Sheet lid,
            @MaybeAbsent Boolean opened) {

        /** A dress of which nothing else was said. */
        public static DressInput of(DressKind kind) {
            return new DressInput(
                    kind, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
                    null, null, null, null, null, null, null, null, null, null, null, null, null, null, null, null,
                    null, null, null);
        }
    }

    /**
     * Something spread on the fish, or on what is on it.
     *
     * @param mix of what; crumb where it is not said
     * @param when when it goes on; before the fish goes in where it is not said
     * @param depthMm how deep, mm; as usual where it is not said
     * @param kept how warm it goes on; MIXED where it is not said
     */
    public record ToppingInput(
            @MaybeAbsent Mix mix,
            @MaybeAbsent When when,
            @MaybeAbsent Double depthMm,
            @MaybeAbsent Kept kept) {}

    /**
     * A side; as earlier versions said it, no more than of what.
     *
     * @param of of what
     * @param lastMin for how many minutes before the end it joins; as usual where it is not said
     * @param gEach beside each piece, g; as usual where it is not said
     * @param waterMl water splashed on it beside each piece, ml; none where it is not said
     */
    public record SideInput(
            Vegetable of,
            @MaybeAbsent Double lastMin,
            @MaybeAbsent Double gEach,
            @MaybeAbsent Double waterMl) {

        /** As it is said. */
        @JsonCreator
        public SideInput {}

        /** A vegetable's code, of which no more is said; one that nobody knows is as if none had been named. */
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        public static SideInput of(String vegetable) {
            Vegetable known = Arrays.stream(Vegetable.values())
                    .filter(v -> v.name().equals(vegetable))
                    .findFirst()
                    .orElse(null);
            return new SideInput(known, null, null, null);
        }
    }

    /** What earlier versions had under a fish. */
    public enum Underlay {
        NONE,
        CITRUS,
        PAN_SAUCE
    }

    /**
     * The oven.
     *
     * @param kind how its air moves
     * @param calibration what its log has taught; where it is not said, nobody has checked it
     * @param shelf on which shelf the dish stands; MIDDLE where it is not said
     */
    public record OvenInput(
            OvenKind kind,
            @MaybeAbsent @JsonAlias("truth") CalibrationInput calibration,
            @MaybeAbsent Shelf shelf) {

        /** The same with the dish in its middle. */
        public OvenInput inTheMiddle() {
            return new OvenInput(kind, calibration, null);
        }
    }

    /**
     * What is believed of an oven.
     *
     * @param offsetC air less dial, -60 to 60 °C
     * @param offsetDoubtC its standard deviation, above 0 to 40 °C
     * @param logFilm natural logarithm of its film over the kind's usual one, -1 to 1
     * @param logFilmDoubt its standard deviation, above 0 to 1
     * @param fallsCPerHour what it loses in the first hour from 250 °C, 0 where it is kept up, to 150 °C; as its kind
     *     usually does where it is not said
     */
    public record CalibrationInput(
            double offsetC,
            double offsetDoubtC,
            double logFilm,
            double logFilmDoubt,
            @MaybeAbsent Double fallsCPerHour) {

        /** What a stored calibration looks like on the wire. */
        public static CalibrationInput of(OvenCalibration calibration) {
            return new CalibrationInput(
                    calibration.offsetC(),
                    calibration.offsetDoubtC(),
                    calibration.logFilm(),
                    calibration.logFilmDoubt(),
                    calibration
                            .cooling()
                            .map(c -> Math.round(10 * c.celsiusPerHour()) / 10.0)
                            .orElse(null));
        }

        OvenCalibration calibration() {
            return new OvenCalibration(
                    offsetC,
                    offsetDoubtC,
                    logFilm,
                    logFilmDoubt,
                    Optional.ofNullable(fallsCPerHour).map(Cooling::falling));
        }
    }

    /**
     * How fish like this goes in a kitchen, as its log has it.
     *
     * @param logSlower natural logarithm of how long it takes over what is reckoned
     * @param logDoubt how far that is known: the standard deviation of that logarithm
     * @param parts what it is made of, those that do most first
     */
    public record HabitsInput(
            double logSlower, double logDoubt, @MaybeAbsent List<HabitPartInput> parts) {
        /** As everywhere. */
        public static final HabitsInput NONE =
                new HabitsInput(Habit.NONE.logSlower(), Habit.NONE.logDoubt(), List.of());

        Habit habit() {
            return new Habit(logSlower, logDoubt);
        }
    }

    /**
     * What one habit does.
     *
     * @param about what kind of habit
     * @param name whose, where it is a cook's or a probe's; at most 60 characters
     * @param bakes from how many bakes it was found
     * @param logSlower how much later it makes this dish, as a logarithm; below 0 for sooner
     */
    public record HabitPartInput(
            Which.About about, @MaybeAbsent String name, int bakes, double logSlower) {}

    Shelf shelf() {
        return oven == null || oven.shelf() == null ? Shelf.MIDDLE : oven.shelf();
    }

    /** What it is like where the dish stands in its oven. */
    public Spot spot() {
        return oven == null || oven.kind() == null ? Spot.MIDDLE : shelf().in(oven.kind());
    }

    /** The same question to another target. */
    public EstimateRequest to(Doneness other) {
        return new EstimateRequest(piece, dress, oven, programme, usual, fit, other, pieces, atRisk, parasites, habits);
    }

    /** The same question to an oven of which this is believed. */
    public EstimateRequest in(OvenKind kind, OvenCalibration calibration) {
        return new EstimateRequest(
                piece,
                dress,
                new OvenInput(kind, CalibrationInput.of(calibration), oven == null ? null : oven.shelf()),
                programme,
                usual,
                fit,
                doneness,
                pieces,
                atRisk,
                parasites,
                habits);
    }

    /** The same question in a kitchen where such fish goes so; null for as everywhere. */
    public EstimateRequest going(HabitsInput here) {
        return new EstimateRequest(
                piece, dress, oven, programme, usual, fit, doneness, pieces, atRisk, parasites, here);
    }

    /**
     * The same in the middle of its oven at another dial, which moves the dials of all its stages, rested for so long.
     *
     * @param tempC the first bake's dial, °C
     * @param restMin minutes
     */
    public EstimateRequest at(double tempC, double restMin) {
        double by = programme.stream()
                .filter(s -> s.stage() == StageKind.BAKE && s.tempC() != null)
                .findFirst()
                .map(first -> tempC - first.tempC())
                .orElse(0.0);
        List<StageInput> there = programme.stream()
                .map(s -> switch (s.stage()) {
                    case BAKE -> s.at(s.tempC() == null ? null : s.tempC() + by);
                    case REST -> StageInput.of(new Stage.Rest(restMin, s.note() == null ? "" : s.note()));
                    default -> s;
                })
                .toList();
        return new EstimateRequest(
                piece, dress, oven.inTheMiddle(), there, usual, fit, doneness, pieces, atRisk, parasites, habits);
    }

    /** The same question for a table with somebody at risk. */
    public EstimateRequest forSomebodyAtRisk() {
        return new EstimateRequest(
                piece, dress, oven, programme, usual, fit, doneness, pieces, true, parasites, habits);
    }

    /**
     * A stage of the programme.
     *
     * @param stage which kind
     * @param tempC BAKE: the dial, °C
     * @param minutes BAKE, GRILL, REST: how long; left open for BAKE it is solved, for REST it is as usual
     * @param share BAKE left open: its part of the open length against the others; 1 where it is not said
     * @param what ADD: what goes on or in
     * @param untilC BAKE: until the coldest flesh has come to this, °C; instead of minutes
     * @param underMm GRILL: how far under it, mm; as usual where it is not said
     * @param note what the cook says of it, at most 200 characters
     */
    public record StageInput(
            StageKind stage,
            @MaybeAbsent Double tempC,
            @MaybeAbsent Double minutes,
            @MaybeAbsent Double share,
            @MaybeAbsent What what,
            @MaybeAbsent Double untilC,
            @MaybeAbsent Double underMm,
            @MaybeAbsent String note) {

        StageInput at(Double dialC) {
            return new StageInput(stage, dialC, minutes, share, what, untilC, underMm, note);
        }

        /** A stage of the craft's as it is asked for. */
        public static StageInput of(Stage stage) {
            String note = stage.note().isEmpty() ? null : stage.note();
            if (stage instanceof Stage.Bake bake) {
                return new StageInput(
                        StageKind.BAKE,
                        bake.tempC(),
                        maybe(bake.minutes()),
                        bake.share() == 1 ? null : bake.share(),
                        null,
                        maybe(bake.untilC()),
                        null,
                        note);
            }
            if (stage instanceof Stage.Add add) {
                return new StageInput(StageKind.ADD, null, null, null, add.what(), null, null, note);
            }
            if (stage instanceof Stage.Hob hob) {
                return plain(StageKind.HOB, hob.minutes(), note);
            }
            if (stage instanceof Stage.Grill grill) {
                return new StageInput(StageKind.GRILL, null, grill.minutes(), null, null, null, underMm(grill), note);
            }
            if (stage instanceof Stage.Rest rest) {
                return plain(StageKind.REST, rest.minutes(), note);
            }
            return plain(stage instanceof Stage.Turn ? StageKind.TURN : StageKind.UNCOVER, null, note);
        }

        private static StageInput plain(StageKind kind, Double minutes, String note) {
            return new StageInput(kind, null, minutes, null, null, null, null, note);
        }

        /** How far under the grill; null where that is as usual. */
        static Double underMm(Stage.Grill grill) {
            return grill.underMm() == Stage.Grill.USUAL_UNDER_MM ? null : grill.underMm();
        }

        private static Double maybe(OptionalDouble value) {
            return value.isPresent() ? value.getAsDouble() : null;
        }
    }

    /** Kinds of stage. */
    public enum StageKind {
        BAKE,
        /** On the hob, before the oven or between. */
        HOB,
        GRILL,
        ADD,
        /** What closes it is opened. */
        UNCOVER,
        TURN,
        REST
    }

    /** Ways to dress a fish. */
    public enum DressKind {
        OPEN_TRAY,
        TOPPING,
        BREADED,
        PARCHMENT,
        FOIL,
        SALT_CRUST,
        TRAY_BAKE
    }
}
