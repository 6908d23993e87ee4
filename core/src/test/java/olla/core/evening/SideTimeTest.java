package olla.core.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import olla.core.dress.Vegetable;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.OvenEvidence;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How long a side takes once somebody has looked, and what that tells of its oven. */
class SideTimeTest {

    private static final double NEVER = Double.NEGATIVE_INFINITY;
    private static final double STILL_IN = Double.POSITIVE_INFINITY;
    private static final SideDish POTATOES =
            new SideDish("potatoes", "Potatoes", 0, SideDish.Where.OVEN, 10, 45, 200, 20, 1, 2, 25, 0);

    private static SideInOven potatoes(EveningOven oven, double from, double until) {
        return SideInOven.at(POTATOES, oven, 200).notYet(from).out(until);
    }

    private static EveningOven oven(double offsetC, double doubtC) {
        return new EveningOven(
                "1",
                "The oven",
                OvenKind.STILL,
                new OvenCalibration(offsetC, doubtC, 0, 0.15),
                2,
                Optional.empty(),
                OptionalDouble.empty());
    }

    /* Published: the upper half of a standard normal distribution has the mean sqrt(2/pi) and the variance 1 - 2/pi. */
    @Test
    void notDoneWhenItWasLikelyLeavesTheUpperHalf() {
        SideTime after = new SideTime(40, 5).between(40, STILL_IN);
        assertThat(after.minutes()).isCloseTo(40 + 5 * Math.sqrt(2 / Math.PI), within(1e-9));
        assertThat(after.sdMin()).isCloseTo(5 * Math.sqrt(1 - 2 / Math.PI), within(1e-9));
    }

    /** Against what is left of the density, integrated by Gauss and Legendre (Hipparchus). */
    @ParameterizedTest
    @CsvSource({"30, 200", "44, 200", "52, 200", "-200, 38", "41, 47", "36, 39"})
    void whatIsLeftIsAsIfIntegrated(double from, double until) {
        NormalDistribution before = new NormalDistribution(40, 5);
        double low = Math.max(from, 0);
        double high = Math.min(until, 80);
        DoubleUnaryOperator all = before::density;
        double mass = integral(all, low, high);
        double mean = integral(m -> m * before.density(m), low, high) / mass;
        double square = integral(m -> m * m * before.density(m), low, high) / mass;
        SideTime after = new SideTime(40, 5).between(from, until);
        assertThat(after.minutes()).isCloseTo(mean, within(1e-6));
        assertThat(after.sdMin()).isCloseTo(Math.sqrt(square - mean * mean), within(1e-6));
    }

    private static double integral(DoubleUnaryOperator of, double from, double to) {
        GaussIntegrator points = new GaussIntegratorFactory().legendre(200, from, to);
        return points.integrate(of::applyAsDouble);
    }

    @Test
    void nobodyHasLookedAndNothingChanges() {
        assertThat(new SideTime(40, 5).between(NEVER, STILL_IN)).isEqualTo(new SideTime(40, 5));
    }

    /** However late: it is never done this very moment, and each look leaves less. */
    @Test
    void whatIsNotDoneIsDoneLater() {
        double left = 100;
        for (double looked = 20; looked < 100; looked += 2) {
            SideTime after = new SideTime(40, 5).between(looked, STILL_IN);
            assertThat(after.minutes()).isGreaterThan(looked + 0.5);
            assertThat(after.sdMin()).isBetween(0.5, 5.0);
            assertThat(after.minutes() - looked).isLessThanOrEqualTo(left + 1e-9);
            left = after.minutes() - looked;
        }
    }

    /** What it tells against both unknowns gone through point by point: the oven's error, and how far what was said is out. */
    @ParameterizedTest
    @CsvSource({"46, 1000", "55, 1000", "-1000, 40", "45, 52"})
    void anOvenIsAsTheSideSaysWhereBothAreGoneThrough(double from, double until) {
        EveningOven oven = oven(-3, 10);
        double minutes = POTATOES.minutesIn(oven, 200);
        double perKelvin = minutes * (1 - Vegetable.slower(1, 0));
        NormalDistribution error = new NormalDistribution(-3, 10);
        NormalDistribution said = new NormalDistribution(0, 0.15 * minutes);
        double mass = 0;
        double first = 0;
        double second = 0;
        for (double offset = -63; offset <= 57; offset += 0.05) {
            double likely = minutes + perKelvin * (offset + 3);
            double weight = error.density(offset) * said.probability(from - likely, until - likely);
            mass += weight;
            first += weight * offset;
            second += weight * offset * offset;
        }
        OvenEvidence told = potatoes(oven, from, until).tells();
        OvenCalibration after = told.after(oven.calibration());
        double mean = first / mass;
        assertThat(after.offsetC()).isCloseTo(mean, within(0.01));
        assertThat(after.offsetDoubtC()).isCloseTo(Math.sqrt(second / mass - mean * mean), within(0.01));
    }

    @Test
    void slowIsCoolAndQuickIsHotAndUnseenTellsNothing() {
        EveningOven oven = oven(0, 10);
        assertThat(potatoes(oven, 55, STILL_IN)
                        .tells()
                        .after(oven.calibration())
                        .offsetC())
                .isBetween(-11.0, -9.0);
        assertThat(potatoes(oven, NEVER, 36).tells().after(oven.calibration()).offsetC())
                .isGreaterThan(5);
        assertThat(potatoes(oven, NEVER, STILL_IN).tells().none()).isTrue();
        assertThat(potatoes(oven, NEVER, 90).tells().none())
                .as("taken out long after it was done")
                .isTrue();
    }

    /** Twenty minutes at the dial that was said, the rest sixty degrees cooler: there it takes twice as long. */
    @Test
    void aDialThatIsTurnedDownMakesTheRestLonger() {
        SideInOven in = SideInOven.at(POTATOES, oven(0, 10), 200);
        SideInOven turned = in.turned(20, 140);
        assertThat(turned.time().minutes()).isCloseTo(20 + 2 * 25, within(1e-9));
        assertThat(turned.dialNowC()).isEqualTo(140);
        assertThat(turned.turned(40, 200).time().minutes()).isCloseTo(40 + 15, within(1e-9));
        assertThat(in.turned(-5, 140)).as("before it went in").isEqualTo(in);
        assertThat(in.out(44).turned(50, 140)).as("after it was out").isEqualTo(in.out(44));
        assertThat(in.turned(60, 140).time().minutes()).as("done before").isCloseTo(45, within(1e-9));
    }
}
