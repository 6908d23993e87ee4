package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.SaltCrust.Damping;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.Topping.When;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Kept;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.fish.Stuffing;
import olla.core.messages.RefusedInput;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRecorder;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Browning;
import olla.core.simulation.Frames;
import olla.core.simulation.Frames.Kind;
import olla.core.simulation.Frames.LayerDrawing;
import olla.core.simulation.StageSpan;
import olla.core.uncertainty.BakeSpec;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.OvenCalibration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every dress against what cooks know of it. */
class DressedBakesTest {

    private static final OptionalDouble OPEN = OptionalDouble.empty();

    private static Piece piece(Species species, Cut cut, double thickMm, double grams) {
        return Piece.from(
                species,
                cut,
                thickMm == 0 ? OPEN : OptionalDouble.of(thickMm),
                OptionalDouble.of(grams),
                OPEN,
                OPEN,
                OPEN,
                false);
    }

    private static Piece hake(double thickMm) {
        return piece(Species.HAKE, Cut.PORTION, thickMm, 160);
    }

    private static Piece bream(double grams) {
        return piece(Species.SEA_BREAM, Cut.WHOLE, 0, grams);
    }

    private static Estimate bake(Piece piece, Dress dress, OvenKind kind, double ovenC) {
        OvenModel oven = OvenModel.trusted(kind);
        Programme usual = Estimator.usual(piece, dress, oven, Doneness.FLAKES, ovenC, dress.usualRestMinutes());
        return Estimator.estimate(piece, dress, kind, OvenCalibration.UNCHECKED, usual, Doneness.FLAKES);
    }

    private static Estimate still(Piece piece, Dress dress, double ovenC) {
        return bake(piece, dress, OvenKind.STILL, ovenC);
    }

    /** Common practice, no source: 25 to 30 minutes a kilo at 200 to 220 °C, plus the rest; widely varying. */
    @ParameterizedTest
    @EnumSource(Damping.class)
    void aFishInSaltIsDoneByItsWeight(Damping school) {
        CheckWindow window = still(bream(1500), Dress.in(new SaltCrust(school)), 210)
                .window()
                .orElseThrow();
        assertThat(45.0).isBetween(window.checkFromMin(), window.noLaterThanMin());
    }

    /** Common practice, no source: in the crust the fish still cooks a good deal. */
    @Test
    void aCrustKeepsCookingTheFishLongAfterTheOven() {
        Estimate salt = still(bream(1500), Dress.in(new SaltCrust(Damping.WET_SAND)), 210);
        assertThat(salt.restMinutes()).isEqualTo(10);
        assertThat(salt.peakC() - salt.pullC()).isGreaterThan(8);
        assertThat(salt.forgotten().orElseThrow().minutes()).isEqualTo(20);
        assertThat(salt.forgotten().orElseThrow().peakC()).isGreaterThan(salt.peakC() + 3);
        assertThat(salt.colour()).isEmpty();
        assertThat(salt.juice().evaporatedG()).isZero();
    }

    /** Common practice, no source: lean portions about 25 mm thick, 230 °C, 10 minutes and then 1 of grill with a topping. */
    @Test
    void aToppedPortionTakesTenMinutesAndAGrill() {
        Estimate topped = still(hake(22), Dress.under(new Topping(Mix.CRUMB, When.AFTER, 5)), 230);
        CheckWindow window = topped.window().orElseThrow();
        assertThat(11.0).isBetween(window.checkFromMin(), window.noLaterThanMin());
    }

    /** Common practice, no source: on before baking it is grilled 3 to 5 minutes or less, on after it 1 to 2 or more. */
    @ParameterizedTest
    @EnumSource(Mix.class)
    void theGrillIsAsLongAsTheTradeHasIt(Mix mix) {
        for (When when : List.of(When.BEFORE, When.AFTER)) {
            Estimate topped = still(hake(25), Dress.under(new Topping(mix, when, 6)), 220);
            StageSpan grill = topped.stages().stream()
                    .filter(s -> s.stage() instanceof Stage.Grill)
                    .findFirst()
                    .orElseThrow();
            assertThat(grill.toMin() - grill.fromMin()).isBetween(1.0, 5.0);
            assertThat(topped.colour().orElseThrow()).isNotEqualTo(Browning.Colour.BURNT);
        }
    }

    /** Common practice, no source: the same dish of fish takes some minutes more in clay than on a sheet tray. */
    @Test
    void aDishOfClayTakesLongerThanATray() {
        Estimate tray = still(hake(25), in(Ware.SHEET_TRAY), 200);
        Estimate clay = still(hake(25), in(Ware.STONEWARE), 200);
        assertThat(clay.bakeMinutes() - tray.bakeMinutes()).isBetween(0.5, 6.0);
        assertThat(still(hake(25), in(Ware.CAST_PAN), 200).bakeMinutes()).isGreaterThan(tray.bakeMinutes());
    }

    private static Dress in(Ware ware) {
        return Dress.open().standingIn(Vessel.of(ware));
    }

    /** A fish on citrus under a herb paste, with crumbs on at the end: each lies where it was laid, from when it was. */
    @Test
    void aFishOnCitrusUnderAPasteGetsLateCrumbs() {
        Dress dress = Dress.under(new Topping(Mix.PASTE, When.BEFORE, 4), new Topping(Mix.CRUMB, When.AFTER, 3))
                .on(Bed.ofCitrus());
        Estimate laid = still(hake(25), dress, 220);
        assertThat(laid.frames().layers())
                .extracting(LayerDrawing::kind)
                .containsExactly(Kind.BED, Kind.COAT, Kind.COAT);
        assertThat(laid.frames().layers().get(1).fromMinute()).isZero();
        assertThat(laid.frames().layers().get(2).fromMinute()).isGreaterThan(8);
        assertThat(laid.bakeMinutes()).isBetween(10.0, 22.0);
        assertThat(laid.bakeMinutes())
                .isGreaterThan(still(hake(25), Dress.open(), 220).bakeMinutes());
    }

    @Test
    void aToppingShieldsWhatIsUnderIt() {
        double bare = still(hake(25), Dress.open(), 220).bakeMinutes();
        Estimate topped = still(hake(25), Dress.under(new Topping(Mix.COOKED, When.BEFORE, 8)), 220);
        assertThat(topped.bakeMinutes()).isGreaterThan(bare);
        assertThat(topped.juice().evaporatedG())
                .isLessThan(still(hake(25), Dress.open(), 220).juice().evaporatedG());
    }

    /** Common practice, no source: breaded strips an inch wide at 175 °C take about 10 minutes. */
    @Test
    void breadedStripsTakeAboutTenMinutes() {
        Estimate strips = still(piece(Species.HADDOCK, Cut.STRIP, 20, 45), Dress.in(new Coat(2.5)), 175);
        CheckWindow window = strips.window().orElseThrow();
        assertThat(10.0).isBetween(window.checkFromMin(), window.noLaterThanMin());
        assertThat(strips.stages().get(1).stage()).isInstanceOf(Stage.Turn.class);
        assertThat(strips.stages().get(1).fromMin()).isCloseTo(strips.bakeMinutes() / 2, within(0.01));
    }

    /** Common practice, no source: a base of some 25 minutes at 200 °C, then 8 to 12 for the fish. */
    @Test
    void aTrayBakeIsABaseAndThenTheFish() {
        Dress dress = Dress.onto(new Bed(List.of(Vegetable.POTATO), 25));
        Estimate tray = still(piece(Species.HAKE, Cut.PORTION, 19, 160), dress, 200);
        double joins = tray.stages().get(1).fromMin();
        assertThat(joins).isEqualTo(25);
        assertThat(tray.bakeMinutes() - joins).isBetween(8.0, 12.5);
        assertThat(tray.trace().coldestC()[0]).isEqualTo(Piece.USUAL_START_C);
        double alone = still(piece(Species.HAKE, Cut.PORTION, 19, 160), Dress.open(), 200)
                .bakeMinutes();
        assertThat(tray.bakeMinutes() - joins).as("the base is hot").isBetween(0.7 * alone, 1.5 * alone);
    }

    /** Air in a gutted belly is no food: nothing is told of its temperature. */
    @Test
    void anEmptyBellyHasNoCourseOfItsOwn() {
        Estimate empty = still(bream(900), Dress.open(), 210);
        assertThat(empty.trace().fillingC()).isEmpty();
        assertThat(empty.fillingPeakC()).isEmpty();
        assertThat(empty.frames().layers())
                .extracting(Frames.LayerDrawing::kind)
                .containsOnlyOnce(Frames.Kind.HOLLOW);
    }

    /** In a fish as thick, more of what governs takes longer; from the fridge too, and hot from the pan much less. */
    @Test
    void aStuffingTakesAsLongAsThereIsOfIt() {
        Piece bream = piece(Species.SEA_BREAM, Cut.WHOLE, 45, 800);
        double usual = still(bream.set(Orientation.LYING, Filling.STUFFING), Dress.open(), 200)
                .bakeMinutes();
        assertThat(stuffedMinutes(bream, 1.6, Kept.MIXED)).isGreaterThan(usual);
        assertThat(stuffedMinutes(bream, 0.5, Kept.MIXED)).isLessThan(usual);
        assertThat(stuffedMinutes(bream, 1, Kept.FRIDGE)).isGreaterThan(usual);
        assertThat(stuffedMinutes(bream, 1, Kept.HOT)).isLessThan(usual - 3);
    }

    private static double stuffedMinutes(Piece bream, double ofUsual, Kept kept) {
        double usualG = bream.set(Orientation.LYING, Filling.STUFFING).stuffingG();
        Stuffing stuffing = new Stuffing(OptionalDouble.of(ofUsual * usualG), kept);
        Estimate stuffed = still(bream.set(Orientation.LYING, Filling.STUFFING, stuffing), Dress.open(), 200);
        assertThat(stuffed.cautions().stream().anyMatch(c -> c.code().equals("HOT_STUFFING")))
                .isEqualTo(kept == Kept.HOT);
        return stuffed.bakeMinutes();
    }

    /** FDA Food Code 3-401.11: a stuffing reaches 74 °C; it decides, and the flesh pays for it. */
    @Test
    void aStuffingDecidesTheTime() {
        Piece plain = piece(Species.SALMON, Cut.PORTION, 32, 220);
        Estimate stuffed = still(plain.set(Orientation.LYING, Filling.STUFFING), Dress.open(), 200);
        assertThat(stuffed.fillingPeakC().orElseThrow()).isCloseTo(74, within(0.3));
        assertThat(stuffed.peakC()).isGreaterThan(Doneness.FIRM.peakC());
        assertThat(stuffed.bakeMinutes())
                .isGreaterThan(1.3 * still(plain, Dress.open(), 200).bakeMinutes());
        assertThat(stuffed.cautions()).extracting(c -> c.code()).contains("STUFFING");
    }

    @Test
    void aromaticsAreNotWaitedFor() {
        Estimate fish = still(bream(900).set(Orientation.LYING, Filling.AROMATICS), Dress.open(), 200);
        assertThat(fish.peakC()).isCloseTo(57, within(0.3));
    }

    @Test
    void aBedKeepsHeatFromBelowAway() {
        Dress bare = Dress.in(new Parcel(Sheet.PARCHMENT));
        Dress bedded = Dress.in(new Parcel(Sheet.PARCHMENT)).on(new Bed(List.of(Vegetable.LEEK), 12));
        assertThat(still(hake(25), bedded, 218).bakeMinutes())
                .isGreaterThan(still(hake(25), bare, 218).bakeMinutes());
        assertThat(still(hake(25), Dress.open(Finish.OILED).on(Bed.ofCitrus()), 220)
                        .bakeMinutes())
                .isGreaterThan(still(hake(25), Dress.open(Finish.OILED), 220).bakeMinutes());
    }

    @Test
    void oilAndGlazeKeepWaterIn() {
        double bare = still(hake(25), Dress.open(), 220).juice().evaporatedG();
        assertThat(still(hake(25), Dress.open(Finish.OILED), 220).juice().evaporatedG())
                .isLessThan(bare);
    }

    @Test
    void aGlazeGoesOnAgainAtTwoThirds() {
        Estimate glazed = still(hake(25), Dress.open(Finish.GLAZED), 220);
        StageSpan again = glazed.stages().get(1);
        assertThat(again.stage()).isEqualTo(new Stage.Add(Stage.What.GLAZE));
        double open = glazed.stages().get(2).toMin();
        assertThat(again.fromMin() / open).isCloseTo(2.0 / 3, within(0.001));
    }

    /** The base browns before the fish is on it; that is no colour of the fish's. */
    @Test
    void aFishThatJoinsAHotBaseBeginsPale() {
        Dress dress = Dress.onto(new Bed(List.of(Vegetable.POTATO), 25));
        // So long that the base's face has dried.
        Programme programme = new Programme(List.of(
                new Stage.Bake(250, OptionalDouble.of(150)),
                new Stage.Add(Stage.What.FISH),
                new Stage.Bake(250, OptionalDouble.of(0.5)),
                new Stage.Rest(3)));
        BakeSpec dish = new BakeSpec(
                hake(25), dress, OvenKind.STILL, OvenCalibration.UNCHECKED, programme, Doneness.FLAKES.peakC());
        BakeRun run = new BakeRun(dish.model(BakeModel.Fineness.FINE), dish.programme());
        BakeRecorder went = run.run(dish.programme());
        // Half a minute in the oven colours nothing that was cold when it went in.
        assertThat(went.browning()).isLessThan(0.02);
    }

    /** A wood oven at the same air is quicker, by its walls and its floor; left alone it cools and is slower again. */
    @Test
    void aWoodOvenIsHotAllRoundButFalls() {
        double still = still(hake(25), Dress.open(), 240).bakeMinutes();
        assertThat(bake(hake(25), Dress.open(), OvenKind.WOOD, 240).bakeMinutes())
                .isLessThan(still);
        assertThat(OvenKind.WOOD.usualCooling().falls()).isTrue();
        assertThat(OvenKind.WOOD.usualCooling().left(60)).isBetween(0.6, 0.95);
    }

    /** A fire that is fed bakes sooner than one that falls, and one that falls fast later still. */
    @Test
    void aFireThatIsKeptUpIsQuickerThanOneThatFalls() {
        double kept = fired(Cooling.KEPT);
        double usual = fired(OvenKind.WOOD.usualCooling());
        double fast = fired(Cooling.falling(120));
        assertThat(kept).isLessThan(usual);
        assertThat(usual).isLessThan(fast);
        assertThat(Cooling.falling(50).celsiusPerHour()).isCloseTo(50, within(1e-9));
        assertThat(Cooling.falling(50).left(60)).isCloseTo(1 - 50.0 / 228, within(1e-9));
        assertThat(Cooling.falling(0)).isEqualTo(Cooling.KEPT);
        assertThatThrownBy(() -> Cooling.falling(-1)).isInstanceOf(RefusedInput.class);
    }

    private static double fired(Cooling cooling) {
        OvenCalibration calibration = OvenCalibration.UNCHECKED.cooling(Optional.of(cooling));
        Dress salt = Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND));
        return Estimator.estimate(
                        bream(900),
                        salt,
                        OvenKind.WOOD,
                        calibration,
                        new Programme(220, OptionalDouble.empty(), 10),
                        Doneness.FLAKES)
                .bakeMinutes();
    }

    @Test
    void aBarbecueBakesFoilFromBelow() {
        double oven = still(bream(900), Dress.in(new Parcel(Sheet.FOIL)), 220).bakeMinutes();
        assertThat(bake(bream(900), Dress.in(new Parcel(Sheet.FOIL)), OvenKind.CLOSED_BARBECUE, 220)
                        .bakeMinutes())
                .isLessThan(oven);
    }

    @Test
    void anUprightFishIsReachedFromBothSides() {
        assertThat(still(bream(900).set(Orientation.STANDING, Filling.NONE), Dress.open(), 200)
                        .bakeMinutes())
                .isLessThan(still(bream(900), Dress.open(), 200).bakeMinutes());
    }

    @Test
    void twoTemperaturesOneOpen() {
        Programme hotThenMild = new Programme(
                List.of(new Stage.Bake(240, OptionalDouble.of(5)), new Stage.Bake(160, OPEN), new Stage.Rest(4)));
        Estimate estimate = Estimator.estimate(
                hake(30), Dress.open(), OvenKind.STILL, OvenCalibration.UNCHECKED, hotThenMild, Doneness.FLAKES);
        assertThat(estimate.stages().get(0).toMin()).isEqualTo(5);
        assertThat(estimate.peakC()).isCloseTo(57, within(0.3));
        double mild = still(hake(30), Dress.open(), 160).bakeMinutes();
        double hot = still(hake(30), Dress.open(), 240).bakeMinutes();
        assertThat(estimate.bakeMinutes()).isBetween(hot, mild);
    }

    @Test
    void aGrillOnParchmentIsRefusedWithTheReason() {
        Programme grilled = new Programme(List.of(new Stage.Bake(200, OPEN), new Stage.Grill(2), new Stage.Rest(2)));
        assertThatThrownBy(() -> Estimator.estimate(
                        hake(25),
                        Dress.in(new Parcel(Sheet.PARCHMENT)),
                        OvenKind.STILL,
                        OvenCalibration.UNCHECKED,
                        grilled,
                        Doneness.FLAKES))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        r -> assertThat(r.refusals().get(0).message()).hasToString("refusal.grill-on-parchment"));
    }

    @Test
    void stagesOfGivenLengthThatGoTooFarAreSaid() {
        Programme long_ = new Programme(
                List.of(new Stage.Bake(200, OPEN), new Stage.Bake(230, OptionalDouble.of(30)), new Stage.Rest(3)));
        Estimate estimate = Estimator.estimate(
                hake(20), Dress.open(), OvenKind.STILL, OvenCalibration.UNCHECKED, long_, Doneness.FLAKES);
        assertThat(estimate.assumptions()).anyMatch(a -> a.key().equals("assumed.given-stages-do-it"));
        assertThat(estimate.window().orElseThrow().likelyMin()).isPositive();
    }
}
