/**
 * What is said, in the language and the units it was asked for in: the catalogue's sentences, the amounts that stand in them,
 * and which of both an asker wants. The only room that writes a sentence.
 *
 * <p>Knows: core.messages, core.units.
 */
package olla.server.messages;
