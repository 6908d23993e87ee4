/**
 * What the hands do and when: preparing, checking, carving, the clock of a bake, what comes out too soon.
 *
 * <p>Knows: core.doneness, core.dress, core.fish, core.messages, core.oven.
 */
package olla.core.plan;
