/**
 * Whose kitchen a piece of work is for, and that the store shows it no other's rows.
 *
 * <p>Knows: nothing else of the house.
 */
package olla.server.tenancy;
