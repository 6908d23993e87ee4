package olla.core.runsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import olla.core.dress.SaltCrust;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.evening.Evenings;
import olla.core.evening.SideDish;
import olla.core.messages.Message;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenKind;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** Evenings as they are cooked, planned, upset and planned again. */
class RunSheetTest {

    private static final Evening GUESTHOUSE = Evenings.guesthouse()
            .hands(2)
            .portions("hake")
            .parcels("char")
            .inSalt("bream")
            .potatoes()
            .rice()
            .greens()
            .salad()
            .build();
    private static DialTables tables;
    private static Planner planner;
    private static RunSheet sheet;

    /* Not in the fields themselves: tables are made by several threads, which would wait for this class. */
    @BeforeAll
    static void plan() {
        tables = tables(GUESTHOUSE);
        planner = Planner.of(GUESTHOUSE, tables, Facts.at(-240));
        sheet = planner.plan(new Effort(40_000, 15, 60_000));
    }

    private static DialTables tables(Evening evening) {
        return DialTables.of(evening, (made, of) -> {});
    }

    @Test
    void everythingIsHotAtTheMomentOfServing() {
        assertThat(sheet.cost().kept()).isTrue();
        assertThat(sheet.lateMin()).isLessThan(1);
        assertThat(sheet.dishes()).hasSize(6).allSatisfy(dish -> {
            assertThat(dish.readyMin()).as(dish.key()).isLessThanOrEqualTo(0);
            assertThat(dish.waitsMin()).as(dish.key()).isLessThanOrEqualTo(dish.mostWaitMin() + 1e-6);
        });
    }

    @Test
    void eachStepFollowsTheOneBeforeIt() {
        for (String dish : List.of("hake", "char", "bream")) {
            double prepared = step(dish, Kind.PREPARE).untilMin();
            assertThat(prepared).isLessThanOrEqualTo(step(dish, Kind.TEMPER).fromMin() + 1e-6);
            assertThat(prepared).isLessThanOrEqualTo(step(dish, Kind.DRESS).fromMin() + 1e-6);
            assertThat(step(dish, Kind.DRESS).untilMin())
                    .isLessThanOrEqualTo(step(dish, Kind.PUT_IN).fromMin() + 1e-6);
            assertThat(step(dish, Kind.PUT_IN).untilMin())
                    .isEqualTo(step(dish, Kind.COOK).fromMin());
            assertThat(step(dish, Kind.REST).fromMin())
                    .isEqualTo(step(dish, Kind.COOK).untilMin());
            SheetStep look = step(dish, Kind.LOOK);
            assertThat(look.earliestMin()).isLessThan(look.fromMin());
            assertThat(look.latestMin()).isGreaterThan(look.fromMin());
        }
        assertThat(step("bream", Kind.CARVE).fromMin())
                .isGreaterThanOrEqualTo(step("bream", Kind.REST).untilMin() - 1e-6);
    }

    @Test
    void anOvenIsHotBeforeTheFirstDishGoesIn() {
        for (String oven : List.of("still", "fan")) {
            DishTime first = sheet.dishes().stream()
                    .filter(d -> d.oven().equals(oven))
                    .min(Comparator.comparingDouble(DishTime::inMin))
                    .orElseThrow();
            SheetStep set = sheet.step(RunSheet.preheat(oven, first.key())).orElseThrow();
            assertThat(set.untilMin()).isEqualTo(first.inMin());
            // Heating up takes about a quarter of an hour (from memory).
            assertThat(set.untilMin() - set.fromMin()).isBetween(12.0, 25.0);
        }
    }

    @Test
    void aCrustRestsAndIsNotForgotten() {
        double carved = step("bream", Kind.CARVE).fromMin();
        double out = sheet.dish("bream").orElseThrow().likelyMin();
        assertThat(carved - out).isBetween(SaltCrust.LEAST_REST_MINUTES - 0.5, SaltCrust.FORGOTTEN_MINUTES + 0.5);
    }

    /** Five trays of vegetables and six portions draw more than a heater gives: all of them take longer, and the sheet says why. */
    @Test
    void aFullOvenIsCoolerAndTheSheetSaysSo() {
        Evenings full = Evenings.empty().oven("one", OvenKind.STILL, 6).hands(4);
        for (String tray : List.of("carrots", "beets", "squash", "leeks", "onions")) {
            full.side(tray, SideDish.Where.OVEN, 25, 220, 60);
        }
        Evening crowd = full.portions("hake").build();
        RunSheet planned = Planner.of(crowd, tables(crowd), Facts.at(-240)).plan(new Effort(20_000, 10, 20_000));
        SheetStep in = planned.step("hake.PUT_IN").orElseThrow();
        assertThat(in.how().key()).isEqualTo("sheet.PUT_IN.among");
        assertThat(in.how().values()).containsEntry("among", "BOTH");
        DishTime hake = planned.dish("hake").orElseThrow();
        Evening alone = Evenings.empty()
                .oven("one", OvenKind.STILL, 6)
                .hands(4)
                .portions("hake")
                .build();
        RunSheet quiet = Planner.of(alone, tables(alone), Facts.at(-240)).plan(Effort.FIRST);
        assertThat(quiet.step("hake.PUT_IN").orElseThrow().how()).isEqualTo(Message.NOTHING);
        DishTime apart = quiet.dish("hake").orElseThrow();
        assertThat(apart.minutes()).isCloseTo(apart.wantedMinutes(), within(1e-9));
        assertThat(hake.minutes() - hake.doorsMin()).isGreaterThan(0.3 + hake.wantedMinutes());
    }

    @Test
    void everyStepOfTheHandsHasSomebody() {
        assertThat(sheet.steps())
                .allSatisfy(s -> assertThat(s.hands() >= 0)
                        .as(s.key())
                        .isEqualTo(s.kind().attended()));
    }

    @Test
    void theChanceIsCountedInEveningsThatShareTheirOvens() {
        Chance chance = planner.chance(sheet, Scenarios::solve);
        assertThat(chance.within3()).isBetween(0.7, 1.0);
        assertThat(chance.within5()).isGreaterThanOrEqualTo(chance.within3());
        assertThat(chance.lateBy()).containsOnlyKeys("hake", "char", "bream", "potatoes", "rice", "greens");
    }

    @Test
    void whatIsPlannedTighterIsLateMoreOften() {
        Evening tight = Evenings.guesthouse().portions("hake").build();
        DialTables tables = tables(tight);
        Facts pinned = new Facts(-100, Map.of(), Set.of(), Set.of(), Map.of(), Map.of("hake.PUT_IN", -15.5), Map.of());
        Planner late = Planner.of(tight, tables, pinned);
        Chance close = late.chance(late.asItWas(), Scenarios::solve);
        Planner free = Planner.of(tight, tables, Facts.at(-100));
        Chance eased = free.chance(free.plan(Effort.FIRST), Scenarios::solve);
        assertThat(eased.within3()).isGreaterThan(close.within3());
        assertThat(close.lateBy().get("hake")).isGreaterThan(0.1);
    }

    /** What is slow holds up what is to go into its place: the sheet says so, and it makes a plan dearer. */
    @Test
    void whatWaitsForTheShelfOfASlowFishIsLateWithIt() {
        double[] within5 = new double[2];
        double[] harm = new double[2];
        List<Kept> kept = List.of();
        DialTables tables = null;
        for (int shelves = 2; shelves >= 1; shelves--) {
            Evening evening = Evenings.empty()
                    .oven("still", OvenKind.STILL, shelves)
                    .hands(3)
                    .portions("hake")
                    .side("parsnips", SideDish.Where.OVEN, 25, 200, 40)
                    .build();
            Facts.Baked slow = new Facts.Baked("still", 200, -60, -36, 8, OptionalDouble.empty());
            Facts facts = new Facts(
                    -45,
                    Map.of("hake", slow),
                    Set.of("hake.PREPARE", "hake.DRESS", "parsnips.PREPARE"),
                    Set.of(),
                    Map.of(),
                    Map.of("parsnips.PUT_IN", -33.0),
                    Map.of("still", 200.0));
            tables = tables == null ? tables(evening) : tables;
            Planner planner = Planner.of(evening, tables, facts, kept);
            RunSheet sheet = planner.asItWas();
            kept = sheet.kept();
            assertThat(sheet.cost().kept()).isTrue();
            within5[shelves - 1] = planner.chance(sheet, Scenarios::solve).within5();
            harm[shelves - 1] = sheet.cost().harm();
        }
        assertThat(within5[0]).isLessThan(within5[1] - 0.1);
        assertThat(harm[0]).isGreaterThan(harm[1] + 0.5);
    }

    /** One dial for all: what cannot be done at it goes elsewhere, or is said to be impossible. */
    @Test
    void anOvenThatKeepsItsDialHasNothingAtAnother() {
        Evening evening = Evenings.empty()
                .oven("still", OvenKind.STILL, 2, OptionalDouble.of(190))
                .hands(2)
                .portions("hake")
                .potatoes()
                .build();
        RunSheet kept = Planner.of(evening, tables(evening), Facts.at(-200)).plan(Effort.FIRST);
        assertThat(kept.cost().kept()).isTrue();
        assertThat(kept.dishes())
                .hasSize(2)
                .allSatisfy(dish -> assertThat(dish.dialC()).isEqualTo(190));
        Evening cold = Evenings.empty()
                .oven("still", OvenKind.STILL, 2, OptionalDouble.of(100))
                .hands(2)
                .potatoes()
                .build();
        RunSheet never = Planner.of(cold, tables(cold), Facts.at(-200)).plan(Effort.FIRST);
        assertThat(never.cost().kept()).isFalse();
        assertThatThrownBy(() -> Evenings.empty().oven("still", OvenKind.STILL, 2, OptionalDouble.of(20)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("90");
    }

    @Test
    void whoSharesTheProcessorsLooksForLessLong() {
        Effort share = Effort.AGAIN.among(4);
        assertThat(share.plans()).isEqualTo(Effort.AGAIN.plans() / 5);
        assertThat(share.mostMs()).isEqualTo(Effort.AGAIN.mostMs() / 5);
        // Among fifty nobody looks: what was decided stays.
        Planner again = Planner.of(GUESTHOUSE, tables, Facts.at(-240), sheet.kept());
        assertThat(again.plan(Effort.AGAIN.among(49))).isEqualTo(again.asItWas());
    }

    @Test
    void anOvenOfOneShelfIsSaidToBeShortOfOne() {
        Evening evening = Evenings.empty()
                .oven("still", OvenKind.STILL, 1)
                .hands(3)
                .side("potatoes", SideDish.Where.OVEN, 45, 200, 5)
                .side("parsnips", SideDish.Where.OVEN, 45, 200, 5)
                .build();
        Planner planner = Planner.of(evening, tables(evening), Facts.at(-240));
        RunSheet sheet = planner.plan(Effort.FIRST);
        assertThat(sheet.cost().late()).isGreaterThan(1);
        Shortage shortage = planner.shortage(sheet).orElseThrow();
        assertThat(shortage.what()).isEqualTo(Shortage.What.SHELF);
        assertThat(shortage.untilMin() - shortage.fromMin()).isBetween(20.0, 60.0);
        assertThat(shortage.nearest().nothing()).isFalse();
    }

    @Test
    void whoBeginsTooLateIsToldThatTimeIsShort() {
        Evening evening = Evenings.guesthouse().inSalt("bream").build();
        Planner planner = Planner.of(evening, tables(evening), Facts.at(-30));
        RunSheet sheet = planner.plan(Effort.FIRST);
        assertThat(sheet.lateMin()).isGreaterThan(10);
        assertThat(sheet.cost().kept()).isTrue();
        assertThat(planner.shortage(sheet).orElseThrow().what()).isEqualTo(Shortage.What.TIME);
    }

    /** Common practice, no source: the grill is watched, and whoever looks turns it on. */
    @Test
    void whoLooksAtACrumbTurnsTheGrillOnAndStaysAtIt() {
        Evening evening = Evenings.guesthouse().crumbed("zander").build();
        RunSheet alone = Planner.of(evening, tables(evening), Facts.at(-200)).plan(Effort.FIRST);
        assertThat(alone.cost().kept()).isTrue();
        SheetStep look = alone.step("zander.LOOK").orElseThrow();
        SheetStep grill = alone.step("zander.GRILL").orElseThrow();
        assertThat(look.untilMin()).isEqualTo(grill.fromMin());
        assertThat(grill.untilMin())
                .isEqualTo(alone.step("zander.COOK").orElseThrow().untilMin());
        assertThat(alone.steps().stream().map(SheetStep::kind)).doesNotContain(Kind.TOUCH);
    }

    @Test
    void anEveningThatCanBeHasNoShortage() {
        assertThat(planner.shortage(sheet)).isEmpty();
    }

    @Test
    void aSlowOvenMovesWhatIsStillAhead() {
        DishTime bream = sheet.dish("bream").orElseThrow();
        double slow = bream.likelyMin() + 14;
        Facts.Baked in = new Facts.Baked(
                bream.oven(), bream.dialC(), bream.inMin(), slow, bream.sdMin(), OptionalDouble.empty());
        Set<String> done = new HashSet<>();
        double now = bream.inMin() + 12;
        sheet.steps().stream().filter(s -> s.fromMin() < now).forEach(s -> done.add(s.key()));
        List<String> baked = new ArrayList<>();
        Map<String, Facts.Baked> all = new HashMap<>();
        sheet.dishes().stream().filter(d -> d.inMin() < now).forEach(d -> {
            baked.add(d.key());
            all.put(
                    d.key(),
                    d.key().equals("bream")
                            ? in
                            : new Facts.Baked(
                                    d.oven(), d.dialC(), d.inMin(), d.likelyMin(), d.sdMin(), OptionalDouble.empty()));
        });
        Facts facts = new Facts(now, all, done, Set.of(), Map.of(), Map.of(), Map.of("still", 200.0, "fan", 200.0));
        RunSheet after = Planner.of(GUESTHOUSE, tables, facts, sheet.kept()).plan(Effort.AGAIN);
        assertThat(after.cost().kept()).isTrue();
        assertThat(after.dish("bream").orElseThrow().likelyMin()).isCloseTo(slow, within(1e-9));
        // Everybody waits for the bream, and nothing stands ready long before it.
        assertThat(after.lateMin()).isGreaterThan(1);
        List<Moved> moved = Planner.moved(sheet, after);
        assertThat(moved).isNotEmpty();
        assertThat(moved).allSatisfy(m -> {
            assertThat(Math.abs(m.byMin())).isGreaterThanOrEqualTo(1);
            assertThat(after.step(m.step()).orElseThrow().untilMin()).isGreaterThan(now);
        });
        assertThat(moved.stream().map(Moved::step)).contains("0.PLATE");
    }

    @Test
    void whatHandsAreAtIsNotBegunAgainAndMovesNothing() {
        SheetStep step = sheet.step("bream.DRESS").orElseThrow();
        double now = step.untilMin() - 2;
        Set<String> done = new HashSet<>();
        Map<String, Facts.Baked> baked = new HashMap<>();
        sheet.steps().stream()
                .filter(s -> s.fromMin() < now && !s.key().equals(step.key()))
                .forEach(s -> done.add(s.key()));
        sheet.dishes().stream()
                .filter(d -> d.inMin() <= now)
                .forEach(d -> baked.put(
                        d.key(),
                        new Facts.Baked(
                                d.oven(), d.dialC(), d.inMin(), d.likelyMin(), d.sdMin(), OptionalDouble.empty())));
        Map<String, Double> begun = sheet.begun(now, done);
        assertThat(begun).containsEntry(step.key(), step.fromMin());
        Map<String, Double> hot = new HashMap<>();
        sheet.dishes().stream().filter(d -> !d.oven().isEmpty()).forEach(d -> hot.put(d.oven(), d.dialC()));
        Facts facts = new Facts(now, baked, done, Set.of(), begun, Map.of(), hot);
        RunSheet after = Planner.of(GUESTHOUSE, tables, facts, sheet.kept()).asItWas();
        assertThat(after.cost().kept()).isTrue();
        assertThat(after.step(step.key()).orElseThrow().untilMin()).isBetween(now, step.untilMin() + 0.5);
        assertThat(after.overdue(now + 1)).isFalse();
        assertThat(after.overdue(step.untilMin() + 3)).isTrue();
        assertThat(after.dish("bream").orElseThrow().inMin())
                .isCloseTo(sheet.dish("bream").orElseThrow().inMin(), within(1e-9));
    }

    @Test
    void aDishThatIsAddedFindsItsPlaceBesideWhatWasThere() {
        Evening more = Evenings.guesthouse()
                .hands(2)
                .portions("hake")
                .parcels("char")
                .inSalt("bream")
                .potatoes()
                .rice()
                .greens()
                .salad()
                .side("sauce", SideDish.Where.HOB, 10, 0, 15)
                .build();
        RunSheet after = Planner.of(more, tables, Facts.at(-240), sheet.kept()).plan(Effort.AGAIN);
        assertThat(after.cost().kept()).isTrue();
        assertThat(after.dish("sauce")).isPresent();
        for (DishTime was : sheet.dishes()) {
            assertThat(after.dish(was.key()).orElseThrow().inMin())
                    .as(was.key())
                    .isCloseTo(was.inMin(), within(15.0));
        }
    }

    @Test
    void aBetterPlanTellsWhatItImproves() {
        List<Cost> told = new ArrayList<>();
        RunSheet found = planner.plan(new Effort(60_000, 15, 60_000), better -> told.add(better.cost()), Stop.NEVER);
        assertThat(told).isNotEmpty();
        for (int i = 1; i < told.size(); i++) {
            assertThat(told.get(i)).isLessThan(told.get(i - 1));
        }
        assertThat(told.get(told.size() - 1)).isEqualByComparingTo(found.cost());
    }

    @Test
    void aSearchThatIsStoppedGivesTheBestSoFar() {
        RunSheet found = planner.plan(new Effort(10_000_000, 3, 60_000), better -> {}, Runnable::run);
        assertThat(found.dishes()).hasSize(6);
    }

    @Test
    void theWeakestPointIsTheDishThatIsMostOftenLate() {
        Evening evening = Evenings.guesthouse().portions("hake").parcels("char").build();
        DialTables tables = tables(evening);
        Facts pinned = new Facts(-100, Map.of(), Set.of(), Set.of(), Map.of(), Map.of("hake.PUT_IN", -17.0), Map.of());
        Planner planner = Planner.of(evening, tables, pinned);
        RunSheet sheet = planner.plan(Effort.FIRST);
        Advice advice = planner.advice(sheet, Scenarios::solve);
        assertThat(advice.weakest()).isEqualTo("hake");
        assertThat(advice.why().key()).isEqualTo("sheet.weakest");
        advice.change()
                .ifPresent(change -> assertThat(change.within3())
                        .isGreaterThan(advice.chance().within3()));
    }

    private static SheetStep step(String dish, Kind kind) {
        return sheet.step(dish + "." + kind).orElseThrow(() -> new AssertionError(dish + " " + kind));
    }
}
