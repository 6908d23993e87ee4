package olla.standin.evenings;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.evening.HandTimes;
import olla.core.evening.SideDish;
import olla.core.oven.OvenEvent;
import olla.core.oven.Programme;
import olla.core.runsheet.Kind;
import olla.core.uncertainty.Observation;

/** Lets a cook go through an evening, minute by minute, in the kitchen as it is. Mutable; for one run. */
final class EveningRun {

    /** When everybody is in the kitchen, minutes before the first course. */
    static final double BEGINS_MIN = -240;

    private static final double ENDS_MIN = 180;
    private static final double TICK_MIN = 0.1;

    /* How hands are: late by so much on the average and never by more, minutes; slower or quicker by so much of a logarithm. */
    private static final double LATE_MIN = 0.5;
    private static final double MOST_LATE_MIN = 4;
    private static final double LOG_SLOW = 0.2;

    /* A cook who finds the oven at another heat than wanted, with something in it, waits so long, minutes. */
    private static final double WAITS_FOR_DIAL_MIN = 5;

    /* What is not done yet is looked at again, minutes. */
    private static final double AGAIN_MIN = 3;

    /**
     * A dish as it came to the table.
     *
     * @param peakC the warmest that its coldest point has been, °C
     * @param targetC what that should be, °C
     * @param waitedMin how long it was rested and not served, minutes
     */
    record FishServed(int pieces, double peakC, double targetC, double waitedMin) {
        Observation.Verdict verdict() {
            return Observation.Verdict.of(peakC, targetC);
        }
    }

    /**
     * What came of it.
     *
     * @param lateMin how late it was served; infinite where it never was
     */
    record Served(int guests, double lateMin, List<FishServed> fish) {}

    /** Hands at work. */
    private static final class Active {
        private final Task task;
        private double until;
        private double pausedUntil = Double.NEGATIVE_INFINITY;

        Active(Task task, double until) {
            this.task = task;
            this.until = until;
        }
    }

    private final Evening evening;
    private final Hidden hidden;
    private final Cook cook;
    private final Seen seen = new Seen();
    private final Map<String, HiddenOven> ovens = new HashMap<>();
    private final Map<String, HiddenDish> fish = new HashMap<>();
    private final Map<String, Double> sideReady = new HashMap<>();
    private final Map<String, Double> dueSince = new HashMap<>();
    private final Map<String, Double> lookAgain = new HashMap<>();
    private final Map<String, Integer> looks = new HashMap<>();
    private final List<Active> active = new ArrayList<>();
    private final Random probe;
    private double servedMin = Double.POSITIVE_INFINITY;

    EveningRun(DrawnEvening drawn, Cook cook) {
        this.evening = drawn.evening();
        this.hidden = drawn.hidden();
        this.cook = cook;
        this.probe = new Random(hidden.chance());
        for (EveningOven oven : evening.kitchen().ovens()) {
            ovens.put(oven.key(), new HiddenOven(oven, hidden.ovens().get(oven.key())));
        }
    }

    Served run() {
        for (double now = BEGINS_MIN; now < ENDS_MIN && Double.isInfinite(servedMin); now += TICK_MIN) {
            hob(now);
            List<Task> tasks = new ArrayList<>(cook.tasks(now, seen));
            // Fish does not wait: it is looked at before anything else is done.
            tasks.sort(Comparator.comparing((Task t) -> t.kind() != Kind.LOOK || !fish.containsKey(t.dish()))
                    .thenComparing(Task::fromMin));
            finish(now);
            for (Task task : tasks) {
                if (task.kind() == Kind.PREHEAT) {
                    preheat(now, task);
                } else if (due(now, task, tasks)) {
                    begin(now, task);
                }
            }
        }
        List<FishServed> served = new ArrayList<>();
        double at = Math.min(servedMin, ENDS_MIN);
        for (FishDish dish : evening.fish()) {
            HiddenDish really = fish.get(dish.key());
            double peak = really == null ? dish.piece().startTempC() : really.peakC(at);
            double rested = seen.out.getOrDefault(dish.key(), at) + restMin(dish.key());
            served.add(new FishServed(dish.pieces(), peak, dish.target().peakC(), Math.max(0, at - rested)));
        }
        return new Served(evening.guests(), servedMin, served);
    }

    private void hob(double now) {
        sideReady.forEach((side, ready) -> {
            if (seen.in.get(side).oven().isEmpty() && now >= ready) {
                seen.out.putIfAbsent(side, now);
            }
        });
    }

    private void preheat(double now, Task task) {
        if (now >= task.fromMin() && !seen.done.contains(task.key()) && empty(task.oven())) {
            turn(now, task.oven(), task.dialC());
            seen.done.add(task.key());
        }
    }

    private void turn(double now, String oven, double dialC) {
        if (ovens.get(oven).dialC() != dialC) {
            ovens.get(oven).turn(now, dialC);
            seen.dialC.put(oven, dialC);
        }
    }

    private boolean empty(String oven) {
        return seen.in.entrySet().stream()
                .noneMatch(e -> e.getValue().oven().equals(oven) && !seen.out.containsKey(e.getKey()));
    }

    /* Whether hands could be at it now. */
    private boolean due(double now, Task task, List<Task> tasks) {
        boolean already = seen.done.contains(task.key())
                || active.stream().anyMatch(a -> a.task.key().equals(task.key()));
        if (already || now < task.fromMin()) {
            return false;
        }
        String dish = task.dish();
        boolean in = seen.in.containsKey(dish);
        boolean out = seen.out.containsKey(dish);
        return switch (task.kind()) {
            case DRESS -> nothingLeft(dish, tasks, Kind.PREPARE);
            case PUT_IN -> !in && nothingLeft(dish, tasks, Kind.PREPARE, Kind.DRESS) && heat(now, task);
            case TOUCH -> in && !out;
            case LOOK -> in && !out && now >= lookAgain.getOrDefault(dish, now);
            case CARVE, FINISH ->
                heated(dish)
                        ? out && now >= seen.out.get(dish) + restMin(dish)
                        : nothingLeft(dish, tasks, Kind.PREPARE);
            case PLATE -> ready(now, tasks);
            default -> true;
        };
    }

    private boolean nothingLeft(String dish, List<Task> tasks, Kind... kinds) {
        return tasks.stream()
                .noneMatch(t ->
                        t.dish().equals(dish) && List.of(kinds).contains(t.kind()) && !seen.done.contains(t.key()));
    }

    private boolean heated(String dish) {
        return evening.sides().stream().noneMatch(s -> s.key().equals(dish) && s.where() == SideDish.Where.COLD);
    }

    private double restMin(String dish) {
        return evening.fish().stream()
                .filter(f -> f.key().equals(dish))
                .mapToDouble(f -> f.programme().restMinutes())
                .findFirst()
                .orElse(0);
    }

    private boolean ready(double now, List<Task> tasks) {
        for (FishDish dish : evening.fish()) {
            if (!ready(now, dish.key(), tasks)) {
                return false;
            }
        }
        for (SideDish side : evening.sides()) {
            if (!ready(now, side.key(), tasks)) {
                return false;
            }
        }
        return true;
    }

    private boolean ready(double now, String dish, List<Task> tasks) {
        boolean rested = !heated(dish) || seen.out.containsKey(dish) && now >= seen.out.get(dish) + restMin(dish);
        return rested && nothingLeft(dish, tasks, Kind.PREPARE, Kind.FINISH, Kind.CARVE);
    }

    /* Whether there is a place for it, and it is hot. */
    private boolean heat(double now, Task task) {
        if (task.oven().isEmpty()) {
            long used = seen.in.entrySet().stream()
                    .filter(e -> e.getValue().oven().isEmpty() && !seen.out.containsKey(e.getKey()))
                    .count();
            return used < evening.kitchen().burners();
        }
        HiddenOven oven = ovens.get(task.oven());
        int used = 0;
        for (Map.Entry<String, Seen.In> e : seen.in.entrySet()) {
            if (e.getValue().oven().equals(task.oven()) && !seen.out.containsKey(e.getKey())) {
                used += shelves(e.getKey(), oven);
            }
        }
        if (used + shelves(task.dish(), oven) > oven.said().shelves()) {
            return false;
        }
        if (oven.dialC() != task.dialC()) {
            if (used == 0) {
                turn(now, task.oven(), task.dialC());
                return false;
            }
            return now >= dueSince.computeIfAbsent("dial " + task.key(), k -> now) + WAITS_FOR_DIAL_MIN;
        }
        return used > 0 || oven.lamp(now);
    }

    private int shelves(String dish, HiddenOven oven) {
        return evening.fish().stream()
                .filter(f -> f.key().equals(dish))
                .map(f -> oven.said().shelvesFor(f.piece(), f.pieces()))
                .findFirst()
                .orElse(1);
    }

    private void begin(double now, Task task) {
        String key = task.kind() == Kind.LOOK ? task.key() + looks.getOrDefault(task.dish(), 0) : task.key();
        Random hands = new Random(hidden.chance() ^ 0x9E3779B97F4A7C15L * key.hashCode());
        double late = Math.min(MOST_LATE_MIN, -LATE_MIN * Math.log1p(-hands.nextDouble()));
        if (now < dueSince.computeIfAbsent(key, k -> now) + late) {
            return;
        }
        double minutes = task.minutes() * Math.exp(LOG_SLOW * hands.nextGaussian());
        long busy = active.stream().filter(a -> a.pausedUntil <= now).count();
        if (busy >= evening.kitchen().hands().size()) {
            Active other = active.stream()
                    .filter(a -> a.pausedUntil <= now && !a.task.urgent())
                    .findFirst()
                    .orElse(null);
            if (!task.urgent() || other == null) {
                return;
            }
            other.pausedUntil = now + minutes;
            other.until += minutes;
        }
        active.add(new Active(task, now + minutes));
    }

    private void finish(double now) {
        for (Active one : List.copyOf(active)) {
            if (one.until <= now) {
                active.remove(one);
                if (!seen.out.containsKey(one.task.dish()) || one.task.kind() != Kind.LOOK) {
                    complete(now, one.task);
                }
            }
        }
    }

    private void complete(double now, Task task) {
        switch (task.kind()) {
            case PUT_IN -> putIn(now, task);
            case LOOK -> look(now, task);
            case TOUCH -> ovens.get(seen.in.get(task.dish()).oven()).opened(now, OvenEvent.DoorOpened.TAKING_OUT_S);
            case PLATE -> servedMin = now;
            default -> {
                // Nothing but hands.
            }
        }
        if (task.kind() != Kind.LOOK) {
            seen.done.add(task.key());
        }
    }

    private void putIn(double now, Task task) {
        String dish = task.dish();
        HiddenOven oven = ovens.get(task.oven());
        double dial = oven == null ? 0 : oven.dialC();
        Seen.In in = new Seen.In(task.oven(), dial, now);
        seen.in.put(dish, in);
        if (oven != null) {
            oven.opened(now, OvenEvent.DoorOpened.TAKING_OUT_S);
        }
        for (FishDish f : evening.fish()) {
            if (f.key().equals(dish)) {
                Programme programme = f.programme().at(dial).opened();
                fish.put(
                        dish,
                        new HiddenDish(f, hidden.fish().get(dish), oven, programme, cook.takesMin(dish, in), now));
            }
        }
        for (SideDish s : evening.sides()) {
            if (s.key().equals(dish)) {
                double said = oven == null ? s.cookMin() : s.minutesIn(oven.known(), dial);
                sideReady.put(dish, now + said * hidden.sides().get(dish));
                if (oven != null) {
                    oven.goesIn(Load.ofTrays(dish, now, s.shelves(), hidden.chance()));
                }
            }
        }
    }

    /* The same hands are at it for a moment longer. */
    private static Task setDown(Task look, double now) {
        return new Task(look.key() + ".down", look.dish(), Kind.LOOK, now, HandTimes.SET_DOWN_MIN, "", 0);
    }

    private void look(double now, Task task) {
        String dish = task.dish();
        Seen.In in = seen.in.get(dish);
        looks.merge(dish, 1, Integer::sum);
        ovens.get(in.oven()).opened(now, OvenEvent.DoorOpened.LOOKING_S);
        HiddenDish really = fish.get(dish);
        if (really == null) {
            if (now >= sideReady.get(dish)) {
                seen.out.put(dish, now);
                ovens.get(in.oven()).comesOut(dish, now);
            } else {
                lookAgain.put(dish, now + AGAIN_MIN);
                seen.notYet.put(dish, now);
            }
            return;
        }
        double tip = really.tipC(now, hidden.probe().towardsFace())
                + hidden.probe().offsetC()
                + hidden.probe().noiseC() * probe.nextGaussian();
        if (cook.outAt(
                dish, in, now - in.minute(), Math.max(Observation.COLDEST_C, Math.min(Observation.HOTTEST_C, tip)))) {
            really.takeOut(now);
            seen.out.put(dish, now);
            active.add(new Active(setDown(task, now), now + HandTimes.SET_DOWN_MIN));
        }
    }
}
