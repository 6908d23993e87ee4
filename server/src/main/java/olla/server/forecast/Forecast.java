package olla.server.forecast;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import olla.core.probe.ProbeJudge.JudgedReading;
import olla.core.uncertainty.Assessment;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Ensemble;
import olla.core.uncertainty.OvenEvidence;

/**
 * What is believed of a running bake after all that was observed.
 *
 * @param window when it is done
 * @param look the last look's verdict; empty where nobody has looked
 * @param judged the probe's readings with what they are worth
 * @param ensemble the members behind it; empty where nothing was observed and the ticket stands
 * @param tells what it has told of its oven
 * @param told what the others in that oven have told of it
 * @param behind whether more was observed since, and is being worked out
 */
public record Forecast(
        CheckWindow window,
        Optional<Look> look,
        List<JudgedReading> judged,
        Optional<Ensemble> ensemble,
        OvenEvidence tells,
        OvenEvidence told,
        boolean behind) {

    /**
     * A look and what came of it.
     *
     * @param assessment how it stood then, by all that is known now
     * @param widthBeforeMin how wide the window was before it, minutes
     * @param widthAfterMin and after
     * @param early whether it was before the window's likely moment
     */
    public record Look(Assessment assessment, double widthBeforeMin, double widthAfterMin, boolean early) {}

    /** What the ticket said, before anything was observed. */
    static Forecast ticket(CheckWindow window) {
        return new Forecast(
                window, Optional.empty(), List.of(), Optional.empty(), OvenEvidence.NONE, OvenEvidence.NONE, false);
    }

    /** The same, while more is being worked out. */
    Forecast whileMoreIsWorkedOut() {
        return new Forecast(window, look, judged, ensemble, tells, told, true);
    }

    /** Since when a look says that it is done. */
    public OptionalDouble takeOutMin() {
        return look.filter(l -> l.assessment().advice() != Assessment.Advice.GIVE_IT).stream()
                .mapToDouble(l -> l.assessment().minute())
                .findFirst();
    }
}
