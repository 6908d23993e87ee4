package olla.server.bakes.rows;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import olla.core.doneness.Doneness;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.uncertainty.Observation;

/**
 * What a bake's taps come to, told from the first one on. Minutes count from when it went in, and none is below 0 however
 * clocks were set. The bake's own columns hold a copy of what is told here, for looking it up.
 */
public final class BakeTimeline {

    /** It stood outside from one moment to another, and went back in. */
    private record Away(Instant from, Instant until) {}

    /**
     * The oven's door stood open.
     *
     * @param seconds for how long
     */
    public record Opening(Instant at, double seconds) {}

    /* What is done at an oven within this is done with its door open once. */
    private static final Duration ONE_OPENING = Duration.ofMinutes(1);

    /** Something observed, and when. */
    public record Timed(double minute, Observation observation) {}

    private final List<Tap> taps;
    private final Instant startedAt;
    private final Instant outAt;
    private final List<Away> aways = new ArrayList<>();
    private final List<Opening> others;

    /** With nothing else in that oven. */
    public BakeTimeline(Instant putAt, List<Tap> taps) {
        this(putAt, taps, List.of());
    }

    /**
     * @param putAt when it was first put in
     * @param taps those that were not undone, in order
     * @param others when the oven was opened for what else is in it
     */
    public BakeTimeline(Instant putAt, List<Tap> taps, List<Opening> others) {
        this.taps = List.copyOf(taps);
        this.others = List.copyOf(others);
        startedAt = last(TapKind.IN).map(Tap::at).orElse(putAt);
        Instant out = null;
        for (Tap tap : taps) {
            Instant at = tap.at().isBefore(startedAt) ? startedAt : tap.at();
            if (tap.kind() == TapKind.OUT && out == null) {
                out = at;
            } else if (tap.kind() == TapKind.BACK && out != null) {
                aways.add(new Away(out, at));
                out = null;
            }
        }
        outAt = out;
    }

    public List<Tap> taps() {
        return taps;
    }

    /** When it went in. */
    public Instant startedAt() {
        return startedAt;
    }

    /** When it came out for good; null while it is in. */
    public Instant outAt() {
        return outAt;
    }

    /** When it last went in or back in. */
    public Instant inSince() {
        return aways.isEmpty() ? startedAt : aways.get(aways.size() - 1).until();
    }

    public double minute(Instant at) {
        return Math.max(0, Duration.between(startedAt, at).toMillis() / 60_000.0);
    }

    private Optional<Tap> last(Predicate<TapKind> kinds) {
        return taps.stream().filter(t -> kinds.test(t.kind())).reduce((a, b) -> b);
    }

    public Optional<Tap> last(TapKind kind) {
        return last(k -> k == kind);
    }

    /** Whether it stands outside until the oven is hot. */
    public boolean held() {
        return last(k -> k == TapKind.HELD || k == TapKind.IN)
                .filter(t -> t.kind() == TapKind.HELD)
                .isPresent();
    }

    /** The target that was found good enough; empty where it is still the first one. */
    public Optional<Doneness> target() {
        return last(TapKind.TARGET).map(Tap::doneness);
    }

    public OptionalDouble outMin() {
        return outAt == null ? OptionalDouble.empty() : OptionalDouble.of(minute(outAt));
    }

    public OptionalDouble crackedMin() {
        return taps.stream()
                .filter(t -> t.kind() == TapKind.CRACKED && !isBefore(t.at(), outAt))
                .mapToDouble(t -> minute(t.at()))
                .findFirst();
    }

    private static boolean isBefore(Instant at, Instant out) {
        return out == null || at.isBefore(out);
    }

    /** Pieces that came out while the rest went on, the first first. */
    public List<Tap> someOut() {
        return taps.stream().filter(t -> t.kind() == TapKind.SOME_OUT).toList();
    }

    /** What became of the leftovers. */
    public Optional<Tap> cleared() {
        return last(TapKind::clears);
    }

    /** When the last of what clears a bake off the screens was said; null where nothing was. */
    public Instant clearedAt() {
        return last(k -> k.clears() || k == TapKind.FORGOTTEN).map(Tap::at).orElse(null);
    }

    /** What happened to the oven. */
    public OvenEvents events() {
        List<OvenEvent> events = new ArrayList<>();
        for (Tap tap : taps) {
            double minute = minute(tap.at());
            switch (tap.kind()) {
                case NOT_HOT -> events.add(new OvenEvent.NotHot(tap.celsius()));
                case DIAL -> events.add(new OvenEvent.DialTurned(minute, tap.celsius()));
                default -> {}
            }
        }
        for (Opening door : doors()) {
            events.add(new OvenEvent.DoorOpened(minute(door.at()), door.seconds()));
        }
        aways.forEach(a -> events.add(new OvenEvent.Outside(minute(a.from()), minute(a.until()))));
        return events.isEmpty() ? OvenEvents.NONE : new OvenEvents(events);
    }

    /** When it was put in, looked at, and taken out: whatever else is in that oven felt it. */
    public List<Opening> openings() {
        if (held()) {
            return List.of();
        }
        List<Opening> openings = new ArrayList<>(inside());
        openings.add(new Opening(startedAt, OvenEvent.DoorOpened.TAKING_OUT_S));
        for (Away away : aways) {
            openings.add(new Opening(away.from(), OvenEvent.DoorOpened.TAKING_OUT_S));
            openings.add(new Opening(away.until(), OvenEvent.DoorOpened.TAKING_OUT_S));
        }
        if (outAt != null) {
            openings.add(new Opening(outAt, OvenEvent.DoorOpened.TAKING_OUT_S));
        }
        return openings;
    }

    /* For itself, while it was in. */
    private List<Opening> inside() {
        List<Opening> openings = new ArrayList<>();
        for (Tap tap : taps) {
            if (tap.at().isBefore(startedAt) || !isBefore(tap.at(), outAt)) {
                continue;
            }
            if (tap.kind() == TapKind.DOOR) {
                openings.add(new Opening(tap.at(), tap.number()));
            } else if (tap.kind() == TapKind.SOME_OUT) {
                openings.add(new Opening(tap.at(), OvenEvent.DoorOpened.TAKING_OUT_S));
            } else if (tap.kind() == TapKind.CUE || tap.kind() == TapKind.READ) {
                openings.add(new Opening(tap.at(), OvenEvent.DoorOpened.LOOKING_S));
            }
        }
        return openings;
    }

    /* Those that it felt, each once: what somebody has said of a door counts before what is taken for granted. */
    private List<Opening> doors() {
        List<Opening> all = new ArrayList<>(inside());
        others.stream()
                .filter(o -> o.at().isAfter(startedAt.plus(ONE_OPENING)) && isBefore(o.at(), outAt))
                .forEach(all::add);
        all.sort(Comparator.comparing(Opening::at));
        List<Opening> once = new ArrayList<>();
        for (Opening door : all) {
            Opening last = once.isEmpty() ? null : once.get(once.size() - 1);
            if (last == null || door.at().isAfter(last.at().plus(ONE_OPENING))) {
                once.add(door);
            } else if (door.seconds() > last.seconds()) {
                once.set(once.size() - 1, new Opening(last.at(), door.seconds()));
            }
        }
        return once;
    }

    /** What was done by hand: by place in the programme, the minute. */
    public Map<Integer, Double> stepsDone() {
        Map<Integer, Double> done = new HashMap<>();
        taps.stream().filter(t -> t.kind() == TapKind.STEP).forEach(t -> done.putIfAbsent(t.number(), minute(t.at())));
        return done;
    }

    /** What was seen, felt or read before it came out for good, in order; what is read after that is of the peak. */
    public List<Timed> seen() {
        return looks(at -> outAt == null || at.isBefore(outAt));
    }

    /** What was seen or read after it came out for good, in order. */
    public List<Observation.InOven> seenOutside() {
        return looks(at -> outAt != null && !at.isBefore(outAt)).stream()
                .map(t -> (Observation.InOven) t.observation())
                .toList();
    }

    private List<Timed> looks(Predicate<Instant> when) {
        List<Timed> seen = new ArrayList<>();
        for (Tap tap : taps) {
            if (!when.test(tap.at())) {
                continue;
            }
            double minute = minute(tap.at());
            if (tap.cue() != null) {
                seen.add(new Timed(minute, new Observation.Seen(minute, tap.cue())));
            } else if (tap.kind() == TapKind.READ) {
                seen.add(new Timed(minute, Observation.Probe.tapped(minute, tap.celsius())));
            }
        }
        return seen;
    }

    /** When what the oven's thermometer seemed to tell was said not to be so, minutes. */
    public List<Double> notSo() {
        return taps.stream()
                .filter(t -> t.kind() == TapKind.NOT_SO)
                .map(t -> minute(t.at()))
                .toList();
    }
}
