package olla.core.fish;

import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * What raw flesh is made of, as fractions of its mass. Fish has next to no carbohydrate; what the four leave over is
 * taken as water so that the parts always make a whole.
 *
 * @param water mass fraction 0.4 to 0.9
 * @param protein mass fraction 0.05 to 0.35
 * @param fat mass fraction 0 to 0.4
 * @param ash mass fraction 0 to 0.05
 */
public record Composition(double water, double protein, double fat, double ash) {

    /** @throws olla.core.messages.RefusedInput where a fraction is out of range or the sum is far from one */
    public Composition {
        double sum = water + protein + fat + ash;
        new Refusals()
                .range("water", "water-fraction", water, 0.4, 0.9, Unit.SHARE)
                .range("protein", "protein-fraction", protein, 0.05, 0.35, Unit.SHARE)
                .range("fat", "fat-fraction", fat, 0, 0.4, Unit.SHARE)
                .range("ash", "ash-fraction", ash, 0, 0.05, Unit.SHARE)
                .range("sum", "sum-of-all-parts", sum, 0.94, 1.06, Unit.SHARE)
                .throwIfAny();
    }

    /** From percent by mass, as composition tables print it; the small remainder goes to water. */
    static Composition percent(double water, double protein, double fat, double ash) {
        double remainder = 100 - (water + protein + fat + ash);
        return new Composition((water + remainder) / 100, protein / 100, fat / 100, ash / 100);
    }
}
