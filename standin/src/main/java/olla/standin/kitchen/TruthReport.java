package olla.standin.kitchen;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.OvenCalibration;

/** Holds what the application says against a kitchen that is not its model, and prints it: {@code TruthReport [bakes] [ovens] [first seed]}. */
public final class TruthReport {

    private static final int[] LOGGED = {0, 1, 3, 5, 10};
    private static final Way[] EVERYDAY = {Way.BARE, Way.OILED, Way.TOPPED, Way.PARCHMENT, Way.FOIL, Way.BREADED};

    private TruthReport() {}

    /** Runs. */
    public static void main(String[] args) {
        int bakes = args.length > 0 ? Integer.parseInt(args[0]) : 500;
        int ovens = args.length > 1 ? Integer.parseInt(args[1]) : 40;
        long first = args.length > 2 ? Long.parseLong(args[2]) : 1;
        Way[] ways = Way.values();
        List<Held> all = LongStream.range(0, bakes)
                .parallel()
                .mapToObj(i -> {
                    Way way = ways[(int) (i % ways.length)];
                    return Held.of(way, HiddenBake.of(way, new Draw(first + i)), OvenCalibration.UNCHECKED, first + i);
                })
                .filter(Objects::nonNull)
                .toList();
        System.out.printf("%d bakes, %d of them came to an end%n%n", bakes, all.size());
        System.out.println(
                "| dress | bakes | in the window before | after a look | after a probe | off by, before | after a probe | too late on the average |");
        System.out.println("|---|---|---|---|---|---|---|---|");
        for (Way way : ways) {
            line(
                    way.name().toLowerCase(Locale.ROOT),
                    all.stream().filter(h -> h.way() == way).toList());
        }
        line("all", all);
        System.out.println();
        learning(ovens, first);
    }

    private static void line(String name, List<Held> held) {
        System.out.printf(
                Locale.ROOT,
                "| %s | %d | %.0f %% | %.0f %% | %.0f %% | %.1f %% | %.1f %% | %+.1f %% |%n",
                name,
                held.size(),
                100 * inside(held, Held::before),
                100 * inside(held, Held::looked),
                100 * inside(held, Held::probed),
                100 * off(held, Held::before),
                100 * off(held, Held::probed),
                100
                        * held.stream()
                                .mapToDouble(h -> h.off(h.before()))
                                .average()
                                .orElse(0));
    }

    private static double inside(List<Held> held, Function<Held, CheckWindow> which) {
        return held.stream()
                .mapToDouble(h -> Held.inside(which.apply(h), h.readyMin()) ? 1 : 0)
                .average()
                .orElse(Double.NaN);
    }

    private static double off(List<Held> held, Function<Held, CheckWindow> which) {
        return held.stream()
                .mapToDouble(h -> Math.abs(h.off(which.apply(h))))
                .average()
                .orElse(Double.NaN);
    }

    /* Ovens in which one bake after another is logged: how wrong the next one is foretold, before anything is seen of it. */
    private static void learning(int ovens, long first) {
        int most = LOGGED[LOGGED.length - 1];
        List<List<Held>> logs = LongStream.range(0, ovens)
                .parallel()
                .mapToObj(i -> log(first + 1_000_003 * (i + 1), most))
                .toList();
        System.out.printf("%d ovens, one bake after another in each: the next one%n%n", ovens);
        System.out.println("| logged | off by | in the window |");
        System.out.println("|---|---|---|");
        for (int logged : LOGGED) {
            List<Held> next = logs.stream()
                    .filter(log -> log.size() > logged)
                    .map(log -> log.get(logged))
                    .toList();
            System.out.printf(
                    Locale.ROOT,
                    "| %d | %.1f %% | %.0f %% |%n",
                    logged,
                    100 * off(next, Held::before),
                    100 * inside(next, Held::before));
        }
    }

    private static List<Held> log(long seed, int most) {
        Draw draw = new Draw(seed);
        OvenKind kind = HiddenOvens.kind(draw);
        HiddenOven.Makes oven = HiddenOvens.of(kind, draw);
        List<Held> log = new ArrayList<>();
        OvenCalibration believed = OvenCalibration.UNCHECKED;
        for (int i : IntStream.rangeClosed(0, 2 * most).toArray()) {
            Way way = draw.one(EVERYDAY);
            Held held =
                    log.size() > most ? null : Held.of(way, HiddenBake.of(way, kind, oven, draw), believed, seed + i);
            if (held != null) {
                log.add(held);
                believed = held.learned();
            }
        }
        return log;
    }
}
