package olla.bench;

import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.SaltCrust;
import olla.core.dress.UsualProgramme;
import olla.core.estimate.Estimator;
import olla.core.estimate.OvenRecord;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.Observation;
import olla.core.uncertainty.OvenCalibration;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The window of 256 members with its doubts and rules of thumb (wanted: under 300 ms for a portion, 800 ms for a whole fish in
 * salt) and a probe's reading taken in (wanted: under 5 ms), one thread.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 6, time = 2)
@Fork(value = 1, jvmArgsAppend = "-Djava.util.concurrent.ForkJoinPool.common.parallelism=0")
public class EnsembleBenchmark {

    /** What is asked. */
    public enum Question {
        PORTION_ON_A_TRAY(Species.HAKE, Cut.PORTION, 160, Dress.open(), 230),
        WHOLE_FISH_IN_SALT(
                Species.SEA_BREAM, Cut.WHOLE, 1500, Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)), 210);

        private final Piece piece;
        private final Dress dress;
        private final Programme programme;

        Question(Species species, Cut cut, double massG, Dress dress, double tempC) {
            OptionalDouble open = OptionalDouble.empty();
            this.piece = Piece.from(species, cut, open, OptionalDouble.of(massG), open, open, open, false);
            this.dress = dress;
            this.programme = UsualProgramme.programme(dress, tempC, dress.usualRestMinutes());
        }
    }

    private static final long SEED = 1;

    @Param
    private Question question;

    private Ensemble watched;
    private Observation reading;

    @Setup
    public void prepare() {
        watched = Estimator.watched(
                        question.piece,
                        question.dress,
                        OvenKind.STILL,
                        OvenCalibration.UNCHECKED,
                        OvenEvents.NONE,
                        question.programme,
                        Doneness.FLAKES,
                        SEED)
                .orElseThrow();
        reading = new Observation.Probe(watched.window().likelyMin() / 2, 25);
    }

    @Benchmark
    public CheckWindow window() {
        return Estimator.certainty(
                        question.piece,
                        question.dress,
                        OvenKind.STILL,
                        OvenCalibration.UNCHECKED,
                        question.programme,
                        Doneness.FLAKES,
                        OvenRecord.NONE,
                        SEED)
                .orElseThrow()
                .window();
    }

    @Benchmark
    public CheckWindow readingTakenIn() {
        return watched.observe(reading).window();
    }
}
