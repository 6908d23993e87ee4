package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Bed;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.estimate.RuleOfThumb.Way;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Doubt;
import olla.core.uncertainty.Observation;
import olla.core.uncertainty.OvenCalibration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How sure the minutes are, and what the rules of thumb say. */
class CertaintyTest {

    private static final OvenCalibration KNOWN = new OvenCalibration(0, 3, 0, 0.06);

    private static Certainty of(
            Piece piece, Dress dress, OvenCalibration calibration, double tempC, OvenRecord log, long seed) {
        Programme programme = UsualProgramme.programme(dress, tempC, dress.usualRestMinutes());
        return Estimator.certainty(piece, dress, OvenKind.STILL, calibration, programme, Doneness.FLAKES, log, seed)
                .orElseThrow();
    }

    private static Certainty hake(double mm) {
        return of(Bakes.hake().thick(mm).piece(), Dress.open(), OvenCalibration.UNCHECKED, 230, OvenRecord.NONE, 1);
    }

    private static Piece weighed(Species species, Cut cut, double grams) {
        OptionalDouble open = OptionalDouble.empty();
        return Piece.from(species, cut, open, OptionalDouble.of(grams), open, open, open, false);
    }

    private static RuleOfThumb school(Certainty certainty, Way way) {
        return certainty.rulesOfThumb().stream()
                .filter(s -> s.way() == way)
                .findFirst()
                .orElseThrow();
    }

    /** Members that would need longer than the longest bake are held to it, whatever stages of given length come after. */
    @Test
    void aToppingInACoolOvenToTheOfficialMinimumIsSureOfItsMinutes() {
        Dress topping = Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, Topping.USUAL_DEPTH_MM));
        Piece thick = Bakes.hake().thick(60).piece();
        for (double dial : new double[] {90, 95, 100, 110}) {
            Programme programme = UsualProgramme.programme(topping, dial, 3);
            Estimator.certainty(
                            thick,
                            topping,
                            OvenKind.STILL,
                            OvenCalibration.UNCHECKED,
                            programme,
                            Doneness.OFFICIAL,
                            OvenRecord.NONE,
                            1)
                    .ifPresent(certainty ->
                            assertThat(certainty.window().checkFromMin()).isPositive());
            Estimator.watched(
                            thick,
                            topping,
                            OvenKind.STILL,
                            OvenCalibration.UNCHECKED,
                            new OvenEvents(List.of(new OvenEvent.DialTurned(5, 90))),
                            programme,
                            Doneness.OFFICIAL,
                            1)
                    .ifPresent(ensemble -> assertThat(ensemble.observe(new Observation.Probe(900, 60))
                                    .window()
                                    .likelyMin())
                            .isPositive());
        }
    }

    @Test
    void theSameSeedGivesTheSameWindowAndAnotherHardlyAnother() {
        CheckWindow first = hake(25).window();
        assertThat(hake(25).window()).isEqualTo(first);
        CheckWindow other = of(Bakes.hake().piece(), Dress.open(), OvenCalibration.UNCHECKED, 230, OvenRecord.NONE, 99)
                .window();
        assertThat(other.checkFromMin()).isCloseTo(first.checkFromMin(), within(0.5));
        assertThat(other.noLaterThanMin()).isCloseTo(first.noLaterThanMin(), within(0.5));
    }

    /** Two hundred solved members against the first-order sum of squares: two ways to the same spread. */
    @Test
    void theMembersSpreadAsFirstOrderPropagationSays() {
        Estimate estimate = Bakes.hake().to(Doneness.FLAKES);
        CheckWindow quick = estimate.window().orElseThrow();
        CheckWindow members = hake(25).window();
        assertThat(members.likelyMin()).isCloseTo(quick.likelyMin(), within(0.05));
        assertThat(members.widthMin()).isCloseTo(quick.widthMin(), within(0.12 * quick.widthMin()));
    }

    @Test
    void whoKnowsTheOvenAndHasARulerKnowsTheTime() {
        Piece scale = weighed(Species.HAKE, Cut.PORTION, 160);
        Piece ruler = Bakes.hake().thick(scale.thicknessMm()).piece();
        double guess = of(scale, Dress.open(), OvenCalibration.UNCHECKED, 230, OvenRecord.NONE, 1)
                .window()
                .widthMin();
        double measured = of(ruler, Dress.open(), OvenCalibration.UNCHECKED, 230, OvenRecord.NONE, 1)
                .window()
                .widthMin();
        double both =
                of(ruler, Dress.open(), KNOWN, 230, OvenRecord.NONE, 1).window().widthMin();
        assertThat(measured).isLessThan(0.75 * guess);
        // What is left is the dish itself, for the most part: how far any reckoning is off.
        assertThat(both).isLessThan(0.95 * measured);
    }

    @Test
    void theWidestDoubtComesFirstWithItsRemedy() {
        Certainty certainty = of(
                weighed(Species.HAKE, Cut.PORTION, 160),
                Dress.open(),
                OvenCalibration.UNCHECKED,
                230,
                OvenRecord.NONE,
                1);
        List<Doubt> doubts = certainty.doubts();
        assertThat(doubts.get(0).about()).isEqualTo(Doubt.About.THICKNESS);
        assertThat(doubts.get(0).remedy()).hasToString("about.THICKNESS.remedy");
        assertThat(doubts.get(0).narrowsToMin()).isLessThan(certainty.window().widthMin());
        assertThat(doubts).isSortedAccordingTo((a, b) -> Double.compare(b.minutes(), a.minutes()));
        Doubt oven = doubts.stream()
                .filter(d -> d.about() == Doubt.About.OVEN)
                .findFirst()
                .orElseThrow();
        assertThat(oven.what().toString()).startsWith("about.OVEN{checked=false");
    }

    @Test
    void anOvenThatNeverGetsThereHasNoWindow() {
        Programme cool = new Programme(90, OptionalDouble.empty(), 4);
        Piece thick =
                Bakes.hake().of(Species.HALIBUT, Cut.STEAK).thick(60).frozen().piece();
        assertThat(Estimator.certainty(
                        thick,
                        Dress.in(new Parcel(Sheet.FOIL)).on(new Bed(List.of(Vegetable.POTATO), 25)),
                        OvenKind.STILL,
                        OvenCalibration.UNCHECKED,
                        cool,
                        Doneness.FIRM,
                        OvenRecord.NONE,
                        1))
                .isEmpty();
    }

    /** Canadian Department of Fisheries cookery rule (from memory): ten minutes an inch, five more in foil, double frozen. */
    @ParameterizedTest
    @CsvSource({
        "25.4,false,false,10",
        "12.7,false,false,5",
        "25.4,true,false,15",
        "25.4,false,true,20",
        "25.4,true,true,30"
    })
    void theThicknessRuleIsAsItIsTaught(double mm, boolean foil, boolean frozen, double minutes) {
        Bakes bake = Bakes.hake().thick(mm);
        Piece piece = (frozen ? bake.frozen() : bake).piece();
        Dress dress = foil ? Dress.in(new Parcel(Sheet.FOIL)) : Dress.open();
        RuleOfThumb rule =
                school(of(piece, dress, OvenCalibration.UNCHECKED, 230, OvenRecord.NONE, 1), Way.THICKNESS_RULE);
        assertThat(rule.span().orElseThrow().fromMin()).isCloseTo(minutes, within(1e-9));
        assertThat(rule.span().orElseThrow().toMin()).isCloseTo(minutes, within(1e-9));
    }

    @Test
    void theRuleAgreesAtAnInchAndIsTooShortForAThickPiece() {
        assertThat(school(hake(25), Way.THICKNESS_RULE).says().toString()).contains("rule.agrees");
        assertThat(school(hake(50), Way.THICKNESS_RULE).says().toString())
                .contains("rule.too-short{minutes=")
                .contains("thick=true");
    }

    /** Common practice, no source: 25 to 30 minutes a kilo in salt. */
    @Test
    void aFishInSaltIsReckonedByItsWeight() {
        Certainty salt = of(
                weighed(Species.SEA_BREAM, Cut.WHOLE, 1500),
                Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)),
                OvenCalibration.UNCHECKED,
                210,
                OvenRecord.NONE,
                1);
        assertThat(salt.rulesOfThumb())
                .extracting(RuleOfThumb::way)
                .doesNotContain(Way.THICKNESS_RULE, Way.MODERATE_OVEN);
        RuleOfThumb.Span span = school(salt, Way.WEIGHT_RULE).span().orElseThrow();
        assertThat(span.fromMin()).isCloseTo(37.5, within(1e-9));
        assertThat(span.toMin()).isCloseTo(45, within(1e-9));
        assertThat(span.toMin())
                .isBetween(salt.window().checkFromMin(), salt.window().noLaterThanMin());
    }

    @Test
    void theLogSpeaksOnceSomethingCameOutRight() {
        assertThat(school(hake(25), Way.OVEN_LOG).span()).isEmpty();
        Certainty certainty =
                of(Bakes.hake().piece(), Dress.open(), OvenCalibration.UNCHECKED, 230, new OvenRecord(4, 0.9), 1);
        RuleOfThumb log = school(certainty, Way.OVEN_LOG);
        assertThat(log.span().orElseThrow().fromMin())
                .isCloseTo(0.9 * certainty.window().likelyMin(), within(1e-9));
        assertThat(log.says().values()).containsEntry("bakes", 4).containsEntry("percent", 90L);
    }

    @Test
    void anotherDialIsSaidBesideARuleMadeForOne() {
        Certainty cool = of(Bakes.hake().piece(), Dress.open(), OvenCalibration.UNCHECKED, 180, OvenRecord.NONE, 1);
        assertThat(school(cool, Way.THICKNESS_RULE).says().toString()).contains("rule.your-dial{dial=180 DIAL}");
        assertThat(school(cool, Way.MODERATE_OVEN).says().toString()).doesNotContain("rule.your-dial");
    }
}
