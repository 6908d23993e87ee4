package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.SaltCrust;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.plan.Moment.Phase;

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

    private static final Message IN_OVEN = Message.of("moment.forgotten-in");
    private static final Message UNSAID = Message.of("moment.forgotten-out");

    private BakeClock() {}

    /** It stands outside until the oven is hot. */
    public static List<Moment> waiting() {
        List<Moment> moments = new ArrayList<>(List.of(new Moment(
                Phase.WAIT,
                Message.of("moment.wait"),
                Message.of("moment.wait.how"),
                0,
                Double.POSITIVE_INFINITY,
                Message.NOTHING)));
        return forgotten(moments, FORGOTTEN_MIN, Message.of("moment.not-put-in"), UNSAID.form("how"));
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
            return forgotten(moments, FORGOTTEN_MIN, IN_OVEN);
        }
        double out = outMin.getAsDouble();
        moments.add(rest(false, out, out + restMin));
        moments.add(serve(out + restMin));
        return forgotten(moments, out + FORGOTTEN_MIN, UNSAID);
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
                Message.of("moment.too-soon"),
                Message.of("moment.too-soon.how"),
                outMin,
                Double.POSITIVE_INFINITY,
                Message.NOTHING);
        return forgotten(new ArrayList<>(List.of(back)), outMin + FORGOTTEN_MIN, UNSAID);
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
        double hob = Math.min(facts.programme().hobFirstMinutes(), Math.min(check, done));
        if (hob > 0) {
            moments.add(told(onTheHob(hob), facts.programme().stages().get(0)));
        }
        moments.add(
                told(shut(hob, Math.min(check, done), facts.nextLookMin().isPresent()), firstBake(facts.programme())));
        moments.add(check(Checking.of(facts), Math.min(check, done), done, grilled));
        if (grilled) {
            Double on = facts.stepsDone().get(grillAt);
            double from = on == null ? Double.POSITIVE_INFINITY : on;
            cut(moments, Math.min(done, from));
            if (done < from) {
                moments.add(new Moment(
                        Phase.STEP,
                        NextHand.GRILL,
                        Message.sentences(
                                HandStep.words(facts.programme().stages().get(grillAt)),
                                Message.of("moment.grill-on.how", "minutes", Quantity.minutes(tail))),
                        60 * done,
                        60 * from,
                        Message.NOTHING,
                        grillAt));
            }
            if (on != null) {
                moments.add(inMinutes(
                        Phase.GRILL,
                        Message.of("moment.grill"),
                        Message.of("moment.grill.how"),
                        from,
                        from + tail,
                        Message.of("until.out")));
                moments.add(takeOut(from + tail));
            }
        } else {
            moments.add(takeOut(done));
        }
        for (HandStep step : HandStep.of(facts)) {
            lay(moments, step, facts.stepsDone().get(step.index()));
        }
        return forgotten(moments, facts.backMin() + FORGOTTEN_MIN, IN_OVEN);
    }

    /* Ends with the moment from which on nobody waits for it any more. */
    private static List<Moment> forgotten(List<Moment> moments, double fromMin, Message say) {
        return forgotten(moments, fromMin, say, say.form("how"));
    }

    private static List<Moment> forgotten(List<Moment> moments, double fromMin, Message say, Message hint) {
        cut(moments, fromMin);
        moments.add(new Moment(Phase.FORGOTTEN, say, hint, 60 * fromMin, Double.POSITIVE_INFINITY, Message.NOTHING));
        moments.removeIf(m -> m.untilSeconds() - m.fromSeconds() < 1e-6);
        return List.copyOf(moments);
    }

    /* Nothing is shut while it stands on a flame. */
    private static Moment onTheHob(double until) {
        return inMinutes(
                Phase.SHUT,
                Message.of("moment.hob"),
                Message.of("moment.hob.how"),
                0,
                until,
                Message.of("hand.into-the-oven.next"));
    }

    private static Stage firstBake(Programme programme) {
        return programme.stages().stream()
                .filter(s -> s instanceof Stage.Bake)
                .findFirst()
                .orElseThrow();
    }

    /* The same, with what the cook says of a stage before how it is done. */
    private static Moment told(Moment moment, Stage stage) {
        return new Moment(
                moment.phase(),
                moment.say(),
                Message.sentences(HandStep.words(stage), moment.hint()),
                moment.fromSeconds(),
                moment.untilSeconds(),
                moment.next());
    }

    private static Moment shut(double from, double until, boolean looked) {
        return inMinutes(
                Phase.SHUT,
                Message.of("moment.shut"),
                Message.of(looked ? "moment.shut.how-looked" : "moment.shut.how"),
                from,
                until,
                Message.of(looked ? "until.look-again" : "until.check"));
    }

    private static Moment check(Checking how, double from, double until, boolean grilled) {
        return inMinutes(
                Phase.CHECK,
                how.say(),
                Message.sentences(how.how(), grilled ? Message.of("moment.grill-comes-after") : Message.NOTHING),
                from,
                until,
                Message.of(grilled ? "until.grill" : "until.must-be-out"));
    }

    private static Moment takeOut(double from) {
        return inMinutes(
                Phase.TAKE_OUT,
                Message.of("moment.take-out"),
                Message.of("moment.take-out.how"),
                from,
                Double.POSITIVE_INFINITY,
                Message.NOTHING);
    }

    private static Moment inMinutes(Phase phase, Message say, Message hint, double from, double until, Message next) {
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
                        Message.NOTHING,
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
        return new Moment(
                m.phase(),
                m.say(),
                m.hint(),
                m.fromSeconds(),
                m.untilSeconds(),
                step.say().form("next"),
                m.step());
    }

    private static List<Moment> outside(BakeFacts facts, double out) {
        List<Moment> moments = facts.shortfall().isPresent()
                ? new ArrayList<>(List.of(putBack(facts.shortfall().get(), out)))
                : resting(facts, out);
        return forgotten(moments, out + FORGOTTEN_MIN, UNSAID);
    }

    /* Before anything calm is said. */
    private static Moment putBack(Shortfall lacks, double out) {
        boolean official = lacks.leastC() >= Doneness.OFFICIAL_MINIMUM_C;
        String why = lacks.stuffingC().isPresent()
                ? "stuffing"
                : !lacks.unsafe() ? "target" : official ? "official" : "least";
        Message coasts = Message.of(
                "lacks." + why,
                "peak",
                Quantity.celsius(Math.round(lacks.peakC())),
                "wanted",
                Quantity.celsius(lacks.stuffingC().orElse(lacks.unsafe() ? lacks.leastC() : lacks.targetC())));
        Message howLong = lacks.backMin().isPresent()
                ? Message.of(
                        "lacks.minutes",
                        "minutes",
                        Quantity.minutes(Math.max(1, Math.ceil(lacks.backMin().getAsDouble() - 0.25))))
                : Message.of("lacks.turn-up");
        return inMinutes(
                Phase.PUT_BACK,
                Message.of(lacks.unsafe() ? "moment.not-cooked" : "moment.falls-short"),
                Message.sentences(coasts, howLong),
                out,
                Double.POSITIVE_INFINITY,
                Message.NOTHING);
    }

    private static List<Moment> resting(BakeFacts facts, double out) {
        double ready = out + facts.programme().restMinutes();
        List<Moment> moments = new ArrayList<>();
        List<Stage> stages = facts.programme().stages();
        moments.add(told(rest(facts.crust(), out, ready), stages.get(stages.size() - 1)));
        double served = ready;
        if (facts.crust()) {
            served = facts.crackedMin().orElse(Double.POSITIVE_INFINITY);
            cut(moments, served);
            if (ready < served) {
                moments.add(inMinutes(
                        Phase.CRACK,
                        Message.of("moment.crack"),
                        Message.of("moment.crack.how", "minutes", Quantity.minutes(SaltCrust.FORGOTTEN_MINUTES)),
                        ready,
                        served,
                        Message.NOTHING));
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
                Message.of("moment.rest"),
                Message.of(crust ? "moment.rest.how-crust" : "moment.rest.how"),
                from,
                until,
                Message.of(crust ? "until.cracked" : "until.plate"));
    }

    private static Moment serve(double from) {
        return inMinutes(
                Phase.SERVE,
                Message.of("moment.serve"),
                Message.of("moment.serve.how"),
                from,
                Double.POSITIVE_INFINITY,
                Message.NOTHING);
    }
}
