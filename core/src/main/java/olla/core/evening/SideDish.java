package olla.core.evening;

import java.util.ArrayList;
import java.util.List;
import olla.core.dress.Vegetable;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.HeatDraw;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.units.Dial;

/**
 * Something else on the plate, with a clock of its own.
 *
 * @param key stable name, unlike that of every other dish and side of the evening
 * @param title what the cook calls it
 * @param course with which course it is served, 0 for the first
 * @param where where it is cooked
 * @param prepareMin hands before that, minutes, 0 to 120
 * @param cookMin how long it cooks, minutes, 0.5 to 240; 0 for what is cold
 * @param dialC OVEN: the dial that is said for a still oven, 90 to 300 °C
 * @param giveC OVEN: how far the dial may lie off that, °C, 0 to 60
 * @param shelves OVEN: how many trays it takes, 1 to 6
 * @param finishMin hands after it has cooked, minutes, 0 to 60
 * @param waitsMin how long it can wait hot, or made up, minutes, 0 to 120
 * @param aheadH how long before it may be prepared and kept cold, hours, 0 to 96
 */
public record SideDish(
        String key,
        String title,
        int course,
        Where where,
        double prepareMin,
        double cookMin,
        double dialC,
        double giveC,
        int shelves,
        double finishMin,
        double waitsMin,
        double aheadH) {

    /** Where a side is cooked. */
    public enum Where {
        HOB,
        OVEN,
        COLD
    }

    /** What is kept hot stands for no longer, minutes: the two-hour rule is the end of it (published: USDA FSIS, from memory). */
    public static final double LONGEST_WAIT_MIN = 120;

    /** How far the dial may lie off where nobody said, °C (common practice, no source). */
    public static final double USUAL_GIVE_C = 20;

    /** A pot of something where nobody said: hands, on the hob, hands again, how long it can wait, minutes (common practice, no source). */
    public static final double USUAL_PREPARING_MIN = 5;

    /** See {@link #USUAL_PREPARING_MIN}. */
    public static final double USUAL_COOKING_MIN = 20;

    /** See {@link #USUAL_PREPARING_MIN}. */
    public static final double USUAL_FINISHING_MIN = 1;

    /** See {@link #USUAL_PREPARING_MIN}. */
    public static final double USUAL_WAIT_MIN = 15;

    /** What a tray of vegetables is roasted at where nobody said, still oven, °C (common practice, no source). */
    public static final double USUAL_DIAL_C = 200;

    /* How far what is said of its minutes may be out, one standard deviation as a share of them (common practice, no source). */
    private static final double DOUBT_SHARE = 0.1;

    /* What a tray of vegetables takes in all, J: a kilogram of them warmed by 75 K, and a quarter of it gone as steam (common practice, no source); half as
     * much again as on the average at first, half as much at last, as the heat model has it for fish on a tray. */
    private static final double TRAY_J = 1.0 * 3700 * 75 + 0.25 * 2.26e6;
    private static final double AT_FIRST = 4.0 / 3;
    private static final double AT_LAST = 2.0 / 3;

    private static final double LONGEST_PREPARING_MIN = 120;
    private static final double LONGEST_FINISHING_MIN = 60;
    private static final double MOST_GIVE_C = 60;
    private static final double LONGEST_AHEAD_H = 96;

    /** @throws olla.core.messages.RefusedInput where a number is out of range */
    public SideDish {
        Refusals refusals = new Refusals()
                .range("prepareMin", "preparing", prepareMin, 0, LONGEST_PREPARING_MIN, Unit.MIN)
                .range("finishMin", "finishing", finishMin, 0, LONGEST_FINISHING_MIN, Unit.MIN)
                .range("waitsMin", "waiting", waitsMin, 0, LONGEST_WAIT_MIN, Unit.MIN)
                .range("aheadH", "ahead", aheadH, 0, LONGEST_AHEAD_H, Unit.NUMBER);
        if (where != Where.COLD) {
            refusals.range("cookMin", "cooking", cookMin, Programme.LEAST_MINUTES, Programme.LONGEST_MINUTES, Unit.MIN);
        }
        if (where == Where.OVEN) {
            refusals.range("dialC", "oven-temperature", dialC, Programme.COOLEST_C, Programme.HOTTEST_C, Unit.CELSIUS)
                    .range("giveC", "dial-give", giveC, 0, MOST_GIVE_C, Unit.KELVIN)
                    .range("shelves", "shelves", shelves, 1, EveningOven.MOST_SHELVES, Unit.NUMBER);
        }
        refusals.throwIfAny();
    }

    /** The dials at which it can be cooked in an oven of this kind, in steps of 5 from the gentlest, °C. */
    public List<Double> dials(OvenKind kind) {
        double wanted = Dial.CELSIUS_STEP * Math.rint(onDial(kind, dialC) / Dial.CELSIUS_STEP);
        double give = Dial.CELSIUS_STEP * Math.floor(giveC / Dial.CELSIUS_STEP);
        List<Double> dials = new ArrayList<>();
        for (double dial = Math.max(Programme.COOLEST_C, wanted - give);
                dial <= Math.min(Programme.HOTTEST_C, wanted + give) + 1e-9;
                dial += Dial.CELSIUS_STEP) {
            dials.add(dial);
        }
        return dials;
    }

    /**
     * How long it takes on this dial of an oven, minutes. What is said is said for an oven that does as its dial says; where this one
     * is known to be hotter or cooler, it takes less or longer.
     */
    public double minutesIn(EveningOven oven, double dial) {
        double really = dial + oven.calibration().offsetC();
        return Math.max(
                Programme.LEAST_MINUTES,
                Math.min(Programme.LONGEST_MINUTES, cookMin * Vegetable.slower(onDial(oven.kind(), dialC), really)));
    }

    /** How far that may be out, minutes, one standard deviation: what is said, and what the oven really does. */
    public double doubtIn(EveningOven oven, double minutes) {
        double off = Vegetable.slower(oven.calibration().offsetDoubtC(), 0) - 1;
        return minutes * Math.hypot(DOUBT_SHARE, off);
    }

    /** What it takes from an oven in which it takes so many minutes: each of its trays as much as a tray of vegetables. */
    HeatDraw draws(double minutes) {
        double mean = shelves * TRAY_J / (60 * minutes);
        return new HeatDraw(AT_FIRST * mean, AT_LAST * mean);
    }

    /** How far what it takes on the hob may be out, minutes, one standard deviation. */
    public double doubtOnHob() {
        return DOUBT_SHARE * cookMin;
    }

    private static double onDial(OvenKind kind, double stillC) {
        return kind == OvenKind.FAN ? stillC - Dial.FAN_LOWER_C : stillC;
    }
}
