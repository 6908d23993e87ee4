package olla.standin.evenings;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import olla.core.evening.Baking;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.evening.HandTimes;
import olla.core.evening.SideDish;
import olla.core.evening.SideInOven;
import olla.core.evening.SideTime;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.Programme;
import olla.core.runsheet.DishTime;
import olla.core.runsheet.Effort;
import olla.core.runsheet.Facts;
import olla.core.runsheet.Kind;
import olla.core.runsheet.Planner;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.SheetStep;
import olla.core.uncertainty.Assessment;
import olla.core.uncertainty.BakeSpec;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.Observation;
import olla.core.uncertainty.OvenEvidence;

/** A cook who does what the run sheet says, and at the oven what the ticket says. Mutable. */
final class SheetCook implements Cook {

    /* As hard as the product looks once somebody leaves it alone; by plans and not by the clock, so that it is the same each time. */
    private static final long NO_CLOCK_MS = 600_000;
    private static final Effort LONG = new Effort(20_000, Effort.FIRST.seed(), NO_CLOCK_MS);
    private static final Effort AGAIN = new Effort(Effort.AGAIN.plans(), Effort.AGAIN.seed(), NO_CLOCK_MS);

    private final Evening evening;
    private final DialTables tables;
    private final boolean again;
    private final Map<String, Look> looks = new HashMap<>();
    private final Map<String, Double> takes = new HashMap<>();
    /* The same with the ovens as they were found tonight. */
    private Evening found;
    private DialTables foundTables;
    private RunSheet sheet;
    private String signs = "";
    private Seen seen = new Seen();
    private int plans;

    /** What is known of a fish in the oven. */
    private static final class Look {
        private final Baking baking;
        private final List<Observation.Probe> read = new ArrayList<>();
        private OvenEvidence tells = OvenEvidence.NONE;
        private OvenEvidence told = OvenEvidence.NONE;
        private CheckWindow window;
        private double nextMin;
        private boolean takeOut;

        Look(Baking baking) {
            this.baking = baking;
            double half = CheckWindow.Z_90 * baking.sdMin();
            window = new CheckWindow(baking.minutes() - half, baking.minutes(), baking.minutes() + half);
            nextMin = window.checkFromMin();
        }
    }

    /** @param again whether the evening is planned again when something has happened */
    SheetCook(Evening evening, DialTables tables, boolean again) {
        this.evening = evening;
        this.tables = tables;
        this.again = again;
        this.found = evening;
        this.foundTables = tables;
    }

    /** The sheet before anything has happened. */
    RunSheet first(double now) {
        if (sheet == null) {
            sheet = Planner.of(evening, tables, Facts.at(now)).plan(LONG);
        }
        return sheet;
    }

    /** How often it was planned again. */
    int plans() {
        return plans;
    }

    @Override
    public List<Task> tasks(double now, Seen seen) {
        this.seen = seen;
        first(now);
        listen(now);
        if (again) {
            follow(now, seen);
        }
        List<Task> tasks = new ArrayList<>();
        for (SheetStep step : sheet.steps()) {
            if (step.kind() == Kind.PREHEAT || step.kind().attended() && step.kind() != Kind.GRILL) {
                task(step, seen, tasks);
            }
        }
        return tasks;
    }

    private void task(SheetStep step, Seen seen, List<Task> tasks) {
        double from = step.fromMin();
        // What hands are at only seems to grow longer.
        double minutes = takes.computeIfAbsent(step.key(), k -> step.handsMin());
        Seen.In in = seen.in.get(step.dish());
        if (step.kind() == Kind.LOOK) {
            if (in == null) {
                return;
            }
            minutes = HandTimes.LOOK_MIN;
            from = in.minute() + lookMin(step.dish(), in) - 1;
        } else if (step.kind() == Kind.TOUCH) {
            if (in == null) {
                return;
            }
            from += in.minute() - sheet.dish(step.dish()).map(DishTime::inMin).orElse(in.minute());
        }
        tasks.add(new Task(step.key(), step.dish(), step.kind(), from, minutes, step.oven(), step.dialC()));
    }

    private double lookMin(String dish, Seen.In in) {
        return fish(dish) == null ? sideTime(side(dish), in).minutes() : look(dish, in).nextMin;
    }

    private Look look(String dish, Seen.In in) {
        return looks.computeIfAbsent(dish, d -> new Look(nearest(d, in.oven(), in.dialC())));
    }

    /* Where nobody plans again, nobody says either that something is not done yet. */
    private SideTime sideTime(SideDish side, Seen.In in) {
        if (in.oven().isEmpty()) {
            return new SideTime(side.cookMin(), side.doubtOnHob());
        }
        SideInOven there = inOven(side, in);
        return again ? there.told(evidence(in.oven(), side.key())).time() : there.time();
    }

    private SideInOven inOven(SideDish side, Seen.In in) {
        SideInOven there = SideInOven.at(side, said(in.oven()), in.dialC());
        if (again && seen.notYet.containsKey(side.key())) {
            there = there.notYet(seen.notYet.get(side.key()) - in.minute());
        }
        Double out = seen.out.get(side.key());
        return out == null ? there : there.out(out - in.minute());
    }

    private Baking nearest(String dish, String oven, double dialC) {
        Baking found = null;
        for (Baking baking : tables.of(dish, oven)) {
            if (found == null || Math.abs(baking.tempC() - dialC) < Math.abs(found.tempC() - dialC)) {
                found = baking;
            }
        }
        return found;
    }

    private FishDish fish(String key) {
        return evening.fish().stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElse(null);
    }

    private SideDish side(String key) {
        return evening.sides().stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /* As the product follows an evening: by what is seen of its bakes, and by what is due and has not been done. */
    private void follow(double now, Seen seen) {
        Map<String, Facts.Baked> baked = new TreeMap<>();
        seen.in.forEach((dish, in) -> baked.put(dish, baked(dish, in, seen)));
        StringBuilder next = new StringBuilder();
        baked.forEach((dish, b) -> next.append(dish)
                .append(Math.round(2 * (b.likelyMin() - b.inMin())))
                .append(b.outMin())
                .append(';'));
        if (sheet.overdue(now)) {
            next.append(Math.floor(now));
        }
        Map<String, OvenEvidence> told = evidence();
        next.append(told);
        if (next.toString().equals(signs)) {
            return;
        }
        signs = next.toString();
        Facts facts = new Facts(now, baked, seen.done, Set.of(), sheet.begun(now, seen.done), Map.of(), seen.dialC);
        found = evening.in(evening.kitchen().told(told));
        foundTables = tables.told(evening, found);
        sheet = Planner.of(found, foundTables, facts, sheet.kept()).plan(AGAIN);
        plans++;
    }

    /* What was found of each oven tonight, by key. */
    private Map<String, OvenEvidence> evidence() {
        Map<String, OvenEvidence> told = new TreeMap<>();
        for (EveningOven oven : evening.kitchen().ovens()) {
            OvenEvidence evidence = evidence(oven.key(), "");
            if (!evidence.none()) {
                told.put(oven.key(), evidence);
            }
        }
        return told;
    }

    /* By the fish and the sides in one oven but for one of them. */
    private OvenEvidence evidence(String oven, String but) {
        OvenEvidence told = others(but, oven);
        for (SideDish side : evening.sides()) {
            Seen.In in = seen.in.get(side.key());
            if (in != null && in.oven().equals(oven) && !side.key().equals(but)) {
                told = told.and(inOven(side, in).tells());
            }
        }
        return told;
    }

    /* What is found of one fish tells of the others in its oven. */
    private void listen(double now) {
        seen.in.forEach((dish, in) -> {
            if (fish(dish) != null && !seen.out.containsKey(dish)) {
                Look look = look(dish, in);
                OvenEvidence told = others(dish, in.oven());
                if (!told.equals(look.told)) {
                    look.told = told;
                    reckon(dish, look, in, now - in.minute());
                }
            }
        });
    }

    private OvenEvidence others(String dish, String oven) {
        OvenEvidence told = OvenEvidence.NONE;
        for (Map.Entry<String, Look> other : new TreeMap<>(looks).entrySet()) {
            if (!other.getKey().equals(dish)
                    && seen.in.get(other.getKey()).oven().equals(oven)) {
                told = told.and(other.getValue().tells);
            }
        }
        return told;
    }

    private Facts.Baked baked(String dish, Seen.In in, Seen seen) {
        Double out = seen.out.get(dish);
        OptionalDouble outMin = out == null ? OptionalDouble.empty() : OptionalDouble.of(out);
        if (fish(dish) == null) {
            SideTime time = sideTime(side(dish), in);
            return new Facts.Baked(
                    in.oven(), in.dialC(), in.minute(), in.minute() + time.minutes(), time.sdMin(), outMin);
        }
        CheckWindow window = look(dish, in).window;
        return new Facts.Baked(
                in.oven(),
                in.dialC(),
                in.minute(),
                in.minute() + window.likelyMin(),
                window.widthMin() / (2 * CheckWindow.Z_90),
                outMin);
    }

    @Override
    public double takesMin(String dish, Seen.In in) {
        return look(dish, in).baking.minutes();
    }

    @Override
    public boolean outAt(String dish, Seen.In in, double minute, double tipC) {
        Look look = look(dish, in);
        look.read.add(new Observation.Probe(minute, tipC));
        reckon(dish, look, in, minute);
        return look.takeOut;
    }

    /* What was read before was in an oven that had been opened less often. */
    private void reckon(String dish, Look look, Seen.In in, double minute) {
        Ensemble plain = ensemble(fish(dish), said(in.oven()), look.baking, doors(dish, in, minute));
        look.tells = read(plain, look).tells();
        Ensemble all = look.told.none() ? plain : plain.told(look.told);
        Ensemble after = read(all, look);
        look.window = after.window();
        look.nextMin = look.window.checkFromMin();
        if (!look.read.isEmpty()) {
            Observation.Probe last = look.read.get(look.read.size() - 1);
            Assessment then = after.assess(last, 0);
            look.nextMin = last.minute() + then.giveItMin();
            look.takeOut = then.advice() != Assessment.Advice.GIVE_IT;
        }
    }

    private static Ensemble read(Ensemble from, Look look) {
        Ensemble after = from;
        for (Observation.Probe read : look.read) {
            after = after.observe(read);
        }
        return after;
    }

    private EveningOven said(String key) {
        return evening.kitchen().ovens().stream()
                .filter(o -> o.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    /* The oven was opened for each of its looks, and for what else went in and came out. */
    private OvenEvents doors(String dish, Seen.In in, double minute) {
        List<OvenEvent> doors = new ArrayList<>();
        for (Observation.Probe read : looks.get(dish).read) {
            doors.add(new OvenEvent.DoorOpened(read.minute(), OvenEvent.DoorOpened.LOOKING_S));
        }
        seen.in.forEach((other, its) -> {
            if (!other.equals(dish) && its.oven().equals(in.oven())) {
                opened(its.minute() - in.minute(), minute, doors);
                opened(seen.out.getOrDefault(other, Double.POSITIVE_INFINITY) - in.minute(), minute, doors);
            }
        });
        return new OvenEvents(doors);
    }

    private static void opened(double at, double until, List<OvenEvent> doors) {
        if (at > 0 && at < until) {
            doors.add(new OvenEvent.DoorOpened(at, OvenEvent.DoorOpened.TAKING_OUT_S));
        }
    }

    private static Ensemble ensemble(FishDish dish, EveningOven oven, Baking baking, OvenEvents doors) {
        BakeSpec spec = dish.in(oven, baking.tempC(), doors);
        double fixed = spec.programme().fixedMinutes();
        double open = Math.max(Programme.LEAST_MINUTES, baking.minutes() - fixed);
        return Ensemble.of(spec, open, fixed, true, dish.key().hashCode());
    }
}
