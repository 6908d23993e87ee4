package olla.server.habits;

import olla.core.habits.Habits.Found;
import olla.core.habits.Which;
import olla.core.messages.Message;
import olla.server.web.MaybeAbsent;

/**
 * One of a kitchen's habits.
 *
 * @param about what kind of habit
 * @param of whose: a dish's or a fish's code, a cook's id, a probe's name; empty where it is of all, or of a probe that has no name
 * @param name what that is called, where it is somebody
 * @param bakes from how many bakes it was found
 * @param words how large it is
 * @param on whether it is believed
 */
record HabitView(Which.About about, String of, @MaybeAbsent String name, int bakes, Message words, boolean on) {

    static HabitView of(Found found, String name) {
        return new HabitView(found.which().about(), found.which().of(), name, found.bakes(), found.words(), found.on());
    }
}
