/**
 * How sure an answer is, asked for by itself since it takes longer.
 *
 * <p>Knows: core.estimate, core.messages, core.uncertainty, server.bakes, server.load, server.query, server.web.
 */
package olla.server.certainty;
