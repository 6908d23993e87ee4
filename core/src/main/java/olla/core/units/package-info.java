/**
 * Amounts and conversions, oven dials, spoons, and the way bad input is refused. What every room speaks in; nothing of
 * fish or fire enters.
 *
 * <p>Knows: nothing else of the house.
 */
package olla.core.units;
