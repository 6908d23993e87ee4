package olla.practice.kitchen;

import olla.core.oven.OvenKind;

/** Ovens as they are found in kitchens (orders of magnitude, from memory; wider than the application believes). */
final class HiddenOvens {

    private HiddenOvens() {}

    /** A kind of oven: mostly electric ones. */
    static OvenKind kind(Draw draw) {
        if (draw.once(0.2)) {
            return draw.once(0.5) ? OvenKind.WOOD : OvenKind.CLOSED_BARBECUE;
        }
        return draw.once(0.55) ? OvenKind.STILL : OvenKind.FAN;
    }

    /**
     * What its shelves are like beside its middle.
     *
     * @param topK by how much the air under its roof is warmer, K; below 0 for cooler
     * @param bottomK by how much the air over its floor is, K
     */
    record Shelves(double topK, double bottomK) {}

    /** The shelves of one: mostly warmer above, in some the other way round. */
    static Shelves shelves(OvenKind kind, Draw draw) {
        return switch (kind) {
            case STILL -> new Shelves(draw.about(5, 5), draw.about(-4, 5));
            case FAN -> new Shelves(draw.about(1, 3), draw.about(-1, 3));
            case WOOD, CLOSED_BARBECUE -> new Shelves(0, 0);
        };
    }

    /* How well the air of one gives heat to a fish, W/m²K. */
    static double usualFilmWm2K(OvenKind kind) {
        return switch (kind) {
            case STILL -> 11;
            case FAN -> 22;
            case WOOD -> 12;
            case CLOSED_BARBECUE -> 16;
        };
    }

    /** One of a kind. */
    static HiddenOven.Makes of(OvenKind kind, Draw draw) {
        double offsetC = draw.about(0, 10);
        double perK = draw.about(0, 0.05);
        double vapourPa = draw.between(1500, 4500);
        double filmWm2K = usualFilmWm2K(kind);
        return switch (kind) {
            case STILL ->
                new HiddenOven.Makes(
                        offsetC,
                        perK,
                        draw.between(4, 14),
                        draw.between(0.12, 0.22),
                        draw.between(2500, 4500),
                        draw.between(12e3, 25e3),
                        draw.times(filmWm2K, 0.15),
                        draw.between(0, 25),
                        draw.about(0, 6),
                        draw.about(0, 8),
                        vapourPa);
            case FAN ->
                new HiddenOven.Makes(
                        offsetC,
                        perK,
                        draw.between(2, 8),
                        draw.between(0.15, 0.25),
                        draw.between(2500, 4500),
                        draw.between(12e3, 25e3),
                        draw.times(filmWm2K, 0.18),
                        draw.between(0, 10),
                        draw.about(0, 5),
                        draw.about(0, 5),
                        vapourPa);
            case WOOD ->
                new HiddenOven.Makes(
                        offsetC,
                        perK,
                        0,
                        0,
                        draw.between(9000, 22_000),
                        60e3,
                        draw.times(filmWm2K, 0.15),
                        draw.between(0, 20),
                        draw.between(20, 60),
                        draw.about(5, 15),
                        vapourPa);
            case CLOSED_BARBECUE ->
                new HiddenOven.Makes(
                        offsetC,
                        perK,
                        draw.between(5, 15),
                        draw.between(0.2, 0.4),
                        draw.between(1200, 2500),
                        draw.between(8e3, 15e3),
                        draw.times(filmWm2K, 0.18),
                        draw.between(0, 15),
                        draw.about(8, 8),
                        draw.about(40, 15),
                        vapourPa);
        };
    }
}
