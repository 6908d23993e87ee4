package olla.core.dress;

import olla.core.fish.Kept;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * A layer on the upper side of an open piece.
 *
 * @param mix what it is made of
 * @param when when it goes on
 * @param depthMm how deep it is spread, 1 to 20 mm
 * @param kept how warm it goes on
 */
public record Topping(Mix mix, When when, double depthMm, Kept kept) {

    /** When a topping goes on: two schools and a third way (common practice, no source). */
    public enum When {
        /** Before baking, then grilled 3 to 5 minutes to colour. */
        BEFORE,
        /** Part-way, with the heat raised to finish. */
        PART_WAY,
        /** After baking, then grilled 1 to 2 minutes. */
        AFTER
    }

    /** Three tablespoons on a portion come to about this, mm (common practice, no source). */
    public static final double USUAL_DEPTH_MM = 6;

    /** What usually goes onto another: a thin layer of crumb at the end (common practice, no source). */
    public static final Topping ONE_MORE = new Topping(Mix.CRUMB, When.AFTER, 3);

    private static final double LEAST_MM = 1;
    private static final double MOST_MM = 20;

    /** @throws olla.core.messages.RefusedInput where nobody spreads a topping so deep */
    public Topping {
        new Refusals()
                .range("depthMm", "topping-depth", depthMm, LEAST_MM, MOST_MM, Unit.MM)
                .throwIfAny();
    }

    /** Mixed for this. */
    public Topping(Mix mix, When when, double depthMm) {
        this(mix, when, depthMm, Kept.MIXED);
    }

    /** How much of it one piece takes, g: its upper side times the depth. */
    public double grams(Piece piece) {
        return piece.upperSideMm2() * depthMm / 1e9 * mix.densityKgM3() * 1000;
    }
}
