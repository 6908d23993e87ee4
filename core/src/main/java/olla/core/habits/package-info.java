/**
 * What a kitchen's log tells of more than one bake beside its ovens: how its dishes and fish go, how its cooks measure and judge, how its probes
 * read.
 *
 * <p>Knows: core.fish, core.messages, core.uncertainty.
 */
package olla.core.habits;
