package olla.core.heat;

import olla.core.units.Temperature;

/**
 * What a face of the section meets. A face has no heat of its own: its temperature Ts is the one at which the heat that
 * arrives, less what vapour takes, is what conducts inwards. Fluxes in W/m², positive into the section.
 */
public sealed interface Face permits Face.Exposed, Face.Covered {

    /** Places that a tangent takes: arriving, its slope, vapour, its slope. */
    int TANGENT = 4;

    /** Air or walls that change by less than this go on as before, K (ours). */
    double UNLIKE_K = 5;

    /** Stefan-Boltzmann constant, W/m²K⁴ (exact in the SI since 2019, here to seven figures). */
    double STEFAN_BOLTZMANN = 5.670374e-8;

    /**
     * The fluxes about a face temperature, to first order.
     *
     * @param faceC where to take the tangent, °C
     * @param up how far the face looks up, 0 to 1
     * @param into receives the heat arriving (W/m²), its slope (W/m²K), the heat leaving with vapour and its slope
     * @param at first place to write
     */
    void tangent(double faceC, double up, double[] into, int at);

    /** The face gets no warmer than this, °C; heat beyond it leaves as steam. Infinite where there is no such limit. */
    double mostC();

    /** Whether it is so different from another that what happens at it begins anew. */
    boolean unlike(Face other);

    /** True where the vapour is lost to the oven and not kept under a cover. */
    boolean dries();

    /**
     * Which share of what would evaporate from a wet face at this temperature gets through a crust that has dried on it, on the average
     * over a time in which that grows by what gets through.
     *
     * @param faceC what is wet under the crust, °C
     * @param crustM how thick the crust is when it begins, m
     * @param waterKgM3 water that dries out of it as it grows, kg/m³
     * @param seconds the time; 0 for what gets through now
     */
    double through(double faceC, double crustM, double waterKgM3, double seconds);

    /**
     * In which time a crust comes to hold back so many times what it does now, s; infinite where none grows.
     *
     * @param faceC what is wet under it, °C
     * @param crustM how thick it is, m
     * @param waterKgM3 water that dries out of it as it grows, kg/m³
     * @param times above 1
     */
    double growsS(double faceC, double crustM, double waterKgM3, double times);

    /**
     * A face in the open: h (Tair - Ts) + eps (sigma (Twall⁴ - Ts⁴) + up beam) - L aw km (psat(Ts) - p) / (1 + aw km z / d),
     * where a crust of thickness z has dried on it, through which vapour still has to go (a receding front of evaporation, as in
     * Luikov 1975 and the crust models of frying after Farid and Chen 1998, from memory).
     *
     * @param filmWm2K convective film coefficient, W/m²K
     * @param airC air, °C
     * @param wallC walls the face sees, °C
     * @param emissivity 0 to 1
     * @param wetness share of a free water surface while nothing has dried, 0 to 1
     * @param vapourPa vapour pressure in the air, Pa
     * @param beamWm2 what a grill sends straight down, W/m²
     * @param crustKgMsPa d, how well vapour goes through what has dried, kg/(m s Pa); infinite where that holds nothing back
     */
    record Exposed(
            double filmWm2K,
            double airC,
            double wallC,
            double emissivity,
            double wetness,
            double vapourPa,
            double beamWm2,
            double crustKgMsPa)
            implements Face {

        /** A face that no grill shines on, and that forms no crust. */
        public Exposed(double filmWm2K, double airC, double wallC, double emissivity, double wetness, double vapourPa) {
            this(filmWm2K, airC, wallC, emissivity, wetness, vapourPa, 0, Double.POSITIVE_INFINITY);
        }

        @Override
        public void tangent(double faceC, double up, double[] into, int at) {
            into[at] = arriving(faceC, up);
            into[at + 1] = -opening(faceC);
            double excess = wetness > 0 ? Water.saturationPa(faceC) - vapourPa : 0;
            double perPa = excess > 0 ? wetness * Water.evaporationPerPa(filmWm2K) : 0;
            into[at + 2] = perPa * excess;
            into[at + 3] = perPa > 0 ? perPa * Water.saturationSlope(faceC) : 0;
        }

        /* With dz/dt = F / (1 + b z), z + b z²/2 grows evenly, and what gets through on the average is 2 / (1 + b z0 + 1 + b z1). */
        @Override
        public double through(double faceC, double crustM, double waterKgM3, double seconds) {
            double began = 1 + resistsPerM() * crustM;
            return 2 / (began + Math.sqrt(began * began + seconds * squareGrows(faceC, waterKgM3)));
        }

        @Override
        public double growsS(double faceC, double crustM, double waterKgM3, double times) {
            double now = 1 + resistsPerM() * crustM;
            return now * now * (times * times - 1) / squareGrows(faceC, waterKgM3);
        }

        /* What leaves without a crust, kg/(m² s Pa). */
        private double perPa() {
            return wetness * Water.evaporationPerPa(filmWm2K) / Water.EVAPORATION_J_KG;
        }

        private double resistsPerM() {
            return perPa() / crustKgMsPa;
        }

        /* By how much (1 + b z)² grows each second. */
        private double squareGrows(double faceC, double waterKgM3) {
            double perSecond = perPa() * Math.max(0, Water.saturationPa(faceC) - vapourPa) / waterKgM3;
            return 2 * resistsPerM() * perSecond;
        }

        @Override
        public double mostC() {
            return Double.POSITIVE_INFINITY;
        }

        @Override
        public boolean dries() {
            return true;
        }

        @Override
        public boolean unlike(Face other) {
            return !(other instanceof Exposed before)
                    || Math.abs(airC - before.airC) > UNLIKE_K
                    || Math.abs(wallC - before.wallC) > UNLIKE_K
                    || filmWm2K != before.filmWm2K
                    || beamWm2 != before.beamWm2;
        }

        private double arriving(double faceC, double up) {
            return filmWm2K * (airC - faceC)
                    + emissivity * (STEFAN_BOLTZMANN * (fourth(wallC) - fourth(faceC)) + up * beamWm2);
        }

        /** By how much less arrives for each kelvin a dry face of {@code faceC} is warmer, W/m²K. */
        public double opening(double faceC) {
            double kelvin = Temperature.kelvin(faceC);
            return filmWm2K + 4 * emissivity * STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
        }

        private static double fourth(double celsius) {
            double kelvin = Temperature.kelvin(celsius);
            double squared = kelvin * kelvin;
            return squared * squared;
        }
    }

    /**
     * A face under a sheet with a gap that fills with steam. In series: the sheet's own film, then the gap, whose
     * conductance is {@code coldGap + steamGap * psat(Ts)/p0}. The face never passes the boiling point; heat beyond
     * that goes off as steam through the folds.
     *
     * @param outer what the sheet meets; its wetness is ignored
     * @param coldGapWm2K conductance of the gap without steam, W/m²K
     * @param steamGapWm2K what steam adds at the boiling point, W/m²K
     */
    record Covered(Exposed outer, double coldGapWm2K, double steamGapWm2K) implements Face {

        private static final double SHEET_ACCURACY_K = 1e-4;
        private static final int MOST_ROUNDS = 40;

        @Override
        public void tangent(double faceC, double up, double[] into, int at) {
            double gap = coldGapWm2K + steamGapWm2K * Water.saturationPa(faceC) / Water.ATMOSPHERE_PA;
            double gapSlope = steamGapWm2K * Water.saturationSlope(faceC) / Water.ATMOSPHERE_PA;
            double sheet = sheetC(faceC, up, gap);
            double arriving = outer.arriving(sheet, up);
            double opening = outer.opening(sheet);
            into[at] = arriving;
            into[at + 1] = -opening * (1 - arriving * gapSlope / (gap * gap)) / (1 + opening / gap);
            into[at + 2] = 0;
            into[at + 3] = 0;
        }

        /* Newton's method for the sheet's temperature: what arrives at it crosses the gap. */
        private double sheetC(double faceC, double up, double gap) {
            double sheet = faceC;
            for (int i = 0; i < MOST_ROUNDS; i++) {
                double step = (outer.arriving(sheet, up) - gap * (sheet - faceC)) / (outer.opening(sheet) + gap);
                sheet += step;
                if (Math.abs(step) < SHEET_ACCURACY_K) {
                    break;
                }
            }
            return sheet;
        }

        @Override
        public double through(double faceC, double crustM, double waterKgM3, double seconds) {
            return 1;
        }

        @Override
        public double growsS(double faceC, double crustM, double waterKgM3, double times) {
            return Double.POSITIVE_INFINITY;
        }

        @Override
        public double mostC() {
            return Temperature.BOILING_C;
        }

        @Override
        public boolean dries() {
            return false;
        }

        @Override
        public boolean unlike(Face other) {
            return !(other instanceof Covered before) || outer.unlike(before.outer);
        }
    }
}
