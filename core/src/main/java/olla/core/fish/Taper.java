package olla.core.fish;

/**
 * How a piece gets thinner from its thickest place to its thin end (common practice, no source: what lies on a counter).
 *
 * @param reach how far that is, of the piece's length, 0 to 1
 * @param endShare how thick the thin end is, of the thickest, 0 to 1
 * @param power how long it stays thick: 1 for a wedge, more for a belly
 */
public record Taper(double reach, double endShare, double power) {}
