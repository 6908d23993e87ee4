/**
 * A kitchen that is not the model's: fish in three dimensions with other equations for what they are of, an oven whose thermostat swings and
 * whose dial lies, a cook who reads late. What Olla says is held against it; nothing is calibrated on it.
 *
 * <p>Knows: core.dish, core.doneness, core.dress, core.estimate, core.fish, core.habits, core.oven, core.uncertainty, core.units.
 */
package olla.practice.kitchen;
