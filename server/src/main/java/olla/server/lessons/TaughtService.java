package olla.server.lessons;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import jakarta.persistence.criteria.CriteriaBuilder;
import jakarta.persistence.criteria.CriteriaQuery;
import jakarta.persistence.criteria.Path;
import jakarta.persistence.criteria.Root;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import olla.core.plan.BakeClock;
import olla.core.reliability.CameOut;
import olla.core.reliability.FirstLooks;
import olla.core.reliability.Reliability;
import olla.core.uncertainty.CheckWindow;
import olla.core.uncertainty.Observation.Verdict;
import olla.core.uncertainty.OvenCalibration;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeRepository;
import olla.server.bakes.rows.Tap;
import olla.server.bakes.rows.TapKind;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.people.People;
import olla.server.people.Who;
import olla.server.web.NotThere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the log has taught, as it is shown: of the tickets, of whoever follows them, and of each oven. */
@Service
class TaughtService {

    /* As many as say how it is by now; the newest. */
    private static final int MOST_BAKES = 5000;
    private static final int MOST_TAPS = 20_000;

    private final EntityManager entities;
    private final BakeRepository bakes;
    private final OvenRepository ovens;
    private final People people;

    TaughtService(EntityManager entities, BakeRepository bakes, OvenRepository ovens, People people) {
        this.entities = entities;
        this.bakes = bakes;
        this.ovens = ovens;
        this.people = people;
    }

    /* A bake that came out and was judged, without its question. */
    private record Line(UUID id, String title, Instant startedAt, String fish, String dress, CameOut came) {}

    /** Of all of a kitchen. */
    @Transactional(readOnly = true)
    Taught all() {
        List<Line> lines = lines();
        return new Taught(held(lines), by(lines, Line::dress), by(lines, Line::fish), looks(lines), dots(lines));
    }

    private static Taught.Held held(List<Line> lines) {
        return Taught.Held.of(Reliability.of(lines.stream().map(Line::came).toList()));
    }

    private static List<Taught.OfSome> by(List<Line> lines, Function<Line, String> what) {
        return lines.stream()
                .filter(line -> what.apply(line) != null)
                .collect(Collectors.groupingBy(what))
                .entrySet()
                .stream()
                .sorted(Comparator.<Map.Entry<String, List<Line>>>comparingInt(
                                some -> -some.getValue().size())
                        .thenComparing(Map.Entry::getKey))
                .map(some -> new Taught.OfSome(some.getKey(), held(some.getValue())))
                .toList();
    }

    private static List<Taught.Dot> dots(List<Line> lines) {
        double[] means = Reliability.running(lines.stream().map(Line::came).toList());
        List<Taught.Dot> dots = new ArrayList<>();
        for (Line line : lines) {
            double mean = means[dots.size()];
            CheckWindow window = line.came().window();
            dots.add(new Taught.Dot(
                    line.id(),
                    line.title(),
                    line.startedAt(),
                    line.came().verdict(),
                    line.came().outMin() - window.likelyMin(),
                    window.checkFromMin() - window.likelyMin(),
                    window.noLaterThanMin() - window.likelyMin(),
                    Double.isNaN(mean) ? null : mean));
        }
        return dots;
    }

    /* Oldest first. */
    private List<Line> lines() {
        CriteriaBuilder where = entities.getCriteriaBuilder();
        CriteriaQuery<Tuple> query = where.createTupleQuery();
        Root<Bake> bake = query.from(Bake.class);
        Path<Object> predicted = bake.get("predicted");
        query.select(where.tuple(
                        bake.get("id"),
                        bake.get("title"),
                        bake.get("startedAt"),
                        bake.get("outAt"),
                        bake.get("verdict"),
                        bake.get("fish"),
                        bake.get("dress"),
                        predicted.get("checkFromMin"),
                        predicted.get("likelyMin"),
                        predicted.get("noLaterThanMin")))
                .where(
                        where.isNotNull(bake.get("loggedAt")),
                        where.isNotNull(bake.get("verdict")),
                        where.isNotNull(bake.get("outAt")))
                .orderBy(where.desc(bake.get("startedAt")), where.asc(bake.get("id")));
        List<Line> lines = new ArrayList<>();
        for (Tuple row : entities.createQuery(query).setMaxResults(MOST_BAKES).getResultList()) {
            Instant startedAt = row.get(2, Instant.class);
            double out = Duration.between(startedAt, row.get(3, Instant.class)).toMillis() / 60_000.0;
            // What has come out before it went in, or long after anybody would bake, says nothing.
            if (out > 0 && out < BakeClock.FORGOTTEN_MIN) {
                lines.add(new Line(
                        row.get(0, UUID.class),
                        row.get(1, String.class),
                        startedAt,
                        row.get(5, String.class),
                        row.get(6, String.class),
                        new CameOut(
                                new CheckWindow(minutes(row, 7), minutes(row, 8), minutes(row, 9)),
                                out,
                                row.get(4, Verdict.class))));
            }
        }
        Collections.reverse(lines);
        return lines;
    }

    private static double minutes(Tuple row, int place) {
        return row.get(place, BigDecimal.class).doubleValue();
    }

    /* The first who looked at each, or took it out without looking. */
    private List<Taught.Looks> looks(List<Line> lines) {
        Map<UUID, Line> byId = lines.stream().collect(Collectors.toMap(Line::id, Function.identity()));
        CriteriaBuilder where = entities.getCriteriaBuilder();
        CriteriaQuery<Tuple> query = where.createTupleQuery();
        Root<Tap> tap = query.from(Tap.class);
        query.select(where.tuple(tap.get("bakeId"), tap.get("personId"), tap.get("at")))
                .where(where.isFalse(tap.get("undone")), tap.get("kind").in(TapKind.CUE, TapKind.READ, TapKind.OUT))
                .orderBy(where.desc(tap.get("at")), where.desc(tap.get("id")));
        List<Tuple> rows = new ArrayList<>(
                entities.createQuery(query).setMaxResults(MOST_TAPS).getResultList());
        Collections.reverse(rows);
        Set<UUID> looked = new HashSet<>();
        Map<UUID, List<Double>> later = new LinkedHashMap<>();
        for (Tuple row : rows) {
            Line line = byId.get(row.get(0, UUID.class));
            UUID person = row.get(1, UUID.class);
            if (line == null || !looked.add(line.id()) || person == null) {
                continue;
            }
            double minute = Duration.between(line.startedAt(), row.get(2, Instant.class))
                            .toMillis()
                    / 60_000.0;
            later.computeIfAbsent(person, who -> new ArrayList<>())
                    .add(minute - line.came().window().checkFromMin());
        }
        return later.entrySet().stream()
                .filter(one -> people.nameOf(new Who(one.getKey(), null)) != null)
                .map(one -> Taught.Looks.of(
                        people.nameOf(new Who(one.getKey(), null)),
                        FirstLooks.of(
                                one.getValue().stream().mapToDouble(d -> d).toArray())))
                .sorted(Comparator.comparing(Taught.Looks::name))
                .toList();
    }

    /**
     * Of one oven.
     *
     * @throws NotThere where there is none of that number
     */
    @Transactional(readOnly = true)
    OvenTaught of(int ovenId) {
        Oven oven =
                ovens.findById(ovenId).orElseThrow(() -> new NotThere("not-there.oven", "id", String.valueOf(ovenId)));
        List<Bake> log = bakes.findByOvenIdAndLoggedAtIsNotNullOrderByLoggedAtAscIdAsc(ovenId);
        List<Bake> learned = log.stream().filter(bake -> bake.lesson() != null).toList();
        List<Bake> believed =
                learned.stream().filter(bake -> !forgotten(bake, oven)).toList();
        // As the steps have it: the oven's own row follows when all of its log is worked out.
        OvenCalibration now = believed.isEmpty()
                ? OvenCalibration.UNCHECKED
                : believed.get(believed.size() - 1).lesson().calibration();
        return new OvenTaught(
                ovenId,
                oven.name(),
                now.words(believed.size()),
                oven.forgetBefore(),
                oven.version(),
                learned.size() < log.size(),
                learned.stream().map(bake -> step(bake, oven)).toList());
    }

    private static boolean forgotten(Bake bake, Oven oven) {
        return oven.forgetBefore() != null && bake.startedAt().isBefore(oven.forgetBefore());
    }

    private static OvenTaught.Step step(Bake bake, Oven oven) {
        OvenCalibration after = bake.lesson().calibration();
        return new OvenTaught.Step(
                bake.getId(),
                bake.title(),
                bake.startedAt(),
                after.offsetC(),
                after.offsetDoubtC(),
                Math.exp(after.logFilm()),
                Math.exp(after.logFilm() - after.logFilmDoubt()),
                Math.exp(after.logFilm() + after.logFilmDoubt()),
                forgotten(bake, oven));
    }
}
