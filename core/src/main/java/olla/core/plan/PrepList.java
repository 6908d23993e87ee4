package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import olla.core.dress.Style;
import olla.core.fish.Cut;
import olla.core.fish.EatingQualities.Bones;
import olla.core.fish.Piece;

/** What this fish, in this cut, for this dress, needs before the oven (common practice, no source). */
public final class PrepList {

    /** Out of the fridge before baking, minutes (common practice, no source). */
    public static final int TEMPER_MINUTES = 15;

    /** What may be done to the flesh beforehand; all are optional (common practice, no source). */
    public enum Extra {
        NONE,
        CITRUS,
        MILK,
        SALT
    }

    private final List<PrepStep> steps = new ArrayList<>();

    private PrepList() {}

    /**
     * The steps in order.
     *
     * @param style how it will be dressed
     * @param rinse true for the school that rinses fillets; a whole fish's cavity is rinsed by both
     * @param stuffed true where the cavity or a pocket is filled
     * @param burstGut true where the gut was cut open
     * @param extra what is done to the flesh beforehand
     * @param fit the tray, where it is known; null otherwise
     */
    public static List<PrepStep> of(
            Piece piece, Style style, boolean rinse, boolean stuffed, boolean burstGut, Extra extra, TrayFit fit) {
        PrepList list = new PrepList();
        list.add(
                "board",
                "A board and a knife for fish alone",
                "What touches raw fish touches nothing else unwashed.",
                1);
        if (piece.frozen()) {
            list.add(
                    "frozen",
                    "Leave it frozen and dry, or thaw it in the fridge first",
                    "Half thawed it bakes unevenly.",
                    1);
        }
        if (piece.cut() == Cut.WHOLE) {
            list.whole(style, burstGut);
        } else {
            list.fillet(piece, style, rinse);
        }
        list.extra(extra);
        if (stuffed) {
            list.add(
                    "stuff",
                    piece.cut() == Cut.WHOLE ? "Fill the cavity loosely" : "Cut a pocket and fill it",
                    "A stuffing of shellfish, egg or bread must itself reach [74 °C] (FDA Food Code 3-401.11).",
                    6);
        }
        if (fit != null && fit.how(piece) != TrayFit.How.STRAIGHT) {
            list.add("fit", fit.words(piece, style), "What hangs over the rim burns.", 3);
        }
        if (!piece.frozen()) {
            list.add(
                    "temper",
                    "Out of the fridge for " + TEMPER_MINUTES + " minutes",
                    "A cold middle lags behind. Never more than two hours in the warm altogether (USDA FSIS).",
                    TEMPER_MINUTES);
        }
        list.add("wash", "Wash hands, board and knife with hot water and soap", "Before anything else is touched.", 2);
        return List.copyOf(list.steps);
    }

    private void whole(Style style, boolean burstGut) {
        add("gut", "Gut it, without cutting into the stomach", "A burst gut is bitter.", 4);
        if (burstGut) {
            add(
                    "flush",
                    "Flush it through the gills until the water runs clear",
                    "The gut has burst; bitterness sits in the cavity.",
                    3);
        }
        add("gills", "Cut out the gills", "They turn bitter in the heat.", 2);
        if (style == Style.SALT_CRUST) {
            add(
                    "scales-on",
                    "Leave the scales on",
                    "They keep the salt out of the flesh and lift off with the crust.",
                    0);
        } else {
            add("scale", "Scale it from tail to head, under water", "Scales come off now or land on the plate.", 4);
        }
        add("fins", "Trim the fins with scissors", "They burn and tear paper; leave them for looks if you like.", 1);
        add("rinse-cavity", "Rinse the cavity with cold water", "Blood along the backbone tastes.", 1);
        add("dry", "Pat it dry inside and out", "A wet skin steams and sticks.", 1);
        if (style == Style.OPEN_TRAY || style == Style.TOPPING) {
            add(
                    "score",
                    "Score each side three times to the bone",
                    "Salt and heat get in, and the skin does not burst.",
                    2);
        }
    }

    private void fillet(Piece piece, Style style, boolean rinse) {
        if (piece.species().traits().bones() == Bones.PIN
                || piece.species().traits().bones() == Bones.MANY) {
            add("pin", "Run a finger along and pull the pin bones", "Towards the head, with tweezers.", 4);
        }
        if (rinse) {
            add("rinse", "Rinse it in a bowl of cold water", "The rinsing school; a running tap splashes the sink.", 1);
        }
        String skinOff = skinOff(piece, style);
        if (!skinOff.isEmpty()) {
            add("skin-off", "Take the skin off", skinOff, 3);
        } else {
            add(
                    "skin-on",
                    "Leave the skin on",
                    style == Style.FOIL
                            ? "It holds the piece together and sticks to the foil, so a slice lifts the flesh off it."
                            : "It holds the piece together.",
                    0);
        }
        add(
                "dry",
                "Pat it dry",
                rinse
                        ? "A wet face steams and sticks."
                        : "No rinsing: paper takes off what there is and splashes nothing.",
                1);
    }

    /* Why the skin comes off; empty where it stays on. */
    private static String skinOff(Piece piece, Style style) {
        if (piece.species().traits().bones() == Bones.CARTILAGE) {
            return "This fish's skin is rough as sandpaper, and shrinks.";
        }
        if (piece.cut() == Cut.ROLL) {
            return "Rolled in, it would stay raw and tough.";
        }
        if (piece.cut() == Cut.STRIP || style == Style.BREADED) {
            return "Under a coat or on a strip it curls and stays tough.";
        }
        return style == Style.PARCHMENT ? "In a paper parcel it stays soft and unpleasant." : "";
    }

    private void extra(Extra extra) {
        switch (extra) {
            case CITRUS ->
                add(
                        "citrus",
                        "Rub it with citrus for 5 minutes, then rinse and dry",
                        "Takes off the smell; longer cooks it.",
                        6);
            case MILK -> add("milk", "Soak it in milk, then dry it", "Mellows a strong fish.", 20);
            case SALT -> add("salt", "Salt it, wait, wipe it dry", "Firms the flesh and seasons it to the middle.", 15);
            case NONE -> {}
        }
    }

    private void add(String key, String what, String why, int minutes) {
        steps.add(new PrepStep(key, what, why, minutes));
    }
}
