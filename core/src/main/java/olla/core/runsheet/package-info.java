/**
 * The run sheet: when each thing of an evening happens, backward from the plate; what it costs, how likely it holds, what would help,
 * what cannot be, and what moves once something has happened. Timefold searches; what a plan is worth is reckoned here.
 *
 * <p>Knows: core.dress, core.evening, core.fish, core.messages, core.oven, core.plan, core.uncertainty, core.units.
 */
package olla.core.runsheet;
