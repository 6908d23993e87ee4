package olla.core.uncertainty;

import java.util.OptionalDouble;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;

/**
 * A dish solved on the coarse grid with nothing off: about how long it takes. A fine solve begins where this one ends, and doubts are
 * ratios to it. Immutable.
 */
public final class CoarseSolve {

    private final BakeSpec dish;
    private final BakeModel model;
    private final OptionalDouble minutes;
    private final OpenMinutes nearby;

    /** Solves it on the coarsest grid. */
    public CoarseSolve(BakeSpec dish) {
        this(dish, BakeModel.Fineness.COARSE);
    }

    CoarseSolve(BakeSpec dish, BakeModel.Fineness fineness) {
        this.dish = dish;
        this.model = dish.model(fineness);
        BakeRun run = new BakeRun(model, dish.programme());
        this.minutes = run.minutesFor(dish.targetC());
        this.nearby = new OpenMinutes(run, dish.programme(), minutes(Programme.LONGEST_MINUTES), dish.targetC());
    }

    /**
     * The open stages' length by the fine run of the same dish, as {@link BakeRun#minutesFor(double)} has it.
     *
     * @param fine run of the same programme
     */
    public OptionalDouble refined(BakeRun fine) {
        if (minutes.isEmpty() || minutes.getAsDouble() < Programme.LEAST_MINUTES) {
            return fine.minutesFor(dish.targetC());
        }
        double about = minutes.getAsDouble();
        return fine.minutesFor(dish.targetC(), about, nearby.perLog() / about);
    }

    BakeModel model() {
        return model;
    }

    /** The open length, minutes, no shorter than the shortest; {@code otherwise} where the oven never brings the dish there. */
    double minutes(double otherwise) {
        return Math.max(Programme.LEAST_MINUTES, minutes.orElse(otherwise));
    }

    /** Whether the oven brings the dish to its target at all. */
    public boolean found() {
        return minutes.isPresent();
    }

    /** How long dishes take that are nearly this one. */
    OpenMinutes nearby() {
        return nearby;
    }
}
