package olla.standin.evenings;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import olla.core.dress.Sheet;
import olla.core.estimate.RulesOfThumb;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.evening.HandTimes;
import olla.core.evening.SideDish;
import olla.core.oven.OvenKind;
import olla.core.plan.PrepList;
import olla.core.runsheet.Kind;
import olla.core.units.Dial;
import olla.core.units.Imperial;

/**
 * A cook who goes by rules of thumb, and well: ten minutes an inch, five more in foil or paper, half an hour a kilo in salt; every
 * oven at the middle of what its dishes want; all reckoned back from the plate; who looks when the rule says so, with a thermometer,
 * and again every few minutes. Mutable.
 */
final class RuleCook implements Cook {

    private static final double MIN_A_KILO =
            (RulesOfThumb.WEIGHT_FROM_MIN_A_KILO + RulesOfThumb.WEIGHT_TO_MIN_A_KILO) / 2;

    /* Ovens are set so long before, what is looked at too early is given so much more, what is near its target rests to it (common
    practice, no source). */
    private static final double PREHEAT_MIN = 15;
    private static final double MORE_MIN = 3;
    private static final double COASTS_K = 3;

    /* One who reckons backward leaves himself a little time. */
    private static final double EACH_STEP_MIN = 2;

    private final Evening evening;
    private final List<Task> tasks = new ArrayList<>();
    private final Map<String, Double> minutes = new HashMap<>();
    private final Map<String, Double> nextMin = new HashMap<>();

    RuleCook(Evening evening) {
        this.evening = evening;
        Map<String, EveningOven> where = ovens();
        Map<String, Double> dials = dials(where);
        double plated = -evening.platingMin(0);
        List<Task> late = new ArrayList<>();
        List<Task> before = new ArrayList<>();
        for (FishDish dish : evening.fish()) {
            fish(dish, where.get(dish.key()), dials, plated, late, before);
        }
        for (SideDish side : evening.sides()) {
            side(side, where.get(side.key()), dials, plated, late, before);
        }
        tasks.addAll(late);
        backward(before);
        tasks.add(new Task("0." + Kind.PLATE, "", Kind.PLATE, plated, evening.platingMin(0), "", 0));
        preheat(dials);
    }

    /* One after another into the oven that has the fewest so far. */
    private Map<String, EveningOven> ovens() {
        Map<String, EveningOven> where = new HashMap<>();
        List<EveningOven> ovens = evening.kitchen().ovens();
        int next = 0;
        for (FishDish dish : evening.fish()) {
            where.put(dish.key(), ovens.get(next++ % ovens.size()));
        }
        for (SideDish side : evening.sides()) {
            if (side.where() == SideDish.Where.OVEN) {
                where.put(side.key(), ovens.get(next++ % ovens.size()));
            }
        }
        return where;
    }

    private Map<String, Double> dials(Map<String, EveningOven> where) {
        Map<String, Double> dials = new HashMap<>();
        for (EveningOven oven : evening.kitchen().ovens()) {
            List<Double> wanted = new ArrayList<>();
            evening.fish().stream()
                    .filter(f -> where.get(f.key()) == oven)
                    .forEach(f -> wanted.add(f.wantedC(oven.kind())));
            evening.sides().stream()
                    .filter(s -> where.get(s.key()) == oven)
                    .forEach(s -> wanted.add(s.dialC() - (oven.kind() == OvenKind.FAN ? Dial.FAN_LOWER_C : 0)));
            if (!wanted.isEmpty()) {
                double middle = wanted.stream().mapToDouble(d -> d).average().orElseThrow();
                dials.put(oven.key(), Dial.CELSIUS_STEP * Math.rint(middle / Dial.CELSIUS_STEP));
            }
        }
        return dials;
    }

    private void fish(
            FishDish dish,
            EveningOven oven,
            Map<String, Double> dials,
            double plated,
            List<Task> late,
            List<Task> before) {
        String key = dish.key();
        double takes = rule(dish);
        double carve = HandTimes.carve(dish.piece(), dish.pieces());
        double out = plated - carve - dish.programme().restMinutes();
        double in = out - takes;
        put(key, oven.key(), dials, in, takes, late);
        if (carve > 0) {
            late.add(new Task(key + "." + Kind.CARVE, key, Kind.CARVE, plated - carve, carve, "", 0));
        }
        double dress = HandTimes.dress(dish.dress(), dish.pieces());
        before.add(new Task(key + "." + Kind.DRESS, key, Kind.DRESS, in - 1, dress, "", 0));
        double prepare = HandTimes.prepare(dish.piece(), dish.dress(), dish.pieces());
        double due = in - 1 - Math.max(dress, PrepList.TEMPER_MINUTES);
        if (prepare > 0) {
            before.add(new Task(key + "." + Kind.PREPARE, key, Kind.PREPARE, due, prepare, "", 0));
        }
    }

    /** Minutes in the oven by the rule that speaks of such a dish. */
    static double rule(FishDish dish) {
        if (dish.dress().salt().isPresent()) {
            return MIN_A_KILO * dish.piece().massG() / 1000;
        }
        boolean closed =
                dish.dress().closedBy(Sheet.FOIL) || dish.dress().parcel().isPresent();
        return RulesOfThumb.RULE_MIN_AN_INCH * dish.piece().thicknessMm() / Imperial.MM_PER_INCH
                + (closed ? RulesOfThumb.RULE_COVERED_MIN : 0);
    }

    private void side(
            SideDish side,
            EveningOven oven,
            Map<String, Double> dials,
            double plated,
            List<Task> late,
            List<Task> before) {
        String key = side.key();
        double out = plated - side.finishMin();
        double in = out - side.cookMin();
        if (side.where() != SideDish.Where.COLD) {
            put(key, oven == null ? "" : oven.key(), dials, in, side.cookMin(), late);
        }
        if (side.finishMin() > 0) {
            late.add(new Task(key + "." + Kind.FINISH, key, Kind.FINISH, out, side.finishMin(), "", 0));
        }
        if (side.prepareMin() > 0) {
            before.add(new Task(key + "." + Kind.PREPARE, key, Kind.PREPARE, in - 1, side.prepareMin(), "", 0));
        }
    }

    private void put(String key, String oven, Map<String, Double> dials, double in, double takes, List<Task> late) {
        double dial = dials.getOrDefault(oven, 0.0);
        late.add(new Task(
                key + "." + Kind.PUT_IN,
                key,
                Kind.PUT_IN,
                in - HandTimes.PUT_IN_MIN,
                HandTimes.PUT_IN_MIN,
                oven,
                dial));
        minutes.put(key, takes);
        if (!oven.isEmpty()) {
            late.add(new Task(key + "." + Kind.LOOK, key, Kind.LOOK, in + takes, HandTimes.LOOK_MIN, oven, dial));
        }
    }

    /* What comes before the heat, one after another, the last first; each is due at what stands as its beginning. */
    private void backward(List<Task> before) {
        before.sort(Comparator.comparingDouble(Task::fromMin).reversed());
        int hands = evening.kitchen().hands().size();
        double[] free = new double[hands];
        java.util.Arrays.fill(free, Double.POSITIVE_INFINITY);
        for (Task task : before) {
            int by = 0;
            for (int h = 1; h < hands; h++) {
                by = free[h] > free[by] ? h : by;
            }
            double from = Math.min(task.fromMin(), free[by]) - task.minutes() - EACH_STEP_MIN;
            free[by] = from;
            tasks.add(new Task(task.key(), task.dish(), task.kind(), from, task.minutes(), "", 0));
        }
    }

    private void preheat(Map<String, Double> dials) {
        dials.forEach((oven, dial) -> {
            double first = tasks.stream()
                    .filter(t -> t.kind() == Kind.PUT_IN && t.oven().equals(oven))
                    .mapToDouble(Task::fromMin)
                    .min()
                    .orElseThrow();
            tasks.add(new Task(
                    oven + "." + Kind.PREHEAT, "", Kind.PREHEAT, first - PREHEAT_MIN, PREHEAT_MIN, oven, dial));
        });
    }

    @Override
    public List<Task> tasks(double now, Seen seen) {
        return tasks.stream()
                .map(t -> t.kind() == Kind.LOOK && seen.in.containsKey(t.dish()) ? looked(t, seen) : t)
                .toList();
    }

    private Task looked(Task task, Seen seen) {
        double in = seen.in.get(task.dish()).minute();
        double at = in + nextMin.getOrDefault(task.dish(), minutes.get(task.dish())) - 1;
        return new Task(task.key(), task.dish(), Kind.LOOK, at, task.minutes(), task.oven(), task.dialC());
    }

    @Override
    public double takesMin(String dish, Seen.In in) {
        return minutes.get(dish);
    }

    @Override
    public boolean outAt(String dish, Seen.In in, double minute, double tipC) {
        FishDish fish = evening.fish().stream()
                .filter(f -> f.key().equals(dish))
                .findFirst()
                .orElseThrow();
        nextMin.put(dish, minute + MORE_MIN);
        return tipC >= fish.target().peakC() - COASTS_K;
    }
}
