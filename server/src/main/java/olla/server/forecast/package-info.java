/**
 * What follows from a bake's rows and readings: when it is done, whether it coasts far enough. Kept so that one
 * reading more costs one reading more; any instance comes to the same.
 *
 * <p>Knows: core.doneness, core.estimate, core.fish, core.oven, core.plan, core.probe, core.uncertainty,
 * server.bakes.rows, server.load, server.query.
 */
package olla.server.forecast;
