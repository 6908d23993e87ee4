package olla.core.uncertainty;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import olla.core.oven.OvenKind;
import olla.core.oven.Shelf;
import olla.core.oven.Spot;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

/** What bakes tell of an oven. The reference multiplies the densities of a general library (Hipparchus) point by point. */
class OvenEvidenceTest {

    private static final double STEP = 0.02;

    /* Mean and standard deviation of the product of two normal densities, summed up on a grid. */
    private static double[] multiplied(double mean, double sd, double otherMean, double otherSd) {
        NormalDistribution one = new NormalDistribution(mean, sd);
        NormalDistribution other = new NormalDistribution(otherMean, otherSd);
        double sum = 0;
        double first = 0;
        double second = 0;
        for (double x = -150; x <= 150; x += STEP) {
            double density = one.density(x) * other.density(x);
            sum += density;
            first += x * density;
            second += x * x * density;
        }
        return new double[] {first / sum, Math.sqrt(second / sum - first * first / sum / sum)};
    }

    @Property(tries = 100)
    void whatIsToldIsMultipliedIn(
            @ForAll @DoubleRange(min = -15, max = 15) double before,
            @ForAll @DoubleRange(min = 4, max = 12) double doubt,
            @ForAll @DoubleRange(min = -25, max = 25) double told,
            @ForAll @DoubleRange(min = 3, max = 12) double toldSd) {
        OvenCalibration believed = new OvenCalibration(before, doubt, 0, 0.12);
        OvenCalibration after =
                Tellings.normal(told, toldSd, 0, Double.POSITIVE_INFINITY).after(believed);
        double[] reference = multiplied(before, doubt, told, toldSd);
        assertThat(after.offsetC()).isCloseTo(reference[0], within(0.01));
        assertThat(after.offsetDoubtC()).isCloseTo(Math.max(2, reference[1]), within(0.01));
        assertThat(after.logFilm()).isZero();
        assertThat(after.logFilmDoubt()).isCloseTo(0.12, within(1e-9));
    }

    /** Told to whoever believes the same, it comes to what was learned; but for the oven's swing, and in small steps. */
    @Property(tries = 100)
    void whatWasLearnedIsTakenOutAgain(
            @ForAll @DoubleRange(min = -10, max = 10) double before,
            @ForAll @DoubleRange(min = 10, max = 15) double doubt,
            @ForAll @DoubleRange(min = -1.5, max = 1.5) double offset,
            @ForAll @DoubleRange(min = -1.5, max = 1.5) double film,
            @ForAll @DoubleRange(min = 0.2, max = 0.6) double left,
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double both) {
        OvenCalibration believed = new OvenCalibration(before, doubt, 0.02, 0.2);
        double[] variance = {left, both * left, left};
        OvenCalibration again =
                OvenEvidence.of(believed, new double[] {offset, film}, variance).after(believed);
        double swings = 2 / doubt;
        assertThat(again.offsetC()).isCloseTo(before + offset * doubt, within(0.04 * doubt));
        assertThat(again.offsetDoubtC()).isCloseTo(doubt * Math.sqrt(left + swings * swings), within(0.04 * doubt));
        assertThat(again.logFilm()).isCloseTo(0.02 + film * 0.2, within(0.04 * 0.2));
    }

    /** One fish tells of error and film together: that sum is known then, and neither of the two. */
    @Test
    void whatIsToldOfBothIsNotTakenForEither() {
        OvenCalibration believed = new OvenCalibration(0, 10, 0, 0.2);
        OvenEvidence slow = OvenEvidence.of(believed, new double[] {-0.7, -0.7}, new double[] {0.55, -0.45, 0.55});
        OvenCalibration after = slow.after(believed);
        assertThat(after.offsetC()).isCloseTo(-7, within(0.3));
        assertThat(after.logFilm()).isCloseTo(-0.14, within(0.006));
        // Along the sum it falls steeply to either side of what was told, across it hardly at all.
        double there = slow.logDensity(-7, -0.14);
        assertThat(slow.logDensity(0, -0.28)).isCloseTo(there, within(0.2));
        assertThat(there - slow.logDensity(0, 0)).isGreaterThan(2);
    }

    @Property(tries = 50)
    void itDoesNotMatterWhoTellsFirst(
            @ForAll @DoubleRange(min = -20, max = 20) double one,
            @ForAll @DoubleRange(min = 3, max = 20) double oneSd,
            @ForAll @DoubleRange(min = -20, max = 20) double other,
            @ForAll @DoubleRange(min = 3, max = 20) double otherSd) {
        OvenEvidence first = Tellings.normal(one, oneSd, 0.1, 0.2);
        OvenEvidence second = Tellings.normal(other, otherSd, -0.1, 0.1);
        OvenCalibration believed = OvenCalibration.UNCHECKED;
        OvenCalibration both = first.and(second).after(believed);
        OvenCalibration turned = second.and(first).after(believed);
        assertThat(both.offsetC()).isCloseTo(turned.offsetC(), within(1e-9));
        assertThat(both.offsetDoubtC())
                .isCloseTo(turned.offsetDoubtC(), within(1e-9))
                .isLessThanOrEqualTo(first.after(believed).offsetDoubtC());
        // One after the other as well.
        assertThat(second.after(first.after(believed)).logFilm()).isCloseTo(both.logFilm(), within(1e-9));
    }

    @Test
    void nothingIsToldByWhatWasNotLearned() {
        OvenCalibration believed = OvenCalibration.UNCHECKED;
        double[] nowhere = {0, 0};
        assertThat(OvenEvidence.of(believed, nowhere, new double[] {1, 0, 1})).isEqualTo(OvenEvidence.NONE);
        // As much as the draws of members that nobody has observed are off by chance.
        assertThat(OvenEvidence.of(believed, nowhere, new double[] {0.95, 0.04, 1.03}))
                .isEqualTo(OvenEvidence.NONE);
        assertThat(OvenEvidence.NONE.after(believed).offsetC()).isZero();
        assertThat(OvenEvidence.NONE.after(believed).offsetDoubtC()).isCloseTo(believed.offsetDoubtC(), within(1e-9));
        assertThat(OvenEvidence.NONE.and(OvenEvidence.NONE).none()).isTrue();
        // Less sure than before: a surprise, and nothing that anybody else could build upon.
        assertThat(OvenEvidence.of(believed, new double[] {0.5, 0}, new double[] {1.2, 0, 1})
                        .none())
                .isTrue();
    }

    /** The logarithm of two normal densities, but for a constant, as a general library has them (Hipparchus). */
    @Property(tries = 50)
    void itsDensityIsThatOfWhatWasTold(
            @ForAll @DoubleRange(min = -25, max = 25) double offset,
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double film) {
        OvenEvidence told = Tellings.normal(10, 5, 0.1, 0.2);
        NormalDistribution offsets = new NormalDistribution(10, 5);
        NormalDistribution films = new NormalDistribution(0.1, 0.2);

        assertThat(told.logDensity(offset, film) - told.logDensity(0, 0))
                .isCloseTo(
                        offsets.logDensity(offset)
                                - offsets.logDensity(0)
                                + films.logDensity(film)
                                - films.logDensity(0),
                        within(1e-9));
        assertThat(told.none()).isFalse();
    }

    @Test
    void whatChangesNoMinuteIsNotSaid() {
        OvenEvidence little = Tellings.normal(3, 6, 0, Double.POSITIVE_INFINITY);
        OvenEvidence much = Tellings.normal(-20, 6, 0, Double.POSITIVE_INFINITY);
        assertThat(little.words(new OvenCalibration(0, 8, 0, 0.1))).isEmpty();
        assertThat(much.words(OvenCalibration.UNCHECKED).orElseThrow().toString())
                .startsWith("oven.cool");
    }

    /** However much is told, an oven's thermostat goes on swinging. */
    @Test
    void nobodyGetsSurerThanAnOvenLets() {
        OvenEvidence all = OvenEvidence.NONE;
        for (int i = 0; i < 40; i++) {
            all = all.and(Tellings.normal(10, 4, 0.05, 0.1));
        }
        OvenCalibration after = all.after(OvenCalibration.UNCHECKED);
        assertThat(after.offsetDoubtC()).isEqualTo(2);
        assertThat(after.logFilmDoubt()).isEqualTo(0.04);
        // An oven that was measured better than that stays so.
        assertThat(all.after(new OvenCalibration(10, 0.5, 0.05, 0.01)).offsetDoubtC())
                .isLessThanOrEqualTo(0.5);
    }

    /* The density of an oven's error and film by what is told of a spot in it, summed up over all that the spot may be. */
    private static double summed(OvenEvidence told, Spot spot, double offsetC, double film) {
        NormalDistribution warmer = new NormalDistribution(spot.warmerK(), spot.doubtK());
        double sum = 0;
        for (double k = -12 * spot.doubtK(); k <= 12 * spot.doubtK(); k += STEP) {
            double here = spot.warmerK() + k;
            sum += STEP * warmer.density(here) * Math.exp(told.logDensity(offsetC + here, film));
        }
        return Math.log(sum);
    }

    @Property(tries = 60)
    void whatASpotTellsIsOfItsOvenAsFarAsItIsNotOfTheSpot(
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double hOffset,
            @ForAll @DoubleRange(min = -3, max = 3) double hFilm,
            @ForAll @DoubleRange(min = 0.01, max = 0.05) double pOffset,
            @ForAll @DoubleRange(min = -0.9, max = 0.9) double both,
            @ForAll @DoubleRange(min = -8, max = 8) double warmerK,
            @ForAll @DoubleRange(min = 1, max = 6) double doubtK) {
        double pFilm = 30;
        OvenEvidence told = new OvenEvidence(hOffset, hFilm, pOffset, both * Math.sqrt(pOffset * pFilm), pFilm);
        Spot spot = new Spot(warmerK, doubtK);
        OvenEvidence found = told.from(spot);
        double at = found.logDensity(0, 0) - summed(told, spot, 0, 0);
        for (double[] oven : new double[][] {{5, 0}, {-7, 0.1}, {3, -0.2}, {0, 0.2}}) {
            assertThat(found.logDensity(oven[0], oven[1]) - summed(told, spot, oven[0], oven[1]))
                    .isCloseTo(at, within(1e-6));
        }
        // A spot is known of by its oven just as an oven is by a spot, the other way up.
        assertThat(told.at(spot)).isEqualTo(told.from(new Spot(-warmerK, doubtK)));
    }

    /** By what it told: the same as by what was believed after it where it stood. */
    @Property(tries = 60)
    void itIsLearnedAsItIsTold(
            @ForAll @DoubleRange(min = -10, max = 10) double before,
            @ForAll @DoubleRange(min = 5, max = 12) double doubt,
            @ForAll @DoubleRange(min = -15, max = 15) double told,
            @ForAll @DoubleRange(min = 3, max = 12) double toldSd,
            @ForAll Shelf shelf) {
        Spot spot = shelf.in(OvenKind.STILL);
        OvenCalibration believed = new OvenCalibration(before, doubt, 0.05, 0.12);
        OvenEvidence evidence = Tellings.normal(told, toldSd, 0, Double.POSITIVE_INFINITY);
        OvenCalibration there = evidence.after(believed.at(spot));
        OvenCalibration learned = believed.learned(spot, there);
        OvenCalibration reference = evidence.from(spot).after(believed);
        assertThat(learned.offsetC()).isCloseTo(reference.offsetC(), within(1e-9));
        assertThat(learned.offsetDoubtC()).isCloseTo(reference.offsetDoubtC(), within(1e-9));
        assertThat(learned.logFilm()).isCloseTo(reference.logFilm(), within(1e-9));
        assertThat(learned.offsetDoubtC()).isLessThanOrEqualTo(doubt);
    }

    @Test
    void inTheMiddleNothingIsMoved() {
        OvenEvidence told = new OvenEvidence(0.1, 1, 0.01, 0.05, 20);
        assertThat(told.at(Spot.MIDDLE)).isEqualTo(told);
        assertThat(told.from(Spot.MIDDLE)).isEqualTo(told);
        assertThat(OvenEvidence.NONE.from(Shelf.UPPER.in(OvenKind.STILL)).none())
                .isTrue();
    }
}
