package olla.core.plan;

import java.util.Locale;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.units.Refusals;

/**
 * Whether a piece fits a tray, and how if not straight (common practice, no source).
 *
 * @param lengthMm inner length of the tray, 100 to 800 mm
 * @param widthMm inner width of the tray, 100 to 800 mm
 */
public record TrayFit(double lengthMm, double widthMm) {

    /** How it goes in. */
    public enum How {
        STRAIGHT,
        DIAGONAL,
        BENT,
        HEADLESS,
        NOT
    }

    /* Head and tail are about this share of a fish's length; bent at the backbone it is about so much shorter. */
    private static final double WITHOUT_HEAD_AND_TAIL = 0.68;
    private static final double BENT_SHARE = 0.82;

    /** @throws olla.core.units.RefusedInput where no tray is that size */
    public TrayFit {
        new Refusals()
                .range("trayLengthMm", "A tray's length", lengthMm, 100, 800, "mm")
                .range("trayWidthMm", "A tray's width", widthMm, 100, 800, "mm")
                .throwIfAny();
    }

    /** How a piece goes in: the mildest way that will do. */
    public How how(Piece piece) {
        double length = piece.lengthMm();
        if (fitsStraight(length, piece.widthMm())) {
            return How.STRAIGHT;
        }
        if (fitsAcross(length, piece.widthMm())) {
            return How.DIAGONAL;
        }
        if (piece.cut() != Cut.WHOLE) {
            return How.NOT;
        }
        if (fitsAcross(length * BENT_SHARE, piece.widthMm())) {
            return How.BENT;
        }
        return fitsAcross(length * WITHOUT_HEAD_AND_TAIL, piece.widthMm()) ? How.HEADLESS : How.NOT;
    }

    private boolean fitsStraight(double length, double width) {
        return length <= Math.max(lengthMm, widthMm) && width <= Math.min(lengthMm, widthMm);
    }

    /* A rectangle l x w turned by the tray's own diagonal angle needs l cos a + w sin a by l sin a + w cos a. */
    private boolean fitsAcross(double length, double width) {
        double angle = Math.atan2(Math.min(lengthMm, widthMm), Math.max(lengthMm, widthMm));
        // Head and tail taper into the corners, so only half of the width counts there.
        double slim = width / 2;
        return length * Math.cos(angle) + slim * Math.sin(angle) <= Math.max(lengthMm, widthMm)
                && length * Math.sin(angle) + slim * Math.cos(angle) <= Math.min(lengthMm, widthMm);
    }

    /** What to do, in words. */
    public String words(Piece piece) {
        return switch (how(piece)) {
            case STRAIGHT -> "It fits the tray.";
            case DIAGONAL -> "Too long to lie straight: lay it on the diagonal.";
            case BENT -> "Too long: cut the backbone from inside and bend it to the tray.";
            case HEADLESS -> "Too long: take off head and tail.";
            case NOT ->
                String.format(
                        Locale.ROOT,
                        "%.0f mm will not go into this tray. Cut it in pieces, or take a larger one.",
                        piece.lengthMm());
        };
    }
}
