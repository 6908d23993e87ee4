package olla.core.runsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

class CourseDrawsTest {

    /** Of one dish it is the newsvendor's expected loss, which has a closed form (Silver, Pyke and Thomas, appendix, from memory). */
    @Property(tries = 50)
    void oneDishIsLateByTheNormalLoss(
            @ForAll @DoubleRange(min = -6, max = 6) double ready, @ForAll @DoubleRange(min = 0.5, max = 5) double sd) {
        CourseDraws course = new CourseDraws(1, 0, 0);
        course.add(0, CourseDraws.outs(0, ready, sd, Double.NEGATIVE_INFINITY), 0);
        NormalDistribution normal = new NormalDistribution();
        double z = -ready / sd;
        double loss = sd * (normal.density(z) - z * normal.cumulativeProbability(-z));
        assertThat(course.lateMin()).isCloseTo(loss, within(0.03 * sd));
        // What is not late waits: the two differ by the mean.
        assertThat(course.lateMin() - course.waitsBeyondMin(0, 0)).isCloseTo(ready, within(1e-6));
    }

    @Test
    void theMoreHaveToBeReadyTheLaterItGets() {
        double last = -1;
        for (int dishes = 1; dishes <= 6; dishes++) {
            CourseDraws course = new CourseDraws(6, 0, 0);
            for (int i = 0; i < dishes; i++) {
                course.add(i, CourseDraws.outs(i, -2, 3, Double.NEGATIVE_INFINITY), 0);
            }
            assertThat(course.lateMin()).isGreaterThan(last);
            last = course.lateMin();
        }
        // The mean of the greatest of six normal draws is 1.267 standard deviations (tables of order statistics, from
        // memory).
        CourseDraws six = new CourseDraws(6, -100, -100);
        for (int i = 0; i < 6; i++) {
            six.add(i, CourseDraws.outs(i, 0, 1, Double.NEGATIVE_INFINITY), 0);
        }
        assertThat(six.lateMin() - 100).isCloseTo(1.267, within(0.12));
    }

    @Test
    void whatIsOutHoldsUpNobodyAndWaitsForTheRest() {
        CourseDraws course = new CourseDraws(2, 0, 0);
        course.add(0, CourseDraws.outs(0, -4, 0, -4), 0);
        assertThat(course.lateMin()).isZero();
        assertThat(course.waitsBeyondMin(0, 1)).isCloseTo(3, within(1e-9));
        course.add(1, CourseDraws.outs(1, 5, 0, 5), 0);
        assertThat(course.lateMin()).isCloseTo(5, within(1e-9));
        assertThat(course.waitsBeyondMin(0, 1)).isCloseTo(8, within(1e-9));
        assertThat(course.waitsBeyondMin(1, 0)).isZero();
    }

    @Test
    void nothingIsReadyBeforeItCanBeAndNothingPlatedBefore() {
        CourseDraws course = new CourseDraws(1, 0, 2);
        course.add(0, CourseDraws.outs(0, -10, 3, 4), 0);
        assertThat(course.lateMin()).isCloseTo(4, within(1e-9));
        assertThat(new CourseDraws(1, 0, 2).lateMin()).isCloseTo(2, within(1e-9));
    }
}
