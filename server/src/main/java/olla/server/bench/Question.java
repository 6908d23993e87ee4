package olla.server.bench;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.OpenTray;
import olla.core.dress.Parcel;
import olla.core.dress.Sheet;
import olla.core.estimate.Estimate;
import olla.core.estimate.Estimator;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.Oven;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.units.Refusals;
import olla.server.bench.EstimateRequest.DressInput;
import olla.server.bench.EstimateRequest.DressKind;
import olla.server.bench.EstimateRequest.PieceInput;
import olla.server.bench.EstimateRequest.StageInput;
import olla.server.bench.EstimateRequest.StageKind;

/**
 * A request put into the craft's terms.
 *
 * @param piece the fish
 * @param dress its dress
 * @param ovenKind the oven's kind
 * @param programme stages
 * @param target doneness
 */
public record Question(Piece piece, Dress dress, OvenKind ovenKind, Programme programme, Doneness target) {

    /**
     * Reads a request, and says everything that is wrong with it at once.
     *
     * @throws olla.core.units.RefusedInput a line for each field that will not do
     */
    public static Question of(EstimateRequest request) {
        Refusals refusals = new Refusals();
        Piece piece = refusals.take("piece", () -> piece(request.piece()));
        Dress dress = refusals.take("dress", () -> dress(request.dress()));
        if (request.oven() == null || request.oven().kind() == null) {
            refusals.missing("oven.kind", "Say which kind of oven: STILL or FAN.");
        }
        Programme programme = refusals.take("programme", () -> programme(request.programme(), dress));
        refusals.throwIfAny();
        Doneness target = request.doneness() == null ? Doneness.FLAKES : request.doneness();
        return new Question(piece, dress, request.oven().kind(), programme, target);
    }

    /** The answer, for an oven of this kind that does what its dial says. */
    public Estimate answer() {
        return Estimator.estimate(piece, dress, Oven.trusted(ovenKind), programme, target);
    }

    private static Piece piece(PieceInput input) {
        Refusals refusals = new Refusals();
        if (input == null) {
            refusals.missing("", "Say which fish.").throwIfAny();
        }
        if (input.species() == null || Species.ofKey(input.species()).isEmpty()) {
            refusals.add("species", "Olla knows no fish called “" + input.species() + "”.");
        }
        if (input.cut() == null) {
            refusals.missing("cut", "Say how it is cut: WHOLE, FILLET, PORTION or SIDE.");
        }
        refusals.throwIfAny();
        return Piece.from(
                Species.ofKey(input.species()).orElseThrow(),
                input.cut(),
                optional(input.thicknessMm()),
                optional(input.massG()),
                optional(input.widthMm()),
                optional(input.lengthMm()),
                optional(input.startTempC()),
                Boolean.TRUE.equals(input.frozen()));
    }

    private static Dress dress(DressInput input) {
        if (input == null || input.kind() == null) {
            new Refusals()
                    .missing("kind", "Say how it is dressed: OPEN_TRAY, PARCHMENT or FOIL.")
                    .throwIfAny();
        }
        DressKind kind = input.kind();
        return switch (kind) {
            case OPEN_TRAY -> new OpenTray();
            case PARCHMENT -> new Parcel(Sheet.PARCHMENT);
            case FOIL -> new Parcel(Sheet.FOIL);
        };
    }

    private static Programme programme(List<StageInput> stages, Dress dress) {
        Refusals refusals = new Refusals();
        boolean inOrder = stages != null
                && !stages.isEmpty()
                && stages.size() <= 2
                && is(stages.get(0), StageKind.BAKE)
                && (stages.size() == 1 || is(stages.get(1), StageKind.REST));
        if (!inOrder) {
            refusals.add("", "A programme is one BAKE, then at most one REST.").throwIfAny();
        }
        StageInput bake = stages.get(0);
        StageInput rest = stages.size() == 2 ? stages.get(1) : null;
        if (bake.tempC() == null) {
            refusals.missing("tempC", "Say how hot the oven is set.");
        }
        if (rest != null && rest.tempC() != null) {
            refusals.add("restTempC", "A rest has no temperature; it is out of the oven.");
        }
        refusals.throwIfAny();
        double restMinutes =
                rest == null || rest.minutes() == null ? dress == null ? 0 : dress.usualRestMinutes() : rest.minutes();
        return new Programme(bake.tempC(), optional(bake.minutes()), restMinutes);
    }

    private static boolean is(StageInput stage, StageKind kind) {
        return stage != null && stage.stage() == kind;
    }

    private static OptionalDouble optional(Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
