package olla.core.probe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.Programme;
import olla.core.units.Temperature;

/**
 * What a thermometer that hangs in an oven tells of it. Putting a dish in opens the door and cools the air, thermostats
 * swing, doors are opened again: only a steady stretch tells where the oven stands against its dial.
 */
public final class OvenThermometer {

    /* A thermostat swings by about so much round its dial, and no oven is called cold within it, °C (from memory). */
    private static final double SWING_C = 15;

    /* No reading of a steady stretch is further from its mean, °C: a swing and a sensor that is slow (from memory). */
    private static final double STEADY_WITHIN_C = 18;

    /* Air that moves by no more than this stands still, and its thirds agree: what is left of a dip does not, °C. */
    private static final double STILL_C = 5;
    private static final double STILL_THIRDS_C = 1.2;

    /* Air that swings has thirds that agree to within this, and cycles to within that, °C; one cycle alone will do once
    whatever putting it in did is over for sure, minutes. */
    private static final double THIRDS_AGREE_C = 6;
    private static final double CYCLES_AGREE_C = 2;
    private static final double RECOVERED_MIN = 9;

    /* How long a stretch has to be steady, minutes: about one swing of a slow thermostat (from memory: 4 to 10). */
    private static final double[] STRETCHES_MIN = {6, 8, 10, 13, 17, 22};

    /* A thermometer that speaks more seldom than so many times in a stretch tells too little. */
    private static final int FEWEST_READINGS = 6;

    /* An opened door takes so much from the air, °C, within so long, minutes, and gives half of it back within so long. */
    private static final double DOOR_DROP_C = 22;
    private static final double DOOR_DROPS_MIN = 1.5;
    private static final double DOOR_MENDS_MIN = 5;

    /* What was said within this of a proposal explains it, minutes. */
    private static final double SAME_MIN = 2.5;

    /* The door that the dish went in by is no news, minutes. */
    private static final double LOADING_MIN = 3;

    /* The oven stands at least so far from where it stood, °C, for at least so long, minutes, before a dial is asked about. */
    private static final double TURNED_C = 20;
    private static final double TURNED_MIN = 5;

    /* A dial is named in steps of this, °C. */
    private static final double DIAL_STEP_C = 5;

    private OvenThermometer() {}

    /**
     * How far an oven is from its dial.
     *
     * @param minute by when that was known, since the dish went in
     * @param celsius air less dial, °C
     */
    public record Offset(double minute, double celsius) {}

    /** What may have happened. */
    public enum Kind {
        DOOR,
        DIAL
    }

    /**
     * Something that the air did and nobody has told.
     *
     * @param minute when, since the dish went in
     * @param seconds DOOR: for about how long
     * @param dialC DIAL: to about what, °C
     */
    public record Suspicion(Kind kind, double minute, double seconds, double dialC) {}

    /** A stretch without a trend: when it began and ended, minutes, and its mean, °C. */
    private record Steady(double from, double to, double meanC) {}

    /**
     * What the first steady stretch says; empty while there is none, however long that takes.
     *
     * @param readings in order of their minutes
     * @param events what is known to have happened
     * @param plannedC the dial as it was planned, °C
     * @param untilMin readings from here on are of something else: a grill, an oven without the dish
     */
    public static Optional<Offset> offset(List<Reading> readings, OvenEvents events, double plannedC, double untilMin) {
        return steady(readings, 0, events, plannedC, untilMin)
                .map(s -> new Offset(s.to(), s.meanC() - events.dialC(plannedC, s.from())));
    }

    private static Optional<Steady> steady(
            List<Reading> readings, double fromMin, OvenEvents events, double plannedC, double untilMin) {
        for (int end = 0; end < readings.size() && readings.get(end).minute() < untilMin; end++) {
            double to = readings.get(end).minute();
            for (double length : STRETCHES_MIN) {
                double from = to - length;
                if (from >= fromMin && untouched(events, plannedC, from, to)) {
                    Optional<Steady> found = steady(readings, end, from);
                    if (found.isPresent()) {
                        return found;
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static boolean untouched(OvenEvents events, double plannedC, double from, double to) {
        return events.dialC(plannedC, from) == events.dialC(plannedC, to)
                && !events.outside(from)
                && !events.outside(to);
    }

    /* Whether the readings from a minute to the last one have no trend: either they hardly move, or they have swung through
    a whole cycle at least, of which the mean is taken. */
    private static Optional<Steady> steady(List<Reading> readings, int end, double from) {
        int first = end;
        while (first > 0 && readings.get(first - 1).minute() >= from - 1e-9) {
            first--;
        }
        List<Reading> stretch = readings.subList(first, end + 1);
        if (stretch.size() < FEWEST_READINGS) {
            return Optional.empty();
        }
        double to = readings.get(end).minute();
        double mean = mean(stretch);
        double low = stretch.stream().mapToDouble(Reading::celsius).min().orElseThrow();
        double high = stretch.stream().mapToDouble(Reading::celsius).max().orElseThrow();
        if (high - mean > STEADY_WITHIN_C || mean - low > STEADY_WITHIN_C) {
            return Optional.empty();
        }
        double apart = thirdsApart(stretch, from, to);
        if (high - low <= STILL_C) {
            return apart <= STILL_THIRDS_C ? Optional.of(new Steady(from, to, mean)) : Optional.empty();
        }
        List<Integer> turns = risings(stretch, mean, (high - low) / 4);
        int cycles = turns.size() - 1;
        if (cycles < 1 || apart > THIRDS_AGREE_C) {
            return Optional.empty();
        }
        double last = mean(stretch.subList(turns.get(cycles - 1), turns.get(cycles)));
        boolean repeats = cycles >= 2
                && Math.abs(last - mean(stretch.subList(turns.get(cycles - 2), turns.get(cycles - 1))))
                        <= CYCLES_AGREE_C;
        return repeats || cycles == 1 && from >= RECOVERED_MIN
                ? Optional.of(new Steady(from, to, last))
                : Optional.empty();
    }

    private static double mean(List<Reading> readings) {
        return readings.stream().mapToDouble(Reading::celsius).average().orElseThrow();
    }

    private static double thirdsApart(List<Reading> stretch, double from, double to) {
        double warmest = Double.NEGATIVE_INFINITY;
        double coldest = Double.POSITIVE_INFINITY;
        for (int third = 0; third < 3; third++) {
            double begins = from + third * (to - from) / 3;
            double ends = from + (third + 1) * (to - from) / 3;
            double mean = stretch.stream()
                    .filter(r -> r.minute() >= begins - 1e-9 && r.minute() <= ends + 1e-9)
                    .mapToDouble(Reading::celsius)
                    .average()
                    .orElse(Double.NaN);
            warmest = Math.max(warmest, mean);
            coldest = Math.min(coldest, mean);
        }
        return Double.isNaN(warmest) ? Double.POSITIVE_INFINITY : warmest - coldest;
    }

    /* Where the air rises through its mean; it has to have been clearly below before it counts again. */
    private static List<Integer> risings(List<Reading> stretch, double mean, double clearly) {
        List<Integer> risings = new ArrayList<>();
        boolean below = false;
        for (int i = 0; i < stretch.size(); i++) {
            double off = stretch.get(i).celsius() - mean;
            if (off < -clearly) {
                below = true;
            } else if (below && off >= 0) {
                risings.add(i);
                below = false;
            }
        }
        return risings;
    }

    /**
     * Doors and dials that the air tells of and nobody has.
     *
     * @param readings in order of their minutes
     * @param events what is known to have happened
     * @param plannedC the dial as it was planned, °C
     * @param untilMin readings from here on are of something else: a grill, an oven without the dish
     */
    public static List<Suspicion> suspicions(
            List<Reading> readings, OvenEvents events, double plannedC, double untilMin) {
        List<Suspicion> found = new ArrayList<>();
        int i = 0;
        while (i < readings.size() && readings.get(i).minute() < untilMin) {
            Reading before = readings.get(i);
            int low = lowest(readings, i, before.minute() + DOOR_DROPS_MIN);
            double drop = before.celsius() - readings.get(low).celsius();
            if (drop >= DOOR_DROP_C && mends(readings, low, drop)) {
                // The last warm reading before the air fell.
                while (i + 1 < low && readings.get(i + 1).celsius() > before.celsius() - DOOR_DROP_C / 4) {
                    i++;
                }
                double minute = readings.get(i).minute();
                if (minute > LOADING_MIN && !told(events, minute)) {
                    double lost = drop / (events.dialC(plannedC, minute) - Temperature.ROOM_C);
                    found.add(new Suspicion(Kind.DOOR, minute, OvenEvents.openSeconds(lost), 0));
                }
                i = lowest(readings, low, readings.get(low).minute()) + 1;
                while (i < readings.size() && readings.get(i).celsius() < before.celsius() - drop / 4) {
                    i++;
                }
            } else {
                i++;
            }
        }
        dial(readings, events, plannedC, untilMin).ifPresent(found::add);
        return found;
    }

    private static int lowest(List<Reading> readings, int from, double untilMin) {
        int lowest = from;
        for (int i = from; i < readings.size() && readings.get(i).minute() <= untilMin; i++) {
            lowest = readings.get(i).celsius() < readings.get(lowest).celsius() ? i : lowest;
        }
        return lowest;
    }

    private static boolean mends(List<Reading> readings, int low, double drop) {
        Reading lowest = readings.get(low);
        for (int i = low; i < readings.size() && readings.get(i).minute() <= lowest.minute() + DOOR_MENDS_MIN; i++) {
            if (readings.get(i).celsius() >= lowest.celsius() + drop / 2) {
                return true;
            }
        }
        return false;
    }

    private static boolean told(OvenEvents events, double minute) {
        return events.events().stream()
                .anyMatch(e -> Math.abs(e.minute() - minute) <= SAME_MIN
                        || e instanceof OvenEvent.Outside out && Math.abs(out.untilMin() - minute) <= SAME_MIN);
    }

    /* Where the air has left a steady stretch for good and nobody has turned the dial by their word. */
    private static Optional<Suspicion> dial(
            List<Reading> readings, OvenEvents events, double plannedC, double untilMin) {
        Optional<Steady> was = steady(readings, 0, events, plannedC, untilMin);
        if (was.isEmpty()) {
            return Optional.empty();
        }
        double stood = was.get().meanC();
        Reading left = null;
        Reading last = null;
        for (Reading reading : readings) {
            if (reading.minute() <= was.get().to() || reading.minute() >= untilMin) {
                continue;
            }
            boolean away = Math.abs(reading.celsius() - stood) >= TURNED_C / 2;
            left = !away ? null : left == null ? reading : left;
            last = reading;
        }
        if (left == null || last.minute() - left.minute() < TURNED_MIN || told(events, left.minute())) {
            return Optional.empty();
        }
        double to = last.celsius() > stood
                ? last.celsius()
                : OvenEvents.coolingTo(left.celsius(), last.celsius(), last.minute() - left.minute());
        if (Math.abs(to - stood) < TURNED_C || last.celsius() > stood && !settled(readings, last)) {
            return Optional.empty();
        }
        double dial = events.dialC(plannedC, was.get().from()) + to - stood;
        double named = DIAL_STEP_C * Math.round(dial / DIAL_STEP_C);
        return Optional.of(new Suspicion(
                Kind.DIAL, left.minute(), 0, Math.max(Programme.COOLEST_C, Math.min(Programme.HOTTEST_C, named))));
    }

    /* Whether what rose has come to rest. */
    private static boolean settled(List<Reading> readings, Reading last) {
        return readings.stream()
                .filter(r -> r.minute() >= last.minute() - TURNED_MIN / 2)
                .allMatch(r -> Math.abs(r.celsius() - last.celsius()) < SWING_C);
    }

    /** How long until an oven has the heat of its dial, minutes; 0 where it has. */
    public static double hotInMin(double celsius, double dialC) {
        return celsius >= dialC - SWING_C ? 0 : OvenEvents.heatingMinutes(celsius, dialC);
    }
}
