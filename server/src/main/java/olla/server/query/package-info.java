/**
 * The question that everybody asks and its answer, as they travel and as they are stored, and their translation to
 * {@code core}. It keeps nothing but answers that may be asked again.
 *
 * <p>Knows: core.dish, core.doneness, core.dress, core.estimate, core.fish, core.habits, core.messages, core.oven, core.plan, core.safety,
 * core.simulation, core.uncertainty, core.units, server.web.
 */
package olla.server.query;
