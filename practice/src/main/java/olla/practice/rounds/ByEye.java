package olla.practice.rounds;

import java.util.SplittableRandom;
import olla.core.messages.Message;
import olla.core.messages.Quantity;

/**
 * A drill: a piece from its end, beside a cork, at no scale that is said. Immutable; the same for one seed.
 *
 * @param thicknessMm what is asked for, mm
 * @param widthMm how wide it is, mm
 * @param shoulders how square its shoulders are, 2 (round) to 8
 * @param perMm how large it is drawn, of the largest there is room for, 0.55 to 1
 */
public record ByEye(double thicknessMm, double widthMm, double shoulders, double perMm) {

    /** How long and how thick a cork of a wine bottle is, mm (common practice, no source). */
    public static final double CORK_LONG_MM = 44;

    /** See {@link #CORK_LONG_MM}. */
    public static final double CORK_THICK_MM = 24;

    /* From the thinnest fillet to a thick portion, mm. */
    private static final double THINNEST_MM = 10;
    private static final double THICKEST_MM = 46;

    private static final double CLOSE_MM = 0.5;

    /** Draws one. */
    public static ByEye of(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        return new ByEye(
                Math.round(random.nextDouble(THINNEST_MM, THICKEST_MM)),
                Math.round(random.nextDouble(55, 95)),
                random.nextDouble(2.2, 7),
                random.nextDouble(0.55, 1));
    }

    /** What a guess tells of the cook. */
    public Result result(double guessedMm) {
        return Result.measured(guessedMm - thicknessMm, thicknessMm);
    }

    /** What is said of a guess. */
    public Message words(double guessedMm) {
        double off = guessedMm - thicknessMm;
        String key = Math.abs(off) < CLOSE_MM
                ? "practice.eye-right"
                : off > 0 ? "practice.eye-too-thick" : "practice.eye-too-thin";
        return Message.of(key, "mm", Quantity.mm(thicknessMm), "off", Quantity.mm(Math.abs(off)));
    }
}
