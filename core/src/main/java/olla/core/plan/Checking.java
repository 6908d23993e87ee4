package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import olla.core.doneness.Cue;
import olla.core.dress.Breaded;
import olla.core.dress.Dress;
import olla.core.dress.OpenTray;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.dress.Topping;
import olla.core.fish.Cut;
import olla.core.fish.Piece;

/**
 * Which piece to look at, where, and how, for each cut and dress (common practice, no source).
 *
 * @param say what to do, as spoken
 * @param how with what, in a sentence or two
 * @param where the tip of knife or probe goes
 * @param cues what can be answered, in the order in which it is asked
 */
public record Checking(String say, String how, String where, List<Cue> cues) {

    private static final List<Cue> FLESH =
            List.of(Cue.GLASSY, Cue.JUST_OPAQUE, Cue.FLAKES_UNDER_PRESSURE, Cue.FLAKES_BY_ITSELF);
    private static final List<Cue> KNIFE = List.of(Cue.KNIFE_COLD, Cue.KNIFE_WARM, Cue.KNIFE_HOT);

    /** How anything is checked of which nothing else is known. */
    public static final Checking ANY = new Checking(
            "Check the thickest piece",
            "Slip a knife into the middle, twist, look. Shut the door again either way.",
            "The centre of the thickest piece, from the side, halfway up.",
            KNIFE);

    /** How a running bake is checked, as it is by then. */
    public static Checking of(BakeFacts facts) {
        boolean bare = facts.dress() instanceof Topping && !facts.toppedAtTheCheck();
        return of(facts.piece(), bare ? new OpenTray() : facts.dress());
    }

    /** How this fish is checked with its dress on. */
    public static Checking of(Piece piece, Dress dress) {
        return new Checking(say(piece, dress), how(piece, dress), where(piece), cues(piece, dress));
    }

    private static boolean onBone(Piece piece) {
        return piece.cut() == Cut.WHOLE || piece.cut() == Cut.STEAK;
    }

    private static String say(Piece piece, Dress dress) {
        if (dress instanceof SaltCrust) {
            return "Check through the crust";
        }
        if (dress instanceof Parcel) {
            return "Open one parcel's corner";
        }
        return piece.cut() == Cut.WHOLE || piece.cut() == Cut.SIDE
                ? "Check the thickest part"
                : "Check the thickest piece";
    }

    private static String how(Piece piece, Dress dress) {
        if (dress instanceof SaltCrust crust) {
            return "Bore through the salt with a skewer, count to ten, touch it to your lip; or leave a probe in the hole."
                    + (crust.headAndTail() ? "" : " The eye turns white.");
        }
        if (dress instanceof Parcel parcel) {
            return (parcel.sheet() == Sheet.FOIL
                            ? "The thickest one, away from your face. "
                            : "The thickest one, steam away. ")
                    + "Knife to the middle, look, fold it shut again.";
        }
        if (dress instanceof Topping) {
            return "Lift the edge of the topping with a fork, twist in the middle, look. Shut the door again either way.";
        }
        if (dress instanceof Breaded) {
            return "Break the thickest one open. Shut the door again either way.";
        }
        return piece.cut() == Cut.WHOLE
                ? "Knife in along the backbone behind the head, part the flesh, look. Shut the door either way."
                : "Slip a knife into the middle, twist, look. Shut the door again either way.";
    }

    private static String where(Piece piece) {
        if (piece.cut() == Cut.WHOLE) {
            return "Behind the head, beside the backbone, down to the bone but not onto it.";
        }
        if (piece.cut() == Cut.STEAK) {
            return "Between bone and skin, at the thickest.";
        }
        return "The centre of the thickest piece, from the side, halfway up.";
    }

    private static List<Cue> cues(Piece piece, Dress dress) {
        List<Cue> cues = new ArrayList<>();
        if (!(dress instanceof SaltCrust)) {
            cues.addAll(FLESH);
        }
        cues.addAll(KNIFE);
        boolean headShows = piece.cut() == Cut.WHOLE && !(dress instanceof SaltCrust crust && crust.headAndTail());
        if (headShows) {
            cues.add(Cue.EYE_WHITE);
        }
        if (onBone(piece) && !(dress instanceof SaltCrust)) {
            cues.add(Cue.LEAVES_BONE);
        }
        if (piece.cut() == Cut.WHOLE && !(dress instanceof SaltCrust)) {
            cues.add(Cue.FIN_PULLS);
        }
        if (dress instanceof SaltCrust) {
            cues.add(Cue.CRUST_HARD);
        } else if (!(dress instanceof Parcel) && !(dress instanceof Topping) && !(dress instanceof Breaded)) {
            cues.add(Cue.WHITE_BEADS);
        }
        return List.copyOf(cues);
    }
}
