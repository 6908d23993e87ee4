package olla.core.plan;

import olla.core.dress.Style;
import olla.core.fish.BodyShape;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * Whether a piece fits a tray, and how if not straight (common practice, no source).
 *
 * @param lengthMm inner length of the tray, 80 to 800 mm
 * @param widthMm inner width of the tray, 80 to 800 mm
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

    /* Closer than this pieces steam each other, mm (common practice, no source). */
    private static final double APART_MM = 10;

    /* Bent at the backbone a fish is about so much shorter (common practice, no source). */
    private static final double BENT_SHARE = 0.82;

    /** @throws olla.core.messages.RefusedInput where no tray is that size */
    public TrayFit {
        new Refusals()
                .range("trayLengthMm", "tray-length", lengthMm, 80, 800, Unit.MM)
                .range("trayWidthMm", "tray-width", widthMm, 80, 800, Unit.MM)
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

    /** How many such pieces go in: side by side without touching, or the one that is turned or bent; 0 where none does. */
    public int holds(Piece piece) {
        How how = how(piece);
        if (how != How.STRAIGHT) {
            return how == How.NOT ? 0 : 1;
        }
        double length = piece.lengthMm() + APART_MM;
        double across = piece.acrossMm() + APART_MM;
        int along = (int) (lengthMm / length) * (int) (widthMm / across);
        int turned = (int) (widthMm / length) * (int) (lengthMm / across);
        return Math.max(1, Math.max(along, turned));
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
     * What to do.
     *
     * @param style how it will be dressed: under salt nothing is cut that bares its flesh
     */
    public Message words(Piece piece, Style style) {
        How how = how(piece);
        boolean salt = style == Style.SALT_CRUST;
        if (salt && (how == How.BENT || how == How.HEADLESS)) {
            return Message.of("fit.too-long-for-salt");
        }
        return Message.of(Message.word(how).key(), "length", Quantity.mm(Math.round(piece.lengthMm())), "salt", salt);
    }
}
