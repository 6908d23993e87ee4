package olla.bench;

import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.Pour;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Side;
import olla.core.dress.Topping;
import olla.core.dress.Vegetable;
import olla.core.estimate.Estimate;
import olla.core.estimate.Estimator;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.uncertainty.OvenCalibration;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A whole answer as the bench asks for it: solved length, course, pictures, and the window's seven coarse solves. */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
@Fork(1)
public class EstimateBenchmark {

    /** What is asked. */
    public enum Question {
        PORTION_ON_A_TRAY(Species.HAKE, Cut.PORTION, 160, Dress.open(), 230, false),
        PORTION_FROM_FROZEN(Species.HAKE, Cut.PORTION, 160, Dress.open(), 230, true),
        WHOLE_FISH_IN_FOIL(Species.SEA_BREAM, Cut.WHOLE, 1500, Dress.in(new Parcel(Sheet.FOIL)), 200, false),
        WHOLE_FISH_IN_SALT(
                Species.SEA_BREAM, Cut.WHOLE, 1500, Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)), 210, false),
        TOPPED_THEN_GRILLED(
                Species.HAKE,
                Cut.PORTION,
                160,
                Dress.under(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 5)),
                200,
                false),
        ON_A_BASE_OF_POTATO(
                Species.HAKE,
                Cut.PORTION,
                160,
                Dress.onto(new Bed(List.of(Vegetable.POTATO), 20), Side.of(Vegetable.TOMATO)),
                200,
                false),
        SIX_LAYERS(
                Species.HAKE,
                Cut.PORTION,
                160,
                Dress.under(
                                new Topping(Mix.PASTE, Topping.When.BEFORE, 4),
                                new Topping(Mix.COOKED, Topping.When.BEFORE, 5),
                                new Topping(Mix.CRUMB, Topping.When.AFTER, 3))
                        .on(new Bed(List.of(Vegetable.SPINACH, Vegetable.CITRUS), 12))
                        .lyingIn(new Pour(Pour.Liquid.STOCK, OptionalDouble.of(150), OptionalDouble.empty(), false))
                        .standingIn(Vessel.of(Ware.STONEWARE)),
                200,
                false);

        private final Piece piece;
        private final Dress dress;
        private final double tempC;

        Question(Species species, Cut cut, double massG, Dress dress, double tempC, boolean frozen) {
            OptionalDouble open = OptionalDouble.empty();
            this.piece = Piece.from(species, cut, open, OptionalDouble.of(massG), open, open, open, frozen);
            this.dress = dress;
            this.tempC = tempC;
        }

        /** The answer, with the dress's usual programme. */
        Estimate estimate() {
            Programme programme = Estimator.usual(
                    piece, dress, OvenModel.trusted(OvenKind.STILL), Doneness.FLAKES, tempC, dress.usualRestMinutes());
            return Estimator.estimate(
                    piece, dress, OvenKind.STILL, OvenCalibration.UNCHECKED, programme, Doneness.FLAKES);
        }
    }

    @Param
    private Question question;

    /** With the programme that the dress usually has: for a topping that goes on part-way, the longest there is. */
    @Benchmark
    public Estimate estimate() {
        return question.estimate();
    }
}
