package olla.core.plan;

import java.util.List;
import java.util.OptionalDouble;

/**
 * The one sentence that says what to do now, as a function of when the fish went in and came out. It keeps no time of
 * its own: whoever shows it compares the moments with a clock.
 */
public final class BakeClock {

    private BakeClock() {}

    /**
     * The moments of a bake.
     *
     * @param checkFromMin minutes, from when to look
     * @param noLaterThanMin minutes, by when it should be out
     * @param restMinutes minutes out of the oven
     * @param outAfterMin minutes after which it was taken out; empty while it is in
     * @return in order, without gaps, from 0 to infinity
     */
    public static List<Moment> moments(
            double checkFromMin, double noLaterThanMin, double restMinutes, OptionalDouble outAfterMin) {
        double check = checkFromMin * 60;
        double latest = noLaterThanMin * 60;
        if (outAfterMin.isEmpty()) {
            return List.of(
                    new Moment(
                            Moment.Phase.SHUT,
                            "Leave it shut",
                            "An open door costs more heat than a look is worth.",
                            0,
                            check,
                            "until you check"),
                    new Moment(
                            Moment.Phase.CHECK,
                            "Check the thickest piece",
                            "Slip a knife into the middle, twist, look. Shut the door again either way.",
                            check,
                            latest,
                            "until it must be out"),
                    new Moment(
                            Moment.Phase.TAKE_OUT,
                            "Take it out",
                            "Nothing undoes an overcooked fish.",
                            latest,
                            Double.POSITIVE_INFINITY,
                            ""));
        }
        double out = outAfterMin.getAsDouble() * 60;
        double ready = out + restMinutes * 60;
        return List.of(
                new Moment(
                        Moment.Phase.REST,
                        "Let it rest",
                        "It goes on cooking on the board.",
                        out,
                        ready,
                        "until it goes on the plate"),
                new Moment(
                        Moment.Phase.SERVE,
                        "On the plate",
                        "Serve it, then say how it was.",
                        ready,
                        Double.POSITIVE_INFINITY,
                        ""));
    }
}
