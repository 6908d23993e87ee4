package olla.server.bakes;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.estimate.CheckWindow;
import olla.core.estimate.Ensemble;
import olla.core.estimate.Standing;
import olla.core.probe.ProbeJudge.Judged;

/**
 * What is believed of a running bake after all that was observed.
 *
 * @param window when it is done
 * @param look the last look's verdict; empty where nobody has looked
 * @param judged the probe's readings with what they are worth
 * @param ensemble the members behind it; empty where nothing was observed and the ticket stands
 * @param behind whether more was observed since, and is being worked out
 */
record Outlook(
        CheckWindow window, Optional<Look> look, List<Judged> judged, Optional<Ensemble> ensemble, boolean behind) {

    /**
     * A look and what came of it.
     *
     * @param standing how it stood then, by all that is known now
     * @param widthBeforeMin how wide the window was before it, minutes
     * @param widthAfterMin and after
     * @param early whether it was before the window's likely moment
     */
    record Look(Standing standing, double widthBeforeMin, double widthAfterMin, boolean early) {}

    /** What the ticket said, before anything was observed. */
    static Outlook ticket(CheckWindow window) {
        return new Outlook(window, Optional.empty(), List.of(), Optional.empty(), false);
    }

    /** The same, while more is being worked out. */
    Outlook whileMoreIsWorkedOut() {
        return new Outlook(window, look, judged, ensemble, true);
    }

    /** Since when a look says that it is done. */
    OptionalDouble takeOutMin() {
        return look.filter(l -> l.standing().advice() != Standing.Advice.GIVE_IT).stream()
                .mapToDouble(l -> l.standing().minute())
                .findFirst();
    }
}
