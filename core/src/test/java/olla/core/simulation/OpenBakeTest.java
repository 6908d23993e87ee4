package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Mix;
import olla.core.dress.SaltCrust;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.estimate.Estimator;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import org.junit.jupiter.api.Test;

/** A way that is gone once and left at any moment, against ways that are gone for each length anew. */
class OpenBakeTest {

    private static final OvenModel OVEN = OvenModel.trusted(OvenKind.STILL);
    private static final double TARGET_C = Doneness.FLAKES.peakC();

    private static Piece hake() {
        OptionalDouble open = OptionalDouble.empty();
        return Piece.from(Species.HAKE, Cut.PORTION, open, OptionalDouble.of(160), open, open, open, false);
    }

    private static BakeModel model(Dress dress, BakeModel.Fineness fineness) {
        return new BakeModel(hake(), dress, OVEN, Unknowns.NONE, fineness);
    }

    private static Programme topped(Dress dress) {
        return Estimator.usual(hake(), dress, OVEN, Doneness.FLAKES, 200, 3);
    }

    private static final Dress CRUMBED = Dress.under(new Topping(Mix.CRUMB, Topping.When.PART_WAY, 5));

    @Test
    void itIsLeftAtAnyMomentInAnyOrder() {
        BakeModel model = model(Dress.open(), BakeModel.Fineness.FINE);
        Stage.Bake bake = new Stage.Bake(200, OptionalDouble.empty());
        Programme programme = new Programme(List.of(bake));
        OpenBake way = new OpenBake(new BakeProgress(model, programme), List.of(), bake, 60);
        for (double minutes : List.of(9.0, 14.5, 3.2, 9.0, 0.1)) {
            BakeProgress at = way.at(60 * minutes);
            BakeProgress alone = new BakeProgress(model, programme);
            alone.pass(bake, 60 * minutes);
            assertThat(at.minutes()).isCloseTo(minutes, within(1e-9));
            assertThat(at.coldestC()).as("%s min", minutes).isCloseTo(alone.coldestC(), within(0.05));
        }
        assertThat(way.farthest().minutes()).isCloseTo(14.5, within(1e-9));
    }

    @Test
    void whoGoesOnFromItChangesNothing() {
        BakeModel model = model(Dress.open(), BakeModel.Fineness.COARSE);
        Stage.Bake bake = new Stage.Bake(200, OptionalDouble.empty());
        OpenBake way =
                new OpenBake(new BakeProgress(model, new Programme(List.of(bake))), List.of(), bake, Double.MAX_VALUE);
        double before = way.at(600).coldestC();
        way.at(600).finish(List.of(new Stage.Rest(10)));
        assertThat(way.at(600).coldestC()).isEqualTo(before);
    }

    @Test
    void itLeadsIntoItsOwnProgrammeOnly() {
        BakeModel model = model(CRUMBED, BakeModel.Fineness.COARSE);
        Programme programme = topped(CRUMBED).opened();
        List<Stage> stages = programme.stages();
        OpenBake way = new OpenBake(
                new BakeProgress(model, programme), List.of(), (Stage.Bake) stages.get(0), Double.MAX_VALUE);
        assertThat(way.leadsInto(programme.closed(12).stages())).isTrue();
        assertThat(way.leadsInto(programme.at(210).closed(12).stages())).isFalse();
        assertThat(way.leadsInto(List.of())).isFalse();
    }

    /** What is recorded of a way gone already is what is recorded of one that nobody has gone. */
    @Test
    void aRecordOfItIsThatOfItsOwnRun() {
        for (Dress dress : List.of(Dress.open(), CRUMBED, Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)))) {
            Programme programme = dress == CRUMBED
                    ? topped(dress)
                    : UsualProgramme.programme(dress, OvenKind.STILL, 200, dress.usualRestMinutes());
            BakeRun gone = new BakeRun(model(dress, BakeModel.Fineness.FINE), programme);
            double minutes = gone.minutesFor(TARGET_C).orElseThrow();
            BakeRecorder again = gone.drawn(gone.closed(minutes));
            BakeRecorder alone =
                    new BakeRun(model(dress, BakeModel.Fineness.FINE), programme).drawn(gone.closed(minutes));

            assertThat(again.peakC()).isCloseTo(alone.peakC(), within(0.1));
            assertThat(again.peakC()).isCloseTo(TARGET_C, within(0.1));
            assertThat(again.spans()).hasSameSizeAs(alone.spans());
            assertThat(again.trace().minute()).containsExactly(alone.trace().minute(), within(1e-6));
            assertThat(again.trace().coldestC()).containsExactly(alone.trace().coldestC(), within(0.3));
            assertThat(again.frames().minute()).containsExactly(alone.frames().minute(), within(1e-6));
        }
    }

    /**
     * The length is the same from any guess: to a sixteenth of a minute, since a way that is cut at other moments comes to another peak by up to a tenth of a
     * kelvin (as above), and the peak rises by 1.7 K a minute.
     */
    @Test
    void aGuessChangesNothingButTheWayThere() {
        for (Dress dress : List.of(Dress.open(), CRUMBED)) {
            Programme programme = dress == CRUMBED ? topped(dress) : new Programme(220, OptionalDouble.empty(), 4);
            double found = new BakeRun(model(dress, BakeModel.Fineness.FINE), programme)
                    .minutesFor(TARGET_C)
                    .orElseThrow();
            for (double guess : List.of(0.6 * found, found, 1.7 * found)) {
                BakeRun run = new BakeRun(model(dress, BakeModel.Fineness.FINE), programme);
                assertThat(run.minutesFor(TARGET_C, guess, 4)).hasValueCloseTo(found, within(0.06));
            }
        }
    }

    /** One run may be asked for one target after another, the higher first. */
    @Test
    void alreadyGoneFartherItStillFindsWhatIsSooner() {
        Programme programme = new Programme(220, OptionalDouble.empty(), 4);
        BakeRun run = new BakeRun(model(Dress.open(), BakeModel.Fineness.FINE), programme);
        double late = run.minutesFor(70).orElseThrow();
        double soon = run.minutesFor(50).orElseThrow();
        assertThat(soon).isLessThan(late);
        assertThat(new BakeRun(model(Dress.open(), BakeModel.Fineness.FINE), programme).minutesFor(50))
                .hasValueCloseTo(soon, within(0.05));
    }
}
