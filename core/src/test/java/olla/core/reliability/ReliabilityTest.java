package olla.core.reliability;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import olla.core.messages.Message;
import olla.core.reliability.CameOut.Told;
import olla.core.reliability.Reliability.Point;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Observation.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReliabilityTest {

    private static final CheckWindow WINDOW = new CheckWindow(9, 11, 13);

    private static CameOut out(double minute, Verdict verdict) {
        return new CameOut(WINDOW, minute, verdict);
    }

    @ParameterizedTest
    @CsvSource({
        "RIGHT, 8.9, EARLIER",
        "RIGHT, 9, INSIDE",
        "RIGHT, 13, INSIDE",
        "RIGHT, 13.1, LATER",
        // Overdone at the minute from which to look: it was done before that. Overdone later: nobody knows since when.
        "OVER, 9, EARLIER",
        "OVER, 11, NOTHING",
        "OVER, 15, NOTHING",
        // Not done when it should have been out: it is done later. Taken out sooner: nobody knows.
        "UNDER, 13, LATER",
        "UNDER, 11, NOTHING",
        "UNDER, 5, NOTHING",
    })
    void aBakeTellsOnlyWhatItCanTell(Verdict verdict, double minute, Told told) {
        assertThat(out(minute, verdict).told()).isEqualTo(told);
        assertThat(out(minute, verdict).errorMin().isPresent()).isEqualTo(verdict == Verdict.RIGHT);
    }

    /** Published: Newcombe 1998, "Two-sided confidence intervals for the single proportion", table I, method 3 (from memory). */
    @ParameterizedTest
    @CsvSource({"81, 263, 0.2553, 0.3662", "15, 148, 0.0624, 0.1605", "0, 20, 0, 0.1611", "1, 29, 0.0061, 0.1718"})
    void aShareOfFewIsKnownNoBetterThanItCanBe(int some, int of, double least, double most) {
        Share share = Share.of(some, of);
        assertThat(share.least()).isCloseTo(least, within(5e-5));
        assertThat(share.most()).isCloseTo(most, within(5e-5));
        assertThat(share.share()).isEqualTo((double) some / of);
    }

    @Test
    void tooFewSayNothing() {
        Reliability none = Reliability.of(List.of());
        assertThat(none.held()).isEmpty();
        assertThat(none.error()).isEmpty();
        assertThat(none.points()).isEmpty();
        assertThat(none.words().key()).isEqualTo("taught.too-few");
        Reliability four = Reliability.of(Collections.nCopies(4, out(11, Verdict.RIGHT)));
        assertThat(four.words().key()).isEqualTo("taught.too-few");
        Reliability silent = Reliability.of(Collections.nCopies(40, out(11, Verdict.UNDER)));
        assertThat(silent.bakes()).isEqualTo(40);
        assertThat(silent.judged()).isZero();
        assertThat(silent.words().key()).isEqualTo("taught.too-few");
    }

    @Test
    void windowsThatHoldAreTheOnesThatArePromised() {
        assertThat(said(32, 4, 4)).isEqualTo("taught.as-promised");
        assertThat(said(20, 10, 10)).isEqualTo("taught.too-narrow");
        assertThat(said(60, 0, 0)).isEqualTo("taught.wider-than-needed");
        // Of five all inside: as likely as not where four of five are promised.
        assertThat(said(5, 0, 0)).isEqualTo("taught.as-promised");
    }

    private static String said(int inside, int before, int after) {
        List<CameOut> bakes = new ArrayList<>();
        bakes.addAll(Collections.nCopies(inside, out(11, Verdict.RIGHT)));
        bakes.addAll(Collections.nCopies(before, out(8, Verdict.RIGHT)));
        bakes.addAll(Collections.nCopies(after, out(14, Verdict.RIGHT)));
        String words = Reliability.of(bakes).words().toString();
        assertThat(words).startsWith("taught.held").contains("inside=" + inside);
        return words.replaceAll(".*how=([a-z.-]+).*", "$1");
    }

    @Test
    void theSideIsSaidOnlyWhereItIsNoChance() {
        assertThat(Reliability.of(List.of(out(12, Verdict.RIGHT), out(12.2, Verdict.RIGHT)))
                        .side())
                .isEqualTo(Message.NOTHING);
        List<CameOut> late = new ArrayList<>();
        List<CameOut> both = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            late.add(out(12 + 0.2 * i, Verdict.RIGHT));
            both.add(out(11 + (i % 2 == 0 ? 2 : -1.5), Verdict.RIGHT));
        }
        assertThat(Reliability.of(late).side().key()).isEqualTo("taught.later");
        assertThat(Reliability.of(late).error().orElseThrow().meanMin()).isCloseTo(1.5, within(1e-9));
        assertThat(Reliability.of(both).side().key()).isEqualTo("taught.no-side");
        // By hand: six that lie 1.75 off their mean.
        assertThat(Reliability.of(both).error().orElseThrow().standardErrorMin())
                .isCloseTo(Math.sqrt(6 * 1.75 * 1.75 / 5 / 6), within(1e-9));
        assertThat(Reliability.of(late).mean().key()).isEqualTo("taught.mean-later");
        assertThat(Reliability.of(both).mean().key()).isEqualTo("taught.as-likely");
        assertThat(Reliability.of(List.of()).mean()).isEqualTo(Message.NOTHING);
    }

    @Test
    void theErrorAsItWent() {
        assertThat(Reliability.running(List.of(out(9, Verdict.OVER), out(12, Verdict.RIGHT), out(10, Verdict.RIGHT))))
                .containsExactly(Double.NaN, 1, 0);
        List<CameOut> many = new ArrayList<>(Collections.nCopies(10, out(12, Verdict.RIGHT)));
        many.addAll(Collections.nCopies(10, out(9, Verdict.RIGHT)));
        double[] means = Reliability.running(many);
        assertThat(means[9]).isEqualTo(1);
        assertThat(means[14]).isCloseTo(-0.5, within(1e-12));
        assertThat(means[19]).isEqualTo(-2);
    }

    /** Where the times are as the windows say, as many are done by each percentile as it says, and the promise is found kept. */
    @Test
    void anHonestKitchenIsFoundHonest() {
        Random random = new Random(4);
        List<CameOut> bakes = new ArrayList<>();
        for (int i = 0; i < 2000; i++) {
            double likely = 6 + 30 * random.nextDouble();
            double spread = 0.05 + 0.2 * random.nextDouble();
            bakes.add(new CameOut(
                    CheckWindow.about(likely, spread, 0),
                    likely * Math.exp(spread * random.nextGaussian()),
                    Verdict.RIGHT));
        }
        Reliability found = Reliability.of(bakes);
        assertThat(found.held().orElseThrow().share()).isCloseTo(Reliability.PROMISED, within(0.02));
        for (Point point : found.points()) {
            assertThat(point.done().share()).isCloseTo(point.promised(), within(0.03));
            assertThat(point.done().least()).isLessThan(point.done().share());
        }
        assertThat(found.words().toString()).contains("taught.as-promised");
    }

    @ParameterizedTest
    @CsvSource({
        "2;9, looks.too-few",
        "3;2;2.5, looks.late",
        "-2;-1;-1.5, looks.early",
        "0.5;-0.5;1, looks.in-time",
    })
    void aHabitIsMoreThanTwoLooks(String later, String key) {
        double[] minutes = java.util.stream.Stream.of(later.split(";"))
                .mapToDouble(Double::parseDouble)
                .toArray();
        assertThat(FirstLooks.of(minutes).words().key()).isEqualTo(key);
    }
}
