package olla.practice.rounds;

import java.util.OptionalDouble;

/**
 * What one round told of a cook.
 *
 * @param skill what it was of
 * @param off by how much it was off: minutes that a fish came out too late, grades that it was judged too badly, mm that it was taken for too thick
 * @param missed the same over what is close enough, 0 or more
 * @param lookedLateMin how long after it was ready it was first looked at, minutes; below 0 before; empty for a drill
 */
public record Result(Skill skill, double off, double missed, OptionalDouble lookedLateMin) {

    /* Close enough: a minute, or so much of the bake; a grade; so much of a thickness or so many mm (common practice, no source). */
    private static final double CLOSE_MIN = 1;
    private static final double CLOSE_SHARE = 0.08;
    private static final double CLOSE_MM = 2;
    private static final double CLOSE_OF_THICKNESS = 0.1;

    static Result baked(Skill skill, double lateMin, double lookedLateMin, double readyMin) {
        double close = Math.max(CLOSE_MIN, CLOSE_SHARE * readyMin);
        return new Result(
                skill, lateMin, Math.max(Math.abs(lateMin), lookedLateMin) / close, OptionalDouble.of(lookedLateMin));
    }

    static Result graded(double gradesOff) {
        return new Result(Skill.FRESHNESS, gradesOff, Math.abs(gradesOff), OptionalDouble.empty());
    }

    static Result measured(double offMm, double isMm) {
        double close = Math.max(CLOSE_MM, CLOSE_OF_THICKNESS * isMm);
        return new Result(Skill.BY_EYE, offMm, Math.abs(offMm) / close, OptionalDouble.empty());
    }

    /** Whether it was close enough. */
    public boolean close() {
        return missed <= 1;
    }
}
