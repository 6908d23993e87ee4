package olla.core.plan;

import olla.core.fish.Cut;
import olla.core.fish.Species;
import olla.core.units.Refusals;

/**
 * How many it feeds. Raw weight a person: boneless 140 to 180 g, whole head-on 400 to 500 g (common practice, no source).
 * Edible yield of whole fish: skinless fillet as a share of the whole (published: FAO Fisheries Technical Paper 309,
 * 1989, orders of magnitude by build, from memory).
 */
public final class Helpings {

    private Helpings() {}

    /** How hungry. */
    public enum Appetite {
        LIGHT(140, 400),
        USUAL(160, 450),
        HEARTY(180, 500);

        private final double bonelessG;
        private final double wholeG;

        Appetite(double bonelessG, double wholeG) {
            this.bonelessG = bonelessG;
            this.wholeG = wholeG;
        }

        /** Raw weight of one helping of a cut, g. */
        public double grams(Cut cut) {
            return cut == Cut.WHOLE ? wholeG : bonelessG;
        }
    }

    /** Raw weight to buy, g. */
    public static double toBuyG(int guests, Appetite appetite, Cut cut) {
        checked(guests);
        return guests * appetite.grams(cut);
    }

    /** Pieces to buy where each weighs {@code pieceG}; at least one. */
    public static int pieces(int guests, Appetite appetite, Cut cut, double pieceG) {
        // A tenth less on the plate is not noticed; a whole fish more would be.
        return Math.max(1, (int) Math.ceil(toBuyG(guests, appetite, cut) / pieceG - 0.1));
    }

    /** Guests fed by what was bought. */
    public static int feeds(double boughtG, Appetite appetite, Cut cut) {
        return (int) Math.floor(boughtG / appetite.grams(cut) + 0.1);
    }

    /** Share of a cut that is eaten, 0 to 1. */
    public static double edibleShare(Species species, Cut cut) {
        if (cut != Cut.WHOLE) {
            return 0.95;
        }
        return switch (species.shape()) {
            case DEEP -> 0.40;
            case TORPEDO -> 0.50;
            case FLAT -> 0.42;
            case SLENDER -> 0.50;
        };
    }

    private static void checked(int guests) {
        new Refusals().range("guests", "A number of guests", guests, 1, 500, "").throwIfAny();
    }
}
