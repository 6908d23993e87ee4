/**
 * What all doors share: problem details, the clock, ids made by clients, versions, who may knock. No feature enters.
 *
 * <p>Knows: core.messages, core.units, server.messages, server.tenancy.
 */
package olla.server.web;
