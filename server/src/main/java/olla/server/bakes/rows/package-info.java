/**
 * A bake's rows: what was asked, what was predicted, what was tapped, and what the taps come to. Whoever reckons with
 * a bake reads it here.
 *
 * <p>Knows: core.doneness, core.estimate, core.fish, core.oven, core.uncertainty, server.ovens, server.people,
 * server.query, server.web.
 */
package olla.server.bakes.rows;
