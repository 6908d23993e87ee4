package olla.core.heat;

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

    /* A cell that leaves the mushy zone between two looks at its time step must not outrun it, K. */
    private static final double LOOK_AROUND_K = 4;

    private final double lowestJm3;
    private final double perJm3;
    private final double[] temperatureC;
    private final double[] resistivity;
    private final double[] leastCapacity;

    private Material(double lowestJm3, double perJm3, double[] temperatureC, double[] resistivity) {
        this.lowestJm3 = lowestJm3;
        this.perJm3 = perJm3;
        this.temperatureC = temperatureC;
        this.resistivity = resistivity;
        this.leastCapacity = leastCapacity(temperatureC, 1 / perJm3);
    }

    private static double[] leastCapacity(double[] temperatureC, double stepJm3) {
        double[] least = new double[temperatureC.length];
        for (int i = 0; i < least.length; i++) {
            double steepest = 0;
            for (int side = -1; side <= 1; side += 2) {
                for (int j = i; inTable(j) && Math.abs(temperatureC[j] - temperatureC[i]) <= LOOK_AROUND_K; j += side) {
                    int low = Math.min(j, ENTRIES - 2);
                    steepest = Math.max(steepest, temperatureC[low + 1] - temperatureC[low]);
                }
            }
            least[i] = stepJm3 / steepest;
        }
        return least;
    }

    private static boolean inTable(int entry) {
        return entry >= 0 && entry < ENTRIES;
    }

    /**
     * A material whose properties do not change.
     *
     * @param conductivityWmK thermal conductivity, W/mK; infinity for a node that is all at one temperature
     * @param heatCapacityJm3K volumetric heat capacity, J/m³K
     */
    public static Material constant(double conductivityWmK, double heatCapacityJm3K) {
        return of(t -> conductivityWmK, t -> heatCapacityJm3K * t);
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
        return new Material(lowest, 1 / step, temperature, resistivity);
    }

    /** Temperature, °C, at an enthalpy, J/m³; clamped to the tabled range. */
    public double temperatureC(double enthalpyJm3) {
        double at = (enthalpyJm3 - lowestJm3) * perJm3;
        int i = index(at);
        return temperatureC[i] + (at - i) * (temperatureC[i + 1] - temperatureC[i]);
    }

    /** {@link #temperatureC(double)} for the cells from..to of an array; the solver's inmost loop. */
    void temperatures(double[] enthalpyJm3, double[] intoC, int from, int to) {
        double[] table = temperatureC;
        for (int cell = from; cell < to; cell++) {
            double at = (enthalpyJm3[cell] - lowestJm3) * perJm3;
            int i = Math.max(0, Math.min(ENTRIES - 2, (int) at));
            intoC[cell] = table[i] + (at - i) * (table[i + 1] - table[i]);
        }
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
        int high = ENTRIES - 1;
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

    /** The least heat capacity, J/m³K, within a few kelvin of an enthalpy, J/m³: what a safe time step goes by. */
    double leastCapacityJm3K(double enthalpyJm3) {
        return leastCapacity[index((enthalpyJm3 - lowestJm3) * perJm3)];
    }

    /** Conductivity, W/mK, at a temperature, °C. */
    public double conductivityWmK(double celsius) {
        return 1 / resistivity(enthalpyJm3(celsius));
    }

    private static int index(double at) {
        return Math.max(0, Math.min(ENTRIES - 2, (int) at));
    }
}
