package olla.core.heat;

/**
 * How much of its water a protein gel still holds once it has been warm: what its network shrinks away from runs out, and does not come
 * back. At rest it has let go, at a temperature T,
 *
 * <pre>
 * most / (1 + exp(-(T - middle) / width))
 * </pre>
 *
 * of the water it held raw (the form of the equilibrium in van der Sman 2007, Meat Science 76, 730, from memory), and it comes to that as
 * water flows through it, by the exponential of a time constant. Immutable.
 */
public final class WaterHolding {

    private static final double TABLE_FROM_C = 0;
    private static final double TABLE_TO_C = 160;
    private static final double TABLE_PER_C = 2;

    private final double kgM3;
    private final double timeS;
    private final double[] letsGo;

    /**
     * @param kgM3 water that it holds raw, kg/m³, above 0
     * @param most share of it that it lets go at most, 0 to 1
     * @param middleC where half of that is gone, °C
     * @param widthK how far around that the change reaches, K, above 0
     * @param timeS the time constant, s, above 0
     */
    public WaterHolding(double kgM3, double most, double middleC, double widthK, double timeS) {
        this.kgM3 = kgM3;
        this.timeS = timeS;
        letsGo = new double[1 + (int) ((TABLE_TO_C - TABLE_FROM_C) * TABLE_PER_C)];
        for (int i = 0; i < letsGo.length; i++) {
            double celsius = TABLE_FROM_C + i / TABLE_PER_C;
            letsGo[i] = most / (1 + Math.exp(-(celsius - middleC) / widthK));
        }
    }

    /** Water that it holds raw, kg/m³. */
    double kgM3() {
        return kgM3;
    }

    /** Which share of the raw water is let go at rest, at a temperature, °C. */
    double letsGo(double celsius) {
        double at = Math.max(0, Math.min(letsGo.length - 1.001, (celsius - TABLE_FROM_C) * TABLE_PER_C));
        int i = (int) at;
        return letsGo[i] + (at - i) * (letsGo[i + 1] - letsGo[i]);
    }

    /** Which part of the way to rest is gone in a time, s. */
    double comes(double seconds) {
        return -Math.expm1(-seconds / timeS);
    }
}
