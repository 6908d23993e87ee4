package olla.practice.rounds;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.messages.Message;
import olla.core.messages.Quantity;

/**
 * How far a cook is in one skill.
 *
 * @param skill which
 * @param rounds how many were done
 * @param missed what is to be expected to be missed next time, over what is close enough
 * @param words the same in a sentence, of the last rounds
 * @param offs by how much each round was off, oldest first; in the skill's own unit
 */
public record Mastery(Skill skill, int rounds, double missed, Message words, List<Double> offs) {

    /** So many of the last rounds speak. */
    static final int LAST = 5;

    /* What is expected before anything was done, so that what is new comes before what goes fairly well, and as how many rounds that counts;
     * a round counts by so much less than the next; and who was shown what was so misses that much less the next time (ours). */
    private static final double UNKNOWN = 3;
    private static final double COUNTS = 1;
    private static final double FADES = 0.6;
    private static final double GETS_BETTER = 0.8;

    private static final double WORTH_MIN = 0.75;
    private static final double WORTH_GRADES = 0.4;
    private static final double WORTH_MM = 1.5;

    /**
     * Says how far.
     *
     * @param results of this skill, oldest first
     */
    public static Mastery of(Skill skill, List<Result> results) {
        double sum = COUNTS * UNKNOWN;
        double weights = COUNTS;
        for (int i = 0; i < results.size(); i++) {
            double since = results.size() - i;
            double weight = Math.pow(FADES, since - 1);
            // A first round says less than its own size: what was expected goes with it until there are several.
            sum += weight * Math.pow(GETS_BETTER, since) * results.get(i).missed();
            weights += weight;
        }
        List<Result> last = results.subList(Math.max(0, results.size() - LAST), results.size());
        return new Mastery(
                skill,
                results.size(),
                sum / weights,
                words(skill, last),
                results.stream().map(Result::off).toList());
    }

    private static Message words(Skill skill, List<Result> last) {
        if (last.isEmpty()) {
            return Message.of("practice.not-tried");
        }
        double off = last.stream().mapToDouble(Result::off).average().orElseThrow();
        double size =
                last.stream().mapToDouble(r -> Math.abs(r.off())).average().orElseThrow();
        if (skill == Skill.FRESHNESS) {
            return Message.of(
                    size < WORTH_GRADES
                            ? "practice.grades-well"
                            : off > WORTH_GRADES / 2
                                    ? "practice.grades-strictly"
                                    : off < -WORTH_GRADES / 2 ? "practice.grades-kindly" : "practice.grades-wide");
        }
        if (skill == Skill.BY_EYE) {
            return Message.of(
                    Math.abs(off) < WORTH_MM
                            ? "practice.measures-within"
                            : off > 0 ? "practice.measures-thick" : "practice.measures-thin",
                    "mm",
                    Quantity.mm(Math.abs(off) < WORTH_MM ? size : Math.abs(off)));
        }
        Message many = Message.word(skill).form("many");
        OptionalDouble looked =
                last.stream().mapToDouble(r -> r.lookedLateMin().orElse(0)).average();
        if (looked.orElse(0) > WORTH_MIN) {
            return Message.of("practice.looks-late", "minutes", Quantity.minutes(looked.getAsDouble()), "skill", many);
        }
        return Message.of(
                Math.abs(off) < WORTH_MIN
                        ? "practice.bakes-within"
                        : off > 0 ? "practice.takes-out-late" : "practice.takes-out-early",
                "minutes",
                Quantity.minutes(Math.abs(off) < WORTH_MIN ? Math.max(0.5, size) : Math.abs(off)),
                "skill",
                many);
    }
}
