package olla.core.plan;

import java.util.Map;
import java.util.OptionalDouble;
import olla.core.dress.Dress;
import olla.core.dress.SaltCrust;
import olla.core.fish.Piece;
import olla.core.oven.Programme;

/**
 * What is known of a running bake, in minutes since it went in.
 *
 * @param programme as it was put in
 * @param piece the fish
 * @param dress what is round the fish
 * @param window when it is likely done
 * @param nextLookMin after a look that found it not done: when to look again; empty where nobody has looked
 * @param takeOutMin since when a look says that it is done; empty where none does
 * @param stepsDone by place in the programme: when what is to be done by hand was done
 * @param outMin when it came out; empty while it is in
 * @param crackedMin when its crust was opened; empty while it is shut
 */
public record BakeFacts(
        Programme programme,
        Piece piece,
        Dress dress,
        Window window,
        OptionalDouble nextLookMin,
        OptionalDouble takeOutMin,
        Map<Integer, Double> stepsDone,
        OptionalDouble outMin,
        OptionalDouble crackedMin) {

    /**
     * When it is done, grill and all.
     *
     * @param checkFromMin from when to look
     * @param likelyMin as likely done as not
     * @param noLaterThanMin by when it should be out
     */
    public record Window(double checkFromMin, double likelyMin, double noLaterThanMin) {}

    /** A bake that has just gone in. */
    public static BakeFacts justIn(Programme programme, Piece piece, Dress dress, Window window) {
        OptionalDouble none = OptionalDouble.empty();
        return new BakeFacts(programme, piece, dress, window, none, none, Map.of(), none, none);
    }

    boolean crust() {
        return dress instanceof SaltCrust;
    }
}
