package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.dress.SaltCrust;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.plan.Moment.Phase;
import olla.core.units.Refusals;

/**
 * The one sentence that says what to do now, as a function of what is known of a bake. It keeps no time of its own:
 * whoever shows it compares the moments with a clock.
 */
public final class BakeClock {

    /** Nobody is told longer than this to do by hand what was due, minutes: hands were full, and it was done untapped. */
    static final double STEP_MIN = 2;

    private BakeClock() {}

    /** It stands outside until the oven is hot: one moment, without end. */
    public static List<Moment> waiting() {
        return List.of(new Moment(
                Phase.WAIT,
                "Wait for the oven",
                "The fish stays in the cold until it is hot. Then put it in and tap.",
                0,
                Double.POSITIVE_INFINITY,
                ""));
    }

    /** The moments of a bake, in order, without gaps, from 0 or from when it came out to infinity. */
    public static List<Moment> moments(BakeFacts facts) {
        return facts.outMin().isPresent() ? outside(facts, facts.outMin().getAsDouble()) : inside(facts);
    }

    /** The moments as they would be if it came out after so many minutes. */
    public static List<Moment> onceOut(BakeFacts facts, double outMin) {
        return outside(facts, outMin);
    }

    private static List<Moment> inside(BakeFacts facts) {
        OptionalDouble grill = grillMin(facts.programme());
        double tail = grill.orElse(0);
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
        moments.add(check(facts, Math.min(check, done), done, grill.isPresent()));
        if (grill.isPresent()) {
            Double on = facts.stepsDone().get(grillAt);
            double from = on == null ? Double.POSITIVE_INFINITY : on;
            cut(moments, Math.min(done, from));
            if (done < from) {
                moments.add(new Moment(
                        Phase.STEP,
                        "Grill on now",
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
        moments.removeIf(m -> m.untilSeconds() - m.fromSeconds() < 1e-6);
        return List.copyOf(moments);
    }

    private static OptionalDouble grillMin(Programme programme) {
        return programme.stages().stream()
                .filter(s -> s instanceof Stage.Grill)
                .mapToDouble(s -> ((Stage.Grill) s).minutes())
                .reduce(Double::sum);
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

    private static Moment check(BakeFacts facts, double from, double until, boolean grilled) {
        Checking how = Checking.of(facts.piece(), facts.dress());
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
        double ready = out + facts.programme().restMinutes();
        List<Moment> moments = new ArrayList<>();
        moments.add(inMinutes(
                Phase.REST,
                "Let it rest",
                facts.crust() ? "Shut in its crust it goes on cooking." : "It goes on cooking on the board.",
                out,
                ready,
                facts.crust() ? "until the crust is cracked" : "until it goes on the plate"));
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
            moments.add(inMinutes(
                    Phase.SERVE,
                    "On the plate",
                    "Serve it, then say how it was.",
                    served,
                    Double.POSITIVE_INFINITY,
                    ""));
        }
        moments.removeIf(m -> m.untilSeconds() - m.fromSeconds() < 1e-6);
        return List.copyOf(moments);
    }
}
