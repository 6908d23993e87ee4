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
 * @param calibration what is believed of it
 * @param events what happened to it
 * @param targetC what the coldest point is to peak at, °C
 */
public record BakeSpec(
        Piece piece,
        Dress dress,
        OvenKind kind,
        OvenCalibration calibration,
        OvenEvents events,
        Programme programme,
        double targetC) {

    /** In an oven to which nothing happens. */
    public BakeSpec(
            Piece piece, Dress dress, OvenKind kind, OvenCalibration calibration, Programme programme, double targetC) {
        this(piece, dress, kind, calibration, OvenEvents.NONE, programme, targetC);
    }

    /** The dish with everything as stated and the oven as it most likely is. */
    public BakeModel model(BakeModel.Fineness fineness) {
        return new BakeModel(piece, dress, calibration.likely(kind), events, Unknowns.NONE, fineness);
    }
}
