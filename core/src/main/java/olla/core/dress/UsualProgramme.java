package olla.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
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
        OptionalDouble open = OptionalDouble.empty();
        if (dress instanceof TrayBake bake) {
            stages.add(new Bake(tempC, OptionalDouble.of(bake.headStartMinutes(tempC))));
            stages.add(new Add(What.FISH));
            stages.add(new Bake(tempC, open));
            if (!bake.sides().isEmpty()) {
                stages.add(new Add(What.SIDES));
                stages.add(new Bake(tempC, OptionalDouble.of(TrayBake.SIDES_MINUTES)));
            }
        } else if (dress instanceof Breaded) {
            stages.add(new Bake(tempC, open, 1));
            stages.add(new Turn());
            stages.add(new Bake(tempC, open, 1));
        } else if (dress instanceof OpenTray tray) {
            addOpen(stages, tray, oven, tempC);
        } else {
            stages.add(new Bake(tempC, open));
        }
        stages.add(new Rest(restMinutes));
        return new Programme(stages);
    }

    private static void addOpen(List<Stage> stages, OpenTray tray, OvenKind oven, double tempC) {
        OptionalDouble open = OptionalDouble.empty();
        boolean partWay = tray.goesOn(When.PART_WAY);
        boolean glazed = glazedAgain(tray);
        if (partWay) {
            stages.add(new Bake(tempC, open, 3));
            stages.add(new Add(What.TOPPING));
            stages.add(new Bake(Math.min(Programme.HOTTEST_C, tempC + RAISED_C), open, 2));
        } else if (glazed) {
            stages.add(new Bake(tempC, open, 2));
            stages.add(new Add(What.GLAZE));
            stages.add(new Bake(tempC, open, 1));
        } else {
            stages.add(new Bake(tempC, open));
        }
        if (tray.goesOn(When.AFTER)) {
            stages.add(new Add(What.TOPPING));
            stages.add(
                    oven.grills()
                            ? new Grill(GRILL_FRESH_MIN)
                            : new Bake(tempC, OptionalDouble.of(UNGRILLED_FRESH_MIN)));
        } else if (oven.grills() && !partWay && (glazed || tray.topped())) {
            stages.add(new Grill(glazed ? GRILL_GLAZE_MIN : GRILL_BAKED_MIN));
        }
    }

    /* Under something spread on it nobody glazes a second time. */
    private static boolean glazedAgain(Dress dress) {
        return dress instanceof OpenTray tray && tray.finish() == Finish.GLAZED && !tray.topped();
    }

    /** Notes what a dress cannot go through in an oven, with the reason. */
    public static void check(Dress dress, OvenKind oven, Programme programme, Refusals refusals) {
        if (programme.grills() && !oven.grills()) {
            refusals.add("programme", "refusal.no-grill");
        }
        if (programme.grills() && dress instanceof Parcel parcel && parcel.sheet() == Sheet.PARCHMENT) {
            refusals.add("programme", "refusal.grill-on-parchment");
        }
        if (programme.grills() && dress instanceof SaltCrust) {
            refusals.add("programme", "refusal.grill-on-salt");
        }
        int later = dress instanceof OpenTray tray ? tray.later().size() : 0;
        if (programme.additions(What.TOPPING) > later) {
            refusals.add("programme", "refusal.no-later-topping");
        }
        if (programme.additions(What.TOPPING) < later) {
            refusals.add("programme", "refusal.topping-missing");
        }
        if (programme.fishJoins() != dress instanceof TrayBake) {
            refusals.add(
                    "programme", dress instanceof TrayBake ? "refusal.fish-missing" : "refusal.fish-joins-trays-only");
        }
        if (programme.additions(What.GLAZE) > 0 && !glazedAgain(dress)) {
            refusals.add("programme", "refusal.no-glaze");
        }
        if (programme.turns() && !(dress instanceof Breaded || dress instanceof OpenTray tray && tray.turns())) {
            refusals.add("programme", "refusal.not-turned");
        }
    }
}
