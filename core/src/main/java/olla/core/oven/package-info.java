/**
 * The oven: its kind, what its air does against its dial, and the programme it is given. What is believed of one oven
 * is {@code uncertainty}'s.
 *
 * <p>Knows: core.messages, core.units.
 */
package olla.core.oven;
