/**
 * The kitchen's ovens, with what their logs have taught.
 *
 * <p>Knows: core.messages, core.oven, core.uncertainty, server.query, server.tenancy, server.web.
 */
package olla.server.ovens;
