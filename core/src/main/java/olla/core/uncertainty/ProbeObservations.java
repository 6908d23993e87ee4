package olla.core.uncertainty;

import java.util.ArrayList;
import java.util.List;
import olla.core.probe.ProbeJudge.JudgedReading;
import olla.core.probe.Reading;

/** What of a probe's many readings is worth weighing members by: the believed ones, some way apart. */
public final class ProbeObservations {

    /** Readings closer together tell nothing new, minutes. */
    public static final double APART_MIN = 1;

    private ProbeObservations() {}

    /** The observations in a judged series of readings, in its order. */
    public static List<Observation.Tip> of(List<JudgedReading> judged) {
        List<Observation.Tip> tips = new ArrayList<>();
        List<Observation.Probe> earlier = new ArrayList<>();
        int place = 0;
        double last = Double.NEGATIVE_INFINITY;
        for (JudgedReading one : judged) {
            Reading reading = one.reading();
            if (!one.trust().believed() || reading.minute() - last < APART_MIN || reading.minute() < 0) {
                continue;
            }
            if (one.place() != place) {
                place = one.place();
                earlier.clear();
            }
            tips.add(new Observation.Tip(reading.minute(), reading.celsius(), earlier));
            earlier.add(new Observation.Probe(reading.minute(), reading.celsius()));
            last = reading.minute();
        }
        return tips;
    }
}
