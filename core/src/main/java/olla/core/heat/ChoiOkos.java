package olla.core.heat;

import static org.hipparchus.util.FastMath.max;
import static org.hipparchus.util.FastMath.min;

import org.hipparchus.analysis.polynomials.PolynomialFunction;

/**
 * Thermal properties of food from its composition and temperature: Choi and Okos (1986), as printed in the ASHRAE
 * Refrigeration Handbook's chapter on thermal properties of foods (coefficients from memory). Specific heat goes by mass
 * fraction, conductivity by volume fraction, density by 1/sum(x/rho). Water's constant of specific heat is taken as
 * 4176.2 J/kgK; one printing has 4128.9, which pure water at 20 °C contradicts.
 *
 * <p>Below the initial freezing point tf, ice makes up (xw - xb)(1 - tf/t) of the mass, with bound water xb = 0.4 times
 * the protein (same chapter). All mass fractions are kg/kg, temperatures °C.
 */
public final class ChoiOkos {

    private static final PolynomialFunction K_WATER = poly(0.57109, 1.7625e-3, -6.7036e-6);
    private static final PolynomialFunction K_ICE = poly(2.2196, -6.2489e-3, 1.0154e-4);
    private static final PolynomialFunction K_PROTEIN = poly(0.17881, 1.1958e-3, -2.7178e-6);
    private static final PolynomialFunction K_FAT = poly(0.18071, -2.7604e-4, -1.7749e-7);
    private static final PolynomialFunction K_ASH = poly(0.32962, 1.4011e-3, -2.9069e-6);

    private static final PolynomialFunction RHO_WATER = poly(997.18, 3.1439e-3, -3.7574e-3);
    private static final PolynomialFunction RHO_ICE = poly(916.89, -0.13071);
    private static final PolynomialFunction RHO_PROTEIN = poly(1329.9, -0.5184);
    private static final PolynomialFunction RHO_FAT = poly(925.59, -0.41757);
    private static final PolynomialFunction RHO_ASH = poly(2423.8, -0.28063);

    private static final PolynomialFunction C_WATER = poly(4176.2, -0.090864, 5.4731e-3);
    private static final PolynomialFunction C_COLD_WATER = poly(4081.7, -5.3062, 0.99516);
    private static final PolynomialFunction C_ICE = poly(2062.3, 6.0769);
    private static final PolynomialFunction C_PROTEIN = poly(2008.2, 1.2089, -1.3129e-3);
    private static final PolynomialFunction C_FAT = poly(1984.2, 1.4733, -4.8008e-3);
    private static final PolynomialFunction C_ASH = poly(1092.6, 1.8896, -3.6817e-3);

    /* Latent heat of fusion of water at 0 °C, J/kg (published: ASHRAE, same chapter, from memory). */
    private static final double FUSION_J_KG = 333_600;
    private static final double BOUND_WATER_PER_PROTEIN = 0.4;

    /* The polynomials hold from -40 to 150 °C; beyond, the value at the end stands. */
    private static final double HOLDS_FROM_C = -40;
    private static final double HOLDS_TO_C = 150;
    private static final double DENSITY_AT_C = 20;
    private static final double STEP_C = 0.01;

    private final double water;
    private final double protein;
    private final double fat;
    private final double ash;
    private final double freezingC;

    /**
     * @param water mass fraction
     * @param protein mass fraction
     * @param fat mass fraction
     * @param ash mass fraction; the four sum to one
     * @param freezingC initial freezing point, below 0 °C
     */
    public ChoiOkos(double water, double protein, double fat, double ash, double freezingC) {
        this.water = water;
        this.protein = protein;
        this.fat = fat;
        this.ash = ash;
        this.freezingC = freezingC;
    }

    /** Mass fraction of ice, kg/kg. */
    public double ice(double celsius) {
        if (celsius >= freezingC) {
            return 0;
        }
        return max(0, (water - BOUND_WATER_PER_PROTEIN * protein) * (1 - freezingC / celsius));
    }

    /** Density, kg/m³. */
    public double density(double celsius) {
        double t = clamp(celsius);
        return 1 / volumePerKg(t, ice(t));
    }

    /** Conductivity, W/mK, each part by its share of the volume. */
    public double conductivity(double celsius) {
        double t = clamp(celsius);
        double ice = ice(t);
        double sum = (water - ice) / RHO_WATER.value(t) * K_WATER.value(t)
                + ice / RHO_ICE.value(t) * K_ICE.value(t)
                + protein / RHO_PROTEIN.value(t) * K_PROTEIN.value(t)
                + fat / RHO_FAT.value(t) * K_FAT.value(t)
                + ash / RHO_ASH.value(t) * K_ASH.value(t);
        return sum / volumePerKg(t, ice);
    }

    /** Specific heat without any latent heat, J/kgK. */
    public double sensibleHeat(double celsius) {
        double t = clamp(celsius);
        double ice = ice(t);
        double liquid = t < 0 ? C_COLD_WATER.value(t) : C_WATER.value(t);
        return (water - ice) * liquid
                + ice * C_ICE.value(t)
                + protein * C_PROTEIN.value(t)
                + fat * C_FAT.value(t)
                + ash * C_ASH.value(t);
    }

    /** The latent heat of all its water, J/kg, as handbooks print it. */
    public double latentHeat() {
        return water * FUSION_J_KG;
    }

    /** The material for the solver: enthalpy by integrating specific heat and adding fusion; mass per volume is held. */
    public Material material() {
        double rho = density(DENSITY_AT_C);
        int steps = (int) Math.round((Material.HOTTEST_C - Material.COLDEST_C) / STEP_C);
        double[] enthalpy = new double[steps + 1];
        for (int i = 1; i <= steps; i++) {
            double from = Material.COLDEST_C + (i - 1) * STEP_C;
            double to = from + STEP_C;
            double sensible = sensibleHeat((from + to) / 2) * STEP_C;
            enthalpy[i] = enthalpy[i - 1] + rho * (sensible + FUSION_J_KG * (ice(from) - ice(to)));
        }
        return Material.of(this::conductivity, t -> {
            double at = (t - Material.COLDEST_C) / STEP_C;
            int i = max(0, min(steps - 1, (int) at));
            return enthalpy[i] + (at - i) * (enthalpy[i + 1] - enthalpy[i]);
        });
    }

    private double volumePerKg(double t, double ice) {
        return (water - ice) / RHO_WATER.value(t)
                + ice / RHO_ICE.value(t)
                + protein / RHO_PROTEIN.value(t)
                + fat / RHO_FAT.value(t)
                + ash / RHO_ASH.value(t);
    }

    private static double clamp(double celsius) {
        return max(HOLDS_FROM_C, min(HOLDS_TO_C, celsius));
    }

    private static PolynomialFunction poly(double... coefficients) {
        return new PolynomialFunction(coefficients);
    }
}
