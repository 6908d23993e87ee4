/**
 * How sure the minutes are: what is unknown and by how much, the same dish run through with many draws of it, the
 * window their times make, and what a look, a probe or a verdict says of them and of the oven.
 *
 * <p>Knows: core.doneness, core.dress, core.fish, core.messages, core.oven, core.probe, core.simulation, core.units.
 */
package olla.core.uncertainty;
