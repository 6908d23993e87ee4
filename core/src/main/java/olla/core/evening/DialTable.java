package olla.core.evening;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.dress.SaltCrust;
import olla.core.oven.HeatDraw;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRecorder;
import olla.core.simulation.BakeRun;
import olla.core.simulation.GivenUp;
import olla.core.simulation.Trace;
import olla.core.simulation.Unknowns;
import olla.core.uncertainty.BakeSpec;
import olla.core.uncertainty.CoarseSolve;
import olla.core.uncertainty.Doubt.About;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Sensitivities;
import org.hipparchus.analysis.interpolation.SplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * What a dish takes at each dial of one oven: solved by the heat model at dials some way apart, and between them by a natural
 * cubic spline of the open length's logarithm, which bends little.
 */
public final class DialTable {

    /* From one dial that is solved to the next, °C. */
    private static final double KNOT_C = 20;

    /** Fish is served warmer than this on the average, °C (common practice, no source). */
    public static final double HOT_C = 55;

    /* No fish waits longer, minutes: as long as any rest is. */
    private static final double LONGEST_WAIT_MIN = 60;

    /* What waits may get this much beyond what it was to peak at, K: a guest notices six (common practice, no source). */
    private static final double BEYOND_K = 5;

    /* A door is opened for another dish somewhere past the middle. */
    private static final double DOOR_AT = 0.6;

    private final List<Baking> bakings;
    /* How each of them was come by, in their order; empty for a side. */
    private final List<Solved> solved;

    private DialTable(List<Baking> bakings, List<Solved> solved) {
        this.bakings = List.copyOf(bakings);
        this.solved = List.copyOf(solved);
    }

    private static DialTable of(List<Solved> solved) {
        return new DialTable(solved.stream().map(Solved::baking).toList(), solved);
    }

    /** At each dial where it is ever done, from the gentlest; empty where it never is. */
    public List<Baking> bakings() {
        return bakings;
    }

    /** At the dial that lies closest to this one, °C. */
    public Baking nearest(double tempC) {
        Baking found = bakings.get(0);
        for (Baking baking : bakings) {
            if (Math.abs(baking.tempC() - tempC) < Math.abs(found.tempC() - tempC)) {
                found = baking;
            }
        }
        return found;
    }

    /** What a side takes: by its own minutes. */
    public static DialTable of(SideDish side, EveningOven oven) {
        return new DialTable(
                side.dials(oven.kind()).stream()
                        .map(dial -> Baking.ofSide(side, dial, side.minutesIn(oven, dial), oven))
                        .toList(),
                List.of());
    }

    /** Solved at one dial. */
    private record Knot(double tempC, Programme programme, double openMin) {}

    /**
     * Solves it.
     *
     * @throws java.util.concurrent.CancellationException where the calling thread is interrupted meanwhile
     */
    public static DialTable of(FishDish dish, EveningOven oven) {
        return of(dish, oven, Thread.currentThread());
    }

    static DialTable of(FishDish dish, EveningOven oven, Thread asker) {
        List<Double> dials = dish.dials(oven.kind());
        OvenModel model = oven.calibration().likely(oven.kind());
        BakeModel bake = new BakeModel(dish.piece(), dish.dress(), model, Unknowns.NONE, BakeModel.Fineness.FINE);
        List<Knot> knots = new ArrayList<>();
        for (double dial : knots(dials)) {
            GivenUp.stopIf(asker);
            Programme programme = dish.at(model, dial);
            if (!dish.allows(oven.kind(), programme)) {
                return of(List.<Solved>of());
            }
            OptionalDouble open = new BakeRun(bake, dish.waiting(programme))
                    .minutesFor(dish.target().peakC());
            if (open.isPresent()) {
                knots.add(new Knot(dial, programme, Math.max(Programme.LEAST_MINUTES, open.getAsDouble())));
            }
        }
        if (knots.isEmpty()) {
            return of(List.<Solved>of());
        }
        GivenUp.stopIf(asker);
        Worth gentle = Worth.of(dish, oven, bake, model, knots.get(0));
        GivenUp.stopIf(asker);
        Worth hot = Worth.of(dish, oven, bake, model, knots.get(knots.size() - 1));
        Interpolated open = new Interpolated(knots);
        double low = knots.get(0).tempC();
        double high = knots.get(knots.size() - 1).tempC();
        List<Solved> solved = new ArrayList<>();
        for (double dial : dials) {
            if (dial >= low - 1e-9 && dial <= high + 1e-9) {
                GivenUp.stopIf(asker);
                double at = high > low ? (dial - low) / (high - low) : 0;
                Programme programme = near(knots, dial).programme().at(dial);
                solved.add(new Solved(dial, programme, open.minutes(dial), Worth.between(gentle, hot, at)));
            }
        }
        return of(solved);
    }

    /**
     * The same where the oven was found to be otherwise than was believed, to first order.
     *
     * @param before what was believed when it was made
     * @param after what is believed now
     */
    DialTable told(OvenCalibration before, OvenCalibration after) {
        return of(solved.stream().map(s -> s.told(before, after)).toList());
    }

    /**
     * A dish at one dial.
     *
     * @param programme with one length open
     * @param openMin that length, minutes
     */
    private record Solved(double tempC, Programme programme, double openMin, Worth worth) {
        Baking baking() {
            return worth.at(tempC, programme, openMin);
        }

        Solved told(OvenCalibration before, OvenCalibration after) {
            double off = (after.offsetC() - before.offsetC()) / before.offsetDoubtC();
            double film = (after.logFilm() - before.logFilm()) / before.logFilmDoubt();
            double moved = openMin * Math.exp(worth.logPerOffset * off + worth.logPerFilm * film);
            double most = programme.opened().mostOpenMinutes();
            double open = Math.max(Programme.LEAST_MINUTES, Math.min(most, moved));
            return new Solved(tempC, programme, open, worth.told(before, after));
        }
    }

    /* A grill and a head start are as at the nearest dial that was solved: they change little over some degrees. */
    private static Knot near(List<Knot> knots, double dial) {
        return knots.stream()
                .min(Comparator.comparingDouble(k -> Math.abs(k.tempC() - dial)))
                .orElseThrow();
    }

    private static List<Double> knots(List<Double> dials) {
        List<Double> knots = new ArrayList<>();
        double last = dials.get(dials.size() - 1);
        for (double dial : dials) {
            boolean far = knots.isEmpty() || dial - knots.get(knots.size() - 1) >= KNOT_C - 1e-9;
            if (dial == last || far && (last - dial >= KNOT_C / 2 || knots.isEmpty())) {
                knots.add(dial);
            }
        }
        return knots;
    }

    /** The open length by dial. */
    private static final class Interpolated {

        private final List<Knot> knots;
        private final PolynomialSplineFunction log;

        Interpolated(List<Knot> knots) {
            this.knots = knots;
            this.log = knots.size() < 3
                    ? null
                    : new SplineInterpolator()
                            .interpolate(
                                    knots.stream().mapToDouble(Knot::tempC).toArray(),
                                    knots.stream()
                                            .mapToDouble(k -> Math.log(k.openMin()))
                                            .toArray());
        }

        double minutes(double tempC) {
            Knot first = knots.get(0);
            if (knots.size() == 1) {
                return first.openMin();
            }
            if (log != null) {
                return Math.exp(log.value(tempC));
            }
            Knot second = knots.get(1);
            double at = (tempC - first.tempC()) / (second.tempC() - first.tempC());
            return first.openMin() * Math.pow(second.openMin() / first.openMin(), at);
        }
    }

    /** What changes little from dial to dial, and in between lies on a straight line. */
    private record Worth(
            double logSpread,
            double logPerOffset,
            double logPerFilm,
            double marginMin,
            double dryShare,
            double waitsMin,
            double doorMin,
            double logPerK,
            HeatDraw draws) {

        static Worth of(FishDish dish, EveningOven oven, BakeModel bake, OvenModel model, Knot knot) {
            Programme programme = knot.programme();
            BakeRun run = new BakeRun(bake, programme);
            Programme closed = run.closed(knot.openMin());
            BakeSpec spec = new BakeSpec(
                    dish.piece(),
                    dish.dress(),
                    oven.kind(),
                    oven.calibration(),
                    dish.waiting(programme),
                    dish.target().peakC());
            Sensitivities doubts = new Sensitivities(spec, new CoarseSolve(spec), knot.openMin());
            BakeRecorder waiting = run.run(closed.rested(LONGEST_WAIT_MIN));
            double out = closed.bakeMinutes().orElseThrow();
            double dry = run.outFor(Band.DRY.fromC());
            double margin = Math.max(0, dry - run.outFor(Doneness.FLAKES.peakC()));
            double tooDone = dish.target().peakC() + BEYOND_K;
            return new Worth(
                    doubts.logSpread(),
                    doubts.logPerDoubt(About.OVEN),
                    doubts.logPerDoubt(About.FILM),
                    margin,
                    waiting.dryAtPull(),
                    Math.max(closed.restMinutes(), Math.min(shut(dish), waits(waiting.trace(), out, tooDone))),
                    doorMin(dish, model, programme, out),
                    Math.abs(doubts.logPerDoubt(About.OVEN))
                            / oven.calibration().offsetDoubtC(),
                    run.draws(closed).times(dish.pieces()));
        }

        /* A crust that is left shut for longer is forgotten. */
        private static double shut(FishDish dish) {
            return dish.dress().salt().isPresent() ? SaltCrust.FORGOTTEN_MINUTES : LONGEST_WAIT_MIN;
        }

        /* How long after it has come out it is hot still and not yet too done. */
        private static double waits(Trace trace, double outMin, double tooDoneC) {
            for (int i = 0; i < trace.minute().length; i++) {
                double since = trace.minute()[i] - outMin;
                if (since > 0 && (trace.meanC()[i] < HOT_C || trace.coldestC()[i] > tooDoneC)) {
                    return since;
                }
            }
            return LONGEST_WAIT_MIN;
        }

        private static double doorMin(FishDish dish, OvenModel model, Programme programme, double outMin) {
            OvenEvents opened = new OvenEvents(
                    List.of(new OvenEvent.DoorOpened(DOOR_AT * outMin, OvenEvent.DoorOpened.TAKING_OUT_S)));
            double peakC = dish.target().peakC();
            // Only their difference counts, so both may be coarse.
            double shut = new BakeRun(coarse(dish, model, OvenEvents.NONE), programme).outFor(peakC);
            return Math.max(0, new BakeRun(coarse(dish, model, opened), programme).outFor(peakC) - shut);
        }

        private static BakeModel coarse(FishDish dish, OvenModel model, OvenEvents events) {
            return new BakeModel(dish.piece(), dish.dress(), model, events, Unknowns.NONE, BakeModel.Fineness.COARSE);
        }

        static Worth between(Worth a, Worth b, double at) {
            return new Worth(
                    a.logSpread + at * (b.logSpread - a.logSpread),
                    a.logPerOffset + at * (b.logPerOffset - a.logPerOffset),
                    a.logPerFilm + at * (b.logPerFilm - a.logPerFilm),
                    a.marginMin + at * (b.marginMin - a.marginMin),
                    a.dryShare + at * (b.dryShare - a.dryShare),
                    a.waitsMin + at * (b.waitsMin - a.waitsMin),
                    a.doorMin + at * (b.doorMin - a.doorMin),
                    a.logPerK + at * (b.logPerK - a.logPerK),
                    HeatDraw.between(a.draws, b.draws, at));
        }

        /* What is known better of the oven is no doubt any more. */
        Worth told(OvenCalibration before, OvenCalibration after) {
            double squares = logSpread * logSpread
                    - logPerOffset * logPerOffset * gone(before.offsetDoubtC(), after.offsetDoubtC())
                    - logPerFilm * logPerFilm * gone(before.logFilmDoubt(), after.logFilmDoubt());
            return new Worth(
                    Math.sqrt(Math.max(0, squares)),
                    logPerOffset,
                    logPerFilm,
                    marginMin,
                    dryShare,
                    waitsMin,
                    doorMin,
                    logPerK,
                    draws);
        }

        private static double gone(double doubtBefore, double doubtAfter) {
            double left = doubtAfter / doubtBefore;
            return 1 - left * left;
        }

        Baking at(double dial, Programme programme, double openMin) {
            Programme closed = programme.opened().closed(openMin);
            double sd = openMin * Math.expm1(logSpread);
            return new Baking(
                    dial,
                    closed,
                    closed.bakeMinutes().orElseThrow(),
                    sd,
                    marginMin,
                    dryShare,
                    waitsMin,
                    doorMin,
                    logPerK,
                    draws);
        }
    }
}
