package olla.core.uncertainty;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.ForkJoinTask;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;
import olla.core.simulation.GivenUp;
import olla.core.simulation.Unknowns;
import olla.core.uncertainty.Doubt.About;

/**
 * What moves the time, one unknown after the other: it is solved again with each moved by one standard deviation. The
 * runs are coarse, since only their ratio to a coarse run without doubt counts. Moves of the logarithm add by squares
 * (first-order propagation of independent errors): that ranks the doubts, and gives the {@link Ensemble} its first guess.
 */
public final class Sensitivities {

    private final BakeSpec dish;
    private final double plainMinutes;
    private final OpenMinutes minutes;
    private final double[] slope = new double[About.values().length];

    /**
     * @param coarse the dish solved with nothing off
     * @param likely the open length on the fine grid, minutes; taken where the coarse run finds none
     * @throws java.util.concurrent.CancellationException where the calling thread is interrupted meanwhile
     */
    public Sensitivities(BakeSpec dish, CoarseSolve coarse, double likely) {
        this(dish, coarse, likely, Thread.currentThread());
    }

    private Sensitivities(BakeSpec dish, CoarseSolve coarse, double likely, Thread asker) {
        this.dish = dish;
        this.plainMinutes = coarse.minutes(likely);
        this.minutes = coarse.nearby();
        Arrays.stream(About.values())
                .parallel()
                .filter(about -> about != About.MODEL)
                // A covered fish is wet all over whatever its face was.
                .filter(about -> about != About.WETNESS || dish.dress().sheet().isEmpty())
                .forEach(about -> {
                    GivenUp.stopIf(asker);
                    slope[about.ordinal()] = slope(coarse.model(), about);
                });
        slope[About.MODEL.ordinal()] = dish.piece().habit().logDoubt();
    }

    /**
     * The same, worked out beside what the caller does next, where there are processors to spare.
     *
     * @param coarse the dish solved with nothing off, which the oven brings to its target
     */
    public static ForkJoinTask<Sensitivities> beside(BakeSpec dish, CoarseSolve coarse) {
        Thread asker = Thread.currentThread();
        return ForkJoinTask.adapt(() -> new Sensitivities(dish, coarse, Programme.LONGEST_MINUTES, asker))
                .fork();
    }

    private double slope(BakeModel plain, About about) {
        double[] z = new double[slope.length];
        // Towards the slower side, where there is a solution for sure but the oven's.
        z[about.ordinal()] = about == About.THICKNESS || about == About.WETNESS ? 1 : -1;
        Unknowns off = StandardDeviations.unknowns(z, dish.piece(), dish.calibration());
        BakeRun run = new BakeRun(plain.under(off), dish.programme());
        double moved = minutes.of(open -> run.peakMargin(open, dish.targetC()), Math.log(plainMinutes));
        // Stages of given length may do nearly all of it; then hardly anything is left to be unsure of.
        return Math.log(Math.max(moved, Programme.LEAST_MINUTES) / plainMinutes) / z[about.ordinal()];
    }

    /** How long a dish takes that is nearly this one. */
    OpenMinutes minutes() {
        return minutes;
    }

    /** The open length of a coarse run with nothing off, minutes. */
    double plainMinutes() {
        return plainMinutes;
    }

    /** The open length's logarithm where each unknown but the model is so many standard deviations off, to first order. */
    double logMinutes(double[] z) {
        double sum = Math.log(plainMinutes);
        for (About about : About.values()) {
            sum += about == About.MODEL ? 0 : slope[about.ordinal()] * z[about.ordinal()];
        }
        return sum;
    }

    /** Standard deviation of the open length's logarithm, to first order. */
    public double logSpread() {
        double squares = 0;
        for (double s : slope) {
            squares += s * s;
        }
        return Math.sqrt(squares);
    }

    /** By how much the open length's logarithm changes where one unknown is a standard deviation off, to first order. */
    public double logPerDoubt(About about) {
        return slope[about.ordinal()];
    }

    /**
     * What makes the window wide, largest first.
     *
     * @param likely open length, minutes
     * @param windowMin how wide the window is, minutes
     */
    public List<Doubt> found(double likely, double windowMin) {
        double squares = logSpread() * logSpread();
        List<Doubt> found = new ArrayList<>();
        for (About about : About.values()) {
            double s = slope[about.ordinal()];
            if (s != 0) {
                double left = squares == 0 ? 1 : Math.sqrt(Math.max(0, 1 - gained(about) * s * s / squares));
                found.add(new Doubt(
                        about, words(about), Math.abs(Math.expm1(s)) * likely, windowMin * left, remedy(about)));
            }
        }
        found.sort(Comparator.comparingDouble(Doubt::minutes).reversed());
        return List.copyOf(found);
    }

    /* Which part of a doubt's square its remedy takes away. */
    private double gained(About about) {
        if (about == About.THICKNESS) {
            return 1 - Math.pow(Math.min(1, Piece.RULER_MM / dish.piece().thicknessDoubtMm()), 2);
        }
        if (about == About.OVEN) {
            return 1
                    - Math.pow(
                            Math.min(
                                    1, Doubt.CHECKED_OVEN_C / dish.calibration().offsetDoubtC()),
                            2);
        }
        return 1;
    }

    private Message remedy(About about) {
        boolean helps = switch (about) {
            case THICKNESS -> dish.piece().measured() != MeasuredBy.RULER;
            case OVEN -> !dish.calibration().checked();
            case START -> true;
            case FILM, CONTACT, WETNESS, MODEL -> false;
        };
        return helps ? Message.word(about).form("remedy") : Message.NOTHING;
    }

    private Message words(About about) {
        Message word = Message.word(about);
        return switch (about) {
            case THICKNESS ->
                Message.of(
                        word.key(),
                        "measured",
                        dish.piece().measured(),
                        "doubt",
                        Quantity.mm(Math.round(10 * dish.piece().thicknessDoubtMm()) / 10.0));
            case OVEN ->
                Message.of(
                        word.key(),
                        "checked",
                        dish.calibration().checked(),
                        "doubt",
                        Quantity.kelvin(dish.calibration().offsetDoubtC()));
            case START -> Message.of(word.key(), "doubt", Quantity.kelvin(StandardDeviations.START_C));
            case FILM, CONTACT, MODEL -> word;
            case WETNESS -> dish.dress().salt().isPresent() ? word.form("salt") : word;
        };
    }
}
