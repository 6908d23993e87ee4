package olla.core.runsheet;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The evening as it is planned. Minutes are counted from when the first course is served, negative before.
 *
 * @param steps in order of their moments
 * @param dishes what goes into an oven or onto the hob, in the order of the evening
 * @param courses in order
 * @param cost what it costs; kept where nothing is that cannot be
 */
public record RunSheet(List<SheetStep> steps, List<DishTime> dishes, List<CourseTime> courses, Cost cost) {

    /**
     * A course.
     *
     * @param wantedMin when it is to be served
     * @param servedMin when it likely is, if nothing goes wrong
     */
    public record CourseTime(double wantedMin, double servedMin) {
        /** How late it is, minutes. */
        public double lateMin() {
            return Math.max(0, servedMin - wantedMin);
        }
    }

    /** Takes over copies. */
    public RunSheet {
        steps = List.copyOf(steps);
        dishes = List.copyOf(dishes);
        courses = List.copyOf(courses);
    }

    /* Nobody calls it late, minutes (common practice, no source). */
    static final double IN_TIME_MIN = 1;

    /** Whether all that was asked for can be: nothing is served late, and nothing waits longer than it can. */
    public boolean inTime() {
        return cost.kept() && cost.late() < IN_TIME_MIN;
    }

    /** What the next sheet begins with. */
    public List<Kept> kept() {
        return dishes.stream()
                .map(d -> new Kept(d.key(), d.oven(), (int) Math.round(d.dialC()), d.earlyMin(), d.inMin()))
                .toList();
    }

    /** The key of the step that sets an oven for a dish. By the dish: what comes first changes, and a tick stays with what was ticked. */
    public static String preheat(String oven, String dish) {
        return oven + "." + Kind.PREHEAT + "." + dish;
    }

    /** A dish by its key. */
    public Optional<DishTime> dish(String key) {
        return dishes.stream().filter(d -> d.key().equals(key)).findFirst();
    }

    /** A step by its key. */
    public Optional<SheetStep> step(String key) {
        return steps.stream().filter(s -> s.key().equals(key)).findFirst();
    }

    /* Hands are seldom on the minute: nothing is called overdue sooner, minutes. */
    private static final double OVERDUE_MIN = 2;

    /** Whether something should be done by now, or what takes a moment only should have begun. */
    public boolean overdue(double nowMin) {
        return steps.stream()
                .filter(step -> step.kind().attended())
                .anyMatch(step -> (step.kind().work() ? step.untilMin() : step.fromMin()) < nowMin - OVERDUE_MIN);
    }

    /**
     * What hands are at now, as far as the sheet knows: since when, by key of the step. Of each dish the first thing that is not done.
     *
     * @param settled keys of steps that are done or left out
     */
    public Map<String, Double> begun(double nowMin, Set<String> settled) {
        Map<String, Double> begun = new HashMap<>();
        Set<String> dishes = new HashSet<>();
        for (SheetStep step : steps) {
            boolean open = step.kind().attended() && !settled.contains(step.key());
            boolean first = open && !step.dish().isEmpty() && dishes.add(step.dish());
            if (first && step.kind().work() && step.fromMin() <= nowMin) {
                begun.put(step.key(), step.fromMin());
            }
        }
        return begun;
    }

    /** How late the latest course is, minutes. */
    public double lateMin() {
        return courses.stream().mapToDouble(CourseTime::lateMin).max().orElse(0);
    }
}
