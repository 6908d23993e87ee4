package olla.server.evening;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import olla.core.evening.Baking;
import olla.core.evening.DialTable;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.oven.OvenKind;
import olla.core.runsheet.Scenarios;
import olla.core.uncertainty.BakeTimes;
import olla.core.uncertainty.OvenCalibration;
import org.springframework.stereotype.Component;

/** What dishes take, made once for each and kept: another guest list, another hour are no reason to solve it again. */
@Component
class Tables {

    private static final int KEPT_TABLES = 600;
    private static final int KEPT_TIMES = 300;

    /* What a table follows from; neither names nor shelves. */
    private record TableOf(List<Object> dish, OvenKind kind, OvenCalibration calibration) {}

    private record TimesOf(TableOf table, String oven, String dish, double dialC, BakeTimes.Left left) {}

    private final Cache<TableOf, DialTable> tables =
            Caffeine.newBuilder().maximumSize(KEPT_TABLES).build();
    private final Cache<TimesOf, double[]> times =
            Caffeine.newBuilder().maximumSize(KEPT_TIMES).build();

    /** What every dish of an evening takes. */
    DialTables of(Evening evening, DialTables.Progress progress) {
        return DialTables.of(evening, progress, (dish, oven) -> {
            DialTable there = tables.getIfPresent(key(dish, oven));
            if (there != null) {
                return there;
            }
            DialTable made = DialTable.of(dish, oven);
            tables.put(key(dish, oven), made);
            return made;
        });
    }

    /** How long dishes take in many evenings. */
    Scenarios.Times times() {
        return this::times;
    }

    private double[] times(FishDish dish, EveningOven oven, Baking baking, BakeTimes.Left left) {
        TimesOf key = new TimesOf(key(dish, oven), oven.key(), dish.key(), baking.tempC(), left);
        double[] there = times.getIfPresent(key);
        if (there != null) {
            return there;
        }
        double[] solved = Scenarios.solve(dish, oven, baking, left);
        times.put(key, solved);
        return solved;
    }

    private static TableOf key(FishDish dish, EveningOven oven) {
        return new TableOf(
                List.of(dish.piece(), dish.dress(), dish.wantedIn(), dish.programme(), dish.usual(), dish.target()),
                oven.kind(),
                oven.calibration());
    }
}
