package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.estimate.Alternatives.AtDial;
import olla.core.estimate.Alternatives.ToTarget;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Kept;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.fish.Stuffing;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same fish otherwise. */
class AlternativesTest {

    private static Alternatives of(Piece piece, Dress dress, double tempC, Doneness target) {
        Programme programme = UsualProgramme.programme(dress, tempC, 4);
        return Estimator.alternatives(piece, dress, OvenModel.trusted(OvenKind.STILL), programme, target);
    }

    private static Alternatives hake(Dress dress) {
        return of(Bakes.hake().piece(), dress, 230, Doneness.FLAKES);
    }

    /** Common practice, no source: crowded pieces take longer, thick ones most. A slab without sides is the most it can come to. */
    @Test
    void thickPiecesThatTouchTakeLonger() {
        Alternatives thick = of(Bakes.hake().thick(40).piece(), Dress.open(), 230, Doneness.FLAKES);
        Alternatives.Touching touching = thick.touching().orElseThrow();
        assertThat(touching.laterMin()).isBetween(1.0, 8.0);
        double alone = thick.targets().stream()
                .filter(t -> t.target() == Doneness.FLAKES)
                .findFirst()
                .orElseThrow()
                .minutes();
        assertThat(touching.minutes()).isCloseTo(alone + touching.laterMin(), within(1e-6));
        Alternatives thin = of(Bakes.hake().thick(15).piece(), Dress.open(), 230, Doneness.FLAKES);
        assertThat(thin.touching().map(Alternatives.Touching::laterMin).orElse(0.0))
                .isLessThan(touching.laterMin() / 3);
        assertThat(of(Bakes.hake().thick(40).piece(), Dress.in(new Parcel(Sheet.FOIL)), 200, Doneness.FLAKES)
                        .touching())
                .isEmpty();
    }

    @Test
    void moreDoneTakesLongerDriesMoreAndLosesMore() {
        Alternatives found = hake(Dress.open());
        assertThat(found.targets()).extracting(ToTarget::target).containsExactly(Doneness.values());
        for (int i = 1; i < found.targets().size(); i++) {
            ToTarget less = found.targets().get(i - 1);
            ToTarget more = found.targets().get(i);
            assertThat(more.minutes()).isGreaterThan(less.minutes());
            assertThat(more.dryShare()).isGreaterThan(less.dryShare());
            assertThat(more.lostG()).isGreaterThan(less.lostG());
            assertThat(more.outerC()).isGreaterThan(less.outerC());
        }
    }

    /** Common practice, no source: low and slow forgives, hot and quick does not. */
    @ParameterizedTest
    @CsvSource({"20", "30", "40"})
    void aGentlerOvenIsSlowerAndForgivesMore(double mm) {
        Alternatives found = of(Bakes.hake().thick(mm).piece(), Dress.open(), 200, Doneness.FLAKES);
        for (int i = 1; i < found.dials().size(); i++) {
            AtDial gentle = found.dials().get(i - 1);
            AtDial hot = found.dials().get(i);
            assertThat(gentle.minutes()).isGreaterThan(hot.minutes());
            assertThat(gentle.marginMin()).isGreaterThan(hot.marginMin());
            assertThat(gentle.dryShare()).isLessThan(hot.dryShare() + 0.02);
        }
    }

    @Test
    void whatIsShownForTheChosenTargetIsTheTicketsOwn() {
        Estimate ticket = Bakes.hake().to(Doneness.FLAKES);
        ToTarget flakes = hake(Dress.open()).targets().get(Doneness.FLAKES.ordinal());
        assertThat(flakes.minutes()).isCloseTo(ticket.bakeMinutes(), within(0.05));
        assertThat(flakes.lostG()).isCloseTo(ticket.juice().lostG(), within(0.05));
    }

    @Test
    void oneDialIsChosenAndSaidWhy() {
        Alternatives found = hake(Dress.open());
        assertThat(found.dials()).filteredOn(AtDial::chosen).hasSize(1);
        assertThat(found.why().toString()).contains("dial.chosen{dial=160 DIAL").contains("dial.hottest");
    }

    @Test
    void aCrumbIsNotLeftPaleForTheSakeOfTheMargin() {
        Alternatives found = hake(Dress.under(new Topping(Mix.CRUMB, Topping.When.BEFORE, 5)));
        assertThat(found.dials()).filteredOn(AtDial::chosen).allMatch(d -> d.tempC() >= 200);
    }

    @Test
    void paperIsNotComparedInAnOvenThatScorchesIt() {
        Alternatives found = of(Bakes.hake().piece(), Dress.in(new Parcel(Sheet.PARCHMENT)), 200, Doneness.FLAKES);
        assertThat(found.dials()).extracting(AtDial::tempC).containsExactly(160.0, 200.0);
    }

    @Test
    void aFishThatIsNeverDoneHasNoAlternatives() {
        OptionalDouble open = OptionalDouble.empty();
        Piece huge = Piece.from(
                Species.SALMON, Cut.WHOLE, open, OptionalDouble.of(9000), open, open, OptionalDouble.of(-18), true);
        Alternatives found = of(huge, Dress.open(), 90, Doneness.OFFICIAL);
        assertThat(found.targets().size()).isLessThan(Doneness.values().length);
    }

    /** Common practice, no source: less of it, or hot, is sooner done, and the flesh is the better for it. */
    @Test
    void aStuffingThatSetsTheTimeHasItsWaysOut() {
        Piece stuffed = Bakes.hake()
                .thick(40)
                .piece()
                .set(Orientation.LYING, Filling.STUFFING, new Stuffing(OptionalDouble.of(60), Kept.MIXED));
        Alternatives found = of(stuffed, Dress.open(), 200, Doneness.FLAKES);
        assertThat(found.stuffed())
                .extracting(Alternatives.StuffedOtherwise::way)
                .containsExactly(
                        Alternatives.Way.AS_IT_IS,
                        Alternatives.Way.LESS,
                        Alternatives.Way.HOT,
                        Alternatives.Way.BESIDE);
        double asItIs = found.stuffed().get(0).minutes();
        assertThat(found.stuffed().subList(1, 4)).allMatch(way -> way.minutes() < asItIs);
        assertThat(found.stuffed().get(3).fleshPeakC()).isCloseTo(Doneness.FLAKES.peakC(), within(0.3));
        assertThat(of(Bakes.hake().piece(), Dress.open(), 200, Doneness.FLAKES).stuffed())
                .isEmpty();
    }
}
