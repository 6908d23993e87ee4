package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.SaltCrust;
import olla.core.oven.Stage;
import olla.core.plan.Moment.Phase;
import olla.core.units.Refusals;
import olla.core.units.Said;

/**
 * The one sentence that says what to do now, as a function of what is known of a bake. It keeps no time of its own:
 * whoever shows it compares the moments with a clock.
 */
public final class BakeClock {

    /** Nobody is told longer than this to do by hand what was due, minutes: hands were full, and it was done untapped. */
    static final double STEP_MIN = 2;

    /**
     * So long after it went in, or came out, nobody waits for it any more, minutes (common practice, no source: no bake and
     * rest of this tool's is as long).
     */
    public static final double FORGOTTEN_MIN = 360;

    private static final String IN_HINT =
            "It has been in for hours. Throw it out; one tap closes it, and nothing is learned from it.";
    private static final String OUT_HINT =
            "It has stood for hours: what is left is thrown out. Say how it was, or close it; then nothing is learned from it.";

    private BakeClock() {}

    /** It stands outside until the oven is hot. */
    public static List<Moment> waiting() {
        List<Moment> moments = new ArrayList<>(List.of(new Moment(
                Phase.WAIT,
                "Wait for the oven",
                "The fish stays in the cold until it is hot. Then put it in and tap.",
                0,
                Double.POSITIVE_INFINITY,
                "")));
        return forgotten(moments, FORGOTTEN_MIN, "Nobody has put it in", OUT_HINT);
    }

    /**
     * The moments of a bake of which nothing is known but its ticket.
     *
     * @param outMin when it came out; empty while it is in
     */
    public static List<Moment> byTicket(BakeFacts.Window window, double restMin, OptionalDouble outMin) {
        List<Moment> moments = new ArrayList<>();
        if (outMin.isEmpty()) {
            moments.add(shut(0, window.checkFromMin(), false));
            moments.add(check(Checking.ANY, window.checkFromMin(), window.noLaterThanMin(), false));
            moments.add(takeOut(window.noLaterThanMin()));
            return forgotten(moments, FORGOTTEN_MIN, "It was forgotten in the oven", IN_HINT);
        }
        double out = outMin.getAsDouble();
        moments.add(rest(false, out, out + restMin));
        moments.add(serve(out + restMin));
        return forgotten(moments, out + FORGOTTEN_MIN, "Nobody has said how it was", OUT_HINT);
    }

    /** The moments of a bake, in order, without gaps, from 0 or from when it came out to infinity. */
    public static List<Moment> moments(BakeFacts facts) {
        return facts.outMin().isPresent() ? outside(facts, facts.outMin().getAsDouble()) : inside(facts);
    }

    /** The moments as they would be if it came out after so many minutes, done as it should be. */
    public static List<Moment> onceOut(BakeFacts facts, double outMin) {
        return outside(facts.lacking(Optional.empty()), outMin);
    }

    /** The moments as they would be if it came out after so many minutes, which are too few. */
    public static List<Moment> onceOutTooSoon(double outMin) {
        Moment back = inMinutes(
                Phase.PUT_BACK,
                "Put it back: it is not done",
                "It came out too soon to coast as far as it has to.",
                outMin,
                Double.POSITIVE_INFINITY,
                "");
        return forgotten(
                new ArrayList<>(List.of(back)), outMin + FORGOTTEN_MIN, "Nobody has said how it was", OUT_HINT);
    }

    private static List<Moment> inside(BakeFacts facts) {
        double tail = facts.programme().tailMinutes();
        boolean grilled = tail > 0;
        int grillAt = facts.programme().stages().size() - 1;
        while (grillAt > 0 && !(facts.programme().stages().get(grillAt) instanceof Stage.Grill)) {
            grillAt--;
        }
        double check = facts.nextLookMin().orElse(facts.window().checkFromMin() - tail);
        check = Math.max(0, check);
        double latest = Math.max(check, facts.window().noLaterThanMin() - tail);
        double done = Math.max(0, Math.min(latest, facts.takeOutMin().orElse(latest)));
        List<Moment> moments = new ArrayList<>();
        moments.add(shut(0, Math.min(check, done), facts.nextLookMin().isPresent()));
        moments.add(check(Checking.of(facts), Math.min(check, done), done, grilled));
        if (grilled) {
            Double on = facts.stepsDone().get(grillAt);
            double from = on == null ? Double.POSITIVE_INFINITY : on;
            cut(moments, Math.min(done, from));
            if (done < from) {
                moments.add(new Moment(
                        Phase.STEP,
                        NextHand.GRILL,
                        "Tap when it is on. " + Refusals.plain(tail) + (tail == 1 ? " minute" : " minutes")
                                + ", and watch it.",
                        60 * done,
                        60 * from,
                        "",
                        grillAt));
            }
            if (on != null) {
                moments.add(inMinutes(
                        Phase.GRILL,
                        "Watch the grill",
                        "Stay with it: gold turns to burnt within a minute.",
                        from,
                        from + tail,
                        "until it comes out"));
                moments.add(takeOut(from + tail));
            }
        } else {
            moments.add(takeOut(done));
        }
        for (HandStep step : HandStep.of(facts.programme(), facts.window().likelyMin())) {
            lay(moments, step, facts.stepsDone().get(step.index()));
        }
        return forgotten(moments, facts.backMin() + FORGOTTEN_MIN, "It was forgotten in the oven", IN_HINT);
    }

    /* Ends with the moment from which on nobody waits for it any more. */
    private static List<Moment> forgotten(List<Moment> moments, double fromMin, String say, String hint) {
        cut(moments, fromMin);
        moments.add(new Moment(Phase.FORGOTTEN, say, hint, 60 * fromMin, Double.POSITIVE_INFINITY, ""));
        moments.removeIf(m -> m.untilSeconds() - m.fromSeconds() < 1e-6);
        return List.copyOf(moments);
    }

    private static Moment shut(double from, double until, boolean looked) {
        return inMinutes(
                Phase.SHUT,
                "Leave it shut",
                looked
                        ? "A good look: it tells more than the clock does. Then look again."
                        : "An open door costs more heat than a look is worth.",
                from,
                until,
                looked ? "until you look again" : "until you check");
    }

    private static Moment check(Checking how, double from, double until, boolean grilled) {
        return inMinutes(
                Phase.CHECK,
                how.say(),
                how.how() + (grilled ? " The grill comes after." : ""),
                from,
                until,
                grilled ? "until the grill must be on" : "until it must be out");
    }

    private static Moment takeOut(double from) {
        return inMinutes(
                Phase.TAKE_OUT,
                "Take it out",
                "Nothing undoes an overcooked fish.",
                from,
                Double.POSITIVE_INFINITY,
                "");
    }

    private static Moment inMinutes(Phase phase, String say, String hint, double from, double until, String next) {
        return new Moment(phase, say, hint, 60 * from, 60 * until, next);
    }

    /* Ends everything at a minute. */
    private static void cut(List<Moment> moments, double minute) {
        moments.replaceAll(
                m -> m.within(Math.min(m.fromSeconds(), 60 * minute), Math.min(m.untilSeconds(), 60 * minute)));
    }

    /* Lays a step over what would be said otherwise. */
    private static void lay(List<Moment> moments, HandStep step, Double doneMin) {
        double from = 60 * step.minute();
        double until = doneMin == null ? from + 60 * STEP_MIN : 60 * doneMin;
        if (until <= from) {
            return;
        }
        List<Moment> laid = new ArrayList<>();
        for (Moment m : moments) {
            double before = Math.min(m.untilSeconds(), from);
            double after = Math.max(m.fromSeconds(), until);
            boolean telling = m.phase() == Phase.TAKE_OUT || m.phase() == Phase.GRILL || m.step() >= 0;
            if (telling || before >= m.untilSeconds() || after <= m.fromSeconds()) {
                laid.add(m);
                continue;
            }
            if (before > m.fromSeconds()) {
                laid.add(toStep(m.within(m.fromSeconds(), before), step));
            }
            Moment begun = laid.isEmpty() ? null : laid.get(laid.size() - 1);
            if (begun != null && begun.step() == step.index()) {
                laid.set(laid.size() - 1, begun.within(begun.fromSeconds(), Math.min(until, m.untilSeconds())));
            } else {
                laid.add(new Moment(
                        Phase.STEP,
                        step.say(),
                        step.hint(),
                        Math.max(from, m.fromSeconds()),
                        Math.min(until, m.untilSeconds()),
                        "",
                        step.index()));
            }
            if (after < m.untilSeconds()) {
                laid.add(m.within(after, m.untilSeconds()));
            }
        }
        moments.clear();
        moments.addAll(laid);
    }

    private static Moment toStep(Moment m, HandStep step) {
        String say = Character.toLowerCase(step.say().charAt(0)) + step.say().substring(1);
        return new Moment(m.phase(), m.say(), m.hint(), m.fromSeconds(), m.untilSeconds(), "then: " + say, m.step());
    }

    private static List<Moment> outside(BakeFacts facts, double out) {
        List<Moment> moments = facts.shortfall().isPresent()
                ? new ArrayList<>(List.of(putBack(facts.shortfall().get(), out)))
                : resting(facts, out);
        return forgotten(moments, out + FORGOTTEN_MIN, "Nobody has said how it was", OUT_HINT);
    }

    /* Before anything calm is said. */
    private static Moment putBack(Shortfall lacks, double out) {
        String coasts = "Its middle coasts to " + Said.celsius(Math.round(lacks.peakC())) + " only";
        boolean official = lacks.leastC() >= Doneness.OFFICIAL_MINIMUM_C;
        String why = lacks.stuffingC().isPresent()
                ? ", and its stuffing not to the "
                        + Said.celsius(lacks.stuffingC().getAsDouble()) + " that it needs."
                : lacks.unsafe()
                        ? ", and this fish must come to " + Said.celsius(lacks.leastC())
                                + (official ? " for these guests." : ".")
                        : ", not to the " + Said.celsius(lacks.targetC()) + " that you chose.";
        String howLong = lacks.backMin().isPresent()
                ? " About " + minutes(lacks.backMin().getAsDouble()) + " more in the oven as it stands."
                : " This oven does not bring it there: turn it up.";
        return inMinutes(
                Phase.PUT_BACK,
                lacks.unsafe() ? "Put it back: it is not cooked" : "Put it back: it falls short",
                coasts + why + howLong,
                out,
                Double.POSITIVE_INFINITY,
                "");
    }

    private static String minutes(double minutes) {
        double shown = Math.max(1, Math.ceil(minutes - 0.25));
        return Refusals.plain(shown) + (shown == 1 ? " minute" : " minutes");
    }

    private static List<Moment> resting(BakeFacts facts, double out) {
        double ready = out + facts.programme().restMinutes();
        List<Moment> moments = new ArrayList<>();
        moments.add(rest(facts.crust(), out, ready));
        double served = ready;
        if (facts.crust()) {
            served = facts.crackedMin().orElse(Double.POSITIVE_INFINITY);
            cut(moments, served);
            if (ready < served) {
                moments.add(inMinutes(
                        Phase.CRACK,
                        "Crack the crust",
                        "Left shut it goes on cooking; it must not stand for "
                                + Refusals.plain(SaltCrust.FORGOTTEN_MINUTES) + " minutes.",
                        ready,
                        served,
                        ""));
            }
        }
        if (!Double.isInfinite(served)) {
            moments.add(serve(served));
        }
        return moments;
    }

    private static Moment rest(boolean crust, double from, double until) {
        return inMinutes(
                Phase.REST,
                "Let it rest",
                crust ? "Shut in its crust it goes on cooking." : "It goes on cooking on the board.",
                from,
                until,
                crust ? "until the crust is cracked" : "until it goes on the plate");
    }

    private static Moment serve(double from) {
        return inMinutes(
                Phase.SERVE, "On the plate", "Serve it, then say how it was.", from, Double.POSITIVE_INFINITY, "");
    }
}
