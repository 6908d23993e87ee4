package olla.practice.rounds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** What choosing the exercises is worth against drawing them, tried on cooks who are not there, and prints it: {@code LearnerReport [learners] [first seed]}. */
public final class LearnerReport {

    private static final List<Skill> SKILLS =
            Arrays.stream(Skill.values()).filter(Skill::bakes).toList();
    private static final int TRAINING = 10;
    private static final int EXAMS = 2;
    private static final int[] AFTER = {0, 8, 16, 24};

    private final Map<Skill, List<Exercise>> exercises = new EnumMap<>(Skill.class);

    private LearnerReport(long first) {
        SKILLS.stream()
                .parallel()
                .map(skill -> LongStream.range(0, TRAINING + EXAMS)
                        .mapToObj(i -> Exercise.of(skill, first + i))
                        .toList())
                .toList()
                .forEach(all -> exercises.put(all.get(0).skill(), all));
    }

    /** Runs. */
    public static void main(String[] args) {
        int learners = args.length > 0 ? Integer.parseInt(args[0]) : 20;
        long first = args.length > 1 ? Long.parseLong(args[1]) : 1;
        LearnerReport report = new LearnerReport(first);
        System.out.println("| rounds | learners | drawn | chosen |");
        System.out.println("|---|---|---|---|");
        double[] drawn = report.mean(learners, first, false);
        double[] chosen = report.mean(learners, first, true);
        for (int i = 0; i < AFTER.length; i++) {
            System.out.printf(Locale.ROOT, "| %d | %d | %.2f | %.2f |%n", AFTER[i], learners, drawn[i], chosen[i]);
        }
    }

    private double[] mean(int learners, long first, boolean chosen) {
        List<double[]> all = LongStream.range(0, learners)
                .parallel()
                .mapToObj(i -> course(first + i, chosen))
                .toList();
        return IntStream.range(0, AFTER.length)
                .mapToDouble(
                        i -> all.stream().mapToDouble(one -> one[i]).average().orElseThrow())
                .toArray();
    }

    private double[] course(long seed, boolean chosen) {
        Learner learner = new Learner(seed);
        SplittableRandom random = new SplittableRandom(~seed);
        Map<Skill, List<Result>> results = new EnumMap<>(Skill.class);
        SKILLS.forEach(skill -> results.put(skill, new ArrayList<>()));
        List<Skill> latest = new ArrayList<>();
        double[] missed = new double[AFTER.length];
        for (int rounds = 0, exam = 0; exam < AFTER.length; rounds++) {
            if (rounds == AFTER[exam]) {
                missed[exam++] = examined(learner, seed);
            }
            Skill skill = chosen
                    ? Choice.of(
                                    SKILLS.stream()
                                            .map(s -> Mastery.of(s, results.get(s)))
                                            .toList(),
                                    latest)
                            .skill()
                    : SKILLS.get(random.nextInt(SKILLS.size()));
            Exercise exercise = exercises.get(skill).get(random.nextInt(TRAINING));
            List<Timing> went = learner.plays(exercise, random.nextLong());
            learner.learns(skill, went);
            results.get(skill).add(Timing.result(skill, went));
            latest.add(skill);
        }
        return missed;
    }

    /* By how much is missed over what is close enough, all skills alike. */
    private double examined(Learner learner, long seed) {
        return SKILLS.stream()
                .flatMap(skill -> exercises.get(skill).subList(TRAINING, TRAINING + EXAMS).stream())
                .mapToDouble(exercise -> Timing.result(exercise.skill(), learner.plays(exercise, seed))
                        .missed())
                .average()
                .orElseThrow();
    }
}
