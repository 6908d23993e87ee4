package olla.core.runsheet;

import java.util.List;
import java.util.Optional;

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

    /** What the next sheet begins with. */
    public List<Kept> kept() {
        return dishes.stream()
                .map(d -> new Kept(d.key(), d.oven(), (int) Math.round(d.dialC()), d.earlyMin(), d.inMin()))
                .toList();
    }

    /** A dish by its key. */
    public Optional<DishTime> dish(String key) {
        return dishes.stream().filter(d -> d.key().equals(key)).findFirst();
    }

    /** A step by its key. */
    public Optional<SheetStep> step(String key) {
        return steps.stream().filter(s -> s.key().equals(key)).findFirst();
    }

    /** How late the latest course is, minutes. */
    public double lateMin() {
        return courses.stream().mapToDouble(CourseTime::lateMin).max().orElse(0);
    }
}
