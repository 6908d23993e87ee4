/**
 * Recipes: stored, shared, read from and written to open files, and shopped for.
 *
 * <p>Knows: core.doneness, core.dress, core.messages, core.safety, core.units, server.messages, server.query,
 * server.web.
 */
package olla.server.recipes;
