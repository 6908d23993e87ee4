package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import olla.core.doneness.Doneness;
import olla.core.dress.Style;
import olla.core.fish.Cut;
import olla.core.fish.EatingQualities.Bones;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;

/** What this fish, in this cut, for this dress, needs before the oven (common practice, no source). */
public final class PrepList {

    /** Out of the fridge before baking, minutes (common practice, no source). */
    public static final int TEMPER_MINUTES = 15;

    /** Key of the step in which nobody does anything: it stands out of the fridge. */
    public static final String TEMPER = "temper";

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
        list.add("board", 1);
        if (piece.frozen()) {
            list.add("frozen", 1);
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
                    Message.of(piece.cut() == Cut.WHOLE ? "prep.stuff" : "prep.stuff.pocket"),
                    Message.of("prep.stuff.why", "least", Quantity.celsius(Doneness.STUFFING_C)),
                    6);
        }
        if (fit != null && fit.how(piece) != TrayFit.How.STRAIGHT) {
            list.add("fit", fit.words(piece, style), Message.of("prep.fit.why"), 3);
        }
        if (!piece.frozen()) {
            list.add(
                    TEMPER,
                    Message.of("prep.temper", "minutes", TEMPER_MINUTES),
                    Message.of("prep.temper.why"),
                    TEMPER_MINUTES);
        }
        list.add("wash", 2);
        return List.copyOf(list.steps);
    }

    private void whole(Style style, boolean burstGut) {
        add("gut", 4);
        if (burstGut) {
            add("flush", 3);
        }
        add("gills", 2);
        if (style == Style.SALT_CRUST) {
            add("scales-on", 0);
        } else {
            add("scale", 4);
        }
        add("fins", 1);
        add("rinse-cavity", 1);
        add("dry", 1);
        if (style == Style.OPEN_TRAY || style == Style.TOPPING) {
            add("score", 2);
        }
    }

    private void fillet(Piece piece, Style style, boolean rinse) {
        if (piece.species().eatingQualities().bones() == Bones.PIN
                || piece.species().eatingQualities().bones() == Bones.MANY) {
            add("pin", 4);
        }
        if (rinse) {
            add("rinse", 1);
        }
        Message skinOff = skinOff(piece, style);
        if (!skinOff.nothing()) {
            add("skin-off", Message.of("prep.skin-off"), skinOff, 3);
        } else {
            add(
                    "skin-on",
                    Message.of("prep.skin-on"),
                    Message.of(style == Style.FOIL ? "prep.skin-on.why-foil" : "prep.skin-on.why"),
                    0);
        }
        add(
                "dry",
                Message.of("prep.dry-fillet"),
                Message.of(rinse ? "prep.dry-fillet.why-rinsed" : "prep.dry-fillet.why"),
                1);
    }

    /* Why the skin comes off; nothing where it stays on. */
    private static Message skinOff(Piece piece, Style style) {
        if (piece.species().eatingQualities().bones() == Bones.CARTILAGE) {
            return Message.of("prep.skin-off.why-rough");
        }
        if (piece.cut() == Cut.ROLL) {
            return Message.of("prep.skin-off.why-roll");
        }
        if (piece.cut() == Cut.STRIP || style == Style.BREADED) {
            return Message.of("prep.skin-off.why-strip");
        }
        return style == Style.PARCHMENT ? Message.of("prep.skin-off.why-paper") : Message.NOTHING;
    }

    private void extra(Extra extra) {
        switch (extra) {
            case CITRUS -> add("citrus", 6);
            case MILK -> add("milk", 20);
            case SALT -> add("salt", 15);
            case NONE -> {}
        }
    }

    private void add(String key, int minutes) {
        add(key, Message.of("prep." + key), Message.of("prep." + key + ".why"), minutes);
    }

    private void add(String key, Message what, Message why, int minutes) {
        steps.add(new PrepStep(key, what, why, minutes));
    }
}
