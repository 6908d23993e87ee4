package olla.core.dress;

import java.util.OptionalDouble;
import olla.core.dish.Stuff;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Temperature;

/**
 * What a fish lies in.
 *
 * @param of what it is
 * @param mlEach how much of it there is for one piece, 0 to 1000 ml; empty for a film that makes a sauce
 * @param floorMm2Each the vessel's floor that one piece has for itself, mm²; empty where nobody has measured the vessel
 * @param hot whether it is poured in hot
 */
public record Pour(Liquid of, OptionalDouble mlEach, OptionalDouble floorMm2Each, boolean hot) {

    /** What can be poured in (allergens: {@link olla.core.safety.Allergen}). */
    public enum Liquid {
        /** Wine and butter, which become the sauce. */
        WINE_BUTTER(Stuff.SAUCE, true),
        WINE(Stuff.BROTH, true),
        CIDER(Stuff.BROTH, true),
        STOCK(Stuff.BROTH, false),
        MILK(Stuff.BROTH, false),
        BUTTER(Stuff.FAT, false),
        OLIVE_OIL(Stuff.FAT, false);

        private final Stuff stuff;
        private final boolean sour;

        Liquid(Stuff stuff, boolean sour) {
            this.stuff = stuff;
            this.sour = sour;
        }

        /** What heat meets in it. */
        public Stuff stuff() {
            return stuff;
        }

        /** Whether it is sour enough to dissolve bare aluminium. */
        public boolean sour() {
            return sour;
        }
    }

    /** A film that becomes the sauce of the pan. */
    public static final Pour PAN_SAUCE =
            new Pour(Liquid.WINE_BUTTER, OptionalDouble.empty(), OptionalDouble.empty(), false);

    /** So deep a sauce stands in a pan, mm (common practice, no source). */
    static final double FILM_MM = 8;

    /** It gets under a fish that lies on nothing else, mm (common practice, no source). */
    public static final double UNDER_MM = 1;

    /* What stands lower than this is a splash, which boils off before it matters, mm. */
    private static final double SPLASH_MM = 3;

    /* However closely pieces lie, so much floor is left between them, as a multiple of what they cover. */
    private static final double CROWDED = 1.05;

    private static final double MOST_ML = 1000;

    /* Poured from a pan that simmers, °C (common practice, no source). */
    private static final double SIMMERING_C = 90;

    /** @throws olla.core.messages.RefusedInput where nobody pours so much */
    public Pour {
        Refusals refusals = new Refusals();
        mlEach.ifPresent(ml -> refusals.range("liquidMl", "liquid", ml, 0, MOST_ML, Unit.ML));
        refusals.throwIfAny();
    }

    /** Whether it is so little that it is gone before it holds anything back. */
    boolean splash(Piece piece, Bed bed) {
        return depthMm(piece, bed) < SPLASH_MM;
    }

    /** How deep it stands round one piece, mm: in the gaps of a bed first, then beside the fish. */
    public double depthMm(Piece piece, Bed bed) {
        if (mlEach.isEmpty()) {
            return FILM_MM;
        }
        double fish = piece.upperSideMm2();
        double floor = Math.max(
                CROWDED * fish,
                floorMm2Each.orElse(
                        (piece.acrossMm() + 2 * Dress.BESIDE_MM) * (piece.lengthMm() + 2 * Dress.BESIDE_MM)));
        double volume = mlEach.getAsDouble() * 1000;
        double inBed = Bed.GAPS * floor * bed.inAllMm();
        return volume <= inBed ? volume / (Bed.GAPS * floor) : bed.inAllMm() + (volume - inBed) / (floor - fish);
    }

    /** How warm it is poured in, °C. */
    double startC() {
        return hot ? SIMMERING_C : Temperature.ROOM_C;
    }
}
