package olla.server.bakes;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import jakarta.persistence.criteria.CriteriaBuilder;
import jakarta.persistence.criteria.CriteriaQuery;
import jakarta.persistence.criteria.Expression;
import jakarta.persistence.criteria.Path;
import jakarta.persistence.criteria.Predicate;
import jakarta.persistence.criteria.Root;
import jakarta.persistence.criteria.Selection;
import jakarta.persistence.criteria.Subquery;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import olla.core.uncertainty.Observation.Verdict;
import olla.core.uncertainty.OvenCalibration;
import olla.server.bakes.LogQuery.Said;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeRepository;
import olla.server.bakes.rows.Lesson;
import olla.server.bakes.rows.Tap;
import olla.server.people.People;
import olla.server.people.Who;
import olla.server.web.NotThere;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.domain.Specification;
import org.springframework.stereotype.Service;

/** The log, found again: by what it was, how it went and who was there, a page at a time. */
@Service
public class LogService {

    /* As many as a list can be chosen from. */
    private static final int MOST_CHOICES = 60;

    private final BakeRepository bakes;
    private final BakeService service;
    private final BakeViews views;
    private final People people;
    private final EntityManager entities;

    LogService(BakeRepository bakes, BakeService service, BakeViews views, People people, EntityManager entities) {
        this.bakes = bakes;
        this.service = service;
        this.views = views;
        this.people = people;
        this.entities = entities;
    }

    /** What is wanted of it, a page; of a page behind the last the last. */
    public LogPage found(LogQuery query) {
        Page<Bake> page = page(query, query.page());
        if (page.isEmpty() && query.page() > 0) {
            page = page(query, Math.max(0, page.getTotalPages() - 1));
        }
        return new LogPage(
                views.logged(page.getContent()), page.getTotalElements(), page.getNumber(), page.getTotalPages());
    }

    private Page<Bake> page(LogQuery query, int number) {
        return bakes.findAll(
                matching(query),
                PageRequest.of(number, LogQuery.PAGE, query.order().sort()));
    }

    /**
     * One bake of it, whole.
     *
     * @throws NotThere where it is not in the log
     */
    LoggedBake one(UUID id) {
        Bake bake = bakes.findWithOvenById(id)
                .filter(it -> it.loggedAt() != null)
                .orElseThrow(() -> new NotThere("not-there.bake"));
        Optional<Bake> last = before(bake);
        return new LoggedBake(
                views.logged(List.of(bake)).get(0),
                service.one(id),
                last.isEmpty() ? LoggedBake.Belief.of(OvenCalibration.UNCHECKED) : believed(last.get()),
                believed(bake));
    }

    /* The line before it in its oven's log, of the oven as it was before it was changed, or as it is since. */
    private Optional<Bake> before(Bake bake) {
        Instant another = bake.oven().forgetBefore();
        Specification<Bake> earlier = (line, query, where) -> {
            Predicate sameMoment = where.and(
                    where.equal(line.get("loggedAt"), bake.loggedAt()), where.lessThan(line.get("id"), bake.getId()));
            List<Predicate> all = new ArrayList<>();
            equal(all, where, line.get("oven").get("id"), bake.oven().id());
            all.add(where.or(where.lessThan(line.get("loggedAt"), bake.loggedAt()), sameMoment));
            if (another != null) {
                Predicate asItWas = where.lessThan(line.get("startedAt"), another);
                all.add(bake.startedAt().isBefore(another) ? asItWas : where.not(asItWas));
            }
            return where.and(all.toArray(Predicate[]::new));
        };
        return bakes.findBy(
                earlier,
                lines -> lines.sortBy(Sort.by("loggedAt", "id").descending()).first());
    }

    /* Null until it is worked out. */
    private static LoggedBake.Belief believed(Bake bake) {
        Lesson lesson = bake.lesson();
        return lesson == null ? null : LoggedBake.Belief.of(lesson.calibration());
    }

    /** What there is to search by. */
    LogChoices choices() {
        return new LogChoices(
                kinds("fish"),
                kinds("dress"),
                counted(bake -> List.of(
                                bake.get("oven").get("id"), bake.get("oven").get("name")))
                        .stream()
                        .map(row -> new LogChoices.OfOven(
                                row.get(0, Integer.class), row.get(1, String.class), row.get(2, Long.class)))
                        .toList(),
                cooks().stream()
                        .map(id -> new LogChoices.OfCook(id, people.nameOf(new Who(id, null))))
                        .toList());
    }

    private List<LogChoices.Choice> kinds(String attribute) {
        return counted(bake -> List.of(bake.get(attribute))).stream()
                .map(row -> new LogChoices.Choice(row.get(0, String.class), row.get(1, Long.class)))
                .toList();
    }

    /* What bakes of the log have in common, and last how many they are; most first. */
    private List<Tuple> counted(Function<Root<Bake>, List<Expression<?>>> by) {
        CriteriaBuilder where = entities.getCriteriaBuilder();
        CriteriaQuery<Tuple> query = where.createTupleQuery();
        Root<Bake> bake = query.from(Bake.class);
        List<Expression<?>> values = by.apply(bake);
        Expression<Long> bakesOfIt = where.count(bake);
        List<Selection<?>> row = new ArrayList<>(values);
        row.add(bakesOfIt);
        query.select(where.tuple(row))
                .where(logged(bake, where), where.isNotNull(values.get(0)))
                .groupBy(values)
                .orderBy(where.desc(bakesOfIt), where.asc(values.get(0)));
        return entities.createQuery(query).setMaxResults(MOST_CHOICES).getResultList();
    }

    private Set<UUID> cooks() {
        Set<UUID> all = new TreeSet<>();
        all.addAll(distinct(Bake.class, "personId"));
        all.addAll(distinct(Bake.class, "saidPersonId"));
        all.addAll(distinct(Tap.class, "personId"));
        return all;
    }

    private <T> List<UUID> distinct(Class<T> rows, String attribute) {
        CriteriaBuilder where = entities.getCriteriaBuilder();
        CriteriaQuery<UUID> query = where.createQuery(UUID.class);
        Path<UUID> who = query.from(rows).get(attribute);
        query.select(who).distinct(true).where(where.isNotNull(who));
        return entities.createQuery(query).setMaxResults(MOST_CHOICES).getResultList();
    }

    private static Predicate logged(Root<Bake> bake, CriteriaBuilder where) {
        return where.isNotNull(bake.get("loggedAt"));
    }

    private static Specification<Bake> matching(LogQuery asked) {
        return (bake, query, where) -> {
            List<Predicate> all = new ArrayList<>(List.of(logged(bake, where)));
            equal(all, where, bake.get("fish"), asked.fish());
            equal(all, where, bake.get("dress"), asked.dress());
            equal(all, where, bake.get("oven").get("id"), asked.oven());
            if (asked.said() == Said.NOTHING) {
                all.add(where.isNull(bake.get("verdict")));
            } else if (asked.said() != null) {
                all.add(where.equal(
                        bake.get("verdict"), Verdict.valueOf(asked.said().name())));
            }
            if (asked.from() != null) {
                all.add(where.greaterThanOrEqualTo(bake.get("startedAt"), asked.from()));
            }
            if (asked.until() != null) {
                all.add(where.lessThan(bake.get("startedAt"), asked.until()));
            }
            if (asked.cook() != null) {
                Subquery<UUID> tapped = query.subquery(UUID.class);
                Root<Tap> tap = tapped.from(Tap.class);
                tapped.select(tap.get("bakeId")).where(where.equal(tap.get("personId"), asked.cook()));
                all.add(where.or(
                        where.equal(bake.get("personId"), asked.cook()),
                        where.equal(bake.get("saidPersonId"), asked.cook()),
                        bake.get("id").in(tapped)));
            }
            for (String word : asked.each()) {
                String like = "%" + word.replaceAll("([\\\\%_])", "\\\\$1") + "%";
                all.add(where.or(where.like(bake.get("title"), like, '\\'), where.like(bake.get("note"), like, '\\')));
            }
            return where.and(all.toArray(Predicate[]::new));
        };
    }

    private static void equal(List<Predicate> all, CriteriaBuilder where, Path<?> path, Object value) {
        if (value != null) {
            all.add(where.equal(path, value));
        }
    }
}
