package olla.server.ovens;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

/** The stored ovens. */
public interface OvenRepository extends JpaRepository<Oven, Integer> {

    /** In the order the kitchen entered them. */
    List<Oven> findAllByOrderById();

    /** The oven that is called so, put away or not; names differ by more than their case. */
    Optional<Oven> findByName(String name);

    /** How many are in the kitchen. */
    long countByPutAwayAtIsNull();

    /** How many bakes are in it. */
    @Query(nativeQuery = true, value = "select count(*) from bake where oven_id = :id and logged_at is null")
    long inUse(int id);

    /** Puts an oven away, unless somebody else has changed it; answers how many rows that were. */
    @Modifying(clearAutomatically = true)
    @Query(
            nativeQuery = true,
            value = "update oven set put_away_at = :at, version = version + 1 where id = :id and version = :version")
    int putAway(int id, int version, Instant at);

    /** Takes an oven out again that was put away; one that was not stays as it is. */
    @Transactional
    @Modifying(clearAutomatically = true)
    @Query(
            nativeQuery = true,
            value =
                    "update oven set put_away_at = null, version = version + 1 where id = :id and put_away_at is not null")
    void takeOut(int id);

    /** The log of an oven has changed: whoever learns from it begins anew. */
    @Modifying(flushAutomatically = true)
    @Query(nativeQuery = true, value = "update oven set lessons_turn = lessons_turn + 1 where id = :id")
    void countLessonsUp(int id);

    /** How often its log has changed. */
    @Query(nativeQuery = true, value = "select lessons_turn from oven where id = :id")
    int lessonsTurn(int id);

    /**
     * Says that a lesson is kept of what was learned with a turn; answers 0 where that is no longer the one. It writes, and so stands in
     * the way of whoever changes the log at the same time, at whichever node.
     */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "update oven set lessons_kept = lessons_kept + 1 where id = :id and lessons_turn = :turn")
    int keepLesson(int id, int turn);

    /** Takes over what its log teaches, unless that has changed since. What people say of the oven is left alone. */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "update oven set lessons = :bakes, offset_celsius = :offsetC,"
                    + " offset_doubt_celsius = :offsetDoubtC, log_film = :logFilm, log_film_doubt = :logFilmDoubt where id = :id"
                    + " and lessons_turn = :turn")
    void learn(int id, int turn, int bakes, double offsetC, double offsetDoubtC, double logFilm, double logFilmDoubt);

    /** Says since when an oven is another, or that it always was as it is; unless somebody else has changed it. Answers how many rows that were. */
    @Modifying(clearAutomatically = true)
    @Query(
            nativeQuery = true,
            value = "update oven set forget_before = :at, version = version + 1 where id = :id and version = :version")
    int forgetBefore(int id, int version, Instant at);

    /** Takes over what people say of an oven, unless somebody else has since; answers how many rows that were. */
    @Modifying(clearAutomatically = true)
    @Query(
            nativeQuery = true,
            value = "update oven set sensor = :sensor, falls_c_per_hour = :fallsCPerHour, version ="
                    + " version + 1 where id = :id and version = :version")
    int describe(int id, int version, String sensor, Double fallsCPerHour);
}
