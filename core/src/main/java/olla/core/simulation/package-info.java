/**
 * One bake run through: what lies on the tray, layer by layer, what its faces meet stage after stage, how warm it
 * gets, how brown and how dry, and the length of its open stages. What is unknown comes in as {@link
 * olla.core.simulation.Unknowns}, so that one bake is one run; how likely anything is stays outside.
 *
 * <p>Knows: core.dish, core.doneness, core.dress, core.fish, core.heat, core.oven, core.units.
 */
package olla.core.simulation;
