/**
 * What an evening is made of: dishes and sides with their hands, ovens, shelves and burners, and what every dish takes at every
 * dial of every oven. When each thing happens is not known here.
 *
 * <p>Knows: core.doneness, core.dress, core.estimate, core.fish, core.messages, core.oven, core.plan, core.simulation,
 * core.uncertainty, core.units.
 */
package olla.core.evening;
