package olla.core.runsheet;

/**
 * What a plan costs.
 *
 * @param broken minutes in which something is that cannot be: more hands, shelves or burners than there are, two dials in one
 *     oven, what is over already; 0 for a plan that can be kept
 * @param late minutes by which courses are late, or dishes wait longer than they can
 * @param harm what waiting, a dial that was not wanted and the chance of being late do, in minutes for which everybody waits
 */
public record Cost(double broken, double late, double harm) implements Comparable<Cost> {

    private static final double SCALE = 1000;

    /* Minutes of harm that the search would rather take on its way than one that cannot be, or one too late (ours, no source). */
    private static final double BROKEN_WEIGHS = 40;
    private static final double LATE_WEIGHS = 1;

    /* Minutes of what cannot be, in thousandths. */
    private long brokenScore() {
        return Math.round(SCALE * broken);
    }

    /** All of it as one number, in thousandths of a minute: what the search goes by on its way. */
    long weighed() {
        return Math.round(SCALE * (BROKEN_WEIGHS * broken + LATE_WEIGHS * late + harm));
    }

    /** Whether it can be kept. */
    public boolean kept() {
        return brokenScore() == 0;
    }

    /** The better one first: what cannot be counts before all else. */
    @Override
    public int compareTo(Cost other) {
        int first = Long.compare(brokenScore(), other.brokenScore());
        return first != 0 ? first : Long.compare(weighed(), other.weighed());
    }
}
