package olla.practice.kitchen;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.LongStream;
import olla.core.uncertainty.CheckWindow;

/** Holds what the application says against a kitchen that is not its model, and prints it: {@code TruthReport [bakes] [kitchens] [first seed]}. */
public final class TruthReport {

    private TruthReport() {}

    /** Runs. */
    public static void main(String[] args) {
        int bakes = args.length > 0 ? Integer.parseInt(args[0]) : 500;
        int kitchens = args.length > 1 ? Integer.parseInt(args[1]) : 12;
        long first = args.length > 2 ? Long.parseLong(args[2]) : 1;
        if (bakes > 0) {
            before(bakes, first);
        }
        LogReport.print(kitchens, first);
    }

    private static void before(int bakes, long first) {
        Way[] ways = Way.values();
        List<Held> all = LongStream.range(0, bakes)
                .parallel()
                .mapToObj(i -> {
                    Way way = ways[(int) (i % ways.length)];
                    return Held.of(way, HiddenBake.of(way, new Draw(first + i)), first + i);
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

    static double inside(List<Held> held, Function<Held, CheckWindow> which) {
        return held.stream()
                .mapToDouble(h -> Held.inside(which.apply(h), h.readyMin()) ? 1 : 0)
                .average()
                .orElse(Double.NaN);
    }

    static double off(List<Held> held, Function<Held, CheckWindow> which) {
        return held.stream()
                .mapToDouble(h -> Math.abs(h.off(which.apply(h))))
                .average()
                .orElse(Double.NaN);
    }
}
