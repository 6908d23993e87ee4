/**
 * One bake run through: what lies on the tray, layer by layer, what its faces meet stage after stage, how warm it gets, how
 * brown and how dry, and the length of its open stages. What is unknown comes in as {@link olla.core.simulation.Unknowns},
 * so that one bake is one run. Nothing here knows how likely anything is.
 */
package olla.core.simulation;
