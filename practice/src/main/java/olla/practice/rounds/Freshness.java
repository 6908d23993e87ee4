package olla.practice.rounds;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import olla.core.freshness.Grading;
import olla.core.freshness.Judgement;
import olla.core.freshness.Score;
import olla.core.freshness.Sense;
import olla.core.messages.Message;

/** A drill: a fish as it looks, smells and feels, to be graded; the truth is what the published table says of it. Immutable; the same for one seed. */
public final class Freshness {

    /* How often a character is a grade beside the others, and not admitted on an else good fish (ours). */
    private static final double BESIDE = 0.3;
    private static final double SPOILT = 0.25;

    private final boolean whole;
    private final boolean bluefish;
    private final Map<Sense, Score> is = new EnumMap<>(Sense.class);

    private Freshness(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        whole = random.nextDouble() < 2.0 / 3;
        bluefish = random.nextBoolean();
        int about = random.nextInt(Score.REFUSED.ordinal());
        List<Sense> of = new ArrayList<>();
        for (Sense sense : Sense.values()) {
            if (sense.whole() == whole) {
                of.add(sense);
                int beside = random.nextDouble() < BESIDE ? random.nextBoolean() ? 1 : -1 : 0;
                is.put(sense, Score.values()[Math.max(0, Math.min(Score.B.ordinal(), about + beside))]);
            }
        }
        if (random.nextDouble() < SPOILT) {
            is.put(of.get(random.nextInt(of.size())), Score.REFUSED);
        }
    }

    /** Draws one. */
    public static Freshness of(long seed) {
        return new Freshness(seed);
    }

    /** Whether it is a whole fish; else a fillet. */
    public boolean whole() {
        return whole;
    }

    /** One character, which grade it shows, and how that looks. */
    public record Character(Sense sense, Score shows, Message look) {}

    /** How it is, character by character. */
    public List<Character> looks() {
        return is.entrySet().stream()
                .map(e -> new Character(e.getKey(), e.getValue(), e.getKey().look(e.getValue(), bluefish)))
                .toList();
    }

    /** What is so. */
    public Judgement judgement() {
        return Grading.of(whole, bluefish, is);
    }

    /** What a grade that a cook gave it tells of them. */
    public Result result(Score given) {
        return Result.graded(given.ordinal() - judgement().grade().ordinal());
    }

    /** What is said of a grade that a cook gave it. */
    public Message words(Score given) {
        Score grade = judgement().grade();
        String key = given == grade
                ? "practice.graded-right"
                : grade == Score.REFUSED
                        ? "practice.graded-dangerous"
                        : given.compareTo(grade) < 0 ? "practice.graded-too-good" : "practice.graded-too-bad";
        return Message.of(key, "grade", grade);
    }
}
