/**
 * What the log teaches of each oven, worked out beside and in the order of the log.
 *
 * <p>Knows: core.messages, core.plan, core.reliability, core.uncertainty, server.bakes, server.bakes.rows, server.forecast, server.load, server.ovens,
 * server.people, server.tenancy, server.web.
 */
package olla.server.lessons;
