/** Cautions, each with the moment it matters, its text and its source. */
package olla.core.safety;
