package olla.core.runsheet;

/**
 * How hard a better plan is looked for. The same effort finds the same plan, unless the clock ends it.
 *
 * @param plans as many plans are tried; 0 where what was decided stays
 * @param seed of the search's own chance
 * @param mostMs ends it after so many milliseconds, whatever has been tried by then
 */
public record Effort(long plans, long seed, long mostMs) {

    private static final long SEED = 15;

    /** A first plan, at once. */
    public static final Effort FIRST = new Effort(5_000, SEED, 900);

    /** A plan that has seen something happen, at once. */
    public static final Effort AGAIN = new Effort(2_500, SEED, 800);

    /** A better one, while somebody looks at the first. */
    public static final Effort BETTER = new Effort(150_000, SEED, 5_000);

    /* To see what a change would do. */
    static final Effort TRIAL = new Effort(3_000, SEED, 500);

    /* One round tries so many plans: more from one beginning find little that is new. */
    private static final long ROUND = 2_500;

    /* With fewer than these nothing is found that would be worth the search's own beginning. */
    private static final long LEAST = 250;

    /**
     * The same where others wait for the same processors: each has its share, so that all are answered about as soon as one would
     * be. Where that is too little for a search there is none: what was decided stays.
     *
     * @param others how many wait, 0 or more
     */
    public Effort among(int others) {
        long share = plans / (1 + others);
        return share < LEAST
                ? new Effort(0, seed, mostMs)
                : new Effort(share, seed, Math.max(1, mostMs / (1 + others)));
    }

    /** From how many beginnings it is looked, 1 or more. */
    int rounds() {
        return (int) Math.max(1, plans / ROUND);
    }
}
