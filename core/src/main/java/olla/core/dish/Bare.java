package olla.core.dish;

/**
 * The fish's own bare face.
 *
 * @param crustKgMsPa how well vapour goes through what has dried of it, kg/(m s Pa)
 * @param browning how many times as fast as plain flesh it browns
 */
public record Bare(double crustKgMsPa, double browning) {}
