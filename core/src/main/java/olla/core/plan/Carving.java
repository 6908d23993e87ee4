package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.Sheet;
import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.messages.Message;

/** From the board to the plates, a step at a time (common practice, no source). */
public final class Carving {

    /** What a step's drawing shows. */
    public enum Picture {
        CLOTH,
        CRACK,
        LIFT_CRUST,
        BRUSH,
        OPEN_PARCEL,
        SLICE_OFF_FOIL,
        TAIL,
        FINS,
        SKIN,
        MID_LINE,
        TOP_FILLETS,
        BACKBONE,
        BELLY_BONES,
        BOTTOM_FILLETS,
        CHEEKS,
        FRINGE,
        FLAT_MID_LINE,
        FLAT_TOP,
        FLAT_BACKBONE,
        FLAT_BOTTOM,
        LIFT
    }

    /**
     * One step.
     *
     * @param picture what to draw
     * @param say what to do
     * @param hint how
     */
    public record Step(Picture picture, Message say, Message hint) {

        private Step(Picture picture) {
            this(picture, Message.word(picture), Message.word(picture).form("how"));
        }
    }

    private Carving() {}

    /** The steps for a fish in its dress. */
    public static List<Step> of(Piece piece, Dress dress) {
        List<Step> steps = new ArrayList<>();
        if (dress.salt().isPresent()) {
            steps.addAll(crust());
        }
        // One that was opened in the oven lies open already.
        dress.parcel().filter(p -> !p.opened()).ifPresent(p -> steps.add(parcel(p)));
        if (piece.cut() == Cut.WHOLE) {
            boolean skinned = dress.salt().isPresent();
            steps.addAll(piece.species().shape() == BodyShape.FLAT ? flat() : round(skinned));
        } else if (piece.cut() == Cut.SIDE || piece.cut() == Cut.FILLET) {
            boolean foil = dress.parcel().filter(p -> p.of() == Sheet.FOIL).isPresent();
            steps.add(foil || piece.cut() == Cut.SIDE ? new Step(Picture.SLICE_OFF_FOIL) : lift());
        } else {
            steps.add(lift());
        }
        return List.copyOf(steps);
    }

    private static List<Step> crust() {
        return List.of(
                new Step(Picture.CLOTH),
                new Step(Picture.CRACK),
                new Step(Picture.LIFT_CRUST),
                new Step(Picture.BRUSH));
    }

    private static Step parcel(Parcel parcel) {
        Message open = Message.word(Picture.OPEN_PARCEL);
        return new Step(
                Picture.OPEN_PARCEL,
                parcel.of() == Sheet.FOIL ? open.form("foil") : open.form("parchment"),
                open.form("how"));
    }

    private static List<Step> round(boolean skinOff) {
        return List.of(
                new Step(Picture.TAIL),
                new Step(Picture.FINS),
                new Step(
                        Picture.SKIN,
                        Message.word(Picture.SKIN),
                        Message.word(Picture.SKIN).form(skinOff ? "salted" : "how")),
                new Step(Picture.MID_LINE),
                new Step(Picture.TOP_FILLETS),
                new Step(Picture.BACKBONE),
                new Step(Picture.BELLY_BONES),
                new Step(Picture.BOTTOM_FILLETS),
                new Step(Picture.CHEEKS));
    }

    private static List<Step> flat() {
        return List.of(
                new Step(Picture.FRINGE),
                new Step(Picture.FLAT_MID_LINE),
                new Step(Picture.FLAT_TOP),
                new Step(Picture.FLAT_BACKBONE),
                new Step(Picture.FLAT_BOTTOM));
    }

    private static Step lift() {
        return new Step(Picture.LIFT);
    }
}
