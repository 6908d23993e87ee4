package olla.server.recipes;

import java.util.List;
import olla.core.doneness.Doneness;
import olla.core.dress.Part;
import olla.core.units.Measure;
import olla.server.query.EstimateRequest.DressInput;
import olla.server.query.EstimateRequest.StageInput;
import olla.server.web.MaybeAbsent;

/**
 * A recipe as a cook writes it.
 *
 * @param name 1 to 120 characters
 * @param pieces for how many pieces it is meant, 1 to 100
 * @param bench dress, programme and target; missing where it is only a mix
 * @param ingredients for one piece, at most 60
 * @param steps what to do, at most 40
 * @param notes at most 2000 characters
 */
public record RecipeInput(
        String name,
        int pieces,
        @MaybeAbsent BenchPart bench,
        List<Ingredient> ingredients,
        List<String> steps,
        String notes) {

    /** What it puts on the bench. */
    public record BenchPart(
            DressInput dress,
            List<StageInput> programme,
            @MaybeAbsent Boolean usual,
            @MaybeAbsent Doneness doneness) {}

    /**
     * So much of something for one piece; 0 of what goes to taste.
     *
     * @param what 1 to 200 characters
     * @param value 0 to 100 000
     * @param part what of the dish it belongs to; nothing in particular where it is not said
     * @param typed how the cook said it, at most 200 characters; kept as it is
     */
    public record Ingredient(
            String what,
            double value,
            Measure measure,
            @MaybeAbsent Part part,
            @MaybeAbsent String typed) {

        /** One of which no more is said. */
        public Ingredient(String what, double value, Measure measure) {
            this(what, value, measure, null, null);
        }
    }
}
