package olla.core.evening;

import olla.core.dress.Dress;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.plan.PrepList;
import olla.core.plan.PrepStep;

/** How long hands are at something, minutes (common practice, no source, but for the steps of {@link PrepList}). */
public final class HandTimes {

    /** To put a dish into the oven or a pot on the hob. */
    public static final double PUT_IN_MIN = 1;

    /** To do something to a dish in the oven. */
    public static final double TOUCH_MIN = 1;

    /** To look whether a dish is done, and to take it out: before and after the moment it is done. */
    public static final double LOOK_MIN = 1;

    /** To set down what has come out. */
    public static final double SET_DOWN_MIN = 0.5;

    /* Another piece of the same takes so much of the first one's time. */
    private static final double EACH_MORE = 0.15;

    private static final double CARVE_EACH_MIN = 4;
    private static final double PLATE_EACH_GUEST_MIN = 0.35;
    private static final double LEAST_PLATING_MIN = 1;
    private static final double MOST_PLATING_MIN = 8;

    private static final double LAY_MIN = 2;
    private static final double SPREAD_MIN = 3;
    private static final double FOLD_EACH_MIN = 1.5;
    private static final double BURY_MIN = 10;
    private static final double CRUMB_EACH_MIN = 1;
    private static final double BED_MIN = 4;

    private HandTimes() {}

    /** To prepare so many pieces for a dress: what the Counter lists, but for standing out of the fridge. */
    public static double prepare(Piece piece, Dress dress, int pieces) {
        double one = PrepList.of(
                        piece,
                        dress.style(),
                        false,
                        piece.filling() == Filling.STUFFING,
                        false,
                        PrepList.Extra.NONE,
                        null)
                .stream()
                .filter(step -> !step.key().equals(PrepList.TEMPER))
                .mapToInt(PrepStep::minutes)
                .sum();
        return one * (1 + EACH_MORE * (pieces - 1));
    }

    /** To dress them. */
    public static double dress(Dress dress, int pieces) {
        double minutes = LAY_MIN + SPREAD_MIN * dress.on().size();
        if (dress.bed().there()) {
            minutes += BED_MIN;
        }
        if (dress.parcel().isPresent()) {
            minutes += FOLD_EACH_MIN * pieces;
        }
        if (dress.salt().isPresent()) {
            minutes += BURY_MIN;
        }
        if (dress.coat().isPresent()) {
            minutes += CRUMB_EACH_MIN * pieces;
        }
        return minutes;
    }

    /** To carve them at the pass; 0 for what is served as it is. */
    public static double carve(Piece piece, int pieces) {
        return piece.cut() == Cut.WHOLE ? CARVE_EACH_MIN * pieces : 0;
    }

    /** To plate a course and carry it, with so many pairs of hands. */
    public static double plate(int guests, int hands) {
        return Math.max(LEAST_PLATING_MIN, Math.min(MOST_PLATING_MIN, PLATE_EACH_GUEST_MIN * guests / hands));
    }
}
