package olla.core.runsheet;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.evening.EveningOven;
import olla.core.units.Temperature;

/** An evening with what is known of it, put in the search's terms. Immutable; what is asked often is kept. */
final class Problem {

    /** From one cell of the clock to the next, minutes. */
    static final double CELL_MIN = 0.5;

    /* Nothing that has to do with the evening itself begins sooner, minutes. */
    private static final double LONGEST_BEFORE_MIN = 420;
    private static final double LONGEST_AFTER_MIN = 180;

    /* Hands begin to plate a little late, and are slower than they think, minutes (common practice, no source): a course is planned
    to be ready that much sooner. */
    private static final double PLATING_SPARE_MIN = 1;

    private final Evening evening;
    private final DialTables tables;
    private final Facts facts;
    private final List<Chain> chains;
    private final double from;
    private final int[] hands;
    private final double[] platingMin;
    private final double[] hotC;
    private final int[] shelves;
    private final Map<String, Integer> ovens = new HashMap<>();
    private final Map<String, Kept> kept;

    /* What a minute costs by which something moves that was on the sheet already, in minutes in which everybody waits (ours, no
    source): a sheet that jumps about is not trusted. */
    private static final double MOVED = 0.01;
    private static final double MOST_MOVED = 0.5;

    /* And that it goes into another oven, or that this is set otherwise: hands have set it already (ours, no source). */
    private static final double OTHER_OVEN = 0.5;
    private static final double OTHER_DIAL = 0.2;

    Problem(Evening evening, DialTables tables, Facts facts) {
        this(evening, tables, facts, Map.of());
    }

    /** @param kept by dish: what it was to be so far */
    Problem(Evening evening, DialTables tables, Facts facts, Map<String, Kept> kept) {
        this.kept = kept;
        this.evening = evening;
        this.tables = tables;
        this.facts = facts;
        this.chains = Chain.of(evening, tables);
        List<Double> courses = evening.coursesMin();
        this.from = Math.floor(Math.max(facts.nowMin(), -LONGEST_BEFORE_MIN));
        double until = Math.max(facts.nowMin(), courses.get(courses.size() - 1)) + LONGEST_AFTER_MIN;
        this.hands = new int[(int) ((until - from) / CELL_MIN) + 1];
        for (int i = 0; i < hands.length; i++) {
            hands[i] = evening.kitchen().handsAt(from + i * CELL_MIN);
        }
        this.platingMin = new double[courses.size()];
        for (int c = 0; c < platingMin.length; c++) {
            platingMin[c] = evening.platingMin(c);
        }
        List<EveningOven> all = evening.kitchen().ovens();
        this.hotC = new double[all.size()];
        this.shelves = new int[all.size()];
        for (int i = 0; i < hotC.length; i++) {
            ovens.put(all.get(i).key(), i);
            shelves[i] = all.get(i).shelves();
            hotC[i] = facts.hotC().getOrDefault(all.get(i).key(), Temperature.ROOM_C);
        }
    }

    /** The same evening in another kitchen; what its dishes take is as before. */
    Problem in(Evening other) {
        return new Problem(other, tables, facts, kept);
    }

    /** The same evening in another kitchen, where more is known of what dishes take. */
    Problem in(Evening other, DialTables more) {
        return new Problem(other, more, facts, kept);
    }

    /** The same as if it were so many minutes sooner. */
    Problem sooner(double minutes) {
        return new Problem(
                evening,
                tables,
                new Facts(
                        facts.nowMin() - minutes,
                        facts.baked(),
                        facts.done(),
                        facts.skipped(),
                        facts.begun(),
                        facts.pinned(),
                        facts.hotC()),
                kept);
    }

    /** What it costs that a dish goes in at another moment than so far, elsewhere, or at another dial. */
    double movedHarm(String dish, double inMin, Decision decision) {
        Kept was = kept.get(dish);
        if (was == null) {
            return 0;
        }
        double harm = Math.min(MOST_MOVED, MOVED * Math.abs(inMin - was.inMin()));
        if (oven(was.oven()) != decision.oven()) {
            return harm + OTHER_OVEN;
        }
        return harm + (was.dialC() == decision.dialC() ? 0 : OTHER_DIAL);
    }

    Evening evening() {
        return evening;
    }

    DialTables tables() {
        return tables;
    }

    Facts facts() {
        return facts;
    }

    List<Chain> chains() {
        return chains;
    }

    /** How many pairs of hands there are in each cell of the clock. */
    int[] hands() {
        return hands;
    }

    /** What an oven is at now, °C. */
    double hotC(int oven) {
        return hotC[oven];
    }

    /** How many shelves each oven has. */
    int[] shelves() {
        return shelves;
    }

    double platingMin(int course) {
        return platingMin[course];
    }

    /** When a course is meant to be plated, minutes: a little sooner than it must be. */
    double platedFrom(int course) {
        return lastPlatedFrom(course) - PLATING_SPARE_MIN;
    }

    /** When a course is plated at the latest to be served in time, minutes. */
    double lastPlatedFrom(int course) {
        return evening.coursesMin().get(course) - platingMin[course];
    }

    int oven(String key) {
        return ovens.getOrDefault(key, Decision.NO_OVEN);
    }

    /** The cell in which a minute lies; below 0 before the clock begins. */
    int cell(double minute) {
        return (int) Math.floor((minute - from) / CELL_MIN + 1e-9);
    }

    double minute(int cell) {
        return from + cell * CELL_MIN;
    }

    /** Whether anything of a chain is still to be decided. */
    boolean open(Chain chain) {
        return chain.heat() != Chain.Heat.NONE && !facts.baked().containsKey(chain.key());
    }
}
