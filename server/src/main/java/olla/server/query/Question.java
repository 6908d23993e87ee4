package olla.server.query;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.FittedProgramme;
import olla.core.dress.Quantities;
import olla.core.estimate.Alternatives;
import olla.core.estimate.Certainty;
import olla.core.estimate.Estimate;
import olla.core.estimate.Estimator;
import olla.core.estimate.OvenRecord;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Fish;
import olla.core.fish.Habit;
import olla.core.fish.Kept;
import olla.core.fish.Orientation;
import olla.core.fish.OwnFish;
import olla.core.fish.Piece;
import olla.core.fish.PlausibilityCheck;
import olla.core.fish.PlausibilityCheck.Slip;
import olla.core.fish.Species;
import olla.core.fish.Stuffing;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Shelf;
import olla.core.oven.Spot;
import olla.core.plan.Helpings;
import olla.core.safety.Assurance;
import olla.core.safety.Cautions;
import olla.core.safety.Parasites;
import olla.core.simulation.Frames;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.OvenCalibration;
import olla.server.query.EstimateAnswer.CautionAnswer;
import olla.server.query.EstimateRequest.HabitPartInput;
import olla.server.query.EstimateRequest.PieceInput;

/**
 * A request put into the craft's terms.
 *
 * @param piece the fish
 * @param dress its dress
 * @param ovenKind the oven's kind
 * @param calibration what is believed of the oven, in its middle
 * @param shelf where the dish stands in it
 * @param programme stages
 * @param target doneness
 * @param pieces how many
 * @param bagG salt in a bag, g
 * @param saltThereG salt that there is, g; 0 where nobody weighed it
 * @param assurance what the kitchen vouches for
 * @param fitted the cook's own programme as it goes with the dress; empty where nobody asked for that
 * @param slips what to ask where thickness and mass were both measured and do not go together
 */
public record Question(
        Piece piece,
        Dress dress,
        OvenKind ovenKind,
        OvenCalibration calibration,
        Shelf shelf,
        Programme programme,
        Doneness target,
        int pieces,
        double bagG,
        double saltThereG,
        Assurance assurance,
        Optional<FittedProgramme> fitted,
        List<Slip> slips,
        List<HabitPartInput> habits) {

    /* Any will do; the same one gives the same window for the same fish. */
    private static final long SEED = 74;

    /* What is solved for a target lands within this of it, K. */
    private static final double LANDS_WITHIN_K = 0.5;

    /**
     * Reads a request, and says everything that is wrong with it at once.
     *
     * @throws olla.core.messages.RefusedInput a line for each field that will not do
     */
    public static Question of(EstimateRequest request) {
        return of(request, new Refusals());
    }

    private static Question of(EstimateRequest request, Refusals refusals) {
        Piece piece = refusals.take("piece", () -> piece(request.piece()));
        int pieces = request.pieces() == null ? 1 : request.pieces();
        Dress dress = refusals.take("dress", () -> DressReader.of(request.dress(), pieces));
        if (request.oven() == null || request.oven().kind() == null) {
            refusals.add("oven.kind", "missing.oven-kind", "choices", Message.codes(OvenKind.values()));
        }
        Doneness target = request.doneness() == null ? Doneness.FLAKES : request.doneness();
        Assurance assurance = new Assurance(
                Boolean.TRUE.equals(request.atRisk()),
                request.parasites() == null ? Parasites.UNKNOWN : request.parasites());
        if (piece != null) {
            assurance.check(target, piece, refusals);
        }
        Habit habit = refusals.take("habits", () -> HabitsReader.of(request.habits()));
        boolean safe = Boolean.TRUE.equals(request.atRisk()) || target == Doneness.OFFICIAL;
        Habit taken = safe && habit != null ? habit.neverQuicker() : habit;
        Piece going = piece == null || habit == null ? piece : piece.going(taken);
        if (piece != null && dress != null) {
            DressReader.check(request.dress(), dress, piece, refusals);
        }
        OvenCalibration calibration = refusals.take("oven.calibration", () -> calibration(request));
        boolean known = request.oven() != null && request.oven().kind() != null;
        Programme said = refusals.take("programme", () -> ProgrammeReader.of(request.programme(), dress));
        Optional<FittedProgramme> fitted = fits(request) && said != null && dress != null
                ? Optional.ofNullable(refusals.take("programme", () -> FittedProgramme.of(said, dress)))
                : Optional.empty();
        Programme own = fitted.map(FittedProgramme::programme).orElse(said);
        Programme programme = going == null || dress == null || said == null || !known
                ? own
                : refusals.take("programme", () -> programme(request, going, dress, target, own));
        refusals.throwIfAny();
        return new Question(
                going,
                dress,
                request.oven().kind(),
                calibration,
                request.shelf(),
                programme,
                target,
                pieces,
                DressReader.bagG(request.dress()),
                request.dress().saltThereG() == null ? 0 : request.dress().saltThereG(),
                assurance,
                fitted,
                slips(request.piece(), piece),
                taken.logSlower() == habit.logSlower() ? HabitsReader.parts(request.habits()) : List.of());
    }

    /**
     * Reads a request of somebody who is waiting for the answer: what means nothing where it stands is refused, too.
     *
     * @throws olla.core.messages.RefusedInput a line for each field that will not do
     */
    public static Question asked(EstimateRequest request) {
        Refusals refusals = new Refusals();
        UnusedFields.check(request.dress(), refusals);
        return of(request, refusals);
    }

    /** What it is like where the dish stands. */
    public Spot spot() {
        return shelf.in(ovenKind);
    }

    private OvenCalibration here() {
        return calibration.at(spot());
    }

    /** The same fish to each target and at three dials. */
    public Alternatives alternatives() {
        return Estimator.alternatives(piece, dress, here().likely(ovenKind), programme, target);
    }

    /**
     * Pictures of the same bake cut along the piece, from its thickest place to its thin end.
     *
     * @throws olla.core.messages.RefusedInput where the piece is even, or never done
     */
    public Frames along() {
        Refusals refusals = new Refusals();
        if (piece.cut().taper().isEmpty()) {
            refusals.add("piece.cut", "refusal.cut-even");
        }
        refusals.throwIfAny();
        return Estimator.along(piece, dress, ovenKind, here(), programme, target)
                .orElseThrow();
    }

    /** The answer. */
    public Estimate answer() {
        return Estimator.estimate(piece, dress, ovenKind, here(), programme, target);
    }

    /** The answer of a bake as it went. */
    public Estimate answer(OvenEvents events) {
        return Estimator.estimate(piece, dress, ovenKind, here(), events, programme, target);
    }

    /** When it has to come out to peak so, minutes since it went in; empty where the oven never brings it there. */
    public OptionalDouble minutesTo(double peakC, OvenEvents events) {
        return Estimator.minutesTo(piece, dress, ovenKind, here(), events, programme, peakC);
    }

    /** The least that its middle has to come to for these guests, °C. */
    public double leastPeakC() {
        return assurance.leastPeakC(piece.species());
    }

    /** The targets below a peak that may be chosen for these guests, the highest first. */
    public List<Doneness> lowerTargets(double peakC) {
        return Arrays.stream(Doneness.values())
                .filter(d -> d.peakC() < target.peakC() && d.peakC() <= peakC + LANDS_WITHIN_K)
                .filter(d -> assurance.allows(d, piece))
                .sorted(Comparator.comparing(Doneness::peakC).reversed())
                .toList();
    }

    /** How sure that answer is, in an oven of which the log says this; empty where it is never done. */
    Optional<Certainty> certainty(OvenRecord log) {
        return Estimator.certainty(piece, dress, ovenKind, here(), programme, target, log, SEED);
    }

    /**
     * The members to be observed while it bakes; empty where it is never done.
     *
     * @param believed of the oven, in its middle; what they tell is of where the dish stands
     */
    public Optional<Ensemble> watched(OvenCalibration believed, OvenEvents events) {
        return Estimator.watched(piece, dress, ovenKind, believed.at(spot()), events, programme, target, SEED);
    }

    /**
     * The same bake as it was: out of the oven after so many minutes.
     *
     * @param minutes in the oven
     * @param grilled whether it was under the grill that ends it
     */
    public Question lasting(double minutes, boolean grilled) {
        return new Question(
                piece,
                dress,
                ovenKind,
                calibration,
                shelf,
                programme.until(minutes, grilled),
                target,
                pieces,
                bagG,
                saltThereG,
                assurance,
                fitted,
                slips,
                habits);
    }

    /** How long it would likely take in an oven that does what its dial says, minutes; empty where it is never done. */
    public OptionalDouble trustingTheDialMin() {
        if (!calibration.checked()) {
            return answer().window().stream()
                    .mapToDouble(CheckWindow::likelyMin)
                    .findFirst();
        }
        return Estimator.estimate(piece, dress, ovenKind, OvenCalibration.UNCHECKED.at(spot()), programme, target)
                .window()
                .stream()
                .mapToDouble(CheckWindow::likelyMin)
                .findFirst();
    }

    /** What the dress takes for all the pieces, with a bake that long, minutes. */
    public Quantities quantities(double bakeMinutes) {
        return Quantities.of(dress, piece, pieces, bakeMinutes, bagG, saltThereG);
    }

    /** The cautions of a bake to its target. */
    public List<CautionAnswer> cautions() {
        return Cautions.of(piece, dress, ovenKind, programme, target.peakC()).stream()
                .filter(c -> !assurance.settles(c, piece.species()))
                .map(CautionAnswer::of)
                .toList();
    }

    /** How many helpings it comes to, at least one. */
    public int helpings() {
        double feeds = Helpings.feeds(piece, pieces, Helpings.Appetite.USUAL);
        return Math.max(1, (int) Math.round(feeds));
    }

    private static List<Slip> slips(PieceInput typed, Piece piece) {
        return typed.thicknessMm() == null || typed.massG() == null
                ? List.of()
                : PlausibilityCheck.of(piece.species(), piece.cut(), typed.thicknessMm(), typed.massG());
    }

    private static Piece piece(PieceInput input) {
        Refusals refusals = new Refusals();
        if (input == null) {
            refusals.add("", "missing.fish").throwIfAny();
        }
        if (input.species() == null || Species.ofKey(input.species()).isEmpty()) {
            refusals.add("species", "refusal.unknown-fish", "name", input.species());
        }
        if (input.cut() == null) {
            refusals.add("cut", "missing.cut", "choices", Message.codes(Cut.values()));
        }
        refusals.throwIfAny();
        return Piece.from(
                        fish(input),
                        input.cut(),
                        optional(input.thicknessMm()),
                        optional(input.massG()),
                        optional(input.widthMm()),
                        optional(input.lengthMm()),
                        optional(input.startTempC()),
                        Boolean.TRUE.equals(input.frozen()))
                .set(
                        input.orientation() == null ? Orientation.LYING : input.orientation(),
                        input.filling() == null ? Filling.NONE : input.filling(),
                        new Stuffing(
                                optional(input.fillingG()),
                                input.fillingKept() == null ? Kept.MIXED : input.fillingKept(),
                                input.fillingOf() == null ? Stuffing.Of.BREAD : input.fillingOf()));
    }

    private static Fish fish(PieceInput input) {
        Species closest = Species.ofKey(input.species()).orElseThrow();
        return input.ownName() == null
                ? closest
                : new OwnFish(
                        input.ownName(),
                        closest,
                        input.build() == null ? closest.shape() : input.build(),
                        input.fatPercent() == null ? 100 * closest.composition().fat() : input.fatPercent());
    }

    /* The oven as it most likely is where the dish stands. */
    private static OvenModel likely(EstimateRequest request) {
        return calibration(request).at(request.spot()).likely(request.oven().kind());
    }

    private static OvenCalibration calibration(EstimateRequest request) {
        return request.oven() == null || request.oven().calibration() == null
                ? OvenCalibration.UNCHECKED
                : request.oven().calibration().calibration();
    }

    private static boolean fits(EstimateRequest request) {
        return Boolean.TRUE.equals(request.fit()) && !Boolean.TRUE.equals(request.usual());
    }

    private static Programme programme(
            EstimateRequest request, Piece piece, Dress dress, Doneness target, Programme said) {
        if (!Boolean.TRUE.equals(request.usual())) {
            return Estimator.awaited(piece, dress, likely(request), said);
        }
        return Estimator.usual(piece, dress, likely(request), target, said.bakeTempC(), said.restMinutes())
                .noted(said);
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
