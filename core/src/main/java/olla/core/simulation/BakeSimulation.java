package olla.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
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

    /* No step is longer, minutes. */
    private static final double STRIDE_MIN = 0.25;

    private final BakeProgress progress;
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
        this.progress = new BakeProgress(model, programme);
    }

    /** Lets it go on to this minute since it went in; earlier ones change nothing. */
    public void goOn(double minute) {
        while (minute - progress.minutes() > 1e-6) {
            if (out) {
                progress.pass(
                        new Stage.Rest(Programme.LONGEST_MINUTES),
                        60 * Math.min(STRIDE_MIN, minute - progress.minutes()));
                continue;
            }
            while (stage < stages.size() - 1 && endsAt[stage] - progress.minutes() < 1e-6) {
                stage++;
                if (BakeProgress.seconds(stages.get(stage)) == 0) {
                    progress.change(stages.get(stage));
                }
            }
            double until = Math.min(minute, endsAt[stage]);
            progress.pass(stages.get(stage), 60 * Math.min(STRIDE_MIN, Math.max(1e-6, until - progress.minutes())));
        }
    }

    /** It comes out where it has come to, and rests from here on. */
    public void takeOut() {
        out = true;
    }

    /** The coldest flesh, °C. */
    public double coldestC() {
        return progress.coldestC();
    }

    /** The warmest that the coldest flesh has been, °C. */
    public double peakC() {
        return progress.load().fish() ? progress.state().coldestPeakC() : coldestC();
    }

    /** The flesh's uppermost face, °C: where a tip is that was not pushed in far enough. */
    public double faceC() {
        return progress.load().fish() ? progress.solver().topFaceC(progress.state()) : coldestC();
    }

    /** The oven's air, °C. */
    public double airC() {
        return model.airC(plannedC(), progress.minutes());
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
