package olla.core.runsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import olla.core.evening.Baking;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.Hands;
import olla.core.evening.Kitchen;
import olla.core.evening.SideDish;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.OvenCalibration;

/** The search against trying everything, and what no plan may break. Evenings of sides only: their tables need no solving. */
class PlanSearchProperties {

    private static SideDish side(Random random, int i, boolean oven, int give) {
        return new SideDish(
                "side" + i,
                "side " + i,
                0,
                oven ? SideDish.Where.OVEN : SideDish.Where.HOB,
                0,
                5 + random.nextInt(25),
                180 + 5 * random.nextInt(6),
                give,
                1,
                1 + random.nextInt(3),
                2 + random.nextInt(15),
                0);
    }

    private static Evening evening(Random random, int sides, int give, int shelves, int hands) {
        List<SideDish> all = new ArrayList<>();
        for (int i = 0; i < sides; i++) {
            all.add(side(random, i, i < 2, give));
        }
        List<EveningOven> ovens = List.of(new EveningOven(
                "oven",
                "oven",
                OvenKind.STILL,
                OvenCalibration.UNCHECKED,
                shelves,
                Optional.empty(),
                OptionalDouble.empty()));
        List<Hands> pairs = new ArrayList<>();
        for (int i = 0; i < hands; i++) {
            pairs.add(Hands.always("hands " + i));
        }
        return new Evening(4, List.of(0.0), List.of(), all, new Kitchen(ovens, 1, pairs));
    }

    private static DialTables tables(Evening evening) {
        return DialTables.of(evening, (made, of) -> {});
    }

    @Property(tries = 6)
    void noPlanIsBetterThanTheOneFound(@ForAll @IntRange(max = 10_000) int seed) {
        Random random = new Random(seed);
        // Two on one shelf and one pot: 3 dials, 24 moments each; the search also has the moments between.
        Evening evening = evening(random, 3, 5, 1, 1);
        Problem problem = new Problem(evening, tables(evening), Facts.at(-120));
        Cost best = exhaustive(problem, new Decision[3], 0, null);
        Decision[] found = PlanSearch.better(
                problem, FirstPlan.of(problem), new Effort(120_000, 1, 60_000), plan -> {}, Stop.NEVER);
        Cost cost = new Decoder(problem, found).cost();
        assertThat(cost.kept()).isEqualTo(best.kept());
        assertThat(cost.weighed()).isLessThanOrEqualTo(best.weighed() + 50);
    }

    /* Every moment from 8 minutes late to 39 early in twos, every dial. */
    private static Cost exhaustive(Problem problem, Decision[] plan, int i, Cost best) {
        if (i == plan.length) {
            Cost cost = new Decoder(problem, plan).cost();
            return best == null || cost.compareTo(best) < 0 ? cost : best;
        }
        Chain chain = problem.chains().get(i);
        boolean oven = chain.heat() == Chain.Heat.OVEN;
        Cost least = best;
        for (int dial : oven ? chain.dials(0) : new int[] {0}) {
            for (int early = -8; early < 40; early += 2) {
                plan[i] = new Decision(oven ? 0 : Decision.NO_OVEN, dial, early);
                least = exhaustive(problem, plan, i + 1, least);
            }
        }
        plan[i] = null;
        return least;
    }

    @Property(tries = 25)
    void noPlanThatIsKeptBreaksWhatCannotBe(@ForAll @IntRange(max = 10_000) int seed) {
        Random random = new Random(seed);
        Evening evening = evening(random, 2 + random.nextInt(5), 20, 1 + random.nextInt(2), 1 + random.nextInt(2));
        RunSheet sheet = Planner.of(evening, tables(evening), Facts.at(-150)).plan(new Effort(3_000, seed, 60_000));
        if (!sheet.cost().kept()) {
            return;
        }
        Kitchen kitchen = evening.kitchen();
        for (double minute = -150; minute < 60; minute += 0.25) {
            double at = minute;
            List<SheetStep> hands = sheet.steps().stream()
                    .filter(s -> s.kind().attended())
                    .filter(s -> s.fromMin() <= at && s.untilMin() > at)
                    .toList();
            // Work is put down for what takes a moment, and for no other work.
            assertThat(hands.stream().filter(s -> s.kind().work()))
                    .as("work at %s", at)
                    .hasSizeLessThanOrEqualTo(kitchen.handsAt(at));
            assertThat(hands.stream().filter(s -> !s.kind().work()))
                    .as("moments at %s", at)
                    .hasSizeLessThanOrEqualTo(kitchen.handsAt(at));
            List<DishTime> cooking = sheet.dishes().stream()
                    .filter(d -> d.inMin() <= at && d.likelyMin() > at)
                    .toList();
            List<DishTime> inOven =
                    cooking.stream().filter(d -> !d.oven().isEmpty()).toList();
            assertThat(inOven)
                    .as("shelves at %s", at)
                    .hasSizeLessThanOrEqualTo(kitchen.ovens().get(0).shelves());
            assertThat(inOven.stream().map(DishTime::dialC).distinct()).hasSizeLessThanOrEqualTo(1);
            assertThat(cooking.size() - inOven.size()).as("pots at %s", at).isLessThanOrEqualTo(kitchen.burners());
        }
        assertThat(sheet.steps()).allSatisfy(s -> assertThat(s.fromMin()).isGreaterThanOrEqualTo(-150));
        if (kitchen.hands().size() == 1) {
            sheet.steps().stream().filter(s -> s.kind().work()).forEach(s -> alone(s, sheet.steps()));
        }
    }

    /* One pair of hands has time for its work and for all that comes between. */
    private static void alone(SheetStep work, List<SheetStep> all) {
        double between = all.stream()
                .filter(s -> s.kind().attended() && !s.key().equals(work.key()))
                .mapToDouble(s ->
                        Math.max(0, Math.min(s.untilMin(), work.untilMin()) - Math.max(s.fromMin(), work.fromMin())))
                .sum();
        assertThat(work.handsMin() + between)
                .as(work.key())
                .isLessThanOrEqualTo(work.untilMin() - work.fromMin() + Problem.CELL_MIN);
    }

    @Property(tries = 10)
    void theSameEffortFindsTheSamePlan(@ForAll @IntRange(max = 10_000) int seed) {
        Evening evening = evening(new Random(seed), 5, 20, 2, 1);
        Effort effort = new Effort(2_000, seed, 60_000);
        RunSheet one = Planner.of(evening, tables(evening), Facts.at(-150)).plan(effort);
        RunSheet other = Planner.of(evening, tables(evening), Facts.at(-150)).plan(effort);
        assertThat(one).isEqualTo(other);
    }

    @Property(tries = 15)
    void moreHandsNeverCostMore(@ForAll @IntRange(max = 10_000) int seed) {
        Evening one = evening(new Random(seed), 5, 20, 2, 1);
        Problem alone = new Problem(one, tables(one), Facts.at(-150));
        Decision[] plan = FirstPlan.of(alone);
        Problem two = alone.in(one.in(one.kitchen().withMoreHands()));
        Cost with = new Decoder(two, plan).cost();
        assertThat(with.broken())
                .isLessThanOrEqualTo(new Decoder(alone, plan).cost().broken() + 1e-9);
    }

    @Property(tries = 20)
    void whatHasHappenedDoesNotMove(@ForAll @IntRange(max = 10_000) int seed) {
        Random random = new Random(seed);
        Evening evening = evening(random, 4, 20, 2, 1);
        DialTables tables = tables(evening);
        RunSheet before = Planner.of(evening, tables, Facts.at(-150)).plan(new Effort(2_000, 1, 60_000));
        DishTime first = before.dishes().stream()
                .min(java.util.Comparator.comparingDouble(DishTime::inMin))
                .orElseThrow();
        double late = first.inMin() + random.nextInt(8);
        Facts.Baked in = new Facts.Baked(
                first.oven(), first.dialC(), late, late + first.minutes(), first.sdMin(), OptionalDouble.empty());
        Facts facts = new Facts(
                late + 1,
                Map.of(first.key(), in),
                java.util.Set.of(),
                java.util.Set.of(),
                Map.of(),
                Map.of(),
                Map.of());
        RunSheet after = Planner.of(evening, tables, facts, before.kept()).plan(Effort.AGAIN);
        DishTime then = after.dish(first.key()).orElseThrow();
        assertThat(then.inMin()).isEqualTo(late);
        assertThat(then.likelyMin()).isEqualTo(late + first.minutes());
        assertThat(then.oven()).isEqualTo(first.oven());
        assertThat(after.step(first.key() + "." + Kind.PUT_IN)).isEmpty();
        assertThat(after.steps()).allSatisfy(s -> assertThat(s.untilMin()).isGreaterThan(late));
    }

    @Property(tries = 20)
    void aPinnedStepStaysWhereItIsPinned(@ForAll @IntRange(max = 10_000) int seed) {
        Random random = new Random(seed);
        Evening evening = evening(random, 4, 20, 2, 2);
        DialTables tables = tables(evening);
        RunSheet before = Planner.of(evening, tables, Facts.at(-150)).plan(new Effort(2_000, 1, 60_000));
        DishTime dish = before.dishes().get(random.nextInt(before.dishes().size()));
        String step = dish.key() + "." + Kind.PUT_IN;
        double wanted = Math.rint(dish.inMin()) - 1 - random.nextInt(5);
        Facts facts = new Facts(
                -150, Map.of(), java.util.Set.of(), java.util.Set.of(), Map.of(), Map.of(step, wanted), Map.of());
        RunSheet after = Planner.of(evening, tables, facts, before.kept()).plan(Effort.AGAIN);
        assertThat(after.step(step).orElseThrow().fromMin()).isEqualTo(wanted);
        assertThat(after.step(step).orElseThrow().pinned()).isTrue();
    }

    @Property(tries = 30)
    void aHotterDialIsNeverSlower(@ForAll @IntRange(max = 10_000) int seed) {
        Evening evening = evening(new Random(seed), 2, 40, 1, 1);
        for (SideDish side : evening.sides()) {
            List<Baking> bakings = tables(evening).of(side.key(), "oven");
            for (int i = 1; i < bakings.size(); i++) {
                assertThat(bakings.get(i).minutes())
                        .isLessThan(bakings.get(i - 1).minutes());
            }
        }
    }
}
