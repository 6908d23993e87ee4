package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import olla.core.dish.Bare;
import olla.core.dish.Cover;
import olla.core.dish.Dish;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.core.dress.Finish;
import olla.core.fish.Cut;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.oven.Stage.What;

/** What must hold however a dish is stacked. */
class StackProperties {

    private static final String SEED = "20261127";
    private static final double SLACK_MIN = 0.06;

    private static final Stuff CRUMB = Stuff.spread(700, 120, 1);

    @Provide
    Arbitrary<List<Laid>> under() {
        return Combinators.combine(
                        Arbitraries.of(Stuff.VEGETABLES, Stuff.CITRUS),
                        Arbitraries.doubles().between(4, 20),
                        Arbitraries.doubles().between(0, 20))
                .as((stuff, depth, beside) -> (Laid) new Laid.Under(stuff, depth, beside, 22))
                .list()
                .ofMaxSize(2);
    }

    @Provide
    Arbitrary<List<Laid>> on() {
        return Combinators.combine(
                        Arbitraries.of(CRUMB, Stuff.spread(950, 300, 1), Stuff.VEGETABLES),
                        Arbitraries.doubles().between(2, 10),
                        Arbitraries.of(true, false))
                .as((stuff, depth, later) -> (Laid) new Laid.On(stuff, depth, later ? 1 : 0, 12))
                .list()
                .ofMaxSize(3);
    }

    @Provide
    Arbitrary<List<Laid>> single() {
        return Arbitraries.of(
                List.of(),
                List.of(new Laid.Liquid(Stuff.SAUCE, 12, 1, 20, 22)),
                List.of(new Laid.Inside(Stuff.STUFFING, 0.3, 0.5, 12)),
                List.of(new Laid.Coat(CRUMB, 3, 12)));
    }

    private static List<Laid> stack(List<Laid> under, List<Laid> single, List<Laid> on) {
        List<Laid> all = new ArrayList<>(under);
        all.addAll(single);
        // What comes later lies on what is there before.
        on.stream().filter(l -> ((Laid.On) l).joins() == 0).forEach(all::add);
        on.stream().filter(l -> ((Laid.On) l).joins() > 0).forEach(all::add);
        return all;
    }

    private static Piece portion(double thickMm) {
        return new Piece(Species.HAKE, Cut.PORTION, MeasuredBy.RULER, thickMm, 75, 110, 400, 6, false);
    }

    private static BakeModel model(Vessel vessel, List<Laid> layers, Optional<Cover> cover, double thickMm) {
        return new BakeModel(
                portion(thickMm),
                new Dish(vessel, layers, cover, new Bare(Finish.BARE.crustKgMsPa(), 1)),
                OvenModel.trusted(OvenKind.STILL),
                OvenEvents.NONE,
                Unknowns.NONE,
                BakeModel.Fineness.COARSE);
    }

    private static double minutes(Vessel vessel, List<Laid> layers, double thickMm, double ovenC) {
        Programme programme = new Programme(List.of(new Stage.Bake(ovenC, OptionalDouble.empty()), new Stage.Rest(4)));
        return new BakeRun(model(vessel, layers, Optional.empty(), thickMm), programme)
                .minutesFor(57)
                .orElse(Programme.LONGEST_MINUTES);
    }

    /** Heat through the faces less vapour is what is stored, whatever lies on what, in whatever vessel. */
    @Property(tries = 80, seed = SEED)
    void energyClosesOverAnyStackAndProgramme(
            @ForAll("under") List<Laid> under,
            @ForAll("single") List<Laid> single,
            @ForAll("on") List<Laid> on,
            @ForAll boolean stoneware,
            @ForAll boolean covered,
            @ForAll @DoubleRange(min = 18, max = 40) double thick,
            @ForAll @Size(min = 1, max = 3) List<@DoubleRange(min = 2, max = 9) Double> minutes,
            @ForAll @DoubleRange(min = 150, max = 260) double ovenC) {
        boolean later = on.stream().anyMatch(l -> ((Laid.On) l).joins() > 0);
        List<Stage> stages = new ArrayList<>();
        for (double minute : minutes) {
            stages.add(new Stage.Bake(ovenC, OptionalDouble.of(minute)));
            if (later && stages.size() == 1) {
                stages.add(new Stage.Add(What.TOPPING));
                stages.add(new Stage.Bake(ovenC + 20, OptionalDouble.of(minute)));
            }
        }
        stages.add(new Stage.Rest(3));
        Optional<Cover> cover = covered ? Optional.of(new Cover(0.3, 15, 300)) : Optional.empty();
        BakeModel model = model(
                stoneware ? Vessel.of(Ware.STONEWARE) : Vessel.of(Ware.SHEET_TRAY),
                stack(under, single, on),
                cover,
                thick);
        BakeProgress progress = new BakeProgress(model, new Programme(stages));
        for (Stage stage : stages) {
            double before = progress.solver().storedJ(progress.state());
            double arrived = progress.state().arrivedJ();
            double vapour = progress.state().vapourJ();
            if (BakeProgress.seconds(stage) == 0) {
                progress.change(stage);
                continue;
            }
            progress.pass(stage, BakeProgress.seconds(stage));
            double came = progress.state().arrivedJ() - arrived;
            double through = came - (progress.state().vapourJ() - vapour);
            assertThat(through)
                    .isCloseTo(
                            progress.solver().storedJ(progress.state()) - before,
                            within(0.001 * Math.abs(came) + 1e-6 * Math.abs(before)));
        }
    }

    /** A list may name what lies under, in and on the fish in any order, as long as each of these keeps its own. */
    @Property(tries = 25, seed = SEED)
    void theOrderOfUnrelatedLayersDoesNotMatter(
            @ForAll("under") List<Laid> under,
            @ForAll("single") List<Laid> single,
            @ForAll("on") List<Laid> on,
            @ForAll Random random) {
        List<Laid> there = on.stream()
                .map(l -> (Laid) new Laid.On(l.stuff(), ((Laid.On) l).depthMm(), 0, l.startC()))
                .toList();
        List<List<Laid>> groups = new ArrayList<>(List.of(under, single, there));
        double asListed = minutes(
                Vessel.of(Ware.SHEET_TRAY),
                groups.stream().flatMap(List::stream).toList(),
                25,
                210);
        Collections.shuffle(groups, random);
        double shuffled = minutes(
                Vessel.of(Ware.SHEET_TRAY),
                groups.stream().flatMap(List::stream).toList(),
                25,
                210);
        assertThat(shuffled).isCloseTo(asListed, within(0.01));
    }

    /** More of what keeps the heat off never makes it quicker: a second layer of crumb on the first, a thicker wall below. */
    @Property(tries = 25, seed = SEED)
    void anInsulatingLayerNeverSpeeds(
            @ForAll("under") List<Laid> under,
            @ForAll @DoubleRange(min = 2, max = 8) double first,
            @ForAll @DoubleRange(min = 2, max = 8) double second,
            @ForAll @DoubleRange(min = 18, max = 35) double thick,
            @ForAll @DoubleRange(min = 170, max = 240) double ovenC) {
        List<Laid> one = new ArrayList<>(under);
        one.add(new Laid.On(CRUMB, first, 0, 12));
        List<Laid> two = new ArrayList<>(one);
        two.add(new Laid.On(CRUMB, second, 0, 12));
        double before = minutes(Vessel.of(Ware.SHEET_TRAY), one, thick, ovenC);
        assertThat(minutes(Vessel.of(Ware.SHEET_TRAY), two, thick, ovenC)).isGreaterThan(before - SLACK_MIN);
        assertThat(minutes(Vessel.of(Ware.STONEWARE), one, thick, ovenC)).isGreaterThan(before - SLACK_MIN);
    }

    /** Two layers of the same stuff are one layer as deep as both. */
    @Property(tries = 15, seed = SEED)
    void aLayerCutInTwoIsTheSameLayer(
            @ForAll @DoubleRange(min = 4, max = 10) double depth,
            @ForAll @DoubleRange(min = 0.3, max = 0.7) double cut,
            @ForAll @DoubleRange(min = 18, max = 35) double thick) {
        double whole = minutes(Vessel.of(Ware.SHEET_TRAY), List.of(new Laid.On(CRUMB, depth, 0, 12)), thick, 210);
        double halves = minutes(
                Vessel.of(Ware.SHEET_TRAY),
                List.of(new Laid.On(CRUMB, cut * depth, 0, 12), new Laid.On(CRUMB, (1 - cut) * depth, 0, 12)),
                thick,
                210);
        // Each is cut into elements of its own, and coarsely here.
        assertThat(halves).isCloseTo(whole, within(0.05 * whole));
    }
}
