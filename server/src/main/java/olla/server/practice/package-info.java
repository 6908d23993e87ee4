/**
 * Practice: rounds in a hidden kitchen and drills, kept apart from all bakes. What is said of them is worked out from what was done and the round's own id.
 *
 * <p>Knows: core.freshness, core.messages, core.oven, core.uncertainty, practice.rounds, server.load, server.people, server.web.
 */
package olla.server.practice;
