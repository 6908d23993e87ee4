package olla.server.recipes;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

/** The stored recipes. */
interface RecipeRepository extends JpaRepository<Recipe, UUID> {

    /** By name. */
    List<Recipe> findAllByOrderByName();

    /** One, and nobody else changes it until this is stored. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<Recipe> findLockedById(UUID id);
}
