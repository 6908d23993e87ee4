package olla.server.ovens;

import olla.core.oven.OvenKind;

/**
 * Notes an oven of the kitchen's.
 *
 * @param name 1 to 60 characters, none that another oven has
 * @param kind how it heats
 */
record OvenInput(String name, OvenKind kind) {}
