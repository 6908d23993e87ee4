/**
 * The dish as it is laid: a vessel, layers from below to above, the fish among them, what closes it. What the layers are of
 * stands in {@link olla.core.dish.Stuff}. It says what is there; what heat does in it is reckoned elsewhere.
 *
 * <p>Knows: core.messages, core.units.
 */
package olla.core.dish;
