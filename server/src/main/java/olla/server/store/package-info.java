/** The store itself: how its schema comes to be what this application expects, and what is kept before it is changed. */
package olla.server.store;
