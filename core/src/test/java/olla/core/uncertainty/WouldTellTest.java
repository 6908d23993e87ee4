package olla.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import org.junit.jupiter.api.Test;

/** What is expected of a test bake, against what comes of one that is really observed. */
class WouldTellTest {

    private static final double DIAL_C = 200;

    private static Ensemble members() {
        OptionalDouble usual = OptionalDouble.empty();
        Piece piece = Piece.from(
                Species.HAKE, Cut.PORTION, OptionalDouble.of(25), OptionalDouble.of(180), usual, usual, usual, false);
        Dress dress = Dress.in(new Parcel(Sheet.PARCHMENT));
        Programme programme = new Programme(DIAL_C, usual, dress.usualRestMinutes());
        BakeSpec dish = new BakeSpec(
                piece, dress, OvenKind.STILL, OvenCalibration.UNCHECKED, programme, Doneness.FLAKES.peakC());
        double likely = new CoarseSolve(dish).minutes(15);
        return Ensemble.of(dish, likely, 0, true, 1);
    }

    /* A probe that stays in reads along the way that one in ten, one in two, nine in ten of them go, and the table finds it right. */
    private static double meanDoubt(Ensemble members, Function<OvenCalibration, Double> doubt) {
        TemperatureSpread ways = members.spread();
        double sum = 0;
        List<double[]> read = List.of(ways.lowC(), ways.middleC(), ways.highC());
        for (double[] way : read) {
            Ensemble after = members;
            List<Observation.Probe> earlier = new ArrayList<>();
            double next = 2;
            for (int i = 0; i < way.length; i++) {
                double minute = ways.minute()[i];
                if (minute >= next && minute < after.window().checkFromMin()) {
                    double celsius = way[i] + Observation.PROBE_WARM_K;
                    after = after.observe(new Observation.Tip(minute, celsius, earlier));
                    earlier.add(new Observation.Probe(minute, celsius));
                    next += 2;
                }
            }
            after = after.observe(new Observation.Outcome(after.window().likelyMin(), Observation.Verdict.RIGHT));
            sum += doubt.apply(after.learned());
        }
        return sum / read.size();
    }

    @Test
    void whatIsExpectedIsWhatComesOfIt() {
        Ensemble members = members();
        OvenLearning expected = members.wouldTell(Reads.LEFT_IN, false);
        assertThat(meanDoubt(members, OvenCalibration::offsetDoubtC))
                .isBetween(expected.offsetDoubtC() - 0.4, expected.offsetDoubtC() + 0.4);
        assertThat(meanDoubt(members, OvenCalibration::logFilmDoubt))
                .isBetween(expected.logFilmDoubt() - 0.005, expected.logFilmDoubt() + 0.005);
    }

    @Test
    void whatIsLearnedOfTheOvenNarrowsNoMoreThanTheOvensPart() {
        Ensemble members = members();
        double now = members.window().widthMin();
        double learned = members.widthMin(members.wouldTell(Reads.LEFT_IN, true));
        assertThat(learned).isBetween(0.7 * now, 0.99 * now);
    }
}
