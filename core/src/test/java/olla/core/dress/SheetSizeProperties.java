package olla.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;

/** What a sheet must hold, whatever the fish and the fold. */
class SheetSizeProperties {

    private static Piece portion(double grams) {
        OptionalDouble open = OptionalDouble.empty();
        return Piece.from(Species.HAKE, Cut.PORTION, open, OptionalDouble.of(grams), open, open, open, false);
    }

    private static Parcel parcel(Sheet sheet, Parcel.Fold fold) {
        return new Parcel(sheet, fold, false, false);
    }

    @Property(tries = 200)
    void aSheetGoesRoundItsFishAndItsBedWithRoomToFold(
            @ForAll Sheet sheet,
            @ForAll Parcel.Fold fold,
            @ForAll @DoubleRange(min = 90, max = 350) double grams,
            @ForAll @DoubleRange(min = 0, max = 40) double bedMm) {
        Piece fish = portion(grams);
        SheetSize size = parcel(sheet, fold).sheetSize(fish, bedMm);
        double girth = 2 * (fish.acrossMm() + fish.heightMm() + bedMm);
        assertThat(size.acrossMm()).isGreaterThan(girth + 50);
        assertThat(size.alongMm()).isGreaterThan(fish.lengthMm() + 50);
        assertThat(size.layers()).isEqualTo(sheet == Sheet.FOIL ? 2 : 1);
        assertThat(size.acrossMm() % 10).isZero();
    }

    @Property(tries = 100)
    void moreFishOrADeeperBedNeverTakesASmallerSheet(
            @ForAll Parcel.Fold fold,
            @ForAll @DoubleRange(min = 90, max = 300) double grams,
            @ForAll @DoubleRange(min = 0, max = 30) double bedMm) {
        SheetSize small = parcel(Sheet.PARCHMENT, fold).sheetSize(portion(grams), bedMm);
        SheetSize large = parcel(Sheet.PARCHMENT, fold).sheetSize(portion(grams * 1.15), bedMm + 10);
        assertThat(large.acrossMm()).isGreaterThanOrEqualTo(small.acrossMm());
        assertThat(large.alongMm()).isGreaterThanOrEqualTo(small.alongMm());
    }

    @Property(tries = 200)
    void aRollGivesAsManySheetsAsFitOnIt(
            @ForAll @DoubleRange(min = 150, max = 900) double across,
            @ForAll @DoubleRange(min = 150, max = 900) double along) {
        SheetSize size = new SheetSize(across, along, 1);
        int sheets = size.fromOneRoll();
        assertThat(sheets * size.offRollMm()).isLessThanOrEqualTo(SheetSize.ROLL_LENGTH_MM);
        assertThat((sheets + 1) * size.offRollMm()).isGreaterThan(SheetSize.ROLL_LENGTH_MM);
        // What is torn off covers the sheet.
        double widths = size.fitsRoll() ? 1 : 2;
        assertThat(size.offRollMm() * SheetSize.ROLL_WIDTH_MM * widths)
                .isGreaterThanOrEqualTo(Math.min(across, along) * Math.min(across, SheetSize.ROLL_WIDTH_MM));
        assertThat(new SheetSize(across, along, 2).offRollMm()).isEqualTo(2 * size.offRollMm());
    }
}
