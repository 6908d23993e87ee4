/**
 * What the log teaches of each oven, worked out beside and in the order of the log.
 *
 * <p>Knows: core.doneness, core.dress, core.estimate, core.fish, core.messages, core.oven, core.plan, core.reliability, core.uncertainty, server.bakes, server.bakes.rows, server.forecast, server.load, server.ovens,
 * server.people, server.probes, server.query, server.tenancy, server.web.
 */
package olla.server.lessons;
