/**
 * The store itself: how its schema comes to be what this application expects, what is kept before it is changed, and
 * how much room is left.
 *
 * <p>Knows: server.web.
 */
package olla.server.store;
