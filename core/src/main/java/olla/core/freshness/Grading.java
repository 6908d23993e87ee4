package olla.core.freshness;

import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import olla.core.messages.Message;

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
                    Message.of(
                            "grading.refused",
                            "senses",
                            inside(refused).opening(),
                            "look",
                            refused.get(0).look(Score.REFUSED, bluefish)),
                    Message.of("grading.refuse-it"),
                    false,
                    List.of());
        }
        List<Sense> missing = missing(whole, counted);
        if (!missing.isEmpty()) {
            return new Judgement(
                    null,
                    Message.of("grading.too-little"),
                    Message.of("grading.look-at", "senses", inside(missing)),
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

    private static Message reason(Score grade, Score worst, List<Sense> weakest, boolean bluefish) {
        if (worst == Score.EXTRA) {
            return Message.of("grading.all-extra");
        }
        return Message.of(
                grade == worst ? "grading.held" : "grading.but-for",
                "senses",
                inside(weakest),
                "look",
                weakest.get(0).look(worst, bluefish));
    }

    private static Message advice(Score grade) {
        return switch (grade) {
            case EXTRA -> Message.of("grading.good-tomorrow");
            case A -> Message.of("grading.good");
            default -> Message.of("grading.today");
        };
    }

    /* As they are called within a sentence. */
    private static Message inside(List<Sense> senses) {
        return Message.of(
                Message.LIST,
                Message.VALUE,
                senses.stream().map(s -> Message.word(s).form("inside")).toList());
    }
}
