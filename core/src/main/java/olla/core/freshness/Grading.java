package olla.core.freshness;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * The judgement over all characters (published: Council Regulation (EC) No 2406/96, Annex I, from memory). One character
 * that is not admitted is a refusal. Otherwise the grade is the middle one of those seen, but never better than one above
 * the worst. A doubt never ends in a recommendation to eat: with too little looked at there is no grade.
 */
public final class Grading {

    private Grading() {}

    /**
     * Judges a fish.
     *
     * @param whole true for a whole fish, false for fillets, portions and sides
     * @param bluefish true for oily fish, which have a table of their own
     * @param seen the characters looked at and how each was; those of the other kind are left aside
     */
    public static Judgement of(boolean whole, boolean bluefish, Map<Sense, Score> seen) {
        Map<Sense, Score> counted = new EnumMap<>(Sense.class);
        seen.forEach((sense, score) -> {
            if (sense.whole() == whole) {
                counted.put(sense, score);
            }
        });
        List<Sense> refused = counted.entrySet().stream()
                .filter(e -> e.getValue() == Score.REFUSED)
                .map(Map.Entry::getKey)
                .toList();
        if (!refused.isEmpty()) {
            return new Judgement(
                    Score.REFUSED,
                    words(refused) + ": " + refused.get(0).look(Score.REFUSED, bluefish)
                            + ". One such character is enough.",
                    "Refuse it. Don't cook it, don't taste it.",
                    false,
                    List.of());
        }
        List<Sense> missing = missing(whole, counted);
        if (!missing.isEmpty()) {
            return new Judgement(
                    null,
                    "Not enough looked at yet.",
                    "Look at " + words(missing).toLowerCase(Locale.ROOT) + " before you decide.",
                    false,
                    missing);
        }
        return graded(counted, bluefish);
    }

    private static List<Sense> missing(boolean whole, Map<Sense, Score> counted) {
        List<Sense> open = Arrays.stream(Sense.values())
                .filter(s -> s.whole() == whole && !counted.containsKey(s))
                .toList();
        List<Sense> needed = open.stream().filter(Sense::needed).toList();
        if (!needed.isEmpty() || counted.size() >= Judgement.LEAST_LOOKED_AT) {
            return needed;
        }
        return open;
    }

    private static Judgement graded(Map<Sense, Score> counted, boolean bluefish) {
        List<Score> sorted = counted.values().stream().sorted().toList();
        Score middle = sorted.get(sorted.size() / 2);
        Score worst = sorted.get(sorted.size() - 1);
        Score best = Score.values()[Math.max(0, worst.ordinal() - 1)];
        Score grade = middle.compareTo(best) < 0 ? best : middle;
        List<Sense> weakest = counted.entrySet().stream()
                .filter(e -> e.getValue() == worst)
                .map(Map.Entry::getKey)
                .sorted(Comparator.naturalOrder())
                .toList();
        return new Judgement(grade, reason(grade, worst, weakest, bluefish), advice(grade), true, List.of());
    }

    private static String reason(Score grade, Score worst, List<Sense> weakest, boolean bluefish) {
        if (worst == Score.EXTRA) {
            return "Everything you looked at is as on the day it was caught.";
        }
        String fault =
                words(weakest).toLowerCase(Locale.ROOT) + ": " + weakest.get(0).look(worst, bluefish) + ".";
        return (grade == worst ? "Held to this by " : "Good but for ") + fault;
    }

    private static String advice(Score grade) {
        return switch (grade) {
            case EXTRA -> "Good for anything, today or tomorrow.";
            case A -> "Good. Eat it today or tomorrow.";
            default -> "Eat it today and cook it through. If in doubt, leave it.";
        };
    }

    private static String words(List<Sense> senses) {
        return senses.stream().map(Sense::word).collect(Collectors.joining(", "));
    }
}
