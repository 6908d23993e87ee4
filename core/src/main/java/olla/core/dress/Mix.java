package olla.core.dress;

import java.util.List;
import olla.core.units.Amount;
import olla.core.units.Measure;

/**
 * Kinds of topping, each with a basic mix for 100 g of it (common practice, no source). Density for the quantities,
 * conductivity and heat capacity about 0.3 W/mK and 2800 J/kgK for all (order of magnitude, from memory); the free water
 * decides how soon it colours.
 */
public enum Mix {
    CRUMB("crumb, cheese", 700, 120, false) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("bread crumbs", 45), grams("hard cheese, grated", 25), grams("butter", 30));
        }
    },
    PASTE("nut paste", 950, 300, false) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("almonds, ground", 35), grams("parsley", 25), millilitres("olive oil", 40));
        }
    },
    HERBS("herbs, zest", 400, 280, false) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("soft herbs, chopped", 70), grams("lemon zest", 5), millilitres("olive oil", 25));
        }
    },
    MAYONNAISE("mayonnaise", 930, 200, false) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("mayonnaise", 80), grams("mustard", 12), grams("hard cheese, grated", 8));
        }
    },
    COOKED("onion, tomato", 1000, 750, true) {
        @Override
        public List<Amount> basic() {
            return List.of(
                    grams("onion, cooked soft", 45), grams("tomato, cooked down", 45), millilitres("olive oil", 10));
        }
    };

    /** Conductivity of a topping, W/mK (order of magnitude, from memory). */
    public static final double CONDUCTIVITY_W_MK = 0.3;

    /** Heat capacity of a topping, J/kgK (order of magnitude, from memory). */
    public static final double HEAT_CAPACITY_J_KGK = 2800;

    private final String words;
    private final double densityKgM3;
    private final double waterKgM3;
    private final boolean cookFirst;

    Mix(String words, double densityKgM3, double waterKgM3, boolean cookFirst) {
        this.words = words;
        this.densityKgM3 = densityKgM3;
        this.waterKgM3 = waterKgM3;
        this.cookFirst = cookFirst;
    }

    private static Amount grams(String what, double value) {
        return new Amount(what, value, Measure.GRAM);
    }

    private static Amount millilitres(String what, double value) {
        return new Amount(what, value, Measure.MILLILITRE);
    }

    /** What goes into 100 g. */
    public abstract List<Amount> basic();

    /** In a cook's words. */
    public String words() {
        return words;
    }

    /** As spread, kg/m³. */
    public double densityKgM3() {
        return densityKgM3;
    }

    /** Water that has to boil off before it browns, kg/m³. */
    public double waterKgM3() {
        return waterKgM3;
    }

    /** True where it holds onion or shallot, which stay raw under a short bake and are cooked first. */
    public boolean cookFirst() {
        return cookFirst;
    }
}
