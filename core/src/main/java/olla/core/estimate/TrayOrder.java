package olla.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.BakeRun;
import olla.core.simulation.Unknowns;

/** Pieces of different thickness on one tray: each has its own minute, and so there is an order in which they come out. */
public final class TrayOrder {

    /** As many pieces besides the first as one tray holds. */
    public static final int MOST_OTHERS = 12;

    private TrayOrder() {}

    /**
     * A piece's turn.
     *
     * @param thicknessMm its thickness, mm
     * @param minutes when it is likely done
     */
    public record Turn(double thicknessMm, double minutes) {}

    /**
     * The order, first out first.
     *
     * @param piece the piece that lies on the bench
     * @param othersMm thickness of each of the others, mm, of the same cut
     * @throws olla.core.messages.RefusedInput where there are too many or one does not exist
     */
    public static List<Turn> of(
            Piece piece, List<Double> othersMm, Dress dress, OvenModel oven, Programme programme, Doneness target) {
        Refusals refusals = new Refusals();
        if (othersMm.size() > MOST_OTHERS) {
            refusals.add("othersMm", "refusal.too-many-on-a-tray", "most", MOST_OTHERS, "pieces", othersMm.size());
        }
        for (double other : othersMm) {
            refusals.range(
                    "othersMm",
                    "thickness",
                    other,
                    piece.cut().leastThicknessMm(),
                    piece.cut().mostThicknessMm(),
                    Unit.MM);
        }
        refusals.throwIfAny();
        List<Double> all = new ArrayList<>(othersMm);
        all.add(piece.thicknessMm());
        return all.stream()
                .map(mm -> {
                    Unknowns thickness = Unknowns.NONE.thickness(mm / piece.thicknessMm());
                    BakeModel model = new BakeModel(piece, dress, oven, thickness, BakeModel.Fineness.FINE);
                    return new Turn(mm, new BakeRun(model, programme).outFor(target.peakC()));
                })
                .sorted(Comparator.comparingDouble(Turn::minutes))
                .toList();
    }
}
