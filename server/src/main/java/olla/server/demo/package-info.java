/**
 * The demo kitchen, loaded once on the first start that asks for it. Made up from end to end.
 *
 * <p>Knows: core.oven, core.uncertainty, practice.kitchen, server.bakes, server.evening, server.ovens, server.query,
 * server.recipes, server.tenancy.
 */
package olla.server.demo;
