/**
 * The counter: is this fish good, and how much of it.
 *
 * <p>Knows: core.doneness, core.dress, core.estimate, core.fish, core.freshness, core.messages, core.oven, core.plan,
 * core.safety, core.simulation, server.load, server.query, server.web.
 */
package olla.server.counter;
