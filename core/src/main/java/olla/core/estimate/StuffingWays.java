package olla.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.fish.Filling;
import olla.core.fish.Kept;
import olla.core.fish.Piece;
import olla.core.fish.Stuffing;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRecorder;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Unknowns;

/** What a cook can do where a stuffing sets the time and the flesh pays for it. */
final class StuffingWays {

    /* Flesh this far above its target is there for the stuffing's sake, K. */
    private static final double GOVERNS_K = 2;

    /* Half as much is a stuffing still (common practice, no source). */
    private static final double LESS = 0.5;

    private StuffingWays() {}

    /** Whether it is the stuffing that sets the time. */
    static boolean governs(Piece piece, double fleshPeakC, Doneness target) {
        return piece.filling() == Filling.STUFFING && fleshPeakC > target.peakC() + GOVERNS_K;
    }

    /**
     * The ways out, each with its minutes; none where the stuffing does not govern. One that this oven never gets done is left
     * out.
     */
    static List<Alternatives.StuffedOtherwise> of(
            Piece piece, Dress dress, OvenModel oven, Programme programme, Doneness target) {
        List<Alternatives.StuffedOtherwise> ways = new ArrayList<>();
        if (piece.filling() != Filling.STUFFING) {
            return ways;
        }
        Stuffing now = piece.stuffing();
        add(ways, Alternatives.Way.AS_IT_IS, piece, dress, oven, programme, target);
        if (ways.isEmpty() || !governs(piece, ways.get(0).fleshPeakC(), target)) {
            return List.of();
        }
        Stuffing less = new Stuffing(OptionalDouble.of(LESS * piece.stuffingG()), now.kept(), now.of());
        add(
                ways,
                Alternatives.Way.LESS,
                piece.set(piece.orientation(), Filling.STUFFING, less),
                dress,
                oven,
                programme,
                target);
        if (now.kept() != Kept.HOT) {
            Stuffing hot = new Stuffing(now.grams(), Kept.HOT, now.of());
            add(
                    ways,
                    Alternatives.Way.HOT,
                    piece.set(piece.orientation(), Filling.STUFFING, hot),
                    dress,
                    oven,
                    programme,
                    target);
        }
        add(
                ways,
                Alternatives.Way.BESIDE,
                piece.set(piece.orientation(), Filling.NONE),
                dress,
                oven,
                programme,
                target);
        return ways;
    }

    private static void add(
            List<Alternatives.StuffedOtherwise> ways,
            Alternatives.Way way,
            Piece piece,
            Dress dress,
            OvenModel oven,
            Programme programme,
            Doneness target) {
        BakeModel model = new BakeModel(piece, dress, oven, Unknowns.NONE, BakeModel.Fineness.FINE);
        BakeRun run = new BakeRun(model, programme);
        OptionalDouble open = run.minutesFor(target.peakC());
        if (open.isPresent()) {
            Programme closed = run.closed(open.getAsDouble());
            BakeRecorder went = run.run(closed);
            ways.add(new Alternatives.StuffedOtherwise(
                    way, closed.bakeMinutes().orElseThrow(), went.peakC(), went.dryAtPull()));
        }
    }
}
