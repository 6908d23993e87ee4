/** The ways to dress a fish for the oven, and what each puts between the fish and the heat. */
package olla.core.dress;
