package olla.core.dish;

import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;
import olla.core.units.Temperature;

/**
 * What it all lies in.
 *
 * @param ware what it is made of
 * @param size its inner size, where that is known
 * @param preheatedC how hot it is when the fish is laid in it, 30 to 300 °C; empty where it is as cold as the kitchen
 */
public record Vessel(Ware ware, Optional<Size> size, OptionalDouble preheatedC) {

    /** The tray of every kitchen, cold. */
    public static final Vessel SHEET_TRAY = of(Ware.SHEET_TRAY);

    private static final double LEAST_SIDE_MM = 80;
    private static final double MOST_SIDE_MM = 800;

    /**
     * Inner length and width.
     *
     * @param lengthMm 80 to 800 mm
     * @param widthMm 80 to 800 mm
     */
    public record Size(double lengthMm, double widthMm) {

        /** @throws olla.core.messages.RefusedInput where no vessel is of that size */
        public Size {
            new Refusals()
                    .range("vesselLengthMm", "vessel-length", lengthMm, LEAST_SIDE_MM, MOST_SIDE_MM, Unit.MM)
                    .range("vesselWidthMm", "vessel-width", widthMm, LEAST_SIDE_MM, MOST_SIDE_MM, Unit.MM)
                    .throwIfAny();
        }

        /** Its floor, mm². */
        public double floorMm2() {
            return lengthMm * widthMm;
        }
    }

    /** @throws olla.core.messages.RefusedInput where nobody heats a vessel so */
    public Vessel {
        Refusals refusals = new Refusals();
        preheatedC.ifPresent(c -> refusals.range("preheatedC", "preheated-vessel", c, 30, 300, Unit.CELSIUS));
        refusals.throwIfAny();
    }

    /** A cold one of no known size. */
    public static Vessel of(Ware ware) {
        return new Vessel(ware, Optional.empty(), OptionalDouble.empty());
    }

    /** How warm it is when it is laid, °C. */
    public double startC() {
        return preheatedC.orElse(Temperature.ROOM_C);
    }
}
