/**
 * What a kitchen has for itself: fish that are not in the table, and the vessels it bakes in. A bake keeps its own copy of what it
 * was asked with, so that nothing here is needed to read it again.
 *
 * <p>Knows: core.dish, core.fish, core.messages, server.web.
 */
package olla.server.kitchen;
