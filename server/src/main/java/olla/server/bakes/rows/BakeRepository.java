package olla.server.bakes.rows;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.domain.Specification;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.JpaSpecificationExecutor;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** The stored bakes. */
public interface BakeRepository extends JpaRepository<Bake, UUID>, JpaSpecificationExecutor<Bake> {

    /** A bake that screens follow, and how often it has changed. */
    record Pulse(UUID id, long revision, Integer kitchenId) {}

    /** One, with its oven. */
    @EntityGraph(attributePaths = "oven")
    Optional<Bake> findWithOvenById(UUID id);

    /** Some, with their ovens. */
    @EntityGraph(attributePaths = "oven")
    List<Bake> findWithOvenByIdIn(List<UUID> ids);

    /** Those of some ovens that were put in within a time: what else was in when a bake was. */
    @EntityGraph(attributePaths = "oven")
    List<Bake> findByOvenIdInAndPutAtBetween(Collection<Integer> ovens, Instant from, Instant until);

    /** Those that screens follow: not in the log yet, or lately and with leftovers nobody has spoken of. */
    default List<Bake> findFollowed(Instant since) {
        return findByLoggedAtIsNullOrClearedAtIsNullAndLoggedAtAfterOrderByStartedAt(since);
    }

    /* By its name and not by a query's text: a start would wait for the reading of the first text. */
    @EntityGraph(attributePaths = "oven")
    List<Bake> findByLoggedAtIsNullOrClearedAtIsNullAndLoggedAtAfterOrderByStartedAt(Instant since);

    /** The same, as short as can be. */
    default List<Pulse> findPulses(Instant since) {
        return findPulseByLoggedAtIsNullOrClearedAtIsNullAndLoggedAtAfter(since);
    }

    /* Likewise. */
    List<Pulse> findPulseByLoggedAtIsNullOrClearedAtIsNullAndLoggedAtAfter(Instant since);

    /** Some of them, with their ovens. */
    @Override
    @EntityGraph(attributePaths = "oven")
    Page<Bake> findAll(Specification<Bake> which, Pageable page);

    /** How long what was logged so for one oven took against what was foretold, newest first; bakes of no length left out. */
    @Query(
            nativeQuery = true,
            value =
                    "select timestampdiff(microsecond, started_at, out_at) / 6e7 / trusting_min from bake"
                            + " where kitchen_id = :kitchen and oven_id = :ovenId and verdict = 'RIGHT' and logged_at is not null and trusting_min > 0 and out_at >"
                            + " started_at and out_at < started_at + interval :mostMin minute"
                            + " and started_at >= coalesce((select forget_before from oven where id = :ovenId), started_at) order by started_at desc limit :most")
    List<Double> ratios(int kitchen, int ovenId, int mostMin, int most);

    /** An oven's log, in the order in which it was written. */
    List<Bake> findByOvenIdAndLoggedAtIsNotNullOrderByLoggedAtAscIdAsc(int ovenId);

    /** Forgets what was learned from an oven's log since a moment: something before it has changed. */
    @Modifying(flushAutomatically = true)
    @Query(
            nativeQuery = true,
            value = "update bake set lesson_offset_celsius = null, lesson_offset_doubt_celsius = null,"
                    + " lesson_log_film = null, lesson_log_film_doubt = null, lesson_way = null, told_log = null, told_variance = null,"
                    + " told_per_offset = null, told_per_film = null, told_per_thickness = null,"
                    + " told_per_kelvin = null, told_probe = null where oven_id = :ovenId and logged_at >= :since")
    void forgetLessons(int ovenId, Instant since);

    /** Notes that a bake was taken back; answers 0 where that was noted before. */
    @Modifying
    @Query(nativeQuery = true, value = "insert ignore into bake_gone (kitchen_id, id, at) values (:kitchen, :id, :at)")
    int noteGone(int kitchen, String id, Instant at);

    /** Forgets that it was. */
    @Modifying
    @Query(nativeQuery = true, value = "delete from bake_gone where kitchen_id = :kitchen and id = :id")
    void forgetGone(int kitchen, String id);

    /** Something changed that screens show. */
    @Modifying(flushAutomatically = true)
    @Query(nativeQuery = true, value = "update bake set revision = revision + 1 where id = :id")
    void touch(String id);
}
