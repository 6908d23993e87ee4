package olla.core.runsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import olla.core.dress.Dress;
import olla.core.evening.Baking;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.evening.FishDish;
import olla.core.evening.HandTimes;
import olla.core.evening.SideDish;
import olla.core.messages.Message;
import olla.core.oven.OvenKind;
import olla.core.plan.PrepList;
import olla.core.units.Dial;

/** What becomes one thing on the plate, from the board to the pass. Immutable. */
final class Chain {

    /* What a minute of waiting does to it, against a minute in which everybody waits: a bare portion cools at once, what is
    closed keeps warm and cooks on (common practice, no source). */
    private static final double HARM_OPEN = 0.12;
    private static final double HARM_TOPPED = 0.08;
    private static final double HARM_CLOSED = 0.06;

    /* A side that can wait half an hour is harmed so much by a minute (common practice, no source). */
    private static final double HARM_SIDE = 0.02;
    private static final double OF_HALF_AN_HOUR = 30;

    /** How it gets warm. */
    enum Heat {
        OVEN,
        HOB,
        NONE
    }

    /** One oven it may go into, with what it takes there at each dial it has; by dial over {@link Dial#CELSIUS_STEP}. */
    private record Option(EveningOven oven, int shelves, double wantedC, Baking[] byDial) {}

    private final String key;
    private final Message name;
    private final int course;
    private final Heat heat;
    private final double prepareMin;
    private final double dressMin;
    private final double temperMin;
    private final double hobMin;
    private final double hobSdMin;
    private final double afterMin;
    private final Kind after;
    private final double sideWaitsMin;
    private final double harm;
    private final double colours;
    private final Option[] options;
    private final double bestMarginMin;

    private Chain(FishDish dish, Evening evening, DialTables tables) {
        Dress dress = dish.dress();
        key = dish.key();
        name = Message.typed(dish.title());
        course = dish.course();
        heat = Heat.OVEN;
        prepareMin = HandTimes.prepare(dish.piece(), dress, dish.pieces());
        dressMin = HandTimes.dress(dress, dish.pieces());
        temperMin = dish.piece().frozen() ? 0 : PrepList.TEMPER_MINUTES;
        hobMin = 0;
        hobSdMin = 0;
        afterMin = HandTimes.carve(dish.piece(), dish.pieces());
        after = Kind.CARVE;
        sideWaitsMin = 0;
        harm = dress.closed().isPresent() ? HARM_CLOSED : dress.topped() ? HARM_TOPPED : HARM_OPEN;
        colours = dress.colours() ? 1 : 0;
        options = new Option[evening.kitchen().ovens().size()];
        for (int i = 0; i < options.length; i++) {
            EveningOven oven = evening.kitchen().ovens().get(i);
            options[i] = option(
                    oven,
                    oven.shelvesFor(dish.piece(), dish.pieces()),
                    dish.wantedC(oven.kind()),
                    tables.of(key, oven.key()));
        }
        bestMarginMin = margin(options);
    }

    private Chain(SideDish side, Evening evening, DialTables tables) {
        key = side.key();
        name = Message.typed(side.title());
        course = side.course();
        heat = switch (side.where()) {
            case OVEN -> Heat.OVEN;
            case HOB -> Heat.HOB;
            case COLD -> Heat.NONE;
        };
        prepareMin = side.prepareMin();
        dressMin = 0;
        temperMin = 0;
        hobMin = heat == Heat.HOB ? side.cookMin() : 0;
        hobSdMin = side.doubtOnHob();
        afterMin = side.finishMin();
        after = Kind.FINISH;
        sideWaitsMin = side.waitsMin();
        harm = HARM_SIDE * OF_HALF_AN_HOUR / Math.max(1, side.waitsMin());
        colours = 0;
        options = new Option[evening.kitchen().ovens().size()];
        for (int i = 0; i < options.length; i++) {
            EveningOven oven = evening.kitchen().ovens().get(i);
            double wanted = side.dialC() - (oven.kind() == OvenKind.FAN ? Dial.FAN_LOWER_C : 0);
            options[i] = option(oven, side.shelves(), wanted, tables.of(key, oven.key()));
        }
        bestMarginMin = 0;
    }

    private static Option option(EveningOven oven, int shelves, double wantedC, List<Baking> bakings) {
        if (bakings.isEmpty()) {
            return null;
        }
        int most = (int) bakings.get(bakings.size() - 1).tempC() / Dial.CELSIUS_STEP;
        Baking[] byDial = new Baking[most + 1];
        bakings.forEach(b -> byDial[(int) Math.round(b.tempC()) / Dial.CELSIUS_STEP] = b);
        return new Option(oven, shelves, wantedC, byDial);
    }

    private static double margin(Option[] options) {
        double best = 0;
        for (Option option : options) {
            if (option != null) {
                for (Baking baking : option.byDial()) {
                    best = baking == null ? best : Math.max(best, baking.marginMin());
                }
            }
        }
        return best;
    }

    /** All of an evening: dishes first, in their order. */
    static List<Chain> of(Evening evening, DialTables tables) {
        List<Chain> chains = new ArrayList<>();
        evening.fish().forEach(dish -> chains.add(new Chain(dish, evening, tables)));
        evening.sides().forEach(side -> chains.add(new Chain(side, evening, tables)));
        return chains;
    }

    String key() {
        return key;
    }

    Message name() {
        return name;
    }

    int course() {
        return course;
    }

    Heat heat() {
        return heat;
    }

    /** Hands before it is dressed, minutes. */
    double prepareMin() {
        return prepareMin;
    }

    /** Hands right before it goes in, minutes. */
    double dressMin() {
        return dressMin;
    }

    /** How long it stands out of the fridge before it goes in, minutes. */
    double temperMin() {
        return temperMin;
    }

    /** On the hob, minutes; 0 elsewhere. */
    double hobMin() {
        return hobMin;
    }

    double hobSdMin() {
        return hobSdMin;
    }

    /** Hands once it has cooked and rested, minutes. */
    double afterMin() {
        return afterMin;
    }

    Kind after() {
        return after;
    }

    /** What a minute of waiting does to it, against a minute in which everybody waits. */
    double harm() {
        return harm;
    }

    /** How long it can wait once it has come out, minutes. */
    double waitsMin(Baking baking) {
        return baking == null ? sideWaitsMin : Math.max(baking.waitsMin(), sideWaitsMin);
    }

    /** What it takes there; null where it does not go there. */
    Baking baking(int oven, int dialC) {
        Option option = oven < 0 || oven >= options.length ? null : options[oven];
        int at = dialC / Dial.CELSIUS_STEP;
        return option == null || dialC % Dial.CELSIUS_STEP != 0 || at < 0 || at >= option.byDial().length
                ? null
                : option.byDial()[at];
    }

    /** What it takes there at the dial nearest to this one, whether or not that may be planned; null where it does not go there. */
    Baking nearest(int oven, double dialC) {
        Baking found = null;
        Option option = options[oven];
        if (option == null) {
            return null;
        }
        for (Baking baking : option.byDial()) {
            boolean nearer = baking != null
                    && (found == null || Math.abs(baking.tempC() - dialC) < Math.abs(found.tempC() - dialC));
            found = nearer ? baking : found;
        }
        return found;
    }

    /** The dial it was made for, on an oven it may go into, °C. */
    double wantedC(int oven) {
        return options[oven].wantedC();
    }

    /** How many shelves it takes there. */
    int shelves(int oven) {
        return options[oven].shelves();
    }

    /** Ovens it may go into. */
    int[] ovens() {
        return IntStream.range(0, options.length)
                .filter(i -> dials(i).length > 0)
                .toArray();
    }

    /** Whether it may go in there at this dial. */
    boolean goes(int oven, int dialC) {
        return baking(oven, dialC) != null && options[oven].oven().allows(dialC);
    }

    /** Dials it may have there, °C. */
    int[] dials(int oven) {
        Option option = options[oven];
        return option == null
                ? new int[0]
                : IntStream.range(0, option.byDial().length)
                        .map(i -> i * Dial.CELSIUS_STEP)
                        .filter(dial -> goes(oven, dial))
                        .toArray();
    }

    /** What it loses by another dial than the one it was made for, and by less time to catch it, against a minute of waiting. */
    double lossAt(int oven, Baking baking) {
        double off = (baking.tempC() - options[oven].wantedC()) / 10;
        double pale = off < 0 ? colours * LOST_PALE * -off : 0;
        return LOST_BY_TEN_C * Math.abs(off)
                + pale
                + LOST_BY_MARGIN * Math.max(0, bestMarginMin - baking.marginMin())
                + LOST_DRY * baking.dryShare();
    }

    /* What is lost against a minute in which everybody waits (ours, no source). */
    private static final double LOST_BY_TEN_C = 0.1;
    private static final double LOST_PALE = 0.4;
    private static final double LOST_BY_MARGIN = 0.05;
    private static final double LOST_DRY = 1;

    /** The key of one of its steps. */
    String step(Kind kind) {
        return key + "." + kind;
    }

    String step(Kind kind, int number) {
        return step(kind) + "." + number;
    }
}
