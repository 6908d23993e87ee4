package olla.core.dress;

import java.util.Optional;
import olla.core.dish.Cover;
import olla.core.fish.Piece;

/**
 * A closed parcel: a sheet, a gap of air that fills with steam, and in it the fish with what lies under and on it.
 *
 * @param of what it is folded from
 * @param fold how it is folded
 * @param acid true where something sour is inside that no layer tells of
 * @param opened whether it is opened for the last minutes
 */
public record Parcel(Sheet of, Fold fold, boolean acid, boolean opened) implements Enclosure {

    /** How a sheet is closed. */
    public enum Fold {
        /** A heart folded in half, crimped from the round end to a final twist. */
        HEART,
        /** A rectangle folded in half, crimped on three sides. */
        RECTANGLE,
        /** The two long sides brought together above the fish and rolled down, the ends turned up. */
        SEAM_UP
    }

    /* Conductance of the cold gap between sheet and fish, W/m²K: some 2 mm of air (from memory). */
    private static final double COLD_GAP_W_M2K = 15;

    /* Paper for a crimp along an edge; foil for a seam rolled twice, mm (common practice, no source). */
    private static final double CRIMP_MM = 40;
    private static final double SEAM_MM = 50;

    /* A sheet is torn off to the next so many mm. */
    private static final double TORN_TO_MM = 10;

    /** A plain parcel: paper in a heart, foil with its seam up. */
    public Parcel(Sheet sheet) {
        this(sheet, usualFold(sheet), false, false);
    }

    /** How such a sheet is usually folded. */
    public static Fold usualFold(Sheet sheet) {
        return sheet == Sheet.PARCHMENT ? Fold.HEART : Fold.SEAM_UP;
    }

    /**
     * What to cut for one piece.
     *
     * @param layersMm how deep what lies under and on it is, mm
     * @return the sheet laid flat, before it is folded
     */
    public SheetSize sheetSize(Piece piece, double layersMm) {
        double high = piece.heightMm() + layersMm;
        double across = piece.acrossMm();
        double along = piece.lengthMm();
        int layers = of == Sheet.FOIL ? 2 : 1;
        return switch (fold) {
            case RECTANGLE ->
                new SheetSize(torn(2 * (across + high + CRIMP_MM)), torn(along + high + 2 * CRIMP_MM), layers);
            // A heart loses its corners, so the same fish needs a sheet a fifth longer.
            case HEART ->
                new SheetSize(torn(2 * (across + high + CRIMP_MM)), torn(1.2 * along + high + 2 * CRIMP_MM), layers);
            case SEAM_UP ->
                new SheetSize(torn(2 * across + 2 * high + 2 * SEAM_MM), torn(along + 2 * high + 2 * SEAM_MM), layers);
        };
    }

    private static double torn(double mm) {
        return Math.ceil(mm / TORN_TO_MM) * TORN_TO_MM;
    }

    @Override
    public Optional<Sheet> sheet() {
        return Optional.of(of);
    }

    @Override
    public Optional<Cover> cover() {
        return Optional.of(new Cover(of.emissivity(), COLD_GAP_W_M2K, Cover.STEAM_GAP_W_M2K));
    }

    @Override
    public double usualRestMinutes() {
        return 4;
    }
}
