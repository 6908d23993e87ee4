package olla.server.recipes;

import java.util.List;
import olla.server.recipes.RecipeInput.Ingredient;

/**
 * What is needed.
 *
 * @param lines at most 200
 */
public record ShoppingRequest(List<Ingredient> lines) {}
