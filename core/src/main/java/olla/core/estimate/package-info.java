/**
 * From a piece, its dress, an oven and a programme to the answer on the ticket: the one way in, beside it the rules of
 * thumb, the same fish otherwise, what to do about a taper, and the order on a shared tray.
 *
 * <p>Knows: core.dish, core.doneness, core.dress, core.fish, core.messages, core.oven, core.safety, core.simulation,
 * core.uncertainty, core.units.
 */
package olla.core.estimate;
