package olla.core.dress;

import java.util.List;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * Vegetables or leaves that an open fish lies on from the start.
 *
 * @param of what it is of, at most 4 kinds; none where there is no bed
 * @param depthMm how deep they lie, 0 to 40 mm
 */
public record Bed(List<Vegetable> of, double depthMm) {

    /** The fish lies on the vessel itself, or on its underlay. */
    public static final Bed NONE = new Bed(List.of(), 0);

    /** What a bed is of that nobody has said more of (common practice, no source). */
    public static final Vegetable USUAL = Vegetable.SPINACH;

    private static final double MOST_BED_MM = 40;

    /** @throws olla.core.messages.RefusedInput where no bed is so deep or of so many kinds */
    public Bed {
        of = List.copyOf(of);
        Refusals refusals = new Refusals().range("bedMm", "bed", depthMm, 0, MOST_BED_MM, Unit.MM);
        if (of.size() > Parcel.MOST_VEGETABLES) {
            refusals.add("vegetables", "refusal.bed-vegetables", "most", Parcel.MOST_VEGETABLES);
        }
        refusals.throwIfAny();
    }

    /** Whether there is one. */
    public boolean there() {
        return !of.isEmpty() && depthMm > 0;
    }
}
