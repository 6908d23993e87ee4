package olla.server.bakes;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import olla.core.estimate.Observation;
import olla.core.oven.OvenCourse;
import olla.core.oven.OvenEvent;

/** What a bake's taps come to. Minutes count from when it went in. */
record Story(Instant startedAt, Instant outAt, List<Tap> taps) {

    double minute(Instant at) {
        return Duration.between(startedAt, at).toMillis() / 60_000.0;
    }

    Instant at(double minute) {
        return startedAt.plusMillis(Math.round(minute * 60_000));
    }

    private Optional<Tap> last(Predicate<TapKind> kinds) {
        return taps.stream().filter(t -> kinds.test(t.kind())).reduce((a, b) -> b);
    }

    Optional<Tap> last(TapKind kind) {
        return last(k -> k == kind);
    }

    /** Whether it stands outside. */
    boolean held() {
        return last(k -> k == TapKind.HELD || k == TapKind.IN)
                .filter(t -> t.kind() == TapKind.HELD)
                .isPresent();
    }

    OptionalDouble outMin() {
        return outAt == null ? OptionalDouble.empty() : OptionalDouble.of(minute(outAt));
    }

    OptionalDouble crackedMin() {
        return last(TapKind.CRACKED).stream().mapToDouble(t -> minute(t.at())).findFirst();
    }

    /** What became of the leftovers. */
    Optional<Tap> cleared() {
        return last(TapKind::clears);
    }

    /** What happened to the oven. */
    OvenCourse course() {
        List<OvenEvent> events = new ArrayList<>();
        for (Tap tap : taps) {
            double minute = Math.max(0, minute(tap.at()));
            switch (tap.kind()) {
                case NOT_HOT -> events.add(new OvenEvent.NotHot(tap.celsius()));
                case DOOR -> events.add(new OvenEvent.DoorOpened(minute, tap.number()));
                case DIAL -> events.add(new OvenEvent.DialTurned(minute, tap.celsius()));
                default -> {}
            }
        }
        return events.isEmpty() ? OvenCourse.NONE : new OvenCourse(events);
    }

    /** What was done by hand: by place in the programme, the minute. */
    Map<Integer, Double> stepsDone() {
        Map<Integer, Double> done = new HashMap<>();
        taps.stream().filter(t -> t.kind() == TapKind.STEP).forEach(t -> done.putIfAbsent(t.number(), minute(t.at())));
        return done;
    }

    /** What was seen, felt or read in the oven, in order; readings out of it are of the peak. */
    List<Timed> seen() {
        List<Timed> seen = new ArrayList<>();
        for (Tap tap : taps) {
            double minute = Math.max(0, minute(tap.at()));
            if (tap.kind() == TapKind.CUE) {
                seen.add(new Timed(minute, new Observation.Seen(minute, tap.cue())));
            } else if (tap.kind() == TapKind.READ && (outAt == null || tap.at().isBefore(outAt))) {
                seen.add(new Timed(minute, new Observation.Probe(minute, tap.celsius())));
            }
        }
        return seen;
    }

    /** Something observed, and when. */
    record Timed(double minute, Observation observation) {}
}
