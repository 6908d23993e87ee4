package olla.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import olla.core.dress.Topping.When;
import olla.core.messages.Refusals;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.oven.Stage.Add;
import olla.core.oven.Stage.Bake;
import olla.core.oven.Stage.Grill;
import olla.core.oven.Stage.Rest;
import olla.core.oven.Stage.Turn;
import olla.core.oven.Stage.Uncover;
import olla.core.oven.Stage.What;

/** Which programme a dress usually goes through, and which ones it cannot (common practice, no source). */
public final class UsualProgramme {

    /* The heat is raised by this to finish crumbs that went on part-way, °C. */
    private static final double RAISED_C = 20;

    /** Never shorter under a grill, minutes (common practice, no source). */
    public static final double SHORTEST_GRILL_MIN = 1;

    /** Never longer under a grill, minutes (common practice, no source). */
    public static final double LONGEST_GRILL_MIN = 5;

    /* Grill over a topping that was baked, and over one that was not, minutes. */
    private static final double GRILL_BAKED_MIN = 3;
    public static final double GRILL_FRESH_MIN = 2;
    private static final double GRILL_GLAZE_MIN = 1;
    private static final double UNGRILLED_FRESH_MIN = 4;

    private UsualProgramme() {}

    /**
     * The usual programme with one length to be solved, in an oven that has a grill.
     *
     * @param tempC the dial, °C
     * @param restMinutes out of the oven, minutes
     */
    public static Programme programme(Dress dress, double tempC, double restMinutes) {
        return programme(dress, OvenKind.STILL, tempC, restMinutes);
    }

    /**
     * The usual programme with one length to be solved. Where there is no grill, its heat from all round colours a topping;
     * one that goes on at the end has a few minutes of it.
     *
     * @param tempC the dial, °C
     * @param restMinutes out of the oven, minutes
     */
    public static Programme programme(Dress dress, OvenKind oven, double tempC, double restMinutes) {
        List<Stage> stages = new ArrayList<>();
        if (dress.fishJoins()) {
            double headStart = Math.max(Programme.LEAST_MINUTES, dress.bed().headStartMinutes(tempC));
            stages.add(new Bake(tempC, OptionalDouble.of(headStart)));
            stages.add(new Add(What.FISH));
        }
        untilDone(stages, dress, tempC);
        List<Double> starts = dress.sideStarts();
        for (int i = 0; i < starts.size(); i++) {
            double next = i + 1 < starts.size() ? starts.get(i + 1) : 0;
            stages.add(new Add(What.SIDES));
            stages.add(new Bake(tempC, OptionalDouble.of(Math.max(Programme.LEAST_MINUTES, starts.get(i) - next))));
        }
        colour(stages, dress, oven, tempC);
        stages.add(new Rest(restMinutes));
        return new Programme(stages);
    }

    private static void untilDone(List<Stage> stages, Dress dress, double tempC) {
        OptionalDouble open = OptionalDouble.empty();
        if (dress.goesOn(When.PART_WAY)) {
            stages.add(new Bake(tempC, open, 3));
            if (dress.opened()) {
                stages.add(new Uncover());
            }
            stages.add(new Add(What.TOPPING));
            stages.add(new Bake(Math.min(Programme.HOTTEST_C, tempC + RAISED_C), open, 2));
        } else if (dress.glazed()) {
            stages.add(new Bake(tempC, open, 2));
            stages.add(new Add(What.GLAZE));
            stages.add(new Bake(tempC, open, 1));
        } else if (dress.coat().isPresent() && dress.turns()) {
            stages.add(new Bake(tempC, open, 1));
            stages.add(new Turn());
            stages.add(new Bake(tempC, open, 1));
        } else {
            stages.add(new Bake(tempC, open));
        }
    }

    private static void colour(List<Stage> stages, Dress dress, OvenKind oven, double tempC) {
        boolean partWay = dress.goesOn(When.PART_WAY);
        boolean grill = oven.grills() && grills(dress);
        if (dress.opened() && !partWay) {
            stages.add(new Uncover());
        }
        if (dress.goesOn(When.AFTER)) {
            stages.add(new Add(What.TOPPING));
            stages.add(grill ? new Grill(GRILL_FRESH_MIN) : uncovered(tempC));
        } else if (dress.opened() && !partWay) {
            stages.add(grill ? new Grill(GRILL_BAKED_MIN) : uncovered(tempC));
        } else if (grill && !partWay && dress.closed().isEmpty() && (dress.glazed() || dress.topped())) {
            stages.add(new Grill(dress.glazed() ? GRILL_GLAZE_MIN : GRILL_BAKED_MIN));
        }
    }

    /* Heat from all round does in a few minutes what a grill does sooner. */
    private static Bake uncovered(double tempC) {
        return new Bake(tempC, OptionalDouble.of(UNGRILLED_FRESH_MIN));
    }

    /** Whether it may go under a grill: parchment burns, and salt only darkens. */
    static boolean grills(Dress dress) {
        return !underParchment(dress) && dress.salt().isEmpty();
    }

    private static boolean underParchment(Dress dress) {
        return parchment(dress) || dress.closedBy(Sheet.PARCHMENT) && !dress.opened();
    }

    private static boolean parchment(Dress dress) {
        return dress.parcel().filter(p -> p.of() == Sheet.PARCHMENT).isPresent();
    }

    /** Notes what a dress cannot go through in an oven, with the reason. */
    public static void check(Dress dress, OvenKind oven, Programme programme, Refusals refusals) {
        if (programme.grills() && !oven.grills()) {
            refusals.add("programme", "refusal.no-grill");
        }
        if (programme.grills() && underParchment(dress)) {
            refusals.add("programme", "refusal.grill-on-parchment");
        }
        if (programme.grills() && dress.salt().isPresent()) {
            refusals.add("programme", "refusal.grill-on-salt");
        }
        if (programme.hob() && !dress.vessel().ware().onTheHob()) {
            refusals.add("programme", "refusal.not-on-the-hob");
        }
        toppings(dress, programme, refusals);
        if (programme.fishJoins() != dress.fishJoins()) {
            refusals.add("programme", dress.fishJoins() ? "refusal.fish-missing" : "refusal.fish-joins-trays-only");
        }
        if (programme.uncovers() != (dress.opened() ? 1 : 0)) {
            refusals.add("programme", dress.opened() ? "refusal.opening-missing" : "refusal.nothing-to-open");
        }
        if (programme.additions(What.GLAZE) > 0 && !dress.glazed()) {
            refusals.add("programme", "refusal.no-glaze");
        }
        if (programme.turns() && !dress.turns()) {
            refusals.add("programme", "refusal.not-turned");
        }
    }

    private static void toppings(Dress dress, Programme programme, Refusals refusals) {
        int later = dress.later().size();
        if (programme.additions(What.TOPPING) > later) {
            refusals.add("programme", "refusal.no-later-topping");
        }
        if (programme.additions(What.TOPPING) < later) {
            refusals.add("programme", "refusal.topping-missing");
        }
        List<Stage> stages = programme.stages();
        int opened = first(stages, s -> s instanceof Uncover);
        int topped = first(stages, s -> s instanceof Add add && add.what() == What.TOPPING);
        if (dress.closed().isPresent() && topped >= 0 && topped < opened) {
            refusals.add("programme", "refusal.shut-over-topping");
        }
    }

    private static int first(List<Stage> stages, Predicate<Stage> is) {
        return IntStream.range(0, stages.size())
                .filter(i -> is.test(stages.get(i)))
                .findFirst()
                .orElse(-1);
    }
}
