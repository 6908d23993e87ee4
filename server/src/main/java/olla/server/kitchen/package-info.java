/**
 * What a kitchen has for itself: fish that are not in the table, the vessels it bakes in, and what it notes of a fish, a dish or an oven. A bake keeps its own copy of what it
 * was asked with, so that nothing here is needed to read it again.
 *
 * <p>Knows: core.dish, core.fish, core.messages, server.ovens, server.people, server.query, server.web.
 */
package olla.server.kitchen;
