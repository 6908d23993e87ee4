package olla.core.evening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import olla.core.fish.Cut;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.plan.Ahead;

/** What is done on the days before an evening, and how soon at the earliest. */
public final class DaysBefore {

    /**
     * One thing.
     *
     * @param key stable name
     * @param dish key of the dish or side
     * @param say what to do
     * @param earliestH how many hours before its course at the earliest; it keeps no longer
     * @param latestH how many hours before at the latest
     */
    public record Early(String key, String dish, Message say, double earliestH, double latestH) {}

    /* Bought on the day before at the earliest: raw fish keeps two days on ice, one is left for the evening itself (published:
    USDA FSIS, raw fish 1 to 2 days, from memory). */
    private static final double BOUGHT_H = 30;
    private static final double BOUGHT_LATEST_H = 4;

    /* In the fridge: a portion overnight, a whole fish a day (common practice, no source). */
    private static final double THAWS_PORTION_H = 12;
    private static final double THAWS_WHOLE_H = 24;

    /* What has thawed is used within a day or two (published: USDA FSIS, from memory). */
    private static final double THAWED_KEEPS_H = 24;

    /* Sooner than this it is not on a day before, hours. */
    private static final double SAME_EVENING_H = 2;

    private DaysBefore() {}

    /** All of it, what may be done first first. */
    public static List<Early> of(Evening evening) {
        List<Early> early = new ArrayList<>();
        for (FishDish dish : evening.fish()) {
            Message name = Message.typed(dish.title());
            if (dish.frozen()) {
                double takes = dish.piece().cut() == Cut.WHOLE ? THAWS_WHOLE_H : THAWS_PORTION_H;
                early.add(new Early(
                        dish.key() + ".THAW",
                        dish.key(),
                        Message.of("ahead.thaw", "dish", name, "hours", takes),
                        takes + THAWED_KEEPS_H,
                        takes + SAME_EVENING_H));
            } else if (!dish.piece().frozen()) {
                early.add(new Early(
                        dish.key() + ".BUY",
                        dish.key(),
                        Message.of(
                                "ahead.buy",
                                "dish",
                                name,
                                "fish",
                                dish.piece().species().words(),
                                "weight",
                                Quantity.grams(Math.rint(dish.piece().massG() * dish.pieces() / 10) * 10)),
                        BOUGHT_H,
                        BOUGHT_LATEST_H));
            }
            int number = 0;
            for (Ahead.Step step : Ahead.of(dish.piece(), dish.dress())) {
                number++;
                if (step.hours() > SAME_EVENING_H) {
                    early.add(new Early(
                            dish.key() + ".AHEAD." + number,
                            dish.key(),
                            Message.of("ahead.for", "dish", name, "step", step.words()),
                            step.hours(),
                            SAME_EVENING_H));
                }
            }
        }
        for (SideDish side : evening.sides()) {
            if (side.aheadH() > SAME_EVENING_H) {
                early.add(new Early(
                        side.key() + ".AHEAD",
                        side.key(),
                        Message.of("ahead.side", "dish", Message.typed(side.title())),
                        side.aheadH(),
                        SAME_EVENING_H));
            }
        }
        early.sort(Comparator.comparingDouble(Early::earliestH).reversed());
        return List.copyOf(early);
    }
}
