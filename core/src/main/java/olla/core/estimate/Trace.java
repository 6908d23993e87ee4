package olla.core.estimate;

/**
 * The course of temperatures, all arrays of one length.
 *
 * @param minute since it went in, rising
 * @param coldestC coldest flesh, °C
 * @param meanC mean of the flesh, °C
 * @param topFaceC middle of the upper face, °C
 */
public record Trace(double[] minute, double[] coldestC, double[] meanC, double[] topFaceC) {}
