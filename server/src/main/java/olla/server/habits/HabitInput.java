package olla.server.habits;

import olla.core.habits.Which;
import olla.server.web.MaybeAbsent;

/**
 * One of a kitchen's habits, and whether it is to be believed.
 *
 * @param about what kind of habit
 * @param of whose: a dish's or a fish's code, a cook's id, a probe's name; empty where it is of all, or of a probe that has no name
 * @param on whether it is believed
 */
record HabitInput(Which.About about, @MaybeAbsent String of, Boolean on) {}
