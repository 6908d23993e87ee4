package olla.core.plan;

import java.util.ArrayList;
import java.util.List;
import olla.core.oven.Programme;
import olla.core.oven.Stage;
import olla.core.units.Said;

/**
 * Something to be done by hand while a dish is in the oven.
 *
 * @param index its place in the programme
 * @param minute when, since the first thing went in
 * @param say what, as spoken
 * @param hint how
 */
record HandStep(int index, double minute, String say, String hint) {

    private static final String QUICK = "Be quick; tap when it is done and the door is shut.";

    /**
     * The steps of a programme on the clock.
     *
     * @param likelyMin the whole bake, minutes: what is open is stretched to it
     */
    static List<HandStep> of(Programme programme, double likelyMin) {
        Programme open = programme.opened();
        List<Stage> stages =
                open.closed(Math.max(0, likelyMin - open.fixedMinutes())).stages();
        int tail = lastBake(stages);
        List<HandStep> steps = new ArrayList<>();
        double at = 0;
        double dial = Double.NaN;
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            if (stage instanceof Stage.Add add) {
                steps.add(added(i, at, add.what(), raised(stages, i, dial)));
            } else if (stage instanceof Stage.Turn) {
                steps.add(new HandStep(i, at, "Turn it over", QUICK));
            } else if (stage instanceof Stage.Bake bake) {
                boolean toldAlready = i > 0 && stages.get(i - 1) instanceof Stage.Add;
                if (!Double.isNaN(dial) && bake.tempC() != dial && !toldAlready) {
                    steps.add(
                            new HandStep(i, at, "Set the oven to " + Said.dial(bake.tempC()), "Leave the door shut."));
                }
                dial = bake.tempC();
                at += bake.minutes().orElseThrow();
            } else if (stage instanceof Stage.Grill grill) {
                if (i < tail) {
                    steps.add(new HandStep(i, at, "Grill on now", "Stay with it. Tap when it is on."));
                }
                at += grill.minutes();
            }
        }
        return steps;
    }

    private static int lastBake(List<Stage> stages) {
        int last = stages.size() - 1;
        while (!(stages.get(last) instanceof Stage.Bake)) {
            last--;
        }
        return last;
    }

    private static HandStep added(int index, double minute, Stage.What what, String raised) {
        return switch (what) {
            case FISH -> new HandStep(index, minute, "The fish on now", "Onto the base, skin down. " + QUICK);
            case TOPPING -> new HandStep(index, minute, "Topping on", raised + QUICK);
            case GLAZE -> new HandStep(index, minute, "Glaze it again", "Brush it on thinly. " + QUICK);
            case SIDES -> new HandStep(index, minute, "Sides in", "Beside the fish. " + QUICK);
        };
    }

    private static String raised(List<Stage> stages, int index, double dial) {
        return stages.get(index + 1) instanceof Stage.Bake bake && bake.tempC() != dial
                ? "Then the oven to " + Said.dial(bake.tempC()) + ". "
                : "";
    }
}
