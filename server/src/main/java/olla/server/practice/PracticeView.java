package olla.server.practice;

import java.util.List;
import olla.core.messages.Message;
import olla.practice.rounds.Mastery;
import olla.practice.rounds.Skill;

/**
 * How far whoever asks is.
 *
 * @param skills all there are, in the order in which they grow
 * @param next what to practise now
 * @param why that
 */
record PracticeView(List<Practised> skills, Skill next, Message why) {

    /* So many rounds are drawn. */
    private static final int DRAWN = 12;

    /**
     * One skill.
     *
     * @param name what it is called
     * @param about what is practised in it
     * @param open whether it is time for it; a cook may try it all the same
     * @param drill whether it is a matter of a minute, without an oven
     * @param rounds how many were done
     * @param words how it goes
     * @param offs by how much each of the last was off, oldest first: minutes, grades or mm
     */
    record Practised(
            Skill skill,
            Message name,
            Message about,
            boolean open,
            boolean drill,
            int rounds,
            Message words,
            List<Double> offs) {

        static Practised of(Mastery mastery, boolean open) {
            List<Double> offs = mastery.offs();
            return new Practised(
                    mastery.skill(),
                    Message.word(mastery.skill()),
                    Message.word(mastery.skill()).form("about"),
                    open,
                    !mastery.skill().bakes(),
                    mastery.rounds(),
                    mastery.words(),
                    offs.subList(Math.max(0, offs.size() - DRAWN), offs.size()));
        }
    }
}
