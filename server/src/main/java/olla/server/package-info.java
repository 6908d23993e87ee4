/**
 * The application's start. Every feature has a room below; this one only opens the house.
 *
 * <p>Knows: server.web.
 */
package olla.server;
