package olla.server.bench;

import java.util.List;
import olla.core.doneness.Doneness;
import olla.core.fish.Cut;
import olla.core.oven.OvenKind;
import olla.server.web.MaybeAbsent;

/**
 * A question to the bench, in SI units and degrees Celsius.
 *
 * @param piece the fish
 * @param dress how it is dressed
 * @param oven in which kind of oven
 * @param programme BAKE, then REST; a BAKE without minutes is solved for the target
 * @param doneness the target; FLAKES where it is not said
 */
public record EstimateRequest(
        PieceInput piece,
        DressInput dress,
        OvenInput oven,
        List<StageInput> programme,
        @MaybeAbsent Doneness doneness) {

    /**
     * The fish. Thickness or mass may be missing, not both; the other sides default from cut and species.
     *
     * @param species key of a species, as {@code /api/catalogue} lists them
     * @param cut how it is cut
     * @param thicknessMm at the thickest point, mm
     * @param massG raw, g
     * @param widthMm mm
     * @param lengthMm mm
     * @param startTempC at the middle, °C; 8 from the fridge, -18 frozen, where it is not said
     * @param frozen goes in hard
     */
    public record PieceInput(
            String species,
            Cut cut,
            @MaybeAbsent Double thicknessMm,
            @MaybeAbsent Double massG,
            @MaybeAbsent Double widthMm,
            @MaybeAbsent Double lengthMm,
            @MaybeAbsent Double startTempC,
            @MaybeAbsent Boolean frozen) {}

    /** @param kind the dress */
    public record DressInput(DressKind kind) {}

    /** @param kind how its air moves */
    public record OvenInput(OvenKind kind) {}

    /**
     * A stage of the programme.
     *
     * @param stage BAKE or REST
     * @param tempC the dial, °C; BAKE only
     * @param minutes how long; may be left open for BAKE
     */
    public record StageInput(
            StageKind stage,
            @MaybeAbsent Double tempC,
            @MaybeAbsent Double minutes) {}

    /** Kinds of stage. */
    public enum StageKind {
        BAKE,
        REST
    }

    /** Ways to dress a fish that the bench offers so far. */
    public enum DressKind {
        OPEN_TRAY,
        PARCHMENT,
        FOIL
    }
}
