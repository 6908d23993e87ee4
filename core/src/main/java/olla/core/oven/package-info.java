/** The oven: its kind, its truth, and the programme it is given. */
package olla.core.oven;
