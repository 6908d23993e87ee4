package olla.core.oven;

/**
 * What a place in an oven is like beside its middle, which is what is known of an oven.
 *
 * @param warmerK by how much warmer its air is taken to be, K
 * @param doubtK one standard deviation of that, K, 0 or more
 */
public record Spot(double warmerK, double doubtK) {

    /** The middle itself. */
    public static final Spot MIDDLE = new Spot(0, 0);

    /** Whether it is the middle. */
    public boolean middle() {
        return equals(MIDDLE);
    }

    /** How uncertain that is, squared, K². */
    public double variance() {
        return doubtK * doubtK;
    }
}
