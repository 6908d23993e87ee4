package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import olla.core.doneness.Cue;
import olla.core.dress.Dress;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.messages.Message;

/**
 * Which piece to look at, where, and how, for each cut and dress (common practice, no source).
 *
 * @param say what to do
 * @param how with what
 * @param where the tip of knife or probe goes
 * @param cues what can be answered, in the order in which it is asked
 */
public record Checking(Message say, Message how, Message where, List<Cue> cues) {

    private static final List<Cue> FLESH =
            List.of(Cue.GLASSY, Cue.JUST_OPAQUE, Cue.FLAKES_UNDER_PRESSURE, Cue.FLAKES_BY_ITSELF);
    private static final List<Cue> KNIFE = List.of(Cue.KNIFE_COLD, Cue.KNIFE_WARM, Cue.KNIFE_HOT);

    /** How anything is checked of which nothing else is known. */
    public static final Checking ANY = new Checking(
            Message.of("check.piece"), Message.of("check.how.knife"), Message.of("check.where.piece"), KNIFE);

    /** How a running bake is checked, as it is by then. */
    public static Checking of(BakeFacts facts) {
        boolean bare = facts.dress().topped() && !facts.toppedAtTheCheck();
        return of(facts.piece(), bare ? facts.dress().spread(List.of()) : facts.dress());
    }

    /** How this fish is checked with its dress on. */
    public static Checking of(Piece piece, Dress dress) {
        return new Checking(say(piece, dress), how(piece, dress), where(piece), cues(piece, dress));
    }

    private static boolean onBone(Piece piece) {
        return piece.cut() == Cut.WHOLE || piece.cut() == Cut.STEAK;
    }

    private static Message say(Piece piece, Dress dress) {
        if (dress.salt().isPresent()) {
            return Message.of("check.crust");
        }
        if (dress.parcel().isPresent()) {
            return Message.of("check.parcel");
        }
        return Message.of(piece.cut() == Cut.WHOLE || piece.cut() == Cut.SIDE ? "check.part" : "check.piece");
    }

    private static Message how(Piece piece, Dress dress) {
        if (dress.salt().isPresent()) {
            return Message.sentences(
                    Message.of("check.how.crust"),
                    headShows(dress) ? Message.of("check.how.crust-eye") : Message.NOTHING);
        }
        if (dress.parcel().isPresent()) {
            return Message.of(dress.closedBy(Sheet.FOIL) ? "check.how.foil" : "check.how.parchment");
        }
        if (dress.sheet().isPresent()) {
            return Message.of("check.how.lid");
        }
        if (dress.topped()) {
            return Message.of("check.how.topping");
        }
        if (dress.coat().isPresent()) {
            return Message.of("check.how.breaded");
        }
        return Message.of(piece.cut() == Cut.WHOLE ? "check.how.backbone" : "check.how.knife");
    }

    /* Whether head and tail are left out of what covers the rest. */
    private static boolean headShows(Dress dress) {
        return dress.salt().filter(SaltCrust::headAndTail).isEmpty();
    }

    private static Message where(Piece piece) {
        if (piece.cut() == Cut.WHOLE) {
            return Message.of("check.where.whole");
        }
        return Message.of(piece.cut() == Cut.STEAK ? "check.where.steak" : "check.where.piece");
    }

    private static List<Cue> cues(Piece piece, Dress dress) {
        List<Cue> cues = new ArrayList<>();
        boolean salt = dress.salt().isPresent();
        if (!salt) {
            cues.addAll(FLESH);
        }
        cues.addAll(KNIFE);
        if (piece.cut() == Cut.WHOLE && headShows(dress)) {
            cues.add(Cue.EYE_WHITE);
        }
        if (onBone(piece) && !salt) {
            cues.add(Cue.LEAVES_BONE);
        }
        if (piece.cut() == Cut.WHOLE && !salt) {
            cues.add(Cue.FIN_PULLS);
        }
        if (salt) {
            cues.add(Cue.CRUST_HARD);
        } else if (dress.bare()) {
            cues.add(Cue.WHITE_BEADS);
        }
        return List.copyOf(cues);
    }
}
