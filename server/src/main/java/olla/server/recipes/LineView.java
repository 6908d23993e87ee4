package olla.server.recipes;

import olla.core.messages.Message;
import olla.core.units.Amount;
import olla.server.recipes.RecipeInput.Ingredient;

/**
 * A line as it was read, for one piece.
 *
 * @param said how much of it that is
 * @param read false where no amount was found: it goes to taste
 */
record LineView(Ingredient ingredient, Amount said, boolean read) {

    static LineView of(Ingredient ingredient) {
        Amount amount = new Amount(Message.typed(ingredient.what()), ingredient.value(), ingredient.measure());
        return new LineView(ingredient, amount, ingredient.value() > 0);
    }
}
