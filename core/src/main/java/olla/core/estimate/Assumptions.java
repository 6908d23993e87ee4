package olla.core.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import olla.core.dish.Dish;
import olla.core.dish.Laid;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.fish.Filling;
import olla.core.fish.MeasuredBy;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.Programme;
import olla.core.uncertainty.OvenCalibration;

/** What an estimate takes for granted, and what is odd about it. */
final class Assumptions {

    /* A solved length below this is none: the stages of given length do it alone, minutes. */
    private static final double LEAST_OPEN_MINUTES = 0.5;

    private Assumptions() {}

    /**
     * All that has to be said.
     *
     * @param solved the open length, minutes; empty where the target is never reached
     */
    static List<Message> of(
            Piece piece,
            Dress dress,
            OvenCalibration calibration,
            Programme programme,
            Doneness target,
            OptionalDouble solved) {
        List<Message> said = new ArrayList<>();
        if (piece.measured() != MeasuredBy.RULER) {
            said.add(Message.of(
                    "assumed.thickness",
                    "thickness",
                    Quantity.mm(Math.round(piece.thicknessMm())),
                    "doubt",
                    Quantity.mm(Math.round(piece.thicknessDoubtMm()))));
        }
        said.add(Message.of("assumed.oven", "oven", calibration.words()));
        said.add(Message.of("assumed.place", "ware", dress.vessel().ware().name()));
        if (deep(piece, dress.dish(piece))) {
            said.add(Message.of("assumed.deep-liquid"));
        }
        if (dress.bare() && dress.finish() == Finish.BARE && !dress.fishJoins()) {
            said.add(Message.of("assumed.bare"));
        }
        if (solved.isEmpty()) {
            said.add(neverDone(piece, programme, target));
        } else if (solved.getAsDouble() < LEAST_OPEN_MINUTES) {
            said.add(Message.of("assumed.given-stages-do-it"));
        }
        return List.copyOf(said);
    }

    /* Deeper than half the fish a liquid is not reckoned: simulation/Layers lets it end there. */
    private static boolean deep(Piece piece, Dish dish) {
        return dish.the(Laid.Liquid.class)
                .filter(l -> l.depthMm() > dish.liftMm() + piece.heightMm() / 2)
                .isPresent();
    }

    /** That this oven never brings it there. */
    static Message neverDone(Piece piece, Programme programme, Doneness target) {
        return Message.of(
                piece.filling() == Filling.STUFFING ? "never-done.stuffed" : "never-done",
                "dial",
                Quantity.dial(programme.bakeTempC()),
                "target",
                Quantity.celsius(target.peakC()),
                "stuffing",
                Quantity.celsius(Doneness.STUFFING_C),
                "minutes",
                Quantity.minutes(Programme.LONGEST_MINUTES));
    }
}
