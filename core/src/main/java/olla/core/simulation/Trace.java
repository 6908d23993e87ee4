package olla.core.simulation;

/**
 * The course of temperatures, all arrays of one length.
 *
 * @param minute since it went in, rising
 * @param coldestC coldest flesh, °C
 * @param meanC mean of the flesh, °C
 * @param topFaceC the flesh's own upper face at the middle, °C
 * @param outerC the uppermost face of all, that of a topping or a crust where there is one, °C
 * @param fillingC the coldest of what is inside, °C; empty where nothing is
 * @param crustMm how thick the crust on the flesh's own upper face is at the middle, mm; 0 where something lies on it
 * @param liquorG juice that has come out of the whole piece so far and was not dried off its face, g
 * @param browning how brown the uppermost face is, as {@link Browning} counts it
 */
public record Trace(
        double[] minute,
        double[] coldestC,
        double[] meanC,
        double[] topFaceC,
        double[] outerC,
        double[] fillingC,
        double[] crustMm,
        double[] liquorG,
        double[] browning) {}
