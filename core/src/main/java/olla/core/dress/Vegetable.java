package olla.core.dress;

import java.util.Locale;

/**
 * Vegetables that share a parcel or a tray with a fish: what has to happen to them first, and how long they need alone
 * in an oven of 200 °C, cut in slices of about 5 mm (common practice, no source).
 */
public enum Vegetable {
    POTATO(First.PARBOIL, 25, "Parboil slices for 5 minutes and dry them; raw they stay hard."),
    CELERIAC(First.PARBOIL, 25, "Parboil 4 minutes; raw it stays hard."),
    CARROT(First.PARBOIL, 22, "Parboil 3 minutes, or cut it as thin as paper."),
    FENNEL(First.FRY, 22, "Fry it soft in butter; raw it stays tough."),
    ONION(First.FRY, 22, "Fry it soft; raw it stays sharp under a short bake."),
    SHALLOT(First.FRY, 20, "Fry it soft; raw it stays sharp under a short bake."),
    LEEK(First.FRY, 20, "Sweat it in butter; raw it squeaks."),
    PEPPER(First.FRY, 18, "Fry or grill it first, and skin it if you can."),
    MUSHROOM(First.FRY, 12, "Fry off their water, or they drown the parcel."),
    BROCCOLI(First.BLANCH, 10, "Blanch 30 seconds and chill."),
    GREEN_BEANS(First.BLANCH, 12, "Blanch 2 minutes and chill."),
    ASPARAGUS(First.BLANCH, 6, "Blanch thick spears 1 minute; thin ones go in raw."),
    COURGETTE(First.RAW, 8, "Raw, in thin slices."),
    TOMATO(First.RAW, 6, "Raw, halved or sliced."),
    SPINACH(First.RAW, 4, "Raw, a loose handful."),
    PEAS(First.RAW, 5, "Raw or straight from frozen.");

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

    /** What needs no longer than this can join a tray for the last minutes. */
    public static final double QUICK_MINUTES = 8;

    /* The head starts are for this oven; one hotter or cooler is quicker or slower by half for 60 K (from memory). */
    private static final double TABLED_C = 200;
    private static final double HALVES_OVER_C = 60;

    private final First first;
    private final double minutes;
    private final String advice;

    Vegetable(First first, double minutes, String advice) {
        this.first = first;
        this.minutes = minutes;
        this.advice = advice;
    }

    /** What has to be done before it goes into a parcel. */
    public First first() {
        return first;
    }

    /** How, in a sentence. */
    public String advice() {
        return advice;
    }

    /** Whether it is done in the last minutes beside the fish. */
    public boolean quick() {
        return minutes <= QUICK_MINUTES;
    }

    /** Minutes it needs in an oven before the fish is done. */
    public double minutes(Cutting cutting, double ovenC) {
        return minutes * cutting.factor * Math.pow(2, (TABLED_C - ovenC) / HALVES_OVER_C);
    }

    /** Its name in a sentence. */
    public String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
