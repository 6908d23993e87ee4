package olla.core.evening;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Sheet;
import olla.core.dress.UsualProgramme;
import olla.core.estimate.Estimator;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.uncertainty.BakeSpec;
import olla.core.units.Dial;

/**
 * A dish from the bench.
 *
 * @param key stable name, unlike that of every other dish and side of the evening
 * @param title what the cook calls it
 * @param course with which course it is served, 0 for the first
 * @param piece one of its pieces
 * @param dress its dress
 * @param wantedIn the kind of oven its programme was made for
 * @param programme as it was made, with one length open
 * @param usual whether all but its dial and its rest is as the dress usually has it
 * @param target what its middle is to peak at
 * @param pieces how many, 1 to 100
 * @param ovens keys of the ovens it may go into; empty for any
 * @param frozen what it comes as from the shop: true where it is frozen and thawed before it is prepared
 */
public record FishDish(
        String key,
        String title,
        int course,
        Piece piece,
        Dress dress,
        OvenKind wantedIn,
        Programme programme,
        boolean usual,
        Doneness target,
        int pieces,
        Set<String> ovens,
        boolean frozen) {

    /* Gentler or hotter by more than this it is another dish, °C (common practice, no source). */
    private static final double OFF_C = 40;

    /* What is meant to colour stays pale in an oven that much gentler, °C (common practice, no source). */
    private static final double PALE_C = 20;

    /* Gentler ovens only keep things warm, hotter ones are for bread, °C (common practice, no source). */
    private static final double GENTLEST_C = 140;
    private static final double HOTTEST_C = 250;

    /**
     * What is shut in paper, foil or salt waits for the other dishes so long beyond its rest, and cooks on meanwhile, minutes (ours, no
     * source; tried on random evenings).
     */
    public static final double SHUT_WAITS_MIN = 8;

    /** @throws olla.core.messages.RefusedInput where there are too few or too many pieces */
    public FishDish {
        ovens = Set.copyOf(ovens);
        new Refusals()
                .range("pieces", "number-of-pieces", pieces, 1, olla.core.dress.Quantities.MOST_PIECES, Unit.NUMBER)
                .throwIfAny();
    }

    /** The dial it was made for, on an oven of this kind, °C. */
    public double wantedC(OvenKind kind) {
        double still = programme.bakeTempC() + (wantedIn == OvenKind.FAN ? Dial.FAN_LOWER_C : 0);
        return still - (kind == OvenKind.FAN ? Dial.FAN_LOWER_C : 0);
    }

    /** Whether it can be baked in such an oven at all. */
    public boolean goesInto(EveningOven oven) {
        return (ovens.isEmpty() || ovens.contains(oven.key()))
                && (usual || !programme.grills() || oven.kind().grills());
    }

    /** The dials at which it can be baked in such an oven, in steps of 5 from the gentlest, °C; the one it was made for is among them. */
    public List<Double> dials(OvenKind kind) {
        double wanted = Dial.CELSIUS_STEP * Math.rint(wantedC(kind) / Dial.CELSIUS_STEP);
        double low = wanted - (dress.colours() ? PALE_C : OFF_C);
        double high = Math.min(wanted + OFF_C, dress.sheet().map(Sheet::limitC).orElse(HOTTEST_C));
        List<Double> dials = new ArrayList<>();
        for (double dial = Math.min(wanted, Math.max(GENTLEST_C, low));
                dial <= Math.max(wanted, Math.min(HOTTEST_C, high)) + 1e-9;
                dial += Dial.CELSIUS_STEP) {
            dials.add(dial);
        }
        return dials;
    }

    /**
     * Its programme with the dial elsewhere.
     *
     * @throws olla.core.messages.RefusedInput where such an oven never brings it as far as a stage waits for
     */
    public Programme at(OvenModel oven, double tempC) {
        if (usual) {
            return Estimator.usual(piece, dress, oven, target, tempC, programme.restMinutes())
                    .noted(programme);
        }
        List<Stage> stages = programme.at(tempC).stages().stream()
                .map(stage -> stage instanceof Stage.Bake bake && bake.untilC().isPresent()
                        ? bake.lasting(OptionalDouble.empty())
                        : stage)
                .toList();
        return Estimator.awaited(piece, dress, oven, new Programme(stages)).opened();
    }

    /**
     * What goes into an oven at this dial, by what is believed of that oven.
     *
     * @throws olla.core.messages.RefusedInput where such an oven never brings it as far as a stage waits for
     */
    public BakeSpec in(EveningOven oven, double tempC) {
        return in(oven, tempC, OvenEvents.NONE);
    }

    /**
     * The same, with what has happened to that oven since.
     *
     * @throws olla.core.messages.RefusedInput where such an oven never brings it as far as a stage waits for
     */
    public BakeSpec in(EveningOven oven, double tempC, OvenEvents events) {
        Programme there = waiting(at(oven.calibration().likely(oven.kind()), tempC));
        return new BakeSpec(piece, dress, oven.kind(), oven.calibration(), events, there, target.peakC());
    }

    /**
     * A programme of its, with what it likely waits for the others: what is shut comes out so much sooner. What has to be as warm as
     * the food codes want it, a stuffing among it, is that without any waiting.
     */
    public Programme waiting(Programme rested) {
        boolean hot = target == Doneness.OFFICIAL || piece.filling() == Filling.STUFFING;
        return dress.closed().isPresent() && !hot ? rested.rested(rested.restMinutes() + SHUT_WAITS_MIN) : rested;
    }

    /** Whether it may go through a programme in such an oven. */
    boolean allows(OvenKind kind, Programme other) {
        Refusals refusals = new Refusals();
        UsualProgramme.check(dress, kind, other, refusals);
        return refusals.none();
    }
}
