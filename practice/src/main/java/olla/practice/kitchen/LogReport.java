package olla.practice.kitchen;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.LongStream;
import olla.core.fish.Habit;
import olla.core.fish.MeasuredBy;
import olla.core.habits.Habits;
import olla.core.habits.Told;
import olla.core.oven.OvenKind;
import olla.core.oven.Shelf;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Slowness;

/**
 * Kitchens in which one bake after another is logged: how wrong the next one is foretold before anything is seen of it, where nothing is
 * learned, where the oven is, and where the kitchen's habits are too.
 */
final class LogReport {

    /* The next bake after so many, up to that many. */
    private static final int[][] LOGGED = {{0, 0}, {1, 2}, {3, 5}, {6, 10}, {11, 20}, {21, 35}, {36, 50}};
    private static final int MOST = 50;
    private static final Way[] EVERYDAY = {
        Way.BARE, Way.OILED, Way.TOPPED, Way.PARCHMENT, Way.FOIL, Way.BREADED, Way.WHOLE
    };

    /* How often a dish does not stand in the middle (ours). */
    private static final double ELSEWHERE = 0.25;

    private static final String COOK = "the cook";
    private static final String PROBE = "the probe";

    private LogReport() {}

    /** What was said of one bake by who learns nothing, who learns the oven, and who learns habits too. */
    private record Three(Held nothing, Held oven, Held habits) {}

    static void print(int kitchens, long first) {
        List<List<Three>> logs = LongStream.range(0, kitchens)
                .parallel()
                .mapToObj(i -> log(first + 1_000_003 * (i + 1)))
                .toList();
        System.out.printf("%d kitchens, one bake after another in each: the next one%n%n", kitchens);
        System.out.println(
                "| logged | bakes | off by, nothing learned | the oven learned | and habits | in the window, nothing learned | the oven | and habits |");
        System.out.println("|---|---|---|---|---|---|---|---|");
        for (int[] logged : LOGGED) {
            List<Three> next = logs.stream()
                    .flatMap(log ->
                            log.subList(Math.min(logged[0], log.size()), Math.min(logged[1] + 1, log.size())).stream())
                    .toList();
            line(logged[0] == logged[1] ? "" + logged[0] : logged[0] + " to " + logged[1], next);
        }
        System.out.println();
        System.out.println("From the twentieth on, by dress; too late on the average:");
        System.out.println();
        System.out.println("| dress | bakes | nothing learned | the oven | and habits |");
        System.out.println("|---|---|---|---|---|");
        for (Way way : EVERYDAY) {
            List<Three> its = logs.stream()
                    .flatMap(log -> log.subList(Math.min(20, log.size()), log.size()).stream())
                    .filter(three -> three.nothing().way() == way)
                    .toList();
            System.out.printf(
                    Locale.ROOT,
                    "| %s | %d | %+.1f %% | %+.1f %% | %+.1f %% |%n",
                    way.name().toLowerCase(Locale.ROOT),
                    its.size(),
                    late(its.stream().map(Three::nothing).toList()),
                    late(its.stream().map(Three::oven).toList()),
                    late(its.stream().map(Three::habits).toList()));
        }
    }

    private static double late(List<Held> held) {
        return 100 * held.stream().mapToDouble(h -> h.off(h.before())).average().orElse(0);
    }

    private static void line(String name, List<Three> next) {
        List<Held> nothing = next.stream().map(Three::nothing).toList();
        List<Held> oven = next.stream().map(Three::oven).toList();
        List<Held> habits = next.stream().map(Three::habits).toList();
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %.1f %% | %.1f %% | %.1f %% | %.0f %% | %.0f %% | %.0f %% |%n",
                name,
                next.size(),
                100 * TruthReport.off(nothing, Held::before),
                100 * TruthReport.off(oven, Held::before),
                100 * TruthReport.off(habits, Held::before),
                100 * TruthReport.inside(nothing, Held::before),
                100 * TruthReport.inside(oven, Held::before),
                100 * TruthReport.inside(habits, Held::before));
    }

    /* A bake of the log, as it tells of habits. */
    private record Logged(Told.Of of, Slowness slowness) {}

    private static List<Three> log(long seed) {
        Draw draw = new Draw(seed);
        OvenKind kind = HiddenOvens.kind(draw);
        HiddenOven.Makes makes = HiddenOvens.of(kind, draw);
        House house = House.of(draw);
        Draw standing = new Draw(~seed);
        HiddenOvens.Shelves shelves = HiddenOvens.shelves(kind, standing);
        List<Three> log = new ArrayList<>();
        List<Logged> told = new ArrayList<>();
        OvenCalibration oven = OvenCalibration.UNCHECKED;
        OvenCalibration ovenToo = OvenCalibration.UNCHECKED;
        for (int i = 0; i <= 2 * MOST && log.size() <= MOST; i++) {
            Way way = draw.one(EVERYDAY);
            Shelf shelf = standing.once(ELSEWHERE) ? standing.one(Shelf.values()) : Shelf.MIDDLE;
            HiddenBake bake = HiddenBake.of(way, kind, makes, house, draw).on(shelf, shelves);
            Baked fish = Baked.of(bake, Held.TARGET.peakC());
            Habit habit = habit(bake, way, told, ovenToo);
            Three three = new Three(
                    held(way, bake, fish, house, new Held.Believed(OvenCalibration.UNCHECKED, Habit.NONE), seed + i),
                    held(way, bake, fish, house, new Held.Believed(oven, Habit.NONE), seed + i),
                    held(way, bake, fish, house, new Held.Believed(ovenToo, habit), seed + i));
            if (three.nothing() != null && three.oven() != null && three.habits() != null) {
                log.add(three);
                oven = three.oven().learned();
                ovenToo = three.habits().learned();
                Optional<Slowness> slowness = three.habits().slowness();
                slowness.map(s -> byRuler(bake) ? s : s.unmeasured())
                        .ifPresent(s -> told.add(new Logged(of(bake, way), s)));
            }
        }
        return log;
    }

    private static Held held(Way way, HiddenBake bake, Baked fish, House house, Held.Believed believed, long seed) {
        return Held.of(way, bake, fish, new Cook(house, new Draw(seed)), believed, seed);
    }

    private static Told.Of of(HiddenBake bake, Way way) {
        return new Told.Of(way.name(), bake.piece().species().toString(), COOK, COOK, PROBE, 1);
    }

    private static Habit habit(HiddenBake bake, Way way, List<Logged> told, OvenCalibration now) {
        List<Told> log =
                told.stream().map(one -> Told.of(one.of(), one.slowness(), now)).toList();
        Told.Of of = of(bake, way);
        return Habits.of(log, Set.of())
                .tonight(new Habits.Laid(of.dish(), of.fish(), of.cook(), byRuler(bake)))
                .habit();
    }

    private static boolean byRuler(HiddenBake bake) {
        return bake.piece().measured() == MeasuredBy.RULER;
    }
}
