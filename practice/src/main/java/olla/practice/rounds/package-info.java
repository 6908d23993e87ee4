/**
 * How a cook learns to judge: rounds in a hidden kitchen with the truth after them, drills, what was missed and what comes next. Nothing here enters a log.
 *
 * <p>Knows: core.doneness, core.estimate, core.fish, core.freshness, core.messages, core.oven, core.simulation, core.uncertainty,
 * practice.kitchen.
 */
package olla.practice.rounds;
