/**
 * The ways to dress a fish for the oven: quantities, usual programmes, and the materials each puts between the fish
 * and the heat. How heat goes through them is {@code simulation}'s.
 *
 * <p>Knows: core.dish, core.fish, core.messages, core.oven, core.units.
 */
package olla.core.dress;
