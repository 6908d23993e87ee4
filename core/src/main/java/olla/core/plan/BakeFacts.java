package olla.core.plan;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.dress.Dress;
import olla.core.dress.Topping;
import olla.core.fish.Piece;
import olla.core.oven.Programme;
import olla.core.oven.Stage;

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
 * @param backMin when it last went back in after it had been out; 0 where it never did
 * @param shortfall what it lacks where it came out too soon; empty where it lacks nothing, or is in
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
        OptionalDouble crackedMin,
        double backMin,
        Optional<Shortfall> shortfall) {

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
        return new BakeFacts(programme, piece, dress, window, none, none, Map.of(), none, none, 0, Optional.empty());
    }

    /**
     * The same after a look.
     *
     * @param nextLook when to look again
     * @param takeOut since when it is done
     */
    public BakeFacts looked(OptionalDouble nextLook, OptionalDouble takeOut) {
        return new BakeFacts(
                programme, piece, dress, window, nextLook, takeOut, stepsDone, outMin, crackedMin, backMin, shortfall);
    }

    BakeFacts lacking(Optional<Shortfall> other) {
        return new BakeFacts(
                programme,
                piece,
                dress,
                window,
                nextLookMin,
                takeOutMin,
                stepsDone,
                outMin,
                crackedMin,
                backMin,
                other);
    }

    /**
     * Whether a topping lies on it when it is checked: one that goes on later does once that was tapped, or was due well
     * before.
     */
    boolean toppedAtTheCheck() {
        if (dress.goesOn(Topping.When.BEFORE)) {
            return true;
        }
        for (HandStep step : HandStep.of(this)) {
            boolean topping =
                    programme.stages().get(step.index()) instanceof Stage.Add add && add.what() == Stage.What.TOPPING;
            if (topping) {
                double check = window.checkFromMin() - programme.tailMinutes();
                return stepsDone.containsKey(step.index()) || step.minute() + BakeClock.STEP_MIN <= check;
            }
        }
        return true;
    }

    boolean crust() {
        return dress.salt().isPresent();
    }
}
