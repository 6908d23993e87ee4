package olla.practice.kitchen;

/**
 * What nobody knows of an oven that a kitchen has given a name and a kind.
 *
 * @param offsetC what its air is on the average above its dial at 200 °C, °C
 * @param filmFactor how well its air gives heat over its kind's usual
 * @param swingC half of what its thermostat lets it swing, K
 * @param rest what is left of it is drawn by that: its ceiling, its walls, how fast it heats and what it holds
 */
public record TrueOven(double offsetC, double filmFactor, double swingC, long rest) {}
