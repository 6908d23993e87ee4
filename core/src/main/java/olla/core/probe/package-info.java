/**
 * What a probe or an oven's thermometer sends, and which of it can be believed.
 *
 * <p>Knows: core.oven, core.units.
 */
package olla.core.probe;
