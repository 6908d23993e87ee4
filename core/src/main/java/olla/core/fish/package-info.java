/** The fish itself: species, cuts, and one piece with its sides, its mass and how surely they are known. */
package olla.core.fish;
