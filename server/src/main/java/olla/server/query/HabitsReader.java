package olla.server.query;

import java.util.List;
import olla.core.fish.Habit;
import olla.core.habits.Which;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.server.query.EstimateRequest.HabitPartInput;
import olla.server.query.EstimateRequest.HabitsInput;
import olla.server.web.Lengths;

/** Reads how fish goes in the kitchen that asks. */
final class HabitsReader {

    /* Of each kind one, and of everybody who judges and every probe. */
    private static final int MOST = 100;

    /* What nobody has baked yet. */
    private static final int MOST_BAKES = 1_000_000;

    private HabitsReader() {}

    /**
     * In all.
     *
     * @param said null where nothing is said
     * @throws olla.core.messages.RefusedInput a line for each field that will not do
     */
    static Habit of(HabitsInput said) {
        if (said == null) {
            return Habit.NONE;
        }
        Refusals refusals = new Refusals();
        List<HabitPartInput> parts = parts(said);
        refusals.range("parts", "habit-parts", parts.size(), 0, MOST, Unit.NUMBER);
        for (int i = 0; i < Math.min(MOST, parts.size()); i++) {
            check("parts[" + i + "].", parts.get(i), refusals);
        }
        refusals.throwIfAny();
        return said.habit();
    }

    /** What it is made of. */
    static List<HabitPartInput> parts(HabitsInput said) {
        return said == null || said.parts() == null ? List.of() : said.parts();
    }

    private static void check(String field, HabitPartInput part, Refusals refusals) {
        if (part == null || part.about() == null) {
            refusals.add(field + "about", "missing.habit", "choices", Message.codes(Which.About.values()));
            return;
        }
        refusals.range(field + "logSlower", "habit-of-fish", part.logSlower(), -1, 1, Unit.NUMBER)
                .range(field + "bakes", "habit-bakes", part.bakes(), 0, MOST_BAKES, Unit.NUMBER);
        if (part.name() != null) {
            refusals.length(field + "name", "habit-name", part.name(), 0, Lengths.OVEN_NAME);
        }
    }
}
