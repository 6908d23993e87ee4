/**
 * The fish itself: species, cuts, and one piece with its sides, its mass and how surely they are known. What is done
 * to it belongs elsewhere.
 *
 * <p>Knows: core.messages, core.units.
 */
package olla.core.fish;
