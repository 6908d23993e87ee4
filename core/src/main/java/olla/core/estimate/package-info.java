/**
 * From a piece, its dress, an oven and a programme to the answer on the ticket. Here the physics of {@code heat} meets
 * the words of {@code fish}, {@code dress}, {@code oven} and {@code doneness}.
 */
package olla.core.estimate;
