package olla.practice.kitchen;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/**
 * A bake that a kitchen has said, as it really goes: what stand-in devices, the demo's past and the simulated evenings are made from. Nothing in
 * it is reckoned as the application reckons. It goes forward only. Mutable; for one thread.
 */
public final class TrueBake {

    /* How long the door was open when it went in, s (common practice, no source). */
    private static final double PUT_IN_S = 20;

    /* What a grill sends down over what it is said to, one standard deviation of the logarithm (ours). */
    private static final double LOG_GRILL = 0.2;

    private static final double SECONDS = 60;
    private static final double SAME_S = 1e-6;

    private final AsSaid dish;
    private final HiddenOven oven;
    private final OvenEvents events;
    private final DoubleUnaryOperator besideW;
    private final List<Stage> stages = new ArrayList<>();
    private final double[] endsS;
    private final double grills;
    private Baking now;
    private double stepS;
    private double seconds;
    private int stage;
    private int additions;
    private boolean opened;
    private boolean out;

    /**
     * From when it goes in.
     *
     * @param said as it was said
     * @param truth what the oven is
     * @param events what happens to it, as far as the kitchen itself does that; that it swings it does by itself
     * @param likelyMin how long it is thought to take altogether, minutes: its open stages follow that
     * @param seed the same is the same fish
     */
    public TrueBake(Setting.Stated said, TrueOven truth, OvenEvents events, double likelyMin, long seed) {
        this(said, truth, events, minute -> 0, likelyMin, seed);
    }

    /**
     * The same with something else in its oven.
     *
     * @param besideW what that takes of its heat, W, by the minute since this went in
     */
    public TrueBake(
            Setting.Stated said,
            TrueOven truth,
            OvenEvents events,
            DoubleUnaryOperator besideW,
            double likelyMin,
            long seed) {
        this.events = events;
        this.besideW = besideW;
        Draw draw = new Draw(seed);
        dish = new AsSaid(said.piece(), said.dress(), draw);
        grills = draw.times(1, LOG_GRILL);
        Programme programme = said.programme();
        double open = Math.max(Programme.LEAST_MINUTES, likelyMin - programme.fixedMinutes());
        Stage.Bake last = null;
        for (Stage one : programme.opened().closed(open).stages()) {
            last = one instanceof Stage.Bake bake ? bake : last;
            if (!(one instanceof Stage.Rest)) {
                stages.add(one);
            }
        }
        // The oven stays as it was until somebody takes the dish out.
        stages.add(new Stage.Bake(last.tempC(), OptionalDouble.of(Programme.LONGEST_MINUTES)));
        endsS = new double[stages.size()];
        double ends = 0;
        for (int i = 0; i < endsS.length; i++) {
            ends += SECONDS * minutes(stages.get(i));
            endsS[i] = ends;
        }
        HiddenOven.Makes makes = HiddenOvens.of(said.kind(), new Draw(truth.rest()))
                .being(said.kind(), truth)
                .on(said.shelf(), HiddenOvens.shelves(said.kind(), new Draw(~truth.rest())));
        oven = new HiddenOven(makes, dialC(), draw.between(0, 1));
        events.events().stream()
                .filter(OvenEvent.NotHot.class::isInstance)
                .forEach(cold -> oven.stands(((OvenEvent.NotHot) cold).airC()));
        goesOnAs(new Baking(programme.fishJoins() ? dish.base() : dish.fish(0, false)));
    }

    private static double minutes(Stage stage) {
        if (stage instanceof Stage.Bake bake) {
            return bake.minutes().orElseThrow();
        }
        if (stage instanceof Stage.Grill grill) {
            return grill.minutes();
        }
        return stage instanceof Stage.Hob hob ? hob.minutes() : 0;
    }

    private void goesOnAs(Baking next) {
        now = next;
        stepS = next.safeS();
    }

    /** Lets it go on to this minute since it went in; earlier ones change nothing. */
    public void goOn(double minute) {
        while (seconds < SECONDS * minute - SAME_S) {
            while (!out && stage < stages.size() - 1 && endsS[stage] <= seconds + SAME_S) {
                change(stages.get(++stage));
            }
            double ends = out ? Double.POSITIVE_INFINITY : endsS[stage];
            step(Math.min(stepS, Math.min(SECONDS * minute, ends) - seconds));
        }
    }

    private void step(double dt) {
        oven.turn(dialC());
        now.step(inside() ? around() : Around.BOARD, dt);
        oven.passes(dt, takesW() + besideW.applyAsDouble(seconds / SECONDS), doorOpen());
        seconds += dt;
    }

    private boolean inside() {
        return !out && !events.outside(seconds / SECONDS);
    }

    /** What it takes of its oven's heat now, W. */
    public double takesW() {
        return inside() && !(stages.get(stage) instanceof Stage.Hob) ? now.takesW() : 0;
    }

    private Around around() {
        Stage is = stages.get(stage);
        if (is instanceof Stage.Grill grill) {
            return Around.under(oven, grills * grill.fluxWm2());
        }
        return is instanceof Stage.Hob ? Around.HOB : Around.in(oven);
    }

    private boolean doorOpen() {
        return seconds < PUT_IN_S
                || events.events().stream()
                        .anyMatch(e -> e instanceof OvenEvent.DoorOpened door
                                && seconds >= SECONDS * door.minute()
                                && seconds < SECONDS * door.minute() + door.seconds());
    }

    /* What the oven is set to: as planned, or as somebody turned it. */
    private double dialC() {
        double planned = 0;
        for (int i = 0; i <= stage || planned == 0; i++) {
            planned = stages.get(i) instanceof Stage.Bake bake ? bake.tempC() : planned;
        }
        return events.dialC(planned, seconds / SECONDS);
    }

    private void change(Stage to) {
        if (to instanceof Stage.Uncover) {
            opened = true;
            goesOnAs(now.as(dish.fish(additions, true)));
        } else if (to instanceof Stage.Turn) {
            now.turn();
        } else if (to instanceof Stage.Add add && add.what() == Stage.What.FISH) {
            goesOnAs(now.under(dish.fish(additions, opened)));
        } else if (to instanceof Stage.Add add && add.what() == Stage.What.TOPPING) {
            goesOnAs(now.as(dish.fish(++additions, opened)));
        }
    }

    /** It comes out where it has come to, and lies on a board from here on. */
    public void takeOut() {
        out = true;
    }

    /** The coldest flesh of its thickest part, °C; before the fish joins, of what lies there. */
    public double coldestC() {
        return now.coldestC();
    }

    /** The warmest that the coldest flesh has been, °C. */
    public double peakC() {
        return now.peakC();
    }

    /** The flesh's upper face in the middle, °C: where a tip is that was not pushed in far enough. */
    public double faceC() {
        double[] through = now.throughC();
        double uppermost = through[through.length - 1];
        // From the middle of the uppermost layer on as it rises to there.
        return uppermost + (uppermost - through[through.length - 2]) / 2;
    }

    /** The oven's air, °C. */
    public double airC() {
        return oven.airC();
    }
}
