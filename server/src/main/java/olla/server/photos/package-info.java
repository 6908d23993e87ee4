/**
 * Pictures of what was served: made our own, stored and shown.
 *
 * <p>Knows: core.messages, server.bakes.rows, server.tenancy, server.web.
 */
package olla.server.photos;
