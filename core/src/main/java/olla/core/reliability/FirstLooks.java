package olla.core.reliability;

import java.util.Arrays;
import olla.core.messages.Message;
import olla.core.messages.Quantity;

/**
 * When somebody first looks at what is in the oven, against the minute from which the ticket said it makes sense.
 *
 * @param bakes how many
 * @param meanMin how much later on the average, minutes, below 0 for sooner
 */
public record FirstLooks(int bakes, double meanMin) {

    /* Fewer are chance (ours). */
    private static final int FEWEST = 3;

    /* So much later or sooner is a habit, minutes (ours). */
    private static final double HABIT_MIN = 1;

    /**
     * Counted.
     *
     * @param laterMin each first look less the minute its ticket said, one or more
     */
    public static FirstLooks of(double[] laterMin) {
        return new FirstLooks(laterMin.length, Arrays.stream(laterMin).average().orElseThrow());
    }

    /** The habit, as the rest of a sentence that begins with a name. */
    public Message words() {
        if (bakes < FEWEST) {
            return Message.of("looks.too-few", "bakes", bakes);
        }
        String how = Math.abs(meanMin) < HABIT_MIN ? "looks.in-time" : meanMin > 0 ? "looks.late" : "looks.early";
        return Message.of(how, "minutes", Quantity.minutes(Math.abs(meanMin)), "bakes", bakes);
    }
}
