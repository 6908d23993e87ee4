/**
 * Where thermometers push what they measure, and the readings as stored.
 *
 * <p>Knows: core.probe, core.units, server.web.
 */
package olla.server.probes;
