package olla.server.habits;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
import jakarta.persistence.criteria.CriteriaBuilder;
import jakarta.persistence.criteria.CriteriaQuery;
import jakarta.persistence.criteria.Root;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import olla.core.fish.Habit;
import olla.core.habits.Habits;
import olla.core.habits.Habits.Laid;
import olla.core.habits.Habits.Tonight;
import olla.core.habits.Told;
import olla.core.habits.Which;
import olla.core.habits.Which.About;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.core.uncertainty.OvenCalibration;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.Lesson;
import olla.server.bakes.rows.StoredSlowness;
import olla.server.ovens.Oven;
import olla.server.ovens.OvenRepository;
import olla.server.people.People;
import olla.server.people.Who;
import olla.server.query.EstimateRequest;
import olla.server.query.EstimateRequest.HabitPartInput;
import olla.server.query.EstimateRequest.HabitsInput;
import olla.server.query.EstimateRequest.PieceInput;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.Lengths;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A kitchen's habits, by all of its log; worked out anew when that, or what is not to be believed, has changed. */
@Service
public class KitchenHabits {

    private static final Logger LOG = LoggerFactory.getLogger(KitchenHabits.class);

    /* As many say how it goes by now; the newest. */
    private static final int MOST_BAKES = 2000;
    private static final int KEPT = 200;

    private final EntityManager entities;
    private final OvenRepository ovens;
    private final HabitOffRepository off;
    private final People people;

    /* What the habits of a kitchen follow from, as far as that tells whether they have changed. */
    private record Follows(
            int kitchen, Map<Integer, OvenCalibration> ovens, Map<Integer, Integer> lessons, Set<Which> off) {}

    private final Cache<Follows, Habits> kept =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    KitchenHabits(EntityManager entities, OvenRepository ovens, HabitOffRepository off, People people) {
        this.entities = entities;
        this.ovens = ovens;
        this.off = off;
        this.people = people;
    }

    /** All that there are bakes enough for, those that do most first. */
    @Transactional(readOnly = true)
    HabitsView all() {
        return new HabitsView(
                learning(),
                habits().found().stream()
                        .map(found -> HabitView.of(found, name(found.which())))
                        .toList());
    }

    private boolean learning() {
        CriteriaBuilder where = entities.getCriteriaBuilder();
        CriteriaQuery<UUID> query = where.createQuery(UUID.class);
        Root<Bake> bake = query.from(Bake.class);
        query.select(bake.get("id"))
                .where(
                        where.isNotNull(bake.get("loggedAt")),
                        where.or(
                                where.isNull(bake.get("lesson").get("way")),
                                where.lessThan(bake.get("lesson").get("way"), Lesson.TODAYS)));
        return !entities.createQuery(query).setMaxResults(1).getResultList().isEmpty();
    }

    /**
     * Says whether one is to be believed.
     *
     * @throws olla.core.messages.RefusedInput where it is not said which, or whether
     */
    @Transactional
    void believe(HabitInput input) {
        Refusals refusals = new Refusals();
        if (input.about() == null) {
            refusals.add("about", "missing.habit", "choices", Message.codes(About.values()));
        }
        if (input.on() == null) {
            refusals.add("on", "missing.habit-on");
        }
        String whose = input.of() == null ? "" : input.of();
        refusals.length("of", "habit-name", whose, 0, Lengths.OVEN_NAME).throwIfAny();
        if (input.on()) {
            off.forget(WhoseKitchen.here(), input.about().name(), whose);
        } else {
            off.note(WhoseKitchen.here(), input.about().name(), whose);
        }
    }

    /** What they make of a question that is asked here and by whoever asks; empty where that is nothing. */
    @Transactional(readOnly = true)
    public Optional<HabitsInput> of(EstimateRequest question) {
        PieceInput piece = question.piece();
        if (piece == null
                || piece.species() == null
                || question.dress() == null
                || question.dress().kind() == null) {
            return Optional.empty();
        }
        String fish = piece.ownName() == null ? piece.species() : piece.ownName();
        UUID cook = Who.here().person();
        Habits habits = habits();
        Tonight tonight = habits.tonight(new Laid(
                question.dress().kind().name(),
                fish,
                cook == null ? null : cook.toString(),
                piece.thicknessMm() != null));
        if (tonight.habit().equals(Habit.NONE)) {
            return Optional.empty();
        }
        Map<Which, Integer> bakes = new HashMap<>();
        habits.found().forEach(found -> bakes.put(found.which(), found.bakes()));
        return Optional.of(new HabitsInput(
                tonight.habit().logSlower(),
                tonight.habit().logDoubt(),
                tonight.parts().stream()
                        .map(part -> new HabitPartInput(
                                part.which().about(), name(part.which()), bakes.get(part.which()), part.logSlower()))
                        .toList()));
    }

    /* Somebody who judges or measures, or a probe, by name. */
    private String name(Which which) {
        return switch (which.about()) {
            case KITCHEN, DISH, FISH -> null;
            case RULER, VERDICT -> people.nameOf(new Who(UUID.fromString(which.of()), null));
            case PROBE -> which.of();
        };
    }

    private Habits habits() {
        Map<Integer, OvenCalibration> now = new HashMap<>();
        Map<Integer, Integer> lessons = new HashMap<>();
        Map<Integer, Instant> another = new HashMap<>();
        for (Oven oven : ovens.findAllByOrderById()) {
            now.put(oven.id(), oven.calibration());
            lessons.put(oven.id(), oven.lessons());
            another.put(oven.id(), Optional.ofNullable(oven.forgetBefore()).orElse(Instant.MIN));
        }
        Set<Which> not = new HashSet<>(off.off());
        return kept.get(
                new Follows(WhoseKitchen.here(), now, lessons, not), follows -> Habits.of(log(now, another), not));
    }

    private List<Told> log(Map<Integer, OvenCalibration> now, Map<Integer, Instant> another) {
        CriteriaBuilder where = entities.getCriteriaBuilder();
        CriteriaQuery<Tuple> query = where.createTupleQuery();
        Root<Bake> bake = query.from(Bake.class);
        query.select(where.tuple(
                        bake.get("oven").get("id"),
                        bake.get("startedAt"),
                        bake.get("dress"),
                        bake.get("fish"),
                        bake.get("personId"),
                        bake.get("saidPersonId"),
                        bake.get("lesson"),
                        bake.get("told")))
                .where(
                        where.isNotNull(bake.get("loggedAt")),
                        where.isNotNull(bake.get("told").get("log")))
                .orderBy(where.desc(bake.get("startedAt")), where.asc(bake.get("id")));
        return entities.createQuery(query).setMaxResults(MOST_BAKES).getResultList().stream()
                .flatMap(row -> told(row, now, another).stream())
                .toList();
    }

    /* A bake in an oven that has been changed since is held against what that was. One that tells what cannot be hides no other. */
    private static Optional<Told> told(Tuple row, Map<Integer, OvenCalibration> now, Map<Integer, Instant> another) {
        int oven = row.get(0, Integer.class);
        boolean before = row.get(1, Instant.class).isBefore(another.get(oven));
        StoredSlowness told = row.get(7, StoredSlowness.class);
        try {
            return Optional.of(Told.of(
                    new Told.Of(
                            row.get(2, String.class),
                            row.get(3, String.class),
                            text(row.get(4, UUID.class)),
                            text(row.get(5, UUID.class)),
                            told.probe(),
                            before ? -oven : oven),
                    told.slowness(),
                    before ? believedThen(row.get(6, Lesson.class)) : now.get(oven)));
        } catch (IllegalArgumentException broken) {
            LOG.warn("A bake of oven {} tells nothing that can be: {}", oven, broken.toString());
            return Optional.empty();
        }
    }

    private static OvenCalibration believedThen(Lesson lesson) {
        if (lesson == null || !lesson.whole()) {
            throw new IllegalArgumentException("What was believed of the oven is not worked out.");
        }
        return lesson.calibration();
    }

    private static String text(UUID id) {
        return id == null ? null : id.toString();
    }
}
