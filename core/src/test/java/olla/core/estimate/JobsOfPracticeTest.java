package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.EggSize;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.Pour;
import olla.core.dress.Salt;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Side;
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
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.oven.Stage.Add;
import olla.core.oven.Stage.Bake;
import olla.core.oven.Stage.Grill;
import olla.core.oven.Stage.Hob;
import olla.core.oven.Stage.Rest;
import olla.core.oven.Stage.Turn;
import olla.core.oven.Stage.What;
import olla.core.uncertainty.OvenCalibration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Dishes as cooks say them, each reckoned whole. The minutes between which each has to lie are what a cook would expect (common
 * practice, no source); the table of what came out is docs/jobs.md, word for word.
 */
class JobsOfPracticeTest {

    private static final Path TABLE = Path.of("..", "docs", "jobs.md");
    private static final Path WRITTEN = Path.of("target", "jobs.md");
    private static final OptionalDouble OPEN = OptionalDouble.empty();

    /**
     * One dish.
     *
     * @param from the least minutes in the oven, and on the hob, that a cook would believe
     * @param to the most
     */
    private record Job(
            String said,
            Piece piece,
            Dress dress,
            OvenKind oven,
            Cooling cooling,
            Programme programme,
            double from,
            double to) {

        Estimate reckoned() {
            OvenCalibration calibration = OvenCalibration.UNCHECKED.cooling(Optional.of(cooling));
            Programme awaited = Estimator.awaited(piece, dress, calibration.likely(oven), programme);
            return Estimator.estimate(piece, dress, oven, calibration, awaited, Doneness.FLAKES);
        }

        @Override
        public String toString() {
            return said;
        }
    }

    private static Job job(
            String said, Piece piece, Dress dress, OvenKind oven, Programme programme, double from, double to) {
        return new Job(said, piece, dress, oven, oven.usualCooling(), programme, from, to);
    }

    private static Piece piece(Species species, Cut cut, double thickMm, double grams) {
        OptionalDouble thick = thickMm > 0 ? OptionalDouble.of(thickMm) : OPEN;
        return Piece.from(species, cut, thick, OptionalDouble.of(grams), OPEN, OPEN, OPEN, false);
    }

    private static Piece frozen(Species species, Cut cut, double thickMm, double grams) {
        return Piece.from(species, cut, OptionalDouble.of(thickMm), OptionalDouble.of(grams), OPEN, OPEN, OPEN, true);
    }

    private static Programme usual(Piece piece, Dress dress, OvenKind oven, double dialC) {
        OvenCalibration calibration = OvenCalibration.UNCHECKED;
        return Estimator.usual(
                piece, dress, calibration.likely(oven), Doneness.FLAKES, dialC, dress.usualRestMinutes());
    }

    private static Job usually(
            String said, Piece piece, Dress dress, OvenKind oven, double dialC, double from, double to) {
        return job(said, piece, dress, oven, usual(piece, dress, oven, dialC), from, to);
    }

    private static Programme of(Stage... stages) {
        return new Programme(List.of(stages));
    }

    private static Bake lasting(double dialC, double minutes) {
        return new Bake(dialC, OptionalDouble.of(minutes));
    }

    private static List<Job> jobs() {
        List<Job> jobs = new ArrayList<>();
        Dress layered = Dress.under(new Topping(Mix.PASTE, When.BEFORE, 4), Topping.ONE_MORE)
                .on(Bed.ofCitrus());
        jobs.add(usually(
                "fish on citrus under a herb paste, crumb after",
                piece(Species.HADDOCK, Cut.FILLET, 25, 220),
                layered,
                OvenKind.STILL,
                220,
                12,
                25));
        jobs.add(job(
                "a side on leaves under vegetables, 20 min gently; crumb, 8 min hotter",
                piece(Species.HAKE, Cut.SIDE, 24, 800),
                Dress.under(new Topping(Mix.VEGETABLES, When.BEFORE, 8), new Topping(Mix.CRUMB, When.PART_WAY, 4))
                        .on(new Bed(List.of(Vegetable.SPINACH), 12))
                        .standingIn(Vessel.of(Ware.STONEWARE)),
                OvenKind.STILL,
                of(lasting(190, 20), new Add(What.TOPPING), lasting(220, 8), new Rest(3)),
                28,
                28));
        jobs.add(usually(
                "a pocket of cooked shellfish, three quarters of the fish's weight",
                piece(Species.HALIBUT, Cut.PORTION, 45, 200)
                        .set(
                                Orientation.LYING,
                                Filling.STUFFING,
                                new Stuffing(OptionalDouble.of(150), Kept.MIXED, Stuffing.Of.SHELLFISH)),
                Dress.open(Finish.OILED),
                OvenKind.STILL,
                190,
                25,
                60));
        jobs.add(usually(
                "rolls in stoneware under onion and tomato, crumb at the end",
                piece(Species.LEMON_SOLE, Cut.ROLL, 0, 110),
                Dress.under(new Topping(Mix.COOKED, When.BEFORE, 8), Topping.ONE_MORE)
                        .standingIn(Vessel.of(Ware.STONEWARE)),
                OvenKind.FAN,
                190,
                15,
                40));
        jobs.add(usually(
                "a whole fish upright in an iron pan with wine and butter",
                piece(Species.SEA_BREAM, Cut.WHOLE, 0, 700).set(Orientation.STANDING, Filling.AROMATICS),
                Dress.open(Finish.OILED).lyingIn(Pour.PAN_SAUCE).standingIn(Vessel.of(Ware.CAST_PAN)),
                OvenKind.STILL,
                200,
                20,
                45));
        Dress inStock = Dress.onto(new Bed(List.of(Vegetable.POTATO), 25))
                .lyingIn(new Pour(Pour.Liquid.STOCK, OptionalDouble.of(100), OPEN, false))
                .standingIn(Vessel.of(Ware.CAST_PAN));
        jobs.add(job(
                "potato slices in 400 ml of stock for four: hob, oven, then the fish",
                piece(Species.HAKE, Cut.PORTION, 28, 170),
                inStock,
                OvenKind.STILL,
                of(new Hob(10), lasting(200, 20), new Add(What.FISH), new Bake(200, OPEN), new Rest(3)),
                35,
                55));
        jobs.add(usually(
                "glazed, glazed again at two thirds, grilled to gold, in a small dish",
                piece(Species.SALMON, Cut.PORTION, 28, 170),
                Dress.open(Finish.GLAZED).standingIn(Vessel.of(Ware.STONEWARE)),
                OvenKind.STILL,
                210,
                10,
                25));
        jobs.add(usually(
                "a boat of open foil on a closed barbecue",
                piece(Species.TROUT, Cut.WHOLE, 0, 350).set(Orientation.LYING, Filling.AROMATICS),
                Dress.open(Finish.OILED).standingIn(Vessel.of(Ware.FOIL_BOAT)),
                OvenKind.CLOSED_BARBECUE,
                200,
                9,
                25));
        Dress strips = Dress.in(new Coat(2.5, Coat.Dip.MAYONNAISE));
        jobs.add(job(
                "strips dipped in mayonnaise and crumbed; turned at half time, lemon over them",
                piece(Species.HADDOCK, Cut.STRIP, 20, 45),
                strips,
                OvenKind.STILL,
                of(new Bake(200, OPEN), new Turn(), new Add(What.LEMON), new Bake(200, OPEN), new Rest(2)),
                7,
                20));
        jobs.add(usually(
                "one of two unlike parcels: a thin fillet",
                piece(Species.LEMON_SOLE, Cut.FILLET, 12, 110),
                Dress.in(new Parcel(Sheet.PARCHMENT)),
                OvenKind.FAN,
                195,
                5,
                12));
        jobs.add(usually(
                "the other: a thick one on leek, with cider",
                piece(Species.CHAR, Cut.PORTION, 30, 180),
                Dress.in(new Parcel(Sheet.PARCHMENT))
                        .on(new Bed(List.of(Vegetable.LEEK), 12))
                        .lyingIn(new Pour(Pour.Liquid.CIDER, OptionalDouble.of(40), OPEN, false)),
                OvenKind.FAN,
                195,
                14,
                30));
        Dress withSpears =
                Dress.open(Finish.OILED).beside(List.of(new Side(Vegetable.ASPARAGUS, 5, 70, Side.USUAL_SPLASH_ML)));
        jobs.add(usually(
                "sticks of three sizes, asparagus for the last five minutes: thin",
                piece(Species.HAKE, Cut.STRIP, 15, 35),
                withSpears,
                OvenKind.FAN,
                210,
                5,
                12));
        jobs.add(usually(
                "the same: thick", piece(Species.HAKE, Cut.STRIP, 25, 60), withSpears, OvenKind.FAN, 210, 5, 16));
        jobs.add(usually(
                "the same: from frozen",
                frozen(Species.HAKE, Cut.STRIP, 20, 45),
                withSpears,
                OvenKind.FAN,
                210,
                8,
                25));
        Piece cold = Piece.from(
                Species.SALMON,
                Cut.SIDE,
                OptionalDouble.of(30),
                OptionalDouble.of(1000),
                OPEN,
                OPEN,
                OptionalDouble.of(Piece.FRIDGE_C),
                false);
        jobs.add(usually(
                "a side made ahead, topped, from the fridge",
                cold,
                Dress.under(new Topping(Mix.CRUMB, When.BEFORE, 6, Kept.FRIDGE)),
                OvenKind.STILL,
                190,
                20,
                45));
        Dress eye = Dress.in(new SaltCrust(SaltCrust.Damping.WHITE_PASTE, 5, Salt.COARSE, EggSize.MEDIUM, false, true));
        Piece bream = piece(Species.SEA_BREAM, Cut.WHOLE, 0, 1100);
        jobs.add(new Job(
                "salt with the eye left free, in a wood oven with its fire kept",
                bream,
                eye,
                OvenKind.WOOD,
                Cooling.KEPT,
                new Programme(220, OPEN, 10),
                15,
                45));
        Dress opened = Dress.in(new Parcel(Sheet.FOIL, Parcel.Fold.SEAM_UP, false, true))
                .spread(List.of(new Topping(Mix.BUTTER, When.BEFORE, 3), new Topping(Mix.CITRUS, When.BEFORE, 7)));
        jobs.add(usually(
                "a parcel with butter and citrus on the fish, opened for colour at the end",
                piece(Species.HALIBUT, Cut.PORTION, 28, 180),
                opened,
                OvenKind.STILL,
                210,
                15,
                32));
        jobs.add(job(
                "butter on when the middle is at 40°, then until done",
                piece(Species.COD, Cut.PORTION, 30, 190),
                Dress.under(new Topping(Mix.BUTTER, When.PART_WAY, 3)),
                OvenKind.STILL,
                of(Bake.until(200, 40), new Add(What.TOPPING), new Bake(200, OPEN), new Grill(2), new Rest(3)),
                10,
                25));
        return jobs;
    }

    static Stream<Arguments> all() {
        return jobs().stream().map(job -> arguments(job));
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachTakesWhatACookWouldBelieve(Job job) {
        Estimate estimate = job.reckoned();
        assertThat(estimate.bakeMinutes()).isBetween(job.from(), job.to());
        assertThat(estimate.peakC()).isBetween(Doneness.JUST_OPAQUE.peakC(), 95.0);
    }

    /** What stands in docs/jobs.md is what is reckoned today; the new table lies in core/target. */
    @Test
    void theTableIsTodays() throws IOException {
        StringBuilder table =
                new StringBuilder("| dish | in the oven | check from | to | peaks at |\n|---|---|---|---|---|\n");
        for (Job job : jobs()) {
            Estimate e = job.reckoned();
            table.append(String.format(
                    Locale.ROOT,
                    "| %s | %.0f min | %s | %s | %.0f °C |%n",
                    job.said(),
                    e.bakeMinutes(),
                    e.window().map(w -> "%.0f".formatted(w.checkFromMin())).orElse("–"),
                    e.window().map(w -> "%.0f".formatted(w.noLaterThanMin())).orElse("–"),
                    e.peakC()));
        }
        Files.writeString(WRITTEN, table);
        assertThat(Files.readString(TABLE)).contains(table);
    }
}
