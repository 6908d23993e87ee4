package olla.core.estimate;

import olla.core.dress.Dress;
import olla.core.fish.Piece;
import olla.core.oven.OvenCourse;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;

/**
 * What goes in, how, and to what end.
 *
 * @param kind of the oven
 * @param truth what is believed of it
 * @param course what happened to it
 * @param targetC what the coldest point is to peak at, °C
 */
record Dish(
        Piece piece,
        Dress dress,
        OvenKind kind,
        OvenTruth truth,
        OvenCourse course,
        Programme programme,
        double targetC) {

    Dish(Piece piece, Dress dress, OvenKind kind, OvenTruth truth, Programme programme, double targetC) {
        this(piece, dress, kind, truth, OvenCourse.NONE, programme, targetC);
    }

    BakeModel model(BakeModel.Fineness fineness) {
        return new BakeModel(piece, dress, truth.likely(kind), course, Unknowns.NONE, fineness);
    }
}
