package olla.server.recipes;

import java.util.List;
import java.util.UUID;
import olla.core.messages.Message;
import olla.core.safety.Allergen;
import olla.server.query.EstimateAnswer.AmountAnswer;
import olla.server.web.MaybeAbsent;

/**
 * A recipe, scaled.
 *
 * @param recipe as written, amounts for one piece
 * @param scaledTo for how many pieces {@code amounts} are
 * @param amounts scaled
 * @param allergens found on its list of ingredients
 * @param imported true where it came from a file
 * @param version what an If-Match names to change it
 */
public record RecipeView(
        UUID id,
        RecipeInput recipe,
        int scaledTo,
        List<AmountAnswer> amounts,
        List<AllergenView> allergens,
        @MaybeAbsent Boolean imported,
        int version) {

    /** An allergen, as it is declared. */
    public record AllergenView(Allergen key, Message words) {}
}
