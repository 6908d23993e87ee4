package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import olla.core.dress.Dress;
import olla.core.fish.Piece;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

/**
 * A bake as it would really go where oven and fish are known: what stand-in devices and the demo's past are made from. It
 * goes forward only. Mutable.
 */
public final class BakeSimulation {

    /* No step is longer, s. */
    private static final double LONGEST_STRIDE_S = 60;

    private static final Stage.Rest REST = new Stage.Rest(Programme.LONGEST_MINUTES);

    /* It has been gone on to the end of the solver's step that the moment lies in, and before it. */
    private BakeProgress before;
    private BakeProgress after;
    private double now;

    private final BakeModel model;
    private final List<Stage> stages;
    private final double[] endsAt;
    private int stage;
    private boolean out;

    /**
     * @param oven as it really is
     * @param events what happens to it
     * @param programme an open length is taken for {@code likelyMin} of the whole
     * @param unknowns what is off with the fish
     * @param likelyMin the whole bake, minutes
     */
    public BakeSimulation(
            Piece piece,
            Dress dress,
            OvenModel oven,
            OvenEvents events,
            Programme programme,
            Unknowns unknowns,
            double likelyMin) {
        this.model = new BakeModel(piece, dress, oven, events, unknowns, BakeModel.Fineness.FINE);
        BakeRun run = new BakeRun(model, programme);
        this.stages = new ArrayList<>(
                run.closed(Math.max(Programme.LEAST_MINUTES, likelyMin - programme.fixedMinutes())).stages().stream()
                        .filter(s -> !(s instanceof Stage.Rest))
                        .toList());
        // The oven stays as it was until somebody takes the dish out.
        Stage.Bake last = null;
        for (Stage s : stages) {
            last = s instanceof Stage.Bake bake ? bake : last;
        }
        stages.add(new Stage.Bake(last.tempC(), OptionalDouble.of(Programme.LONGEST_MINUTES)));
        this.endsAt = new double[stages.size()];
        double at = 0;
        for (int i = 0; i < endsAt.length; i++) {
            at += BakeProgress.seconds(stages.get(i)) / 60;
            endsAt[i] = at;
        }
        this.after = new BakeProgress(model, programme);
        this.before = after.copy();
    }

    /** Lets it go on to this minute since it went in; earlier ones change nothing. */
    public void goOn(double minute) {
        now = Math.max(now, minute);
        while (now - after.minutes() > 1e-6) {
            before = after.copy();
            if (out) {
                after.stride(REST, LONGEST_STRIDE_S);
                continue;
            }
            while (stage < stages.size() - 1 && endsAt[stage] - after.minutes() < 1e-6) {
                stage++;
                if (BakeProgress.seconds(stages.get(stage)) == 0) {
                    after.change(stages.get(stage));
                    before = after.copy();
                }
            }
            double left = 60 * Math.max(1e-6, endsAt[stage] - after.minutes());
            after.stride(stages.get(stage), Math.min(LONGEST_STRIDE_S, left));
        }
    }

    /** It comes out where it has come to, and rests from here on. */
    public void takeOut() {
        if (!out && now < after.minutes()) {
            after = before.copy();
            after.pass(stages.get(stage), 60 * Math.max(1e-6, now - after.minutes()));
        }
        before = after.copy();
        out = true;
    }

    /* What it is now, between the two ends of the solver's step. */
    private double between(ToDoubleFunction<BakeProgress> what) {
        double whole = after.minutes() - before.minutes();
        double part = whole > 0 ? Math.max(0, Math.min(1, (now - before.minutes()) / whole)) : 1;
        double from = what.applyAsDouble(before);
        return from + part * (what.applyAsDouble(after) - from);
    }

    /** The coldest flesh, °C. */
    public double coldestC() {
        return between(BakeProgress::coldestC);
    }

    /** The warmest that the coldest flesh has been, °C. */
    public double peakC() {
        return between(at -> at.load().fish() ? at.state().coldestPeakC() : at.coldestC());
    }

    /** The flesh's uppermost face, °C: where a tip is that was not pushed in far enough. */
    public double faceC() {
        return between(at -> at.load().fish() ? at.solver().topFaceC(at.state()) : at.coldestC());
    }

    /** The oven's air, °C. */
    public double airC() {
        return model.airC(plannedC(), now);
    }

    private double plannedC() {
        for (int i = stage; i >= 0; i--) {
            if (stages.get(i) instanceof Stage.Bake bake) {
                return bake.tempC();
            }
        }
        return ((Stage.Bake) stages.get(0)).tempC();
    }
}
