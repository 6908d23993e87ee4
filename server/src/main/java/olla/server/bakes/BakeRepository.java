package olla.server.bakes;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import olla.core.estimate.Observation.Verdict;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** The stored bakes. */
interface BakeRepository extends JpaRepository<Bake, UUID> {

    /** A bake that screens follow, and how often it has changed. */
    record Pulse(UUID id, long revision) {}

    /** One, with its oven. */
    @EntityGraph(attributePaths = "oven")
    Optional<Bake> findWithOvenById(UUID id);

    /** Some, with their ovens. */
    @EntityGraph(attributePaths = "oven")
    List<Bake> findWithOvenByIdIn(List<UUID> ids);

    /** Those that screens follow: not in the log yet, or lately and with leftovers nobody has spoken of. */
    @EntityGraph(attributePaths = "oven")
    @Query("select b from Bake b where b.loggedAt is null or b.clearedAt is null and b.loggedAt > :since order by"
            + " b.startedAt")
    List<Bake> findFollowed(Instant since);

    /** The same, as short as can be. */
    @Query("select new olla.server.bakes.BakeRepository$Pulse(b.id, b.revision) from Bake b where b.loggedAt is null or"
            + " b.clearedAt is null and b.loggedAt > :since")
    List<Pulse> findPulses(Instant since);

    /** The log, newest first. */
    @EntityGraph(attributePaths = "oven")
    List<Bake> findByLoggedAtIsNotNullOrderByStartedAtDesc(Limit limit);

    /** What was logged so for one oven, newest first. */
    List<Bake> findByOvenIdAndVerdictAndLoggedAtIsNotNullOrderByStartedAtDesc(int ovenId, Verdict verdict, Limit limit);

    /** An oven's log, in the order in which it was written. */
    List<Bake> findByOvenIdAndLoggedAtIsNotNullOrderByLoggedAt(int ovenId);

    /** Something changed that screens show. */
    @Modifying(flushAutomatically = true)
    @Query(nativeQuery = true, value = "update bake set revision = revision + 1 where id = :id")
    void touch(String id);
}
