package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.Piece;

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
     * @param say what to do, as spoken
     * @param hint how
     */
    public record Step(Picture picture, String say, String hint) {}

    private Carving() {}

    /** The steps for a fish in its dress. */
    public static List<Step> of(Piece piece, Dress dress) {
        List<Step> steps = new ArrayList<>();
        if (dress instanceof SaltCrust) {
            steps.addAll(crust());
        } else if (dress instanceof Parcel parcel) {
            steps.add(parcel(parcel));
        }
        if (piece.cut() == Cut.WHOLE) {
            boolean skinned = dress instanceof SaltCrust;
            steps.addAll(piece.species().shape() == BodyShape.FLAT ? flat() : round(skinned));
        } else if (piece.cut() == Cut.SIDE || piece.cut() == Cut.FILLET) {
            boolean foil = dress instanceof Parcel parcel && parcel.sheet() == Sheet.FOIL;
            steps.add(
                    foil || piece.cut() == Cut.SIDE
                            ? new Step(
                                    Picture.SLICE_OFF_FOIL,
                                    "Slide between flesh and skin",
                                    "A thin fish slice, flat on the skin: the flesh lifts, the skin stays behind.")
                            : lift());
        } else {
            steps.add(lift());
        }
        return List.copyOf(steps);
    }

    private static List<Step> crust() {
        return List.of(
                new Step(Picture.CLOTH, "A cloth over the crust", "Shards are sharp and hot. Nobody leans over it."),
                new Step(
                        Picture.CRACK,
                        "Tap along the edge",
                        "The back of a heavy knife or a small hammer, all round at the height of the tray."),
                new Step(
                        Picture.LIFT_CRUST,
                        "Lift the lid off whole",
                        "Away from you: steam comes out from under it. The tool never touches the fish."),
                new Step(
                        Picture.BRUSH,
                        "Brush every grain away",
                        "A dry brush, from head to tail, then a clean board."));
    }

    private static Step parcel(Parcel parcel) {
        return new Step(
                Picture.OPEN_PARCEL,
                parcel.sheet() == Sheet.FOIL
                        ? "Open the seam, away from your face"
                        : "Cut the paper open, away from you",
                "Steam first. Keep the juices: they are the sauce.");
    }

    private static List<Step> round(boolean skinOff) {
        return List.of(
                new Step(Picture.TAIL, "Loosen the tail", "Cut down to the bone just before it, not through."),
                new Step(
                        Picture.FINS,
                        "Draw out the fins",
                        "Along back and belly, from tail to head; their bones come too."),
                new Step(
                        Picture.SKIN,
                        "Peel the skin",
                        skinOff
                                ? "From the gill to the tail. It has kept the salt out; none of it is eaten."
                                : "From the gill to the tail, or leave it where it is crisp."),
                new Step(Picture.MID_LINE, "Part along the middle", "Down to the bone along the line of the side."),
                new Step(
                        Picture.TOP_FILLETS,
                        "Lift the top fillets",
                        "Push the back one up, the belly one down, off the bones."),
                new Step(Picture.BACKBONE, "Lift the backbone", "By the tail, towards the head, in one."),
                new Step(
                        Picture.BELLY_BONES,
                        "Clear the belly bones",
                        "Scrape them off the lower side; feel for the rest."),
                new Step(Picture.BOTTOM_FILLETS, "Part the lower fillets", "Slide the slice between flesh and skin."),
                new Step(Picture.CHEEKS, "Take the cheeks", "A spoon under the eye: the best two bites."));
    }

    private static List<Step> flat() {
        return List.of(
                new Step(Picture.FRINGE, "Cut off the fringe", "The fin bones all round, a finger's breadth in."),
                new Step(Picture.FLAT_MID_LINE, "Part along the middle", "From head to tail, down to the bone."),
                new Step(Picture.FLAT_TOP, "Fold the top fillets out", "Two, one to each side, off the bones."),
                new Step(Picture.FLAT_BACKBONE, "Lift the backbone", "By the tail, the whole comb in one."),
                new Step(Picture.FLAT_BOTTOM, "Take the lower two", "Off the skin below. Look for bones at the edge."));
    }

    private static Step lift() {
        return new Step(Picture.LIFT, "Lift it whole", "A slice as long as the piece, from the thin end.");
    }
}
