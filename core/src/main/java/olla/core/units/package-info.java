/** Amounts, conversions, oven dials, and the way bad input is refused. */
package olla.core.units;
