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
    CRUMB(700, 120, false) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("bread-crumbs", 45), grams("hard-cheese", 25), grams("butter", 30));
        }
    },
    PASTE(950, 300, false) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("ground-almonds", 35), grams("parsley", 25), millilitres("olive-oil", 40));
        }
    },
    HERBS(400, 280, false) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("soft-herbs", 70), grams("lemon-zest", 5), millilitres("olive-oil", 25));
        }
    },
    MAYONNAISE(930, 200, false) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("mayonnaise", 80), grams("mustard", 12), grams("hard-cheese", 8));
        }
    },
    COOKED(1000, 750, true) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("cooked-onion", 45), grams("cooked-tomato", 45), millilitres("olive-oil", 10));
        }
    };

    /** Conductivity of a topping, W/mK (order of magnitude, from memory). */
    public static final double CONDUCTIVITY_W_MK = 0.3;

    /** Heat capacity of a topping, J/kgK (order of magnitude, from memory). */
    public static final double HEAT_CAPACITY_J_KGK = 2800;

    private final double densityKgM3;
    private final double waterKgM3;
    private final boolean cookFirst;

    Mix(double densityKgM3, double waterKgM3, boolean cookFirst) {
        this.densityKgM3 = densityKgM3;
        this.waterKgM3 = waterKgM3;
        this.cookFirst = cookFirst;
    }

    private static Amount grams(String stuff, double value) {
        return new Amount(Stuffs.of(stuff), value, Measure.GRAM);
    }

    private static Amount millilitres(String stuff, double value) {
        return new Amount(Stuffs.of(stuff), value, Measure.MILLILITRE);
    }

    /** What goes into 100 g. */
    public abstract List<Amount> basic();

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
