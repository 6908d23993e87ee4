package olla.practice.rounds;

import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import java.util.SplittableRandom;
import olla.core.messages.Message;

/**
 * A cook who is not there, to try the choice of exercises on. Of each skill they have a habit of looking and taking out too late or too early; each truth that
 * they are shown takes part of it away, and a little of the other habits (ours; not what the choice reckons with). Mutable.
 */
final class Learner {

    /* Habits: their middle for the first skill, by how much more for each harder one, how far they scatter, how often they are of taking
     * out too early; what one truth takes away, and of other skills'. */
    private static final double FIRST = 0.06;
    private static final double HARDER = 0.025;
    private static final double SCATTER = 0.08;
    private static final double EARLY = 0.25;
    private static final double FIRST_LEARNS = 0.5;
    private static final double SPILLS = 0.05;

    /* When a knife goes in, of when it is meant to come out, and by how much longer a cold tip makes them wait. */
    private static final double LOOKS_AT = 0.9;
    private static final double WAITS = 1.1;
    private static final double UNSTEADY = 0.03;

    private final SplittableRandom random;
    private final double[] habit = new double[Skill.values().length];
    private final int[] shown = new int[Skill.values().length];

    Learner(long seed) {
        random = new SplittableRandom(seed);
        for (Skill skill : Skill.values()) {
            double size = Math.abs(FIRST + HARDER * skill.ordinal() + SCATTER * random.nextGaussian());
            habit[skill.ordinal()] = random.nextDouble() < EARLY ? -size : size;
        }
    }

    private record Plan(Move.Kind kind, int dish, double minute) {}

    /** Bakes it, all of it. */
    List<Timing> plays(Exercise exercise, long seed) {
        double off = habit[exercise.skill().ordinal()];
        PriorityQueue<Plan> plans = new PriorityQueue<>(Comparator.comparingDouble(Plan::minute));
        double[] out = new double[exercise.slips().size()];
        for (int dish = 0; dish < out.length; dish++) {
            double likely = exercise.slips().get(dish).window().likelyMin();
            out[dish] = likely * (1 + off + UNSTEADY * random.nextGaussian());
            plans.add(new Plan(Move.Kind.KNIFE, dish, LOOKS_AT * out[dish]));
        }
        Round round = Round.begun(exercise);
        while (!plans.isEmpty()) {
            Plan plan = plans.poll();
            int dish = plan.dish();
            round = round.then(new Move(plan.kind(), dish, plan.minute()), seed);
            switch (plan.kind()) {
                case KNIFE -> {
                    Message felt = round.seen().get(round.seen().size() - 1).words();
                    boolean cold = felt.key().equals("practice.tip-cold");
                    plans.add(new Plan(Move.Kind.OUT, dish, cold ? WAITS * out[dish] : out[dish]));
                }
                case OUT ->
                    plans.add(new Plan(
                            Move.Kind.SERVE,
                            dish,
                            plan.minute() + exercise.slips().get(dish).restMin()));
                default -> {
                    // Served: nothing more to do.
                }
            }
        }
        return Timing.of(round);
    }

    /** Takes what it was shown to heart. */
    void learns(Skill skill, List<Timing> dishes) {
        double late = dishes.stream()
                .mapToDouble(dish -> dish.lateMin() / dish.readyMin())
                .average()
                .orElseThrow();
        double learns = FIRST_LEARNS / (1 + FIRST_LEARNS * shown[skill.ordinal()]++);
        for (int other = 0; other < habit.length; other++) {
            habit[other] -= (other == skill.ordinal() ? learns : SPILLS) * late;
        }
    }
}
