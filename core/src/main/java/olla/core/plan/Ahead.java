package olla.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.Mix;
import olla.core.dress.Part;
import olla.core.dress.Topping;
import olla.core.dress.Vegetable;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.messages.Message;

/**
 * What of a dish can be made before the evening, how long it keeps cold, and what must wait (common practice, no source; raw fish no
 * longer than two days, leftovers and cooked things no longer than four: published, USDA FSIS, from memory).
 */
public final class Ahead {

    /**
     * One thing to make.
     *
     * @param part what of the dish it is
     * @param hours how long before baking at the most; 0 for what has to wait until then
     * @param words what to do, and how it is kept
     */
    public record Step(Part part, double hours, Message words) {}

    private static final double HALF_AN_HOUR = 0.5;
    private static final double AN_AFTERNOON = 6;
    private static final double OVERNIGHT = 12;
    private static final double A_DAY = 24;
    private static final double TWO_DAYS = 48;
    private static final double THREE_DAYS = 72;

    private final List<Step> steps = new ArrayList<>();

    private Ahead() {}

    /** All that can be made, what keeps longest first; what has to wait stands last. */
    public static List<Step> of(Piece piece, Dress dress) {
        Ahead ahead = new Ahead();
        if (piece.filling() == Filling.STUFFING) {
            ahead.add(Part.FILLING, A_DAY, "stuffing");
        }
        dress.on().stream().map(Topping::mix).distinct().forEach(ahead::topping);
        if (dress.bed().vegetables().stream().anyMatch(v -> v.first() != Vegetable.First.RAW)) {
            ahead.add(Part.BED, A_DAY, "vegetables");
        }
        if (dress.coat().isPresent()) {
            ahead.add(Part.COAT, OVERNIGHT, "coat");
        }
        if (dress.finish() == Finish.MARINATED) {
            ahead.add(Part.FISH, AN_AFTERNOON, "marinade");
        }
        dress.salt().ifPresent(salt -> {
            ahead.add(Part.COVER, A_DAY, "salt-damped");
            ahead.add(Part.COVER, 0, "salt-on");
        });
        if (dress.parcel().isPresent()) {
            ahead.add(Part.COVER, dress.sour() ? HALF_AN_HOUR : AN_AFTERNOON, dress.sour() ? "parcel-sour" : "parcel");
        }
        if (dress.topped()
                && dress.goesOn(Topping.When.BEFORE)
                && dress.closed().isEmpty()) {
            ahead.add(Part.ON, AN_AFTERNOON, "topped");
        }
        ahead.steps.sort(Comparator.comparing(Step::hours).reversed());
        return List.copyOf(ahead.steps);
    }

    private void topping(Mix mix) {
        switch (mix) {
            case CRUMB -> add(Part.ON, THREE_DAYS, "crumb");
            case BUTTER -> add(Part.ON, THREE_DAYS, "butter");
            case PASTE -> add(Part.ON, TWO_DAYS, "paste");
            case COOKED -> add(Part.ON, TWO_DAYS, "cooked");
            case HERBS -> add(Part.ON, A_DAY, "herbs");
            case MAYONNAISE -> add(Part.ON, A_DAY, "mayonnaise");
            case SHELLFISH -> add(Part.ON, A_DAY, "shellfish");
            case VEGETABLES, CITRUS -> add(Part.ON, AN_AFTERNOON, "slices");
        }
    }

    private void add(Part part, double hours, String key) {
        steps.add(new Step(part, hours, Message.of("ahead." + key)));
    }
}
