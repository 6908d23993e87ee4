/**
 * What done means: targets, bands, cues, and the killing of germs.
 *
 * <p>Knows: core.messages.
 */
package olla.core.doneness;
