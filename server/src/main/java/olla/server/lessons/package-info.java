/**
 * What the log teaches of each oven, worked out beside and in the order of the log.
 *
 * <p>Knows: core.plan, core.uncertainty, server.bakes, server.bakes.rows, server.forecast, server.load, server.ovens,
 * server.tenancy.
 */
package olla.server.lessons;
