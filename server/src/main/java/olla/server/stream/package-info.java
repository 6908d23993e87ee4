/**
 * What screens are told while bakes go on.
 *
 * <p>Knows: server.bakes, server.bakes.rows, server.evening, server.forecast, server.load, server.people, server.store,
 * server.tenancy, server.web.
 */
package olla.server.stream;
