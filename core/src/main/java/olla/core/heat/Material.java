package olla.core.heat;

import java.util.Arrays;
import java.util.function.DoubleUnaryOperator;

/**
 * A material as the solver sees it: temperature and thermal resistivity as functions of the enthalpy held in a cubic
 * metre. Working from enthalpy keeps latent heat whole however long the step. Immutable; safe to share between threads.
 */
public final class Material {

    /** Lowest temperature a material is tabled for, °C. */
    public static final double COLDEST_C = -45;

    /** Highest temperature a material is tabled for, °C. */
    public static final double HOTTEST_C = 330;

    private static final int ENTRIES = 4096;
    private static final double FINE_STEP_C = 0.01;

    private final double lowestJm3;
    private final double perJm3;
    private final double[] temperatureC;
    private final double[] line;
    private final double[] resistivity;
    private final double[] capacity;
    private final double waterKgM3;
    private final double dryResistivity;
    private final double crustWmK;
    private final WaterHolding holds;
    private final boolean steady;

    private Material(
            double lowestJm3,
            double perJm3,
            double[] temperatureC,
            double[] resistivity,
            double waterKgM3,
            double dryResistivity,
            double crustWmK,
            WaterHolding holds) {
        this.lowestJm3 = lowestJm3;
        this.perJm3 = perJm3;
        this.temperatureC = temperatureC;
        this.line = lines(temperatureC);
        this.resistivity = resistivity;
        this.capacity = capacity(temperatureC, 1 / perJm3);
        this.waterKgM3 = waterKgM3;
        this.dryResistivity = dryResistivity;
        this.crustWmK = crustWmK;
        this.holds = holds;
        this.steady = Arrays.stream(resistivity).allMatch(r -> r == resistivity[0]);
    }

    /**
     * The same material holding water that boils off at 100 °C and does not come back: damp salt, a wet paste. Until it
     * is gone the material stays at or below that.
     *
     * @param kgM3 free water, kg/m³
     * @param dryConductivityWmK conductivity once it is gone, W/mK; in between by the share that is left
     */
    public Material holdingWater(double kgM3, double dryConductivityWmK) {
        return new Material(lowestJm3, perJm3, temperatureC, resistivity, kgM3, 1 / dryConductivityWmK, 0, holds);
    }

    /**
     * The same material holding water that dries out from its faces inwards: what is dry of an outermost node lies on the rest of it as a
     * crust. Until a node's water is gone it stays at or below 100 °C; inside it conducts as when it was wet.
     *
     * @param kgM3 water, kg/m³
     * @param crustConductivityWmK conductivity of what is dry, W/mK
     */
    public Material crusting(double kgM3, double crustConductivityWmK) {
        return new Material(lowestJm3, perJm3, temperatureC, resistivity, kgM3, 0, crustConductivityWmK, holds);
    }

    /** The same material holding so many times the heat at every temperature: all that it does takes so many times as long. */
    public Material slower(double times) {
        return times == 1
                ? this
                : new Material(
                        times * lowestJm3,
                        perJm3 / times,
                        temperatureC,
                        resistivity,
                        waterKgM3,
                        dryResistivity,
                        crustWmK,
                        holds);
    }

    /** The same material, a gel that lets water go as it warms. */
    public Material lettingGo(WaterHolding asItWarms) {
        return new Material(
                lowestJm3, perJm3, temperatureC, resistivity, waterKgM3, dryResistivity, crustWmK, asItWarms);
    }

    /** How it holds its water; null where it lets none go. */
    WaterHolding holds() {
        return holds;
    }

    double waterKgM3() {
        return waterKgM3;
    }

    /** Conductivity of the crust that dries on it, W/mK; 0 where none does. */
    double crustWmK() {
        return crustWmK;
    }

    /** Thermal resistivity, mK/W, at an enthalpy, J/m³, with so much of its water left, kg/m³. */
    double resistivity(double enthalpyJm3, double waterLeftKgM3) {
        double wet = resistivity(enthalpyJm3);
        return waterKgM3 > 0 && crustWmK == 0
                ? dryResistivity + waterLeftKgM3 / waterKgM3 * (wet - dryResistivity)
                : wet;
    }

    /* What a temperature is between two entries: where its line begins and how it rises, turn about. */
    private static double[] lines(double[] temperatureC) {
        double[] lines = new double[2 * (temperatureC.length - 1)];
        for (int i = 0; i < temperatureC.length - 1; i++) {
            lines[2 * i + 1] = temperatureC[i + 1] - temperatureC[i];
            lines[2 * i] = temperatureC[i] - i * lines[2 * i + 1];
        }
        return lines;
    }

    /* What a kelvin costs at each entry, from the one before to the one after. */
    private static double[] capacity(double[] temperatureC, double stepJm3) {
        double[] capacity = new double[temperatureC.length];
        int last = capacity.length - 1;
        for (int i = 0; i <= last; i++) {
            int before = Math.max(0, i - 1);
            int after = Math.min(last, i + 1);
            capacity[i] = (after - before) * stepJm3 / (temperatureC[after] - temperatureC[before]);
        }
        return capacity;
    }

    /**
     * A material whose properties do not change.
     *
     * @param conductivityWmK thermal conductivity, W/mK; infinity for a node that is all at one temperature
     * @param heatCapacityJm3K volumetric heat capacity, J/m³K
     */
    public static Material constant(double conductivityWmK, double heatCapacityJm3K) {
        // A straight line needs no more than its two ends.
        double[] temperature = {COLDEST_C, HOTTEST_C};
        double[] resistivity = {1 / conductivityWmK, 1 / conductivityWmK};
        double step = heatCapacityJm3K * (HOTTEST_C - COLDEST_C);
        return new Material(heatCapacityJm3K * COLDEST_C, 1 / step, temperature, resistivity, 0, 1, 0, null);
    }

    /**
     * A material from its curves.
     *
     * @param conductivityWmK conductivity, W/mK, over temperature, °C
     * @param enthalpyJm3 enthalpy in a cubic metre, J/m³, over temperature, °C; must rise all the way
     * @throws IllegalArgumentException where enthalpy does not rise with temperature
     */
    public static Material of(DoubleUnaryOperator conductivityWmK, DoubleUnaryOperator enthalpyJm3) {
        double lowest = enthalpyJm3.applyAsDouble(COLDEST_C);
        double highest = enthalpyJm3.applyAsDouble(HOTTEST_C);
        if (!(highest > lowest)) {
            throw new IllegalArgumentException(
                    "Enthalpy does not rise from " + COLDEST_C + " to " + HOTTEST_C + " °C.");
        }
        double step = (highest - lowest) / (ENTRIES - 1);
        double[] temperature = new double[ENTRIES];
        double[] resistivity = new double[ENTRIES];
        double below = COLDEST_C;
        double belowH = lowest;
        double above = below;
        double aboveH = lowest;
        int fine = 0;
        for (int i = 0; i < ENTRIES; i++) {
            double wanted = Math.min(highest, lowest + i * step);
            while (aboveH < wanted && above < HOTTEST_C) {
                below = above;
                belowH = aboveH;
                above = Math.min(HOTTEST_C, COLDEST_C + ++fine * FINE_STEP_C);
                aboveH = enthalpyJm3.applyAsDouble(above);
                if (!(aboveH > belowH)) {
                    throw new IllegalArgumentException("Enthalpy does not rise at " + above + " °C.");
                }
            }
            temperature[i] = aboveH > belowH ? below + (wanted - belowH) / (aboveH - belowH) * (above - below) : below;
            resistivity[i] = 1 / conductivityWmK.applyAsDouble(temperature[i]);
        }
        return new Material(lowest, 1 / step, temperature, resistivity, 0, 1, 0, null);
    }

    /** Temperature, °C, at an enthalpy, J/m³; beyond the tabled range along the line of its last two entries. */
    public double temperatureC(double enthalpyJm3) {
        double at = (enthalpyJm3 - lowestJm3) * perJm3;
        int i = index(at);
        return temperatureC[i] + (at - i) * (temperatureC[i + 1] - temperatureC[i]);
    }

    /**
     * {@link #temperatureC(double)} for the cells from..to of an array; the solver's inmost loop.
     *
     * @return the coldest of them, °C; infinite where there is none
     */
    double temperatures(double[] enthalpyJm3, double[] intoC, int from, int to) {
        double[] table = line;
        int last = table.length - 2;
        double lowest = lowestJm3;
        double per = perJm3;
        double coldest = Double.POSITIVE_INFINITY;
        for (int cell = from; cell < to; cell++) {
            double at = (enthalpyJm3[cell] - lowest) * per;
            int i = Math.max(0, Math.min(last, 2 * (int) at));
            double celsius = table[i] + at * table[i + 1];
            intoC[cell] = celsius;
            if (celsius < coldest) {
                coldest = celsius;
            }
        }
        return coldest;
    }

    /** Apparent volumetric heat capacity, J/m³K, at an enthalpy, J/m³: what a kelvin costs there, latent heat and all. */
    double capacityJm3K(double enthalpyJm3) {
        double at = (enthalpyJm3 - lowestJm3) * perJm3;
        int i = index(at);
        double along = Math.max(0, Math.min(1, at - i));
        return capacity[i] + along * (capacity[i + 1] - capacity[i]);
    }

    /** Whether it conducts alike at every temperature. */
    boolean steady() {
        return steady;
    }

    /** Thermal resistivity, mK/W, at an enthalpy, J/m³. */
    public double resistivity(double enthalpyJm3) {
        double at = (enthalpyJm3 - lowestJm3) * perJm3;
        int i = index(at);
        return resistivity[i] + (at - i) * (resistivity[i + 1] - resistivity[i]);
    }

    /** Enthalpy in a cubic metre, J/m³, at a temperature, °C: the exact inverse of {@link #temperatureC}. */
    public double enthalpyJm3(double celsius) {
        int low = 0;
        int high = temperatureC.length - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (temperatureC[middle] <= celsius) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double along = (celsius - temperatureC[low]) / (temperatureC[low + 1] - temperatureC[low]);
        return lowestJm3 + (low + along) / perJm3;
    }

    /** Apparent volumetric heat capacity, J/m³K, at a temperature: what a kelvin costs, latent heat and all. */
    public double heatCapacityJm3K(double celsius) {
        return enthalpyJm3(celsius + 0.5) - enthalpyJm3(celsius - 0.5);
    }

    /** Conductivity, W/mK, at a temperature, °C. */
    public double conductivityWmK(double celsius) {
        return 1 / resistivity(enthalpyJm3(celsius));
    }

    private int index(double at) {
        return Math.max(0, Math.min(temperatureC.length - 2, (int) at));
    }
}
