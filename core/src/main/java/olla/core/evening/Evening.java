package olla.core.evening;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.plan.Helpings;

/**
 * Everything that is to be on the table. Its minutes are counted from the moment at which the first course is served; what
 * comes before is negative.
 *
 * @param guests how many, 1 to 500
 * @param coursesMin when each course is served, the first at 0, each at least 10 minutes after the one before it, at most 5
 * @param fish at most 12
 * @param sides at most 24
 * @param kitchen what there is to cook with
 */
public record Evening(int guests, List<Double> coursesMin, List<FishDish> fish, List<SideDish> sides, Kitchen kitchen) {

    /** More dishes with fish are not planned for at once. */
    public static final int MOST_FISH = 12;

    /** More sides are not planned for at once. */
    public static final int MOST_SIDES = 24;

    /** More courses are not planned for at once. */
    public static final int MOST_COURSES = 5;

    /** No course is served sooner after another, minutes. */
    public static final double LEAST_BETWEEN_MIN = 10;

    /** So long after another where nobody said, minutes (common practice, no source). */
    public static final double USUAL_BETWEEN_MIN = 30;

    /** No course is served later after the first, minutes. */
    public static final double LONGEST_MIN = 240;

    /** @throws olla.core.messages.RefusedInput where there is too much of something, or two have one key */
    public Evening {
        coursesMin = List.copyOf(coursesMin);
        fish = List.copyOf(fish);
        sides = List.copyOf(sides);
        Refusals refusals = new Refusals()
                .range("guests", "number-of-guests", guests, 1, Helpings.MOST_GUESTS, Unit.NUMBER)
                .range("courses", "number-of-courses", coursesMin.size(), 1, MOST_COURSES, Unit.NUMBER)
                .range("fish", "number-of-dishes", fish.size(), 0, MOST_FISH, Unit.NUMBER)
                .range("sides", "number-of-sides", sides.size(), 0, MOST_SIDES, Unit.NUMBER)
                .range(
                        "dishes",
                        "number-of-dishes",
                        fish.size() + sides.size(),
                        1,
                        MOST_FISH + MOST_SIDES,
                        Unit.NUMBER);
        courses(coursesMin, refusals);
        Set<String> keys = new HashSet<>();
        for (int i = 0; i < fish.size(); i++) {
            known("fish." + i, fish.get(i).key(), fish.get(i).course(), coursesMin, keys, refusals);
            if (kitchen.ovens().stream().noneMatch(fish.get(i)::goesInto)) {
                refusals.add(
                        "fish." + i,
                        "refusal.no-oven-for",
                        "dish",
                        Message.typed(fish.get(i).title()));
            }
        }
        for (int i = 0; i < sides.size(); i++) {
            SideDish side = sides.get(i);
            known("sides." + i, side.key(), side.course(), coursesMin, keys, refusals);
            boolean oven =
                    side.where() == SideDish.Where.OVEN && kitchen.ovens().isEmpty();
            boolean hob = side.where() == SideDish.Where.HOB && kitchen.burners() == 0;
            if (oven || hob) {
                refusals.add(
                        "sides." + i,
                        oven ? "refusal.no-oven-for" : "refusal.no-burner-for",
                        "dish",
                        Message.typed(side.title()));
            }
        }
        refusals.throwIfAny();
    }

    private static void courses(List<Double> minutes, Refusals refusals) {
        for (int i = 0; i < minutes.size(); i++) {
            double least = i == 0 ? 0 : minutes.get(i - 1) + LEAST_BETWEEN_MIN;
            refusals.range("courses." + i, "course", minutes.get(i), least, i == 0 ? 0 : LONGEST_MIN, Unit.MIN);
        }
    }

    private static void known(
            String field, String key, int course, List<Double> courses, Set<String> keys, Refusals refusals) {
        if (!keys.add(key)) {
            refusals.add(field, "refusal.dish-key-twice", "key", key);
        }
        if (course < 0 || course >= courses.size()) {
            refusals.add(field, "refusal.no-such-course", "course", course + 1, "courses", courses.size());
        }
    }

    /** The same with another kitchen. */
    public Evening in(Kitchen other) {
        return new Evening(guests, coursesMin, fish, sides, other);
    }

    /** How long a course is plated before it is served, minutes. */
    public double platingMin(int course) {
        return HandTimes.plate(guests, Math.max(1, kitchen.handsAt(coursesMin.get(course) - 1e-6)));
    }
}
