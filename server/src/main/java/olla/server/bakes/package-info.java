/**
 * Bakes as they are commanded and shown: put in, tapped, logged, and put together for a screen. What follows from the
 * rows is {@code forecast}'s.
 *
 * <p>Knows: core.doneness, core.dress, core.estimate, core.messages, core.oven, core.plan, core.probe, core.safety,
 * core.uncertainty, server.bakes.rows, server.forecast, server.habits, server.load, server.ovens, server.people, server.photos,
 * server.probes, server.query, server.tenancy, server.web.
 */
package olla.server.bakes;
