package olla.core.plan;

import olla.core.fish.Cut;
import olla.core.fish.Fish;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * How many it feeds. Raw weight a person: boneless 140 to 180 g, whole head-on 400 to 500 g (common practice, no source).
 * Edible yield of whole fish: skinless fillet as a share of the whole (published: FAO Fisheries Technical Paper 309,
 * 1989, orders of magnitude by build, from memory).
 */
public final class Helpings {

    /** As many guests as one evening sees. */
    public static final int MOST_GUESTS = 500;

    /* Skin, pin bones and trimmings of a boned piece are about a twentieth of it (common practice, no source). */
    private static final double BONED_EDIBLE_SHARE = 0.95;

    /* A tenth of a piece less on the plate is not noticed; a whole fish more would be (common practice, no source). */
    private static final double NOT_NOTICED = 0.1;

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
        return Math.max(1, (int) Math.ceil(toBuyG(guests, appetite, cut) / pieceG - NOT_NOTICED));
    }

    /** Guests fed by what was bought, as a fraction. */
    public static double feeds(double boughtG, Appetite appetite, Cut cut) {
        return boughtG / appetite.grams(cut);
    }

    /** Guests fed by so many pieces with what is in them, as a fraction. */
    public static double feeds(Piece piece, int pieces, Appetite appetite) {
        return feeds(piece.massG() * pieces, appetite, piece.cut())
                + feeds(piece.stuffingG() * pieces, appetite, Cut.FILLET);
    }

    /** Share of a cut that is eaten, 0 to 1. */
    public static double edibleShare(Fish species, Cut cut) {
        if (cut != Cut.WHOLE) {
            return BONED_EDIBLE_SHARE;
        }
        return switch (species.shape()) {
            case DEEP -> 0.40;
            case TORPEDO -> 0.50;
            case FLAT -> 0.42;
            case SLENDER -> 0.50;
        };
    }

    private static void checked(int guests) {
        new Refusals()
                .range("guests", "number-of-guests", guests, 1, MOST_GUESTS, Unit.NUMBER)
                .throwIfAny();
    }
}
