package olla.server.bakes;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored bakes. */
interface BakeRepository extends JpaRepository<Bake, UUID> {

    /** One, with its oven. */
    @EntityGraph(attributePaths = "oven")
    Optional<Bake> findWithOvenById(UUID id);

    /** Not in the log yet: in the oven, or resting, or waiting for a verdict. Longest in first. */
    @EntityGraph(attributePaths = "oven")
    List<Bake> findByLoggedAtIsNullOrderByStartedAt();

    /** The log, newest first. */
    @EntityGraph(attributePaths = "oven")
    List<Bake> findByLoggedAtIsNotNullOrderByStartedAtDesc(Limit limit);

    /** What was logged so for one oven, newest first. */
    List<Bake> findByOvenIdAndVerdictAndLoggedAtIsNotNullOrderByStartedAtDesc(int ovenId, Verdict verdict, Limit limit);
}
