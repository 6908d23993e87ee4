/**
 * How far tickets could be trusted so far: what came out against what had been said, counted only where the log can tell.
 *
 * <p>Knows: core.messages, core.uncertainty.
 */
package olla.core.reliability;
