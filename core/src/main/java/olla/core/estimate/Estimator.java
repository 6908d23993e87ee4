package olla.core.estimate;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.concurrent.ForkJoinTask;
import olla.core.doneness.Doneness;
import olla.core.doneness.Lethality;
import olla.core.dress.Dress;
import olla.core.dress.SaltCrust;
import olla.core.dress.UsualProgramme;
import olla.core.estimate.Estimate.Forgotten;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.safety.Cautions;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRecorder;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Browning;
import olla.core.simulation.Frames;
import olla.core.simulation.Trace;
import olla.core.simulation.Unknowns;
import olla.core.uncertainty.BakeSpec;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.CoarseSolve;
import olla.core.uncertainty.Doubt;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.OvenCalibration;
import olla.core.uncertainty.Sensitivities;

/** The one way in: what goes in, in which dress, in which oven, to what target; out comes the ticket. */
public final class Estimator {

    private static final int GRILL_ROUNDS = 2;

    private Estimator() {}

    /**
     * Reckons a bake.
     *
     * @param kind how the oven's air moves
     * @param calibration what is believed of it
     * @throws olla.core.messages.RefusedInput where the open bake cannot reach the target in this oven
     */
    public static Estimate estimate(
            Piece piece,
            Dress dress,
            OvenKind kind,
            OvenCalibration calibration,
            Programme programme,
            Doneness target) {
        return estimate(piece, dress, kind, calibration, OvenEvents.NONE, programme, target);
    }

    /**
     * Reckons a bake as it went.
     *
     * @param events what happened to the oven meanwhile
     * @throws olla.core.messages.RefusedInput where the open bake cannot reach the target in this oven
     */
    public static Estimate estimate(
            Piece piece,
            Dress dress,
            OvenKind kind,
            OvenCalibration calibration,
            OvenEvents events,
            Programme programme,
            Doneness target) {
        Refusals refusals = new Refusals();
        UsualProgramme.check(dress, kind, programme, refusals);
        refusals.throwIfAny();
        BakeSpec dish = new BakeSpec(piece, dress, kind, calibration, events, programme, target.peakC());
        BakeModel model = dish.model(BakeModel.Fineness.FINE);
        BakeRun run = new BakeRun(model, programme);
        CoarseSolve coarse = new CoarseSolve(dish);
        ForkJoinTask<Sensitivities> beside = coarse.found() ? Sensitivities.beside(dish, coarse) : null;
        OptionalDouble solved = coarse.refined(run);
        if (solved.isEmpty() && programme.open()) {
            refusals.add("programme.tempC", Assumptions.neverDone(piece, programme, target))
                    .throwIfAny();
        }
        Programme closed = programme.open() ? run.closed(solved.getAsDouble()) : programme;
        BakeRecorder went = run.drawn(closed);
        Optional<CheckWindow> window = Optional.empty();
        List<Doubt> doubts = List.of();
        if (solved.isPresent()) {
            double open = solved.getAsDouble();
            double out = run.closed(open).bakeMinutes().orElseThrow();
            Sensitivities all = beside == null ? new Sensitivities(dish, coarse, open) : beside.join();
            CheckWindow quick = CheckWindow.about(open, all.logSpread(), out - open);
            window = Optional.of(quick);
            doubts = all.found(open, quick.widthMin());
        }
        Trace trace = went.trace();
        return new Estimate(
                piece,
                closed.bakeMinutes().orElseThrow(),
                went.spans(),
                window,
                went.pullC(),
                went.peakC(),
                closed.restMinutes(),
                went.meanAtPullC(),
                went.juice(),
                piece.filling() == Filling.NONE ? OptionalDouble.empty() : OptionalDouble.of(went.fillingPeakC()),
                model.browns() || programme.uncovers() > 0
                        ? Optional.of(Browning.Colour.of(went.browning()))
                        : Optional.empty(),
                Double.isNaN(went.goldMinute()) ? OptionalDouble.empty() : OptionalDouble.of(went.goldMinute()),
                forgotten(dress, closed, went),
                Lethality.minutesAt70(trace.minute(), trace.coldestC()),
                kind.dial(programme.bakeTempC()),
                trace,
                went.frames(),
                doubts,
                Cautions.of(piece, dress, kind, closed, went.peakC()),
                Assumptions.of(piece, dress, calibration, programme, target, solved));
    }

    /**
     * Pictures of the same bake cut along the piece, from its thickest place to its thin end; empty for a piece that is even.
     *
     * @param calibration what is believed of the oven
     * @throws olla.core.messages.RefusedInput where the open bake cannot reach the target in this oven
     */
    public static Optional<Frames> along(
            Piece piece,
            Dress dress,
            OvenKind kind,
            OvenCalibration calibration,
            Programme programme,
            Doneness target) {
        Estimate across = estimate(piece, dress, kind, calibration, programme, target);
        Programme closed =
                programme.open() ? programme.closed(across.bakeMinutes() - programme.fixedMinutes()) : programme;
        BakeModel model =
                new BakeSpec(piece, dress, kind, calibration, closed, target.peakC()).model(BakeModel.Fineness.COARSE);
        return LongCut.of(model, closed, across.peakC());
    }

    /**
     * How sure the minutes are: the same dish a few hundred times over, each with its own draw of what nobody knows, beside
     * the other ways of reckoning. Empty where the oven never brings it to the target.
     *
     * @param calibration what is believed of the oven
     * @param log what the oven's log says
     * @param seed the same one gives the same answer
     * @throws olla.core.messages.RefusedInput where the dress cannot go through the programme
     */
    public static Optional<Certainty> certainty(
            Piece piece,
            Dress dress,
            OvenKind kind,
            OvenCalibration calibration,
            Programme programme,
            Doneness target,
            OvenRecord log,
            long seed) {
        BakeSpec dish = new BakeSpec(piece, dress, kind, calibration, programme, target.peakC());
        return likely(dish).map(likely -> {
            Ensemble ensemble = Ensemble.of(dish, likely.openMin(), likely.fixedMin(), false, seed);
            CheckWindow window = ensemble.window();
            return new Certainty(
                    window, ensemble.doubts(), RulesOfThumb.of(dish, window, likely.openMin(), likely.fixedMin(), log));
        });
    }

    /**
     * The same dish a few hundred times over, to be observed while it bakes and after. Empty where the oven never brings
     * it to the target.
     *
     * @param calibration what is believed of the oven
     * @param events what happened to it since the dish went in
     * @param seed the same one gives the same members
     * @throws olla.core.messages.RefusedInput where the dress cannot go through the programme
     */
    public static Optional<Ensemble> watched(
            Piece piece,
            Dress dress,
            OvenKind kind,
            OvenCalibration calibration,
            OvenEvents events,
            Programme programme,
            Doneness target,
            long seed) {
        BakeSpec dish = new BakeSpec(piece, dress, kind, calibration, events, programme, target.peakC());
        return likely(dish).map(likely -> Ensemble.of(dish, likely.openMin(), likely.fixedMin(), true, seed));
    }

    /**
     * When a dish has to come out for its coldest points to peak so, minutes since the first thing went in; empty where
     * the oven never brings it there.
     *
     * @param events what happened to the oven
     * @param peakC of the coldest flesh, °C; a stuffing has its own
     */
    public static OptionalDouble minutesTo(
            Piece piece,
            Dress dress,
            OvenKind kind,
            OvenCalibration calibration,
            OvenEvents events,
            Programme programme,
            double peakC) {
        Optional<Likely> likely = likely(new BakeSpec(piece, dress, kind, calibration, events, programme, peakC));
        return likely.isPresent()
                ? OptionalDouble.of(likely.get().openMin() + likely.get().fixedMin())
                : OptionalDouble.empty();
    }

    /**
     * The same fish to each target and at three dials.
     *
     * @throws olla.core.messages.RefusedInput where the dress cannot go through the programme
     */
    public static Alternatives alternatives(
            Piece piece, Dress dress, OvenModel oven, Programme programme, Doneness target) {
        Refusals refusals = new Refusals();
        UsualProgramme.check(dress, oven.kind(), programme, refusals);
        refusals.throwIfAny();
        return Alternatives.of(piece, dress, oven, programme, target);
    }

    /** Minutes of the stages that are open, and of the others. */
    private record Likely(double openMin, double fixedMin) {}

    private static Optional<Likely> likely(BakeSpec dish) {
        Refusals refusals = new Refusals();
        UsualProgramme.check(dish.dress(), dish.kind(), dish.programme(), refusals);
        refusals.throwIfAny();
        BakeRun fine = new BakeRun(dish.model(BakeModel.Fineness.FINE), dish.programme());
        OptionalDouble solved = new CoarseSolve(dish).refined(fine);
        if (solved.isEmpty()) {
            return Optional.empty();
        }
        double open = solved.getAsDouble();
        return Optional.of(new Likely(open, fine.closed(open).bakeMinutes().orElseThrow() - open));
    }

    private static Optional<Forgotten> forgotten(Dress dress, Programme closed, BakeRecorder went) {
        if (dress.salt().isEmpty() || closed.restMinutes() >= SaltCrust.FORGOTTEN_MINUTES) {
            return Optional.empty();
        }
        double peak = went.peakIfLeftC(SaltCrust.FORGOTTEN_MINUTES - closed.restMinutes());
        return Optional.of(new Forgotten(SaltCrust.FORGOTTEN_MINUTES, peak));
    }

    /**
     * The usual programme for a dress, with one length to be solved and the grill, where there is one, as long as the top
     * takes to turn gold.
     *
     * @param tempC the dial, °C
     * @param restMinutes out of the oven, minutes
     */
    public static Programme usual(
            Piece piece, Dress dress, OvenModel oven, Doneness target, double tempC, double restMinutes) {
        Programme usual = UsualProgramme.programme(dress, oven.kind(), tempC, restMinutes);
        if (!dress.topped() && !dress.opened()) {
            return usual;
        }
        BakeModel model = new BakeModel(piece, dress, oven, Unknowns.NONE, BakeModel.Fineness.COARSE);
        // A shorter grill makes for a longer bake, which browns some of it already: twice round settles it.
        for (int round = 0; usual.grills() && round < GRILL_ROUNDS; round++) {
            Programme grilled = usual.grilled(grillMinutes(new BakeRun(model, usual), target));
            if (grilled.equals(usual)) {
                return usual;
            }
            usual = grilled;
        }
        return usual;
    }

    /**
     * The same programme with each bake that waits for a middle as long as that takes.
     *
     * @throws olla.core.messages.RefusedInput where the oven never brings the middle there, or a length that is solved for the
     *     target comes before it
     */
    public static Programme awaited(Piece piece, Dress dress, OvenModel oven, Programme programme) {
        Programme known = programme;
        BakeModel model = null;
        for (OptionalInt at = known.waits(); at.isPresent(); at = known.waits()) {
            int place = at.getAsInt();
            if (known.stages().subList(0, place).stream().anyMatch(s -> s instanceof Stage.Bake b && b.open())) {
                new Refusals().add("programme", "refusal.waits-after-solved").throwIfAny();
            }
            model = model == null ? new BakeModel(piece, dress, oven, Unknowns.NONE, BakeModel.Fineness.FINE) : model;
            OptionalDouble minutes = new BakeRun(model, known).minutesUntil(place);
            if (minutes.isEmpty()) {
                new Refusals().add("programme", "refusal.never-so-warm").throwIfAny();
            }
            known = known.lasting(place, minutes.getAsDouble());
        }
        return known;
    }

    /* How long the grill is on until the top is gold, minutes, between the shortest and the longest of the trade. */
    private static double grillMinutes(BakeRun run, Doneness target) {
        OptionalDouble solved = run.minutesFor(target.peakC());
        if (solved.isEmpty()) {
            return UsualProgramme.SHORTEST_GRILL_MIN;
        }
        Programme closed = run.closed(solved.getAsDouble());
        if (closed.bakeMinutes().orElseThrow() > Programme.LONGEST_MINUTES - UsualProgramme.LONGEST_GRILL_MIN) {
            return UsualProgramme.SHORTEST_GRILL_MIN;
        }
        BakeRecorder went = run.run(closed.grilled(UsualProgramme.LONGEST_GRILL_MIN));
        double from = went.spans().stream()
                .filter(span -> span.stage() instanceof Stage.Grill)
                .findFirst()
                .orElseThrow()
                .fromMin();
        double gold = went.goldMinute();
        double minutes = Double.isNaN(gold) ? UsualProgramme.LONGEST_GRILL_MIN : Math.ceil(2 * (gold - from)) / 2;
        return Math.max(UsualProgramme.SHORTEST_GRILL_MIN, Math.min(UsualProgramme.LONGEST_GRILL_MIN, minutes));
    }
}
