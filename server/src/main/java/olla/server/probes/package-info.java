/**
 * Where thermometers push what they measure, and the readings as stored.
 *
 * <p>Knows: core.messages, core.probe, server.people, server.tenancy, server.web.
 */
package olla.server.probes;
