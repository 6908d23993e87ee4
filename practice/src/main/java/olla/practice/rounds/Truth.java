package olla.practice.rounds;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.uncertainty.Observation.Verdict;
import olla.practice.kitchen.Going;

/**
 * What was so in a round that is over.
 *
 * @param dishes one for each
 * @param airC the oven's air at the minutes of the first dish's course, °C
 * @param runsHotC what the oven runs above its dial, °C
 * @param doorsCostMin how much later the open door made it, minutes
 * @param words of the oven and its door; empty where there is nothing to say
 */
public record Truth(List<Dish> dishes, List<Double> airC, double runsHotC, double doorsCostMin, List<Message> words) {

    /* A course is kept so often, minutes. */
    private static final double EVERY_MIN = 0.5;

    /* From where on it is worth a sentence: minutes, K of an oven, and what a rest would still have brought, K. */
    private static final double WORTH_MIN = 0.5;
    private static final double WORTH_OVEN_K = 8;
    private static final double WORTH_REST_K = 1;

    /**
     * What was so of one dish.
     *
     * @param minutes of its course, since all went in until it was served
     * @param coldestC its coldest flesh then, °C
     * @param timing when it was looked at, taken out and served
     * @param peakC the warmest its coldest flesh was, °C
     * @param verdict what guests would say
     * @param words the same in sentences, what is not done first
     */
    public record Dish(
            List<Double> minutes,
            List<Double> coldestC,
            Timing timing,
            double peakC,
            Verdict verdict,
            List<Message> words) {}

    /** @param round one that is over */
    public static Truth of(Round round) {
        Exercise exercise = round.exercise();
        int dishes = exercise.slips().size();
        List<Timing> timings = Timing.of(round);
        Going going = exercise.setting().begin();
        List<List<Double>> coldest = IntStream.range(0, dishes)
                .mapToObj(i -> (List<Double>) new ArrayList<Double>())
                .toList();
        List<Double> air = new ArrayList<>();
        List<Double> minutes = new ArrayList<>();
        double[] rested = new double[dishes];
        double[] peak = new double[dishes];
        double until = round.moves().get(round.moves().size() - 1).minute();
        int next = 0;
        for (double minute = 0; minute < until + EVERY_MIN; minute += EVERY_MIN) {
            while (next < round.moves().size() && round.moves().get(next).minute() <= minute) {
                Move move = round.moves().get(next++);
                going.until(move.minute());
                going.handAt(move.dish(), move.kind().doorS());
                if (move.kind() == Move.Kind.OUT) {
                    rested[move.dish()] = going.peakIfOutC(
                            move.dish(), exercise.slips().get(move.dish()).restMin());
                    going.takeOut(move.dish());
                } else if (move.kind() == Move.Kind.SERVE) {
                    peak[move.dish()] = going.peakC(move.dish());
                }
            }
            going.until(minute);
            minutes.add(minute);
            air.add(going.airC());
            for (int dish = 0; dish < dishes; dish++) {
                coldest.get(dish).add(going.coldestC(dish));
            }
        }
        double cost = 0;
        List<Dish> told = new ArrayList<>();
        for (int dish = 0; dish < dishes; dish++) {
            Timing timing = timings.get(dish);
            cost = Math.max(cost, timing.readyMin() - exercise.shutReadyMin(dish));
            double target = exercise.slips().get(dish).targetC();
            told.add(dish(timing, target, minutes, coldest.get(dish), peak[dish], rested[dish]));
        }
        double hot = exercise.setting().runsHotC();
        return new Truth(told, air, hot, cost, ovenWords(hot, cost));
    }

    private static Dish dish(
            Timing timing, double target, List<Double> minutes, List<Double> coldest, double peak, double rested) {
        int until = (int) Math.min(minutes.size(), Math.ceil(timing.servedMin() / EVERY_MIN) + 1);
        Verdict verdict = Verdict.of(peak, target);
        List<Message> words = new ArrayList<>();
        words.add(Message.of(
                switch (verdict) {
                    case UNDER -> "practice.was-under";
                    case RIGHT -> "practice.was-right";
                    case OVER -> "practice.was-over";
                },
                "celsius",
                Quantity.celsius(peak),
                "target",
                Quantity.celsius(target)));
        words.add(outWords(timing.lateMin(), timing.readyMin()));
        words.add(lookedWords(timing.lookedMin(), timing.readyMin()));
        if (rested - peak >= WORTH_REST_K) {
            words.add(Message.of("practice.rest-short", "celsius", Quantity.celsius(rested)));
        }
        return new Dish(
                List.copyOf(minutes.subList(0, until)),
                List.copyOf(coldest.subList(0, until)),
                timing,
                peak,
                verdict,
                words);
    }

    private static Message outWords(double late, double ready) {
        Quantity at = Quantity.minutes(ready);
        if (Math.abs(late) < WORTH_MIN) {
            return Message.of("practice.out-in-time", "ready", at);
        }
        return Message.of(
                late > 0 ? "practice.out-late" : "practice.out-early",
                "minutes",
                Quantity.minutes(Math.abs(late)),
                "ready",
                at);
    }

    private static Message lookedWords(OptionalDouble looked, double ready) {
        if (looked.isEmpty()) {
            return Message.of("practice.never-looked");
        }
        double late = looked.getAsDouble() - ready;
        if (Math.abs(late) < WORTH_MIN) {
            return Message.of("practice.looked-just-then");
        }
        return Message.of(
                late > 0 ? "practice.looked-late" : "practice.looked-in-time",
                "minutes",
                Quantity.minutes(Math.abs(late)));
    }

    private static List<Message> ovenWords(double hot, double cost) {
        List<Message> words = new ArrayList<>();
        if (Math.abs(hot) >= WORTH_OVEN_K) {
            words.add(Message.of(
                    hot > 0 ? "practice.oven-hot" : "practice.oven-cool", "kelvin", Quantity.kelvin(Math.abs(hot))));
        }
        if (cost >= WORTH_MIN) {
            words.add(Message.of("practice.door-cost", "minutes", Quantity.minutes(cost)));
        }
        return words;
    }

    /** What it tells of the cook: by the dish that was missed most. */
    public Result result(Skill skill) {
        return Timing.result(skill, dishes.stream().map(Dish::timing).toList());
    }
}
