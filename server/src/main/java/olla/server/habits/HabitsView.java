package olla.server.habits;

import java.util.List;

/**
 * What the log tells of a kitchen beside its ovens.
 *
 * @param learning whether some of the log is not worked out yet
 * @param habits all that there are bakes enough for, those that do most first
 */
record HabitsView(boolean learning, List<HabitView> habits) {}
