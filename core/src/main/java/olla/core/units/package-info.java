/**
 * Amounts and conversions, oven dials, spoons. What every room counts in; nothing of fish or fire enters.
 *
 * <p>Knows: core.messages.
 */
package olla.core.units;
