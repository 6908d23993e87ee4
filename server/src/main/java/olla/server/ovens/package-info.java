/**
 * The kitchen's ovens, with what their logs have taught.
 *
 * <p>Knows: core.oven, core.uncertainty, core.units, server.query, server.web.
 */
package olla.server.ovens;
