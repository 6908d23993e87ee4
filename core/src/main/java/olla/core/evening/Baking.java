package olla.core.evening;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.dress.Vegetable;
import olla.core.oven.HeatDraw;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/**
 * A dish in one oven at one dial.
 *
 * @param tempC the dial, °C
 * @param programme with every length said
 * @param minutes from when it goes in until it is likely done
 * @param sdMin standard deviation of that, minutes
 * @param marginMin from flaking to dry in the middle, minutes: the time there is to catch it; 0 where nobody asked
 * @param dryShare part of the flesh that is dry when it comes out, 0 to 1
 * @param waitsMin how long after it has come out it can wait, rest and all, minutes
 * @param doorMin what a door that is opened for another dish costs it, minutes
 * @param slowerPerK what a kelvin less all the while costs it, as a share of its minutes
 * @param draws what all of it takes from its oven
 */
public record Baking(
        double tempC,
        Programme programme,
        double minutes,
        double sdMin,
        double marginMin,
        double dryShare,
        double waitsMin,
        double doorMin,
        double slowerPerK,
        HeatDraw draws) {

    /** Where a dish is. */
    public enum Where {
        OVEN,
        GRILL,
        HOB
    }

    /**
     * A part of its way.
     *
     * @param fromMin minutes since it went in
     * @param untilMin minutes since it went in
     * @param dialC in the oven: the dial, °C
     */
    public record Span(double fromMin, double untilMin, Where where, double dialC) {}

    /** A side whose minutes somebody has said: as sure as such minutes are. */
    public static Baking ofSide(SideDish side, double dialC, double minutes, EveningOven oven) {
        Programme programme = new Programme(dialC, OptionalDouble.of(minutes), 0);
        return new Baking(
                dialC,
                programme,
                minutes,
                side.doubtIn(oven, minutes),
                0,
                0,
                side.waitsMin(),
                0,
                Vegetable.slower(1, 0) - 1,
                side.draws(minutes));
    }

    /** Its way, in order; what follows at the same dial is one part. */
    public List<Span> spans() {
        List<Span> spans = new ArrayList<>();
        double at = 0;
        for (Stage stage : programme.stages()) {
            double from = at;
            Where where = Where.OVEN;
            double dial = 0;
            if (stage instanceof Stage.Bake bake) {
                at += bake.minutes().orElseThrow();
                dial = bake.tempC();
            } else if (stage instanceof Stage.Grill grill) {
                at += grill.minutes();
                where = Where.GRILL;
            } else if (stage instanceof Stage.Hob hob) {
                at += hob.minutes();
                where = Where.HOB;
            } else {
                continue;
            }
            Span last = spans.isEmpty() ? null : spans.get(spans.size() - 1);
            if (last != null && last.where() == where && last.dialC() == dial) {
                spans.set(spans.size() - 1, new Span(last.fromMin(), at, where, dial));
            } else {
                spans.add(new Span(from, at, where, dial));
            }
        }
        return spans;
    }

    /** When hands come to it while it cooks, minutes since it went in, in order: what goes on, a turn, another heat. */
    public List<Double> touches() {
        List<Double> touches = new ArrayList<>();
        double at = 0;
        Stage before = null;
        for (Stage stage : programme.stages()) {
            boolean quick = stage instanceof Stage.Add || stage instanceof Stage.Turn || stage instanceof Stage.Uncover;
            boolean otherHeat = before != null && otherHeat(before, stage);
            if ((quick || otherHeat) && (touches.isEmpty() || touches.get(touches.size() - 1) != at)) {
                touches.add(at);
            }
            if (stage instanceof Stage.Bake bake) {
                at += bake.minutes().orElseThrow();
                before = stage;
            } else if (stage instanceof Stage.Grill grill) {
                at += grill.minutes();
                before = stage;
            } else if (stage instanceof Stage.Hob hob) {
                at += hob.minutes();
                before = stage;
            }
        }
        return touches;
    }

    private static boolean otherHeat(Stage before, Stage stage) {
        if (before instanceof Stage.Bake was && stage instanceof Stage.Bake is) {
            return was.tempC() != is.tempC();
        }
        boolean heats = stage instanceof Stage.Bake || stage instanceof Stage.Grill || stage instanceof Stage.Hob;
        return heats && before.getClass() != stage.getClass();
    }

    /** How long it is out of the oven before it is served, minutes. */
    public double restMin() {
        return programme.restMinutes();
    }
}
