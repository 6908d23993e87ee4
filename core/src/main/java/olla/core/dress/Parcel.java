package olla.core.dress;

import java.util.List;
import java.util.Optional;
import olla.core.dish.Cover;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Temperature;

/**
 * A closed parcel: a sheet, a gap of air that fills with steam, and the fish on the sheet, perhaps on a bed of
 * vegetables.
 *
 * @param sheet what it is folded from
 * @param fold how it is folded
 * @param bed vegetables under the fish, at most 4
 * @param bedMm how deep they lie, 0 to 40 mm
 * @param splashMl wine, cider or stock poured in, 0 to 100 ml
 * @param acid true where citrus, wine, vinegar or tomato is inside
 */
public record Parcel(Sheet sheet, Fold fold, List<Vegetable> bed, double bedMm, double splashMl, boolean acid)
        implements Dress {

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

    /*
     * What steam adds to the gap when it fills it, W/m²K: vapour leaves the warm sheet's film, settles on the fish and
     * brings its heat; several hundred near 100 °C (order of magnitude, from memory). Taken in proportion to the vapour
     * pressure at the fish's face.
     */
    private static final double STEAM_GAP_W_M2K = 300;

    /** A bed in a parcel, mm (common practice, no source). */
    public static final double USUAL_BED_MM = 12;

    /* Paper for a crimp along an edge; foil for a seam rolled twice, mm (common practice, no source). */
    private static final double CRIMP_MM = 40;
    private static final double SEAM_MM = 50;

    /* A sheet is torn off to the next so many mm. */
    private static final double TORN_TO_MM = 10;

    static final int MOST_VEGETABLES = 4;

    /** @throws olla.core.messages.RefusedInput where no parcel is made so */
    public Parcel {
        bed = List.copyOf(bed);
        Refusals refusals = new Refusals()
                .range("bedMm", "bed-in-a-parcel", bedMm, 0, 40, Unit.MM)
                .range("splashMl", "splash", splashMl, 0, 100, Unit.ML);
        if (bed.size() > MOST_VEGETABLES) {
            refusals.add("vegetables", "refusal.parcel-vegetables", "most", MOST_VEGETABLES);
        }
        refusals.throwIfAny();
    }

    /** A plain parcel: paper in a heart, foil with its seam up, nothing but the fish inside. */
    public Parcel(Sheet sheet) {
        this(sheet, sheet == Sheet.PARCHMENT ? Fold.HEART : Fold.SEAM_UP, List.of(), 0, 0, false);
    }

    /** How deep the bed is that is really there, mm. */
    public double bedDepthMm() {
        return bed.isEmpty() ? 0 : bedMm;
    }

    /**
     * What to cut for one piece.
     *
     * @return the sheet laid flat, before it is folded
     */
    public SheetSize sheetSize(Piece piece) {
        double high = piece.heightMm() + bedDepthMm();
        double across = piece.acrossMm();
        double along = piece.lengthMm();
        int layers = sheet == Sheet.FOIL ? 2 : 1;
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
    public List<Laid> layers() {
        return bedDepthMm() == 0
                ? List.of()
                : List.of(new Laid.Under(Stuff.VEGETABLES, bedDepthMm(), 0, Temperature.ROOM_C));
    }

    @Override
    public Optional<Cover> cover() {
        return Optional.of(new Cover(sheet.emissivity(), COLD_GAP_W_M2K, STEAM_GAP_W_M2K));
    }

    @Override
    public Style style() {
        return sheet == Sheet.PARCHMENT ? Style.PARCHMENT : Style.FOIL;
    }

    @Override
    public double usualRestMinutes() {
        return 4;
    }
}
