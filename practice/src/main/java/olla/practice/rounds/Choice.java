package olla.practice.rounds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import olla.core.messages.Message;

/**
 * What a cook practises next: of what is open, that by which most is likely to be missed.
 *
 * @param skill which
 * @param why in a sentence
 */
public record Choice(Skill skill, Message why) {

    /* The same never comes more often in a row. */
    private static final int IN_A_ROW = 2;

    /**
     * Chooses.
     *
     * @param masteries one for each skill
     * @param latest what was practised last, oldest first
     */
    public static Choice of(List<Mastery> masteries, List<Skill> latest) {
        List<Mastery> open = open(masteries);
        boolean again = latest.size() >= IN_A_ROW
                && latest.subList(latest.size() - IN_A_ROW, latest.size()).stream()
                                .distinct()
                                .count()
                        == 1;
        Comparator<Mastery> missed = Comparator.comparingDouble(Mastery::missed)
                .thenComparing(m -> -m.skill().ordinal());
        // Where nothing else is open the same comes again all the same.
        Mastery next = open.stream()
                .filter(m -> !again || m.skill() != latest.get(latest.size() - 1))
                .max(missed)
                .orElseGet(() -> open.stream().max(missed).orElseThrow());
        String key = next.rounds() == 0
                ? "practice.why-new"
                : next.missed() > 1 ? "practice.why-missed" : "practice.why-kept";
        return new Choice(next.skill(), Message.of(key));
    }

    /**
     * Those that are open: the drills, and of the bakes each up to the first that was not tried yet. What was tried once and missed comes again for
     * that; to keep the rest shut until it goes well made cooks who are not there slower than drawing did (docs/practice.md).
     */
    public static List<Mastery> open(List<Mastery> masteries) {
        List<Mastery> open = new ArrayList<>();
        boolean grown = true;
        for (Mastery mastery : masteries) {
            if (!mastery.skill().bakes()) {
                open.add(mastery);
            } else if (grown) {
                open.add(mastery);
                grown = mastery.rounds() > 0;
            }
        }
        return open;
    }
}
