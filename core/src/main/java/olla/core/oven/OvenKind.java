package olla.core.oven;

import olla.core.units.Dial;

/**
 * Kinds of oven by how their air moves and where their heat comes from. Film coefficients are of the usual order for natural and forced convection in
 * domestic ovens (from memory).
 */
public enum OvenKind {
    /** Top and bottom heat, still air. */
    STILL(11, 0, 0, 0, Double.POSITIVE_INFINITY, 6, 5),
    /** A fan stirs the air. */
    FAN(19, 0, 0, 0, Double.POSITIVE_INFINITY, 2, 3),
    /** Fired with wood: still air under walls hotter than it, the tray on a floor of brick; it cools from the moment the door is shut. */
    WOOD(12, 40, -10, 20, 240, 0, 0),
    /** A barbecue with its lid closed: air rising past the food, the coals or burners under the tray. */
    CLOSED_BARBECUE(16, 10, 40, 4, Double.POSITIVE_INFINITY, 0, 0);

    private final double filmWm2K;
    private final double wallsAboveAirC;
    private final double underAboveAirC;
    private final double underMoreWm2K;
    private final double coolingMinutes;
    private final double shelfK;
    private final double shelfDoubtK;

    OvenKind(
            double filmWm2K,
            double wallsAboveAirC,
            double underAboveAirC,
            double underMoreWm2K,
            double coolingMinutes,
            double shelfK,
            double shelfDoubtK) {
        this.filmWm2K = filmWm2K;
        this.wallsAboveAirC = wallsAboveAirC;
        this.underAboveAirC = underAboveAirC;
        this.underMoreWm2K = underMoreWm2K;
        this.coolingMinutes = coolingMinutes;
        this.shelfK = shelfK;
        this.shelfDoubtK = shelfDoubtK;
    }

    /** How much hotter than the air the walls are, °C (from memory). */
    public double wallsAboveAirC() {
        return wallsAboveAirC;
    }

    /** How much hotter than the air it is under the tray, °C (from memory). */
    public double underAboveAirC() {
        return underAboveAirC;
    }

    /** What reaches the tray from below beyond the film, W/m²K: a brick floor it stands on (from memory). */
    public double underMoreWm2K() {
        return underMoreWm2K;
    }

    /** How such an oven usually loses its heat (a wood oven's time constant from memory: hours). */
    public Cooling usualCooling() {
        return new Cooling(coolingMinutes);
    }

    /** Whether a dish can stand higher or lower in it: in others there is one floor, or one grate. */
    public boolean shelves() {
        return shelfK > 0;
    }

    /** How much warmer than its middle it is under its roof, and how much cooler over its floor, K (common practice, sizes from memory). */
    double shelfK() {
        return shelfK;
    }

    /** One standard deviation of that from oven to oven, K (from memory). */
    double shelfDoubtK() {
        return shelfDoubtK;
    }

    /** Whether what heats it is open to the dish: embers, coals, a flame. */
    public boolean open() {
        return this == WOOD || this == CLOSED_BARBECUE;
    }

    /** Whether it has a grill above the dish. */
    public boolean grills() {
        return !open();
    }

    /** Convective film coefficient, W/m²K. */
    public double filmWm2K() {
        return filmWm2K;
    }

    /** The dials that match this oven set to {@code celsius}. */
    public Dial dial(double celsius) {
        return this == FAN ? Dial.forFanOven(celsius) : Dial.forStillOven(celsius);
    }
}
