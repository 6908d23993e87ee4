/**
 * What the log tells of a kitchen beside its ovens, what of it is not to be believed, and what it makes of a question.
 *
 * <p>Knows: core.fish, core.habits, core.messages, core.uncertainty, server.bakes.rows, server.load, server.ovens, server.people, server.query, server.tenancy,
 * server.web.
 */
package olla.server.habits;
