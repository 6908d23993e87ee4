/**
 * What is said, as keys of the catalogue with the amounts that stand in it, and what is refused. No sentence enters, in any
 * language.
 *
 * <p>Knows: nothing else of the house.
 */
package olla.core.messages;
