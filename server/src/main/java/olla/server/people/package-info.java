/**
 * Who is let in from the network, as what, and until when: screens by a key of their own, which a code gives them. On the machine itself nobody asks.
 *
 * <p>Knows: core.messages, server.load, server.tenancy, server.web.
 */
package olla.server.people;
