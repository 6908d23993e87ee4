/**
 * Stand-in devices: thermometers with a hidden truth that push their readings over HTTP, as a real probe's bridge would. A
 * program of its own beside the application; the two share nothing but the open interface and the physics of the craft.
 */
package olla.standin;
