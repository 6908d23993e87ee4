package olla.core.estimate;

import olla.core.dress.Dress;
import olla.core.fish.Piece;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;

/**
 * What goes in, how, and to what end.
 *
 * @param kind of the oven
 * @param truth what is believed of it
 * @param targetC what the coldest point is to peak at, °C
 */
record Dish(Piece piece, Dress dress, OvenKind kind, OvenTruth truth, Programme programme, double targetC) {

    BakeModel model(BakeModel.Fineness fineness) {
        return new BakeModel(piece, dress, truth.likely(kind), Unknowns.NONE, fineness);
    }
}
