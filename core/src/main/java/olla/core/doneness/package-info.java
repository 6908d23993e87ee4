/** What done means: targets, bands, and the killing of germs. */
package olla.core.doneness;
