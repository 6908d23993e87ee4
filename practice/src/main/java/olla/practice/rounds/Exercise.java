package olla.practice.rounds;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import olla.practice.kitchen.Setting;

/** A round before anything is done in it: a hidden kitchen, and the tickets of what is in its oven. Immutable; the same for one seed. */
public final class Exercise {

    /* How far an oven is off whose dial is said to lie, and any other, °C (orders of magnitude, ours). */
    private static final double LIES_FROM_C = 14;
    private static final double LIES_TO_C = 26;
    private static final double USUAL_C = 5;

    private final Skill skill;
    private final Setting setting;
    private final List<Slip> slips;
    private final double[] readyMin;

    private Exercise(Skill skill, Setting setting) {
        this.skill = skill;
        this.setting = setting;
        slips = IntStream.range(0, skill.dishes().size())
                .mapToObj(dish -> Slip.of(
                        setting.stated().get(dish), skill.dishes().get(dish).way()))
                .toList();
        readyMin = Ready.of(this, List.of());
    }

    /**
     * Draws one. One in which the ticket can be followed to an end: an oven that never brings a fish there teaches nothing.
     *
     * @param skill one that bakes
     * @param seed the same is the same round
     */
    public static Exercise of(Skill skill, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        while (true) {
            boolean lies = skill == Skill.OVEN;
            double off = lies ? random.nextDouble(LIES_FROM_C, LIES_TO_C) : USUAL_C * random.nextGaussian();
            double offsetC = lies && random.nextBoolean() ? -off : off;
            Setting setting = Setting.of(skill.dishes(), skill.kind(), offsetC, random.nextLong());
            Exercise exercise = new Exercise(skill, setting);
            if (IntStream.range(0, exercise.readyMin.length).noneMatch(i -> Double.isNaN(exercise.readyMin[i]))) {
                return exercise;
            }
        }
    }

    /** What it practises. */
    public Skill skill() {
        return skill;
    }

    /** One for each dish. */
    public List<Slip> slips() {
        return slips;
    }

    Setting setting() {
        return setting;
    }

    /** When a dish has to come out where the door stays shut, minutes. */
    double shutReadyMin(int dish) {
        return readyMin[dish];
    }
}
