package olla.practice.kitchen;

/**
 * A dish as it really is, from the raw piece to the board.
 *
 * @param body the piece and what lies round it
 * @param faces how heat and vapour cross its faces
 * @param startC how warm the fish is when it goes in, °C
 * @param laidC how warm what lies round it is, °C
 * @param trayC the tray, °C
 * @param trayJm2K what the tray holds, J/m²K
 * @param contactWm2K how well it touches the tray, W/m²K, by column
 * @param touchesWm2K how well an envelope touches the fish, W/m²K
 */
record Dish(
        Body body,
        Faces faces,
        double startC,
        double laidC,
        double trayC,
        double trayJm2K,
        double[] contactWm2K,
        double touchesWm2K) {}
