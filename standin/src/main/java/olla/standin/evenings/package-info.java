/**
 * Evenings that are cooked by nobody: random ones, in kitchens whose ovens, fish and hands are other than was said, by a cook who
 * follows the run sheet and by one who goes by rules of thumb. What comes of it is in {@code docs/evenings.md}.
 */
package olla.standin.evenings;
