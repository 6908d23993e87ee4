package olla.core.oven;

import java.util.OptionalDouble;

/** One thing after another that a bake goes through. */
public sealed interface Stage {

    /** What the cook says of it in their own words; empty where nothing is. */
    String note();

    /** The same with what a cook says of it. */
    Stage noted(String words);

    /**
     * In the oven at one temperature.
     *
     * @param tempC dial, °C
     * @param minutes how long; empty where the length is to be solved
     * @param share of the length that is to be solved, this stage's part against the other open ones; above 0
     * @param untilC it goes on until the coldest flesh has come to this, °C; empty where nobody waits for that
     */
    record Bake(double tempC, OptionalDouble minutes, double share, OptionalDouble untilC, String note)
            implements Stage {
        /** Of which nothing is said. */
        public Bake(double tempC, OptionalDouble minutes, double share, OptionalDouble untilC) {
            this(tempC, minutes, share, untilC, "");
        }

        /** An open stage that shares the open length with others, or one of given length. */
        public Bake(double tempC, OptionalDouble minutes, double share) {
            this(tempC, minutes, share, OptionalDouble.empty());
        }

        /** An open stage, or one of given length. */
        public Bake(double tempC, OptionalDouble minutes) {
            this(tempC, minutes, 1);
        }

        /** One that goes on until the coldest flesh has come to {@code untilC}, °C. */
        public static Bake until(double tempC, double untilC) {
            return new Bake(tempC, OptionalDouble.empty(), 1, OptionalDouble.of(untilC));
        }

        /** The same at another dial, °C. */
        public Bake at(double other) {
            return new Bake(other, minutes, share, untilC, note);
        }

        /** The same, so many minutes long. */
        public Bake lasting(OptionalDouble other) {
            return new Bake(tempC, other, share, untilC, note);
        }

        @Override
        public Bake noted(String words) {
            return new Bake(tempC, minutes, share, untilC, words);
        }

        /** Whether its length is part of the one that is solved for the target. */
        public boolean open() {
            return minutes.isEmpty();
        }
    }

    /**
     * On the hob, the vessel on a flame that keeps its liquid simmering, the top in the kitchen's air.
     *
     * @param minutes how long, 0.5 to 60
     */
    record Hob(double minutes, String note) implements Stage {

        /** What a medium flame gives a vessel of 100 °C, W/m² (order of magnitude, 10 to 20 kW/m², from memory). */
        public static final double FLUX_W_M2 = 14_000;

        /** No hotter than this gets the vessel, °C (order of magnitude, from memory). */
        public static final double HOTTEST_C = 200;

        /** Of which nothing is said. */
        public Hob(double minutes) {
            this(minutes, "");
        }

        @Override
        public Hob noted(String words) {
            return new Hob(minutes, words);
        }
    }

    /**
     * Under the grill.
     *
     * @param minutes how long, 0.5 to 10
     * @param underMm how far the dish's top is under what glows, 50 to 350 mm
     */
    record Grill(double minutes, double underMm, String note) implements Stage {

        /** A rack or two below the topmost, mm (common practice, no source). */
        public static final double USUAL_UNDER_MM = 150;

        /** Nearer than that it touches what glows, mm (ours). */
        public static final double LEAST_UNDER_MM = 50;

        /** Lower stands no rack, mm (ours). */
        public static final double MOST_UNDER_MM = 350;

        /* What a hot element sends down on a dish as far under it as is usual, W/m² (order of magnitude, 5 to 12 kW/m²
         * from close by, from memory; the least of it, so that four minutes do not burn a crumb). */
        private static final double USUAL_FLUX_W_M2 = 6000;

        /* What glows is a square of this side, mm (common practice, no source). */
        private static final double ELEMENT_MM = 250;

        /** The air under a grill, °C (order of magnitude, from memory). */
        public static final double AIR_C = 200;

        /** Of which nothing is said, as far under it as is usual. */
        public Grill(double minutes) {
            this(minutes, USUAL_UNDER_MM, "");
        }

        /** What reaches the dish's top, W/m². */
        public double fluxWm2() {
            return USUAL_FLUX_W_M2 * seen(underMm) / seen(USUAL_UNDER_MM);
        }

        /* How much of what a small place looks up at is the square that glows, 0 to 1 (published: Howell's catalogue of configuration factors, from an element
         * to a parallel rectangle over its corner, four times; from memory). */
        private static double seen(double mm) {
            double side = ELEMENT_MM / 2 / mm;
            double slant = Math.hypot(1, side);
            return 4 / Math.PI * side / slant * Math.atan(side / slant);
        }

        /** The same for so long. */
        public Grill lasting(double other) {
            return new Grill(other, underMm, note);
        }

        @Override
        public Grill noted(String words) {
            return new Grill(minutes, underMm, words);
        }
    }

    /**
     * Something goes on, or in beside it; takes no time.
     *
     * @param what what
     */
    record Add(What what, String note) implements Stage {
        /** Of which nothing is said. */
        public Add(What what) {
            this(what, "");
        }

        @Override
        public Add noted(String words) {
            return new Add(what, words);
        }
    }

    /** What closes it is opened; takes no time. */
    record Uncover(String note) implements Stage {
        /** Of which nothing is said. */
        public Uncover() {
            this("");
        }

        @Override
        public Uncover noted(String words) {
            return new Uncover(words);
        }
    }

    /** The piece is turned over; takes no time. */
    record Turn(String note) implements Stage {
        /** Of which nothing is said. */
        public Turn() {
            this("");
        }

        @Override
        public Turn noted(String words) {
            return new Turn(words);
        }
    }

    /**
     * Out of the oven.
     *
     * @param minutes how long, 0 to 60
     */
    record Rest(double minutes, String note) implements Stage {
        /** Of which nothing is said. */
        public Rest(double minutes) {
            this(minutes, "");
        }

        @Override
        public Rest noted(String words) {
            return new Rest(minutes, words);
        }
    }

    /** What can go on or in. */
    enum What {
        /** The fish itself, onto a base that went in before it. */
        FISH,
        TOPPING,
        /** The glaze, once more. */
        GLAZE,
        /** Quick sides, beside the fish. */
        SIDES,
        /** What it lies in, spooned over it. */
        BASTE,
        /** Lemon, squeezed over it. */
        LEMON
    }
}
