package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.dress.Bed;
import olla.core.dress.Coat;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Lid;
import olla.core.dress.Mix;
import olla.core.dress.Parcel;
import olla.core.dress.Pour;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Side;
import olla.core.dress.Topping;
import olla.core.dress.UsualProgramme;
import olla.core.dress.Vegetable;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Kept;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Orientation;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.heat.SectionState;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/** What must hold for every dress and programme. */
class DressProperties {

    private static final String SEED = "20261125";
    private static final double SLACK_MIN = 0.06;

    @Provide
    Arbitrary<Dress> dresses() {
        return Arbitraries.oneOf(
                Combinators.combine(Arbitraries.of(Finish.class), beds(), Arbitraries.of(true, false))
                        .as((finish, bed, sauce) -> {
                            Dress dress = Dress.open(finish).on(bed);
                            return sauce ? dress.lyingIn(Pour.PAN_SAUCE) : dress;
                        }),
                Combinators.combine(beds(), toppings(), Arbitraries.of(Ware.class))
                        .as((bed, on, ware) -> Dress.open().on(bed).spread(on).standingIn(Vessel.of(ware))),
                Arbitraries.doubles().between(1.5, 5).map(mm -> Dress.in(new Coat(mm))),
                Combinators.combine(
                                Arbitraries.of(Sheet.class),
                                Arbitraries.doubles().between(5, 20))
                        .as((sheet, bed) -> Dress.in(new Parcel(sheet)).on(new Bed(List.of(Vegetable.LEEK), bed))),
                Combinators.combine(Arbitraries.of(Sheet.class), liquids())
                        .as((sheet, liquid) -> Dress.in(new Lid(sheet, false)).lyingIn(liquid)),
                Arbitraries.of(SaltCrust.Damping.class).map(damping -> Dress.in(new SaltCrust(damping))),
                Arbitraries.doubles()
                        .between(15, 40)
                        .map(depth -> Dress.onto(
                                new Bed(List.of(Vegetable.LEEK), depth, Vegetable.Cutting.THIN_SLICES, Kept.MIXED),
                                Side.of(Vegetable.PEAS))));
    }

    private static Arbitrary<Bed> beds() {
        return Arbitraries.of(Bed.NONE, Bed.ofCitrus(), new Bed(List.of(Vegetable.SPINACH), 12));
    }

    private static Arbitrary<Pour> liquids() {
        return Combinators.combine(
                        Arbitraries.of(Pour.Liquid.class),
                        Arbitraries.doubles().between(20, 200),
                        Arbitraries.of(true, false))
                .as((of, ml, hot) -> new Pour(of, OptionalDouble.of(ml), OptionalDouble.empty(), hot));
    }

    private static Arbitrary<List<Topping>> toppings() {
        return Combinators.combine(
                        Arbitraries.of(Mix.class),
                        Arbitraries.of(Topping.When.class),
                        Arbitraries.doubles().between(2, 12))
                .as(Topping::new)
                .list()
                .ofMinSize(1)
                .ofMaxSize(3);
    }

    private static Piece piece(Dress dress, double thick, double startC, Filling filling) {
        boolean whole = dress.salt().isPresent();
        Piece lying = new Piece(
                whole ? Species.SEA_BREAM : Species.HAKE,
                whole ? Cut.WHOLE : Cut.PORTION,
                MeasuredBy.RULER,
                thick,
                whole ? 2.5 * thick : 75,
                whole ? 7.5 * thick : 110,
                400,
                startC,
                startC < -5);
        return lying.set(Orientation.LYING, filling);
    }

    private static double stored(BakeProgress progress) {
        return progress.solver().storedJ(progress.state());
    }

    /** A length that is tried on a run already gone comes to what it comes to by itself, shorter, longer or beyond; their steps differ. */
    @Property(tries = 40, seed = SEED)
    void aLengthTriedOnAWatchedRunIsAsIfGoneByItself(
            @ForAll("dresses") Dress dress,
            @ForAll OvenKind kind,
            @ForAll @DoubleRange(min = 20, max = 40) double thick,
            @ForAll @DoubleRange(min = 160, max = 260) double ovenC,
            @ForAll @DoubleRange(min = 0.3, max = 2.5) double times) {
        Piece piece = piece(dress, thick, 6, Filling.NONE);
        Programme usual = UsualProgramme.programme(dress, kind, ovenC, 5);
        BakeModel model =
                new BakeModel(piece, dress, OvenModel.trusted(kind), Unknowns.NONE, BakeModel.Fineness.COARSE);
        BakeRun run = new BakeRun(model, usual);

        WatchedRun watched = run.watch(12, 1.6 * 12, 0.5);

        assertThat(watched.peakMargin(12 * times, 57)).isCloseTo(run.peakMargin(12 * times, 57), within(0.15));
    }

    /** Heat through the faces less vapour is what is stored, stage by stage; turning over loses nothing. */
    @Property(tries = 60, seed = SEED)
    void whatCameInIsWhatIsStored(
            @ForAll("dresses") Dress dress,
            @ForAll OvenKind kind,
            @ForAll Filling filling,
            @ForAll @DoubleRange(min = 20, max = 45) double thick,
            @ForAll @DoubleRange(min = -20, max = 15) double startC,
            @ForAll @DoubleRange(min = 150, max = 280) double ovenC,
            @ForAll @DoubleRange(min = 2, max = 25) double minutes) {
        double from = startC < -1 && startC > -5 ? 5 : startC;
        Programme programme =
                UsualProgramme.programme(dress, ovenC, dress.usualRestMinutes()).closed(minutes);
        BakeModel model = new BakeModel(
                piece(dress, thick, from, filling),
                dress,
                OvenModel.trusted(kind),
                Unknowns.NONE,
                BakeModel.Fineness.COARSE);
        BakeProgress progress = new BakeProgress(model, programme);
        for (Stage stage : programme.stages()) {
            double before = stored(progress);
            double arrived = progress.state().arrivedJ();
            double vapour = progress.state().vapourJ();
            if (BakeProgress.seconds(stage) > 0) {
                progress.pass(stage, BakeProgress.seconds(stage));
                SectionState now = progress.state();
                double through = now.arrivedJ() - arrived - (now.vapourJ() - vapour);
                assertThat(through)
                        .isCloseTo(
                                stored(progress) - before,
                                within(0.001 * Math.abs(now.arrivedJ() - arrived) + 1e-6 * Math.abs(before)));
            } else {
                progress.change(stage);
                if (stage instanceof Stage.Turn) {
                    assertThat(stored(progress)).isCloseTo(before, within(1e-9 * Math.abs(before)));
                } else {
                    assertThat(progress.state().arrivedJ()).isEqualTo(arrived);
                }
            }
        }
    }

    private static double minutes(Dress dress, Piece piece, OvenKind kind, double ovenC) {
        Programme programme = UsualProgramme.programme(dress, ovenC, dress.usualRestMinutes());
        BakeModel model =
                new BakeModel(piece, dress, OvenModel.trusted(kind), Unknowns.NONE, BakeModel.Fineness.COARSE);
        OptionalDouble open = new BakeRun(model, programme).minutesFor(57);
        return open.orElse(Programme.LONGEST_MINUTES);
    }

    @Property(tries = 40, seed = SEED)
    void aThickerPieceIsNeverFasterInAnyDress(
            @ForAll("dresses") Dress dress,
            @ForAll @DoubleRange(min = 15, max = 40) double thick,
            @ForAll @DoubleRange(min = 170, max = 250) double ovenC) {
        double thin = minutes(dress, piece(dress, thick, 8, Filling.NONE), OvenKind.STILL, ovenC);
        double thicker = minutes(dress, piece(dress, thick * 1.15, 8, Filling.NONE), OvenKind.STILL, ovenC);
        assertThat(thicker).isGreaterThan(thin - SLACK_MIN);
    }

    @Property(tries = 40, seed = SEED)
    void aHotterOvenIsNeverSlowerInAnyDress(
            @ForAll("dresses") Dress dress,
            @ForAll @DoubleRange(min = 15, max = 40) double thick,
            @ForAll @DoubleRange(min = 160, max = 250) double ovenC) {
        // A base bakes shorter alone in a hotter oven, so the fish meets it as hot but not hotter.
        if (dress.fishJoins()) {
            return;
        }
        Piece piece = piece(dress, thick, 8, Filling.NONE);
        assertThat(minutes(dress, piece, OvenKind.STILL, ovenC + 20))
                .isLessThan(minutes(dress, piece, OvenKind.STILL, ovenC) + SLACK_MIN);
    }

    @Property(tries = 25, seed = SEED)
    void fromFrozenIsSlowerInAnyDress(
            @ForAll("dresses") Dress dress, @ForAll @DoubleRange(min = 15, max = 35) double thick) {
        assertThat(minutes(dress, piece(dress, thick, -18, Filling.NONE), OvenKind.FAN, 210))
                .isGreaterThan(minutes(dress, piece(dress, thick, 8, Filling.NONE), OvenKind.FAN, 210));
    }

    /** The warmest that the coldest has been is found between long steps as short ones meet it. */
    @Property(tries = 30, seed = SEED)
    void aPeakIsNotSteppedOver(
            @ForAll("dresses") Dress dress,
            @ForAll @DoubleRange(min = 20, max = 40) double thick,
            @ForAll @DoubleRange(min = 160, max = 260) double ovenC,
            @ForAll @DoubleRange(min = 8, max = 30) double minutes) {
        Piece piece = piece(dress, thick, 6, Filling.NONE);
        Programme usual = UsualProgramme.programme(dress, OvenKind.STILL, ovenC, 8);
        BakeModel model =
                new BakeModel(piece, dress, OvenModel.trusted(OvenKind.STILL), Unknowns.NONE, BakeModel.Fineness.FINE);
        Programme closed = new BakeRun(model, usual).closed(minutes);
        BakeProgress far = new BakeProgress(model, closed);
        far.finish(closed.stages());
        BakeProgress near = new BakeProgress(model, closed);
        double peak = Double.NEGATIVE_INFINITY;
        for (Stage stage : closed.stages()) {
            double end = near.state().seconds() + BakeProgress.seconds(stage);
            if (BakeProgress.seconds(stage) == 0) {
                near.change(stage);
            }
            while (end - near.state().seconds() > 1e-6) {
                near.stride(stage, Math.min(5, end - near.state().seconds()));
                peak = Math.max(peak, near.coldestC());
            }
        }
        assertThat(far.peakMargin(0)).isCloseTo(peak, within(0.3));
    }

    /** A dial that is turned a little moves the minutes a little, and evenly: no cook should see them jump. */
    @Property(tries = 15, seed = SEED)
    void minutesFollowTheDialSmoothly(
            @ForAll("dresses") Dress dress, @ForAll @DoubleRange(min = 20, max = 40) double thick) {
        Piece piece = piece(dress, thick, 6, Filling.NONE);
        double[] minutes = new double[7];
        for (int i = 0; i < minutes.length; i++) {
            Programme usual = UsualProgramme.programme(dress, OvenKind.STILL, 196 + 2 * i, 5);
            BakeModel model = new BakeModel(
                    piece, dress, OvenModel.trusted(OvenKind.STILL), Unknowns.NONE, BakeModel.Fineness.FINE);
            minutes[i] = new BakeRun(model, usual).outFor(57);
        }
        for (int i = 1; i + 1 < minutes.length; i++) {
            double kink = minutes[i] - (minutes[i - 1] + minutes[i + 1]) / 2;
            assertThat(kink).as("%s", minutes).isCloseTo(0, within(0.005 * minutes[i]));
        }
    }
}
