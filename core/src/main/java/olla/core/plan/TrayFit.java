package olla.core.plan;

import olla.core.dress.Style;
import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.units.Refusals;
import olla.core.units.Said;

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

    /* Bent at the backbone a fish is about so much shorter (common practice, no source). */
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
        return fitsAcross(length * BodyShape.WITHOUT_HEAD_AND_TAIL, piece.widthMm()) ? How.HEADLESS : How.NOT;
    }

    /** Whether a stiff thing of this size goes in, straight or by the diagonal. */
    public boolean holds(double length, double width) {
        return fitsStraight(length, width) || fitsAcross(length, width);
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

    /**
     * What to do, in words.
     *
     * @param style how it will be dressed: under salt nothing is cut that bares its flesh
     */
    public String words(Piece piece, Style style) {
        How how = how(piece);
        if (style == Style.SALT_CRUST && (how == How.BENT || how == How.HEADLESS)) {
            return "Too long for this tray, and under salt nothing is cut off: take a longer tray, or a smaller fish.";
        }
        return switch (how) {
            case STRAIGHT -> "It fits the tray.";
            case DIAGONAL -> "Too long to lie straight: lay it on the diagonal.";
            case BENT -> "Too long: cut the backbone from inside and bend it to the tray.";
            case HEADLESS -> "Too long: take off head and tail.";
            case NOT ->
                Said.mm(Math.round(piece.lengthMm()))
                        + " will not go into this tray. Take a larger one"
                        + (style == Style.SALT_CRUST ? "." : ", or cut it in pieces.");
        };
    }
}
