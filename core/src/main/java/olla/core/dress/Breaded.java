package olla.core.dress;

import java.util.List;
import olla.core.dish.Laid;
import olla.core.dish.Stuff;
import olla.core.fish.Piece;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Amount;
import olla.core.units.Measure;
import olla.core.units.Temperature;

/**
 * Dipped, floured and crumbed all round, turned at half time.
 *
 * @param coatMm how thick the coat is, 1 to 8 mm
 */
public record Breaded(double coatMm) implements Dress {

    /** A coat of crumb, mm (common practice, no source). */
    public static final double USUAL_COAT_MM = 2.5;

    /* As pressed on, kg/m³ (from memory). */
    private static final double DENSITY_KG_M3 = 500;

    /* Water in the coat, kg/m³: what the dip brings (from memory). */
    private static final double WATER_KG_M3 = 120;

    /* What a coat is made of, by mass (common practice, no source). */
    private static final double CRUMB_SHARE = 0.55;
    private static final double FLOUR_SHARE = 0.12;
    private static final double DIP_SHARE = 0.33;

    /** @throws olla.core.messages.RefusedInput where no coat is so thick */
    public Breaded {
        new Refusals().range("depthMm", "coat-of-crumb", coatMm, 1, 8, Unit.MM).throwIfAny();
    }

    /** How much of it one piece takes, g: all its sides times the thickness. */
    public double grams(Piece piece) {
        double ends = 2 * piece.thicknessMm() * piece.widthMm();
        double round = 2 * piece.upperSideMm2() + 2 * piece.thicknessMm() * piece.lengthMm();
        return (round + ends) * coatMm / 1e9 * DENSITY_KG_M3 * 1000;
    }

    /** Dip, flour and crumb for one piece. */
    public List<Amount> amounts(Piece piece) {
        double grams = grams(piece);
        return List.of(
                new Amount(StuffNames.of("crumbs"), CRUMB_SHARE * grams, Measure.GRAM),
                new Amount(StuffNames.of("flour"), FLOUR_SHARE * grams, Measure.GRAM),
                new Amount(StuffNames.of("dip"), DIP_SHARE * grams, Measure.GRAM));
    }

    @Override
    public List<Laid> layers() {
        return List.of(new Laid.Coat(Stuff.spread(DENSITY_KG_M3, WATER_KG_M3), coatMm, Temperature.MIXED_C));
    }

    @Override
    public Style style() {
        return Style.TOPPING;
    }

    @Override
    public double usualRestMinutes() {
        return 2;
    }
}
