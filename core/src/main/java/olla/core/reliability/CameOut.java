package olla.core.reliability;

import java.util.OptionalDouble;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Observation.Verdict;

/**
 * A bake that came out and was judged, against what its ticket had said.
 *
 * @param window the ticket's
 * @param outMin how long it was in, minutes
 * @param verdict how it was
 */
public record CameOut(CheckWindow window, double outMin, Verdict verdict) {

    /** When it was done, by all that can be told of it. */
    public enum Told {
        /** Within the ticket's window. */
        INSIDE,
        /** Before the window began. */
        EARLIER,
        /** After the window had ended. */
        LATER,
        /** Nobody can tell: it was taken out too late, or too soon, at a minute that does not say which. */
        NOTHING
    }

    /**
     * What it tells. One that was just right was done when it came out. One that was over was done some time before, so that it tells something only
     * where it came out before the window began; and likewise one that was not done yet at the window's end.
     */
    public Told told() {
        return switch (verdict) {
            case RIGHT ->
                outMin < window.checkFromMin()
                        ? Told.EARLIER
                        : outMin > window.noLaterThanMin() ? Told.LATER : Told.INSIDE;
            case OVER -> outMin <= window.checkFromMin() ? Told.EARLIER : Told.NOTHING;
            case UNDER -> outMin >= window.noLaterThanMin() ? Told.LATER : Told.NOTHING;
        };
    }

    /** How much later than likely it was done, minutes, below 0 for sooner; empty where nobody can tell. */
    public OptionalDouble errorMin() {
        return verdict == Verdict.RIGHT ? OptionalDouble.of(outMin - window.likelyMin()) : OptionalDouble.empty();
    }
}
