/**
 * Cautions, each with the moment it matters, its text and its source; allergens and leftovers. A danger that is told
 * anywhere is judged here.
 *
 * <p>Knows: core.dish, core.doneness, core.dress, core.fish, core.messages, core.oven.
 */
package olla.core.safety;
