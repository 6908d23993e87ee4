/**
 * A kitchen's files: all of it out and in as one archive, and its log as tables.
 *
 * <p>Knows: core.dish, core.doneness, core.fish, core.habits, core.messages, core.oven, core.runsheet, core.uncertainty, practice.rounds, server.bakes, server.bakes.rows,
 * server.evening, server.kitchen, server.people, server.photos, server.probes, server.recipes, server.tenancy, server.web.
 */
package olla.server.archive;
