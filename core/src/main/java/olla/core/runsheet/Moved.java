package olla.core.runsheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import olla.core.messages.Message;
import olla.core.messages.Quantity;

/**
 * A step that is at another moment than before.
 *
 * @param step its key
 * @param say what moved, and by how much
 * @param byMin how much later, minutes; below 0 for sooner
 */
public record Moved(String step, Message say, double byMin) {

    /* Nobody notices less, minutes. */
    private static final double NOTICED_MIN = 1;

    /** What moved, the furthest first; what follows from it by itself (that a dish cooks, rests) is not told. */
    static List<Moved> between(RunSheet before, RunSheet after) {
        List<Moved> moved = new ArrayList<>();
        for (SheetStep step : after.steps()) {
            Optional<SheetStep> was = before.step(step.key());
            if (was.isEmpty() || !step.kind().attended() && step.kind() != Kind.PREHEAT) {
                continue;
            }
            double by = step.fromMin() - was.get().fromMin();
            if (Math.abs(by) >= NOTICED_MIN) {
                moved.add(new Moved(
                        step.key(),
                        Message.of(
                                by > 0 ? "sheet.moved.later" : "sheet.moved.sooner",
                                "step",
                                step.say(),
                                "minutes",
                                Quantity.minutes(Math.round(Math.abs(by)))),
                        by));
            }
        }
        moved.sort(Comparator.comparingDouble((Moved m) -> Math.abs(m.byMin())).reversed());
        return List.copyOf(moved);
    }
}
