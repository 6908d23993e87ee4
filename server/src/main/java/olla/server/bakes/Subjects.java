package olla.server.bakes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import olla.core.oven.Programme;
import olla.core.plan.BakeClock;
import olla.core.probe.OvenThermometer;
import olla.core.probe.Reading;
import olla.core.uncertainty.Observation;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeTimeline;
import olla.server.bakes.rows.BakeTimeline.Timed;
import olla.server.bakes.rows.StoredQuestions;
import olla.server.forecast.Forecasts.Subject;
import olla.server.probes.Channel;
import olla.server.probes.DeviceReading;
import olla.server.probes.ProbeUse;
import olla.server.probes.ProbeUseRepository;
import olla.server.probes.ReadingStore;
import olla.server.query.EstimateRequest;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/**
 * What a forecast follows from: a bake's taps, its probe, its oven's thermometer, and what was found tonight of whatever else has been
 * in that oven.
 */
@Component
class Subjects {

    /* A probe that is left in is of the dish until it has rested, however long it lies on the board. */
    private static final Duration RESTED = Duration.ofHours(1);

    private final Timelines timelines;
    private final ProbeUseRepository uses;
    private final ReadingStore readings;
    private final StoredQuestions questions;
    private final Clock clock;

    Subjects(
            Timelines timelines,
            ProbeUseRepository uses,
            ReadingStore readings,
            StoredQuestions questions,
            Clock clock) {
        this.timelines = timelines;
        this.uses = uses;
        this.readings = readings;
        this.questions = questions;
        this.clock = clock;
    }

    /** A bake with its rows. */
    record Rows(Bake bake, BakeTimeline timeline, Optional<ProbeUse> use) {}

    /**
     * A bake with all that was read of it.
     *
     * @param measured what its probe has said
     * @param airs what its oven's thermometer has said
     */
    record Told(Subject subject, List<DeviceReading> measured, List<DeviceReading> airs) {}

    /** What a bake's forecast follows from, what else is in its oven left aside. */
    Subject alone(Bake bake) {
        BakeTimeline timeline = timelines.of(List.of(bake)).get(bake.getId());
        return told(new Rows(bake, timeline, uses.findById(bake.getId()))).subject();
    }

    /** Bakes together with what else has been in their ovens; asks as little for many as for one. */
    Group group(List<Bake> bakes) {
        return new Group(bakes);
    }

    /** Bakes, and what else has been in their ovens tonight; what is read of one serves all. */
    final class Group {

        private final Map<UUID, Rows> rows = new LinkedHashMap<>();
        private final Map<UUID, Told> told = new HashMap<>();

        private Group(List<Bake> bakes) {
            Map<UUID, Bake> all = new LinkedHashMap<>();
            bakes.forEach(b -> all.put(b.getId(), b));
            timelines.beside(bakes).stream()
                    .sorted(Comparator.comparing(Bake::putAt).thenComparing(Bake::getId))
                    .forEach(b -> all.putIfAbsent(b.getId(), b));
            Map<UUID, BakeTimeline> lines = timelines.among(all);
            Map<UUID, ProbeUse> used = uses.findByBakeIdIn(List.copyOf(all.keySet())).stream()
                    .collect(Collectors.toMap(ProbeUse::bakeId, Function.identity()));
            all.forEach((id, bake) -> rows.put(id, new Rows(bake, lines.get(id), Optional.ofNullable(used.get(id)))));
        }

        /** The rows of one of them. */
        Rows rows(Bake bake) {
            return rows.get(bake.getId());
        }

        /** What the forecast of one of them follows from, with what the others tell of its oven. */
        Told told(Bake bake) {
            Told own = alone(rows(bake));
            List<Subject> others = rows.values().stream()
                    .filter(other -> tells(other.bake(), bake))
                    .flatMap(other -> readable(other).stream())
                    .filter(Subject::observed)
                    .toList();
            return new Told(own.subject().beside(others), own.measured(), own.airs());
        }

        private Told alone(Rows of) {
            return told.computeIfAbsent(of.bake().getId(), id -> Subjects.this.told(of));
        }

        /* One that cannot be read tells the others nothing. */
        private Optional<Subject> readable(Rows other) {
            try {
                return Optional.of(alone(other).subject());
            } catch (DataAccessException | TransactionException outOfReach) {
                throw outOfReach;
            } catch (RuntimeException broken) {
                return Optional.empty();
            }
        }
    }

    /* What was in the log already when a bake was put in has taught the oven by then. */
    private boolean tells(Bake other, Bake bake) {
        Instant until = bake.outAt() == null ? now() : bake.outAt();
        return !other.getId().equals(bake.getId())
                && other.oven().id().equals(bake.oven().id())
                && !other.putAt().isBefore(bake.putAt().minus(Timelines.LONGEST))
                && !other.putAt().isAfter(until)
                && (other.loggedAt() == null || other.loggedAt().isAfter(bake.putAt()));
    }

    /** The question a bake was put in with, to the target that was found good enough since. */
    EstimateRequest request(Bake bake, BakeTimeline timeline) {
        EstimateRequest asked = questions.asked(bake);
        return timeline.target().map(asked::to).orElse(asked);
    }

    private Told told(Rows rows) {
        BakeTimeline timeline = rows.timeline();
        EstimateRequest request = request(rows.bake(), timeline);
        List<DeviceReading> measured = measured(rows);
        List<DeviceReading> airs = airs(rows);
        Programme programme = questions.understood(request).programme();
        Subject subject = new Subject(
                rows.bake().getId(),
                rows.bake().revision(),
                request,
                rows.bake().predicted().window(),
                timeline.events(),
                timeline.seen(),
                readings(timeline, measured),
                rows.use().map(u -> timeline.minute(u.since())).orElse(0.0),
                timeline.outMin().orElse(Double.POSITIVE_INFINITY),
                air(rows, programme, airs),
                programme.tailMinutes(),
                grillOnMin(timeline, programme),
                List.of());
        return new Told(subject, measured, airs);
    }

    /** When the grill was tapped, minutes; infinite while it was not. */
    static double grillOnMin(BakeTimeline timeline, Programme programme) {
        return timeline.stepsDone().entrySet().stream()
                .filter(e -> programme.isGrill(e.getKey()))
                .mapToDouble(Map.Entry::getValue)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Readings by the minutes of a bake. */
    static List<Reading> readings(BakeTimeline timeline, List<DeviceReading> measured) {
        return measured.stream()
                .map(m -> new Reading(timeline.minute(m.at()), m.celsius()))
                .toList();
    }

    /* Until it was pulled, has rested, or was forgotten. */
    private List<DeviceReading> measured(Rows rows) {
        return rows.use()
                .map(u -> readings.of(u.device(), Channel.TIP, u.since(), until(rows, u.until())))
                .orElse(List.of());
    }

    private Instant until(Rows rows, Instant pulled) {
        BakeTimeline timeline = rows.timeline();
        Instant until = timeline.outAt() == null
                ? timeline.inSince().plus(Duration.ofMinutes(Math.round(BakeClock.FORGOTTEN_MIN)))
                : timeline.outAt().plus(RESTED);
        until = pulled != null && pulled.isBefore(until) ? pulled : until;
        return now().isBefore(until) ? now() : until;
    }

    private List<DeviceReading> airs(Rows rows) {
        String sensor = rows.bake().oven().sensor();
        BakeTimeline timeline = rows.timeline();
        if (sensor == null) {
            return List.of();
        }
        return readings.of(
                sensor,
                Channel.AIR,
                timeline.startedAt(),
                timeline.outAt() == null ? until(rows, null) : timeline.outAt());
    }

    /* What the oven's thermometer says of the dial, where one dial is to hold from beginning to end. */
    private Optional<Timed> air(Rows rows, Programme programme, List<DeviceReading> airs) {
        double dial = rows.bake().predicted().dialCelsius().doubleValue();
        if (airs.isEmpty() || programme.hottestC() != dial) {
            return Optional.empty();
        }
        BakeTimeline timeline = rows.timeline();
        return OvenThermometer.offset(
                        readings(timeline, airs), timeline.events(), dial, grillOnMin(timeline, programme))
                .map(offset -> new Timed(offset.minute(), new Observation.OvenAir(offset.celsius())));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
