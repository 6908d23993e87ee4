package olla.core.simulation;

import java.util.List;
import olla.core.doneness.Doneness;
import olla.core.heat.SectionSolver;
import olla.core.heat.SectionState;
import olla.core.heat.Surroundings;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/** A dish on its way through a programme: what is on the tray, how warm it is, how long it has been in. Mutable. */
final class BakeProgress {

    /* An unsteady oven is looked at so often, s, and taken for steady while its air keeps within so much, K, and no longer, s (ours). */
    private static final double UNSTEADY_LOOK_S = 30;
    private static final double STEADY_WITHIN_K = 2;
    private static final double LONGEST_STEADY_S = 300;

    /* Once the middle has fallen this far below its peak it will not rise again, K. */
    private static final double PAST_PEAK_K = 1;

    /* What is laid on cold takes heat from the flesh under it at first, which comes back: so long, s (ours; DressProperties). */
    private static final double SETTLED_S = 300;

    private final BakeModel model;
    private TrayLoad load;
    private SectionState state;
    private double changedS = Double.NEGATIVE_INFINITY;

    BakeProgress(BakeModel model, Programme programme) {
        this.model = model;
        this.load = new TrayLoad(!programme.fishJoins(), 0, false);
        this.state = model.start(load);
    }

    private BakeProgress(BakeModel model, TrayLoad load, SectionState state, double changedS) {
        this.model = model;
        this.load = load;
        this.state = state;
        this.changedS = changedS;
    }

    /** The same dish at another moment, which is the state that is given. */
    BakeProgress seenAt(SectionState other) {
        return new BakeProgress(model, load, other, changedS);
    }

    /** Whether a stride is one of the solver's steps, so that what is between its ends is known. */
    boolean strideIsAStep(Stage stage) {
        return stage instanceof Stage.Rest || !model.unsteady();
    }

    BakeProgress copy() {
        return new BakeProgress(model, load, state.copy(), changedS);
    }

    TrayLoad load() {
        return load;
    }

    SectionState state() {
        return state;
    }

    SectionSolver solver() {
        return model.solver(load);
    }

    /**
     * The coldest of the flesh, °C; while the fish waits outside, as cold as it is there. Nothing is colder than the coldest was when all
     * went in: where one face is warmed at once the elements swing by a degree or so, and that is no fish.
     */
    double coldestC() {
        return load.fish() ? Math.max(state.coldestC(), model.leastC()) : model.startC();
    }

    double minutes() {
        return state.seconds() / 60;
    }

    /** What takes no time. */
    void change(Stage stage) {
        if (stage instanceof Stage.Turn) {
            state = model.turn(load, state);
            return;
        }
        TrayLoad next = after(stage);
        if (!next.equals(load)) {
            state = model.change(load, state, next);
            load = next;
            changedS = state.seconds();
        }
    }

    private TrayLoad after(Stage stage) {
        if (stage instanceof Stage.Uncover) {
            return load.opened();
        }
        if (!(stage instanceof Stage.Add add)) {
            return load;
        }
        return switch (add.what()) {
            case FISH -> load.withFish();
            case TOPPING -> load.withNext();
            case GLAZE, SIDES, BASTE, LEMON -> load;
        };
    }

    /**
     * Some seconds of a stage that takes time.
     *
     * @throws java.util.concurrent.CancellationException where the thread is interrupted: nobody waits any more
     */
    void pass(Stage stage, double seconds) {
        double end = state.seconds() + seconds;
        while (end - state.seconds() > 1e-9) {
            stride(stage, end - state.seconds());
        }
    }

    /**
     * As much of a stage as the solver takes in one step.
     *
     * @param most no more than this, s
     * @throws java.util.concurrent.CancellationException where the thread is interrupted: nobody waits any more
     */
    void stride(Stage stage, double most) {
        GivenUp.stopIf(Thread.currentThread());
        if (strideIsAStep(stage)) {
            solver().step(state, around(stage, 0), most);
            return;
        }
        double stride = Math.min(most, steadyS(stage));
        solver().advance(state, around(stage, minutes() + stride / 120), stride);
    }

    private double steadyS(Stage stage) {
        double stride = UNSTEADY_LOOK_S;
        while (stride < LONGEST_STEADY_S && alike(stage, minutes(), minutes() + (stride + UNSTEADY_LOOK_S) / 60)) {
            stride += UNSTEADY_LOOK_S;
        }
        return stride;
    }

    private boolean alike(Stage stage, double minute, double later) {
        boolean still = !(stage instanceof Stage.Bake bake)
                || Math.abs(model.airC(bake.tempC(), later) - model.airC(bake.tempC(), minute)) < STEADY_WITHIN_K;
        return still && model.outside(minute) == model.outside(later);
    }

    private Surroundings around(Stage stage, double minute) {
        if (stage instanceof Stage.Rest || model.outside(minute)) {
            return model.resting(load.uncovered());
        }
        if (stage instanceof Stage.Hob) {
            return model.onTheHob(load.uncovered());
        }
        return stage instanceof Stage.Bake bake
                ? model.baking(bake.tempC(), minute, load.uncovered())
                : model.grilling((Stage.Grill) stage, load.uncovered());
    }

    /** The rest of a closed programme, as far as it still matters for the peak. */
    void finish(List<Stage> stages) {
        for (Stage stage : stages) {
            double left = seconds(stage);
            if (left == 0) {
                change(stage);
            } else if (stage instanceof Stage.Rest) {
                double end = state.seconds() + left;
                while (end - state.seconds() > 1e-9 && !pastPeak()) {
                    stride(stage, end - state.seconds());
                }
            } else {
                pass(stage, left);
            }
        }
    }

    private boolean pastPeak() {
        boolean settled = state.seconds() > changedS + SETTLED_S;
        boolean flesh = state.coldestC() < state.coldestPeakC() - PAST_PEAK_K;
        return settled && flesh && (!model.stuffed() || model.insideC(state) < model.insidePeakC(state) - PAST_PEAK_K);
    }

    /** How long a stage of a closed programme takes, s. */
    static double seconds(Stage stage) {
        if (stage instanceof Stage.Bake bake) {
            return 60 * bake.minutes().orElseThrow();
        }
        if (stage instanceof Stage.Grill grill) {
            return 60 * grill.minutes();
        }
        if (stage instanceof Stage.Hob hob) {
            return 60 * hob.minutes();
        }
        return stage instanceof Stage.Rest rest ? 60 * rest.minutes() : 0;
    }

    /** By how much the warmest that the coldest points have been lies above what they must reach, K. */
    double peakMargin(double targetC) {
        return margin(targetC, state.coldestPeakC(), model.insidePeakC(state));
    }

    /** The same for what they are now. */
    double marginNow(double targetC) {
        return margin(targetC, state.coldestC(), model.insideC(state));
    }

    private double margin(double targetC, double fleshC, double fillingC) {
        if (!load.fish()) {
            return Double.NEGATIVE_INFINITY;
        }
        double flesh = fleshC - targetC;
        return model.stuffed() ? Math.min(flesh, fillingC - Doneness.STUFFING_C) : flesh;
    }
}
