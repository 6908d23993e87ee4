package olla.core.freshness;

import java.util.Set;
import olla.core.messages.Message;

/**
 * What is looked at, felt and smelt on a fish, with how each grade shows. Whole fish: published, Council Regulation (EC)
 * No 2406/96, Annex I, whitefish and bluefish tables, retold from memory. Fillets: common practice, no source.
 */
public enum Sense {
    SKIN(true),
    MUCUS(true),
    EYE(true),
    GILLS(true),
    BELLY(true),
    SMELL(true),
    FLESH(true),
    SURFACE(false),
    GAPING(false),
    EDGE(false),
    FILLET_SMELL(false),
    FILLET_FLESH(false);

    /* Where the table of bluefish differs. */
    private static final Set<String> BLUEFISH = Set.of("SKIN", "GILLS", "SMELL");

    private final boolean whole;

    Sense(boolean whole) {
        this.whole = whole;
    }

    /** True for what is judged on a whole fish, false for fillets and the rest. */
    public boolean whole() {
        return whole;
    }

    /**
     * How a grade shows in it.
     *
     * @param bluefish true for oily fish such as mackerel, which the regulation has a table of its own for
     */
    public Message look(Score score, boolean bluefish) {
        boolean own = bluefish && BLUEFISH.contains(name());
        return Message.of("look." + name() + (own ? ".bluefish." : ".") + score.name());
    }

    /** Without these no fish is graded: the smell, and the one sight that tells most. */
    boolean needed() {
        return this == SMELL || this == GILLS || this == FILLET_SMELL || this == SURFACE;
    }
}
