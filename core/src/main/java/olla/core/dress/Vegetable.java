package olla.core.dress;

import olla.core.messages.Message;

/**
 * Vegetables that lie under or beside a fish: what has to happen to them first, and how long they need alone
 * in an oven of 200 °C, cut in slices of about 5 mm (common practice, no source).
 */
public enum Vegetable {
    POTATO(First.PARBOIL, 25),
    CELERIAC(First.PARBOIL, 25),
    CARROT(First.PARBOIL, 22),
    FENNEL(First.FRY, 22),
    ONION(First.FRY, 22),
    SHALLOT(First.FRY, 20),
    LEEK(First.FRY, 20),
    PEPPER(First.FRY, 18),
    MUSHROOM(First.FRY, 12),
    BROCCOLI(First.BLANCH, 10),
    GREEN_BEANS(First.BLANCH, 12),
    ASPARAGUS(First.BLANCH, 6),
    COURGETTE(First.RAW, 8),
    TOMATO(First.RAW, 6),
    SPINACH(First.RAW, 4),
    PEAS(First.RAW, 5),
    /** Slices of lemon, lime or orange, one deep. */
    CITRUS(First.RAW, 5);

    /** What has to be done before a parcel is closed over it. */
    public enum First {
        RAW,
        BLANCH,
        PARBOIL,
        FRY
    }

    /** How it is cut, and by what its head start changes. */
    public enum Cutting {
        THIN_SLICES(0.75),
        SLICES(1),
        WEDGES(1.5);

        private final double factor;

        Cutting(double factor) {
            this.factor = factor;
        }
    }

    /* The head starts are for this oven; one hotter or cooler is quicker or slower by half for 60 K (from memory). */
    private static final double TABLED_C = 200;
    private static final double HALVES_OVER_C = 60;

    private final First first;
    private final double minutes;

    Vegetable(First first, double minutes) {
        this.first = first;
        this.minutes = minutes;
    }

    /** What has to be done before it goes into a parcel. */
    public First first() {
        return first;
    }

    /** What is done to it first. */
    public Message advice() {
        return Message.word(this).form("first");
    }

    /** Whether it is sour enough to dissolve bare aluminium. */
    public boolean sour() {
        return this == TOMATO || this == CITRUS;
    }

    /** Minutes it needs in an oven before the fish is done. */
    public double minutes(Cutting cutting, double ovenC) {
        return minutes * cutting.factor * slower(TABLED_C, ovenC);
    }

    /**
     * By how much vegetables take longer in one oven than in another; below 1 where it is hotter.
     *
     * @param fromC of the oven for which their minutes are said, °C
     * @param ovenC of the other, °C
     */
    public static double slower(double fromC, double ovenC) {
        return Math.pow(2, (fromC - ovenC) / HALVES_OVER_C);
    }
}
