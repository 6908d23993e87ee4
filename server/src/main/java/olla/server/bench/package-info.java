/**
 * The bench: its vocabulary, and questions that leave no trace. No row enters.
 *
 * <p>Knows: core.doneness, core.dress, core.estimate, core.evening, core.fish, core.freshness, core.messages, core.oven, core.plan,
 * core.safety, core.uncertainty, server.load, server.query, server.web.
 */
package olla.server.bench;
