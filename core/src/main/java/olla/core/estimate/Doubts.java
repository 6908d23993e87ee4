package olla.core.estimate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.estimate.Doubt.About;
import olla.core.fish.Piece;
import olla.core.oven.Oven;
import olla.core.oven.Programme;

/**
 * How far off the likely time may be: the time is solved again with each unknown moved by one standard deviation, and
 * the moves of its logarithm add by squares (first-order propagation of independent errors). The runs are coarse, since
 * only their ratio to a coarse run without doubt counts.
 */
final class Doubts {

    private static final double LEAST_MINUTES = 0.5;

    private final Piece piece;
    private final Dress dress;
    private final Oven oven;
    private final Programme programme;
    private final double targetC;
    private final double plainMinutes;
    private final List<Doubt> found = new ArrayList<>();
    private double squares;

    Doubts(Piece piece, Dress dress, Oven oven, Programme programme, double targetC, double likelyMin) {
        this.piece = piece;
        this.dress = dress;
        this.oven = oven;
        this.programme = programme;
        this.targetC = targetC;
        this.plainMinutes = minutes(Unknowns.NONE).orElse(likelyMin);
        double thick = piece.thicknessDoubtMm();
        String how = switch (piece.measured()) {
            case RULER -> "by ruler";
            case SCALE -> "from its weight";
            case LENGTH -> "from its length";
        };
        consider(
                About.THICKNESS,
                say("thickness %s, ±%.1f mm", how, thick),
                Unknowns.NONE.thickness(1 + thick / piece.thicknessMm()),
                likelyMin);
        consider(
                About.OVEN,
                say("oven never checked, ±%.0f°", Oven.UNCHECKED_DOUBT_C),
                Unknowns.NONE.oven(-Oven.UNCHECKED_DOUBT_C),
                likelyMin);
        consider(About.FILM, "how the air moves", Unknowns.NONE.film(Math.exp(-Oven.FILM_DOUBT)), likelyMin);
        consider(
                About.START,
                say("how cold it goes in, ±%.0f°", Unknowns.START_DOUBT_C),
                Unknowns.NONE.start(-Unknowns.START_DOUBT_C),
                likelyMin);
        consider(
                About.CONTACT,
                "how well it lies on the tray",
                Unknowns.NONE.contact(1 - Unknowns.CONTACT_DOUBT),
                likelyMin);
        if (!(dress instanceof Parcel)) {
            consider(
                    About.WETNESS,
                    dress instanceof SaltCrust ? "how damp the salt is" : "how wet its face is",
                    Unknowns.NONE.wetness(1 + Unknowns.WETNESS_DOUBT),
                    likelyMin);
        }
        found.sort(Comparator.comparingDouble(Doubt::minutes).reversed());
    }

    private static String say(String words, Object... values) {
        return String.format(Locale.ROOT, words, values);
    }

    private void consider(About about, String what, Unknowns unknowns, double likelyMin) {
        double moved = minutes(unknowns).orElse(Programme.LONGEST_MINUTES);
        // Stages of given length may do nearly all of it; then hardly anything is left to be unsure of.
        double logMove = Math.log(Math.max(moved, LEAST_MINUTES) / Math.max(plainMinutes, LEAST_MINUTES));
        squares += logMove * logMove;
        found.add(new Doubt(about, what, Math.abs(Math.expm1(logMove)) * likelyMin));
    }

    private OptionalDouble minutes(Unknowns unknowns) {
        BakeModel model = new BakeModel(piece, dress, oven, unknowns, BakeModel.Fineness.COARSE);
        return new BakeRun(model, programme).minutesFor(targetC);
    }

    /** Largest first. */
    List<Doubt> found() {
        return List.copyOf(found);
    }

    /** Standard deviation of the time's logarithm. */
    double logSpread() {
        return Math.sqrt(squares);
    }
}
