/**
 * Stand-in devices: thermometers with a hidden truth that push their readings over HTTP, as a real probe's bridge would. A
 * program of its own beside the application; the two share nothing but the open interface and the words of the craft; its fish and ovens are those of the kitchen that practice hides.
 */
package olla.standin;
