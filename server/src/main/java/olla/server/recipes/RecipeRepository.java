package olla.server.recipes;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The stored recipes. */
interface RecipeRepository extends JpaRepository<Recipe, UUID> {

    /** By name. */
    List<Recipe> findAllByOrderByName();
}
