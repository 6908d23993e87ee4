/**
 * What done means: targets, bands, cues, and the killing of germs.
 *
 * <p>Knows: nothing else of the house.
 */
package olla.core.doneness;
