/**
 * Evenings: what is wanted, what has happened, and the run sheet that follows. Rows are the truth; what a dish takes at each dial
 * and the sheet itself are worked out beside, and can be again.
 *
 * <p>Knows: core.dress, core.evening, core.fish, core.messages, core.oven, core.plan, core.runsheet, core.uncertainty,
 * core.units, server.bakes, server.load, server.messages, server.ovens, server.people, server.query, server.recipes,
 * server.tenancy, server.web.
 */
package olla.server.evening;
