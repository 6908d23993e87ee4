package olla.core.uncertainty;

import olla.core.dress.Dress;
import olla.core.fish.Piece;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.simulation.BakeModel;
import olla.core.simulation.Unknowns;

/**
 * What goes in, how, and to what end.
 *
 * @param kind of the oven
 * @param truth what is believed of it
 * @param course what happened to it
 * @param targetC what the coldest point is to peak at, °C
 */
public record BakeSpec(
        Piece piece,
        Dress dress,
        OvenKind kind,
        OvenCalibration truth,
        OvenEvents course,
        Programme programme,
        double targetC) {

    /** In an oven to which nothing happens. */
    public BakeSpec(
            Piece piece, Dress dress, OvenKind kind, OvenCalibration truth, Programme programme, double targetC) {
        this(piece, dress, kind, truth, OvenEvents.NONE, programme, targetC);
    }

    /** The dish with everything as stated and the oven as it most likely is. */
    public BakeModel model(BakeModel.Fineness fineness) {
        return new BakeModel(piece, dress, truth.likely(kind), course, Unknowns.NONE, fineness);
    }
}
