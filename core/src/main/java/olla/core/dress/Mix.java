package olla.core.dress;

import java.util.List;
import olla.core.dish.Stuff;
import olla.core.units.Amount;
import olla.core.units.Measure;

/**
 * Kinds of topping, each with a basic mix for 100 g of it (common practice, no source). Density for the quantities, kg/m³ as it
 * is spread, and water that has to boil off before it browns, kg/m³ (orders of magnitude, from memory); how fast it browns is chosen by cases
 * of practice (docs/model.md).
 */
public enum Mix {
    CRUMB(700, 120, false, 1.6) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("bread-crumbs", 45), grams("hard-cheese", 25), grams("butter", 30));
        }
    },
    PASTE(950, 300, false, 1) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("ground-almonds", 35), grams("parsley", 25), millilitres("olive-oil", 40));
        }
    },
    HERBS(400, 280, false, 0.8) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("soft-herbs", 70), grams("lemon-zest", 5), millilitres("olive-oil", 25));
        }
    },
    MAYONNAISE(930, 200, false, 7.5) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("mayonnaise", 80), grams("mustard", 12), grams("hard-cheese", 8));
        }
    },
    COOKED(1000, 750, true, 1.2) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("cooked-onion", 45), grams("cooked-tomato", 45), millilitres("olive-oil", 10));
        }

        @Override
        public boolean sour() {
            return true;
        }
    },
    /** Raw vegetables in slices. */
    VEGETABLES(600, 550, false, 1) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("vegetable-slices", 92), millilitres("olive-oil", 8));
        }

        @Override
        public Stuff stuff() {
            return Stuff.VEGETABLES;
        }
    },
    /** Slices of citrus. */
    CITRUS(1000, 800, false, 1.2) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("citrus-slices", 100));
        }

        @Override
        public Stuff stuff() {
            return Stuff.CITRUS;
        }

        @Override
        public boolean sour() {
            return true;
        }
    },
    /** Butter with herbs worked in. */
    BUTTER(930, 150, false, 1) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("butter", 85), grams("soft-herbs", 15));
        }
    },
    /** Cooked shellfish bound with cream. */
    SHELLFISH(1000, 700, false, 1.3) {
        @Override
        public List<Amount> basic() {
            return List.of(grams("cooked-shellfish", 70), grams("cream", 30));
        }
    };

    private final double densityKgM3;
    private final double waterKgM3;
    private final boolean cookFirst;
    private final double browning;

    Mix(double densityKgM3, double waterKgM3, boolean cookFirst, double browning) {
        this.densityKgM3 = densityKgM3;
        this.waterKgM3 = waterKgM3;
        this.cookFirst = cookFirst;
        this.browning = browning;
    }

    private static Amount grams(String stuff, double value) {
        return new Amount(StuffNames.of(stuff), value, Measure.GRAM);
    }

    private static Amount millilitres(String stuff, double value) {
        return new Amount(StuffNames.of(stuff), value, Measure.MILLILITRE);
    }

    /** What goes into 100 g. */
    public abstract List<Amount> basic();

    /** As spread, kg/m³. */
    public double densityKgM3() {
        return densityKgM3;
    }

    /** What heat meets in it. */
    public Stuff stuff() {
        return Stuff.spread(densityKgM3, waterKgM3, browning);
    }

    /** Whether it is sour enough to dissolve bare aluminium. */
    public boolean sour() {
        return false;
    }

    /** True where it holds onion or shallot, which stay raw under a short bake and are cooked first. */
    public boolean cookFirst() {
        return cookFirst;
    }
}
