package olla.core.dish;

import olla.core.units.Temperature;

/**
 * What it all lies in, as a wall under it. Heat goes through the wall and along it only by what lies on it; the upright sides
 * of a dish are not in it.
 *
 * @param wallM thickness of its bottom, m
 * @param conductivityWmK conductivity of the wall, W/mK; infinity where it resists too little to count
 * @param heatCapacityJm3K heat capacity of the wall, J/m³K
 * @param emissivity of its underside, 0 to 1
 * @param startC how warm it is at first, °C
 */
public record Vessel(double wallM, double conductivityWmK, double heatCapacityJm3K, double emissivity, double startC) {

    /**
     * A tray of sheet steel, 1 mm: 7850 kg/m³ x 490 J/kgK (published: Incropera, plain carbon steel, rounded, from memory). Half
     * its thickness resists a four-hundredth of what the contact with the fish does.
     */
    public static final Vessel SHEET_TRAY =
            new Vessel(0.001, Double.POSITIVE_INFINITY, 3.85e6, 0.9, Temperature.ROOM_C);
}
