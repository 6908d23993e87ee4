package olla.core.oven;

import java.util.OptionalDouble;

/** One thing after another that a bake goes through. */
public sealed interface Stage {

    /**
     * In the oven at one temperature.
     *
     * @param tempC dial, °C
     * @param minutes how long; empty where the length is to be solved
     * @param share of the length that is to be solved, this stage's part against the other open ones; above 0
     * @param untilC it goes on until the coldest flesh has come to this, °C; empty where nobody waits for that
     */
    record Bake(double tempC, OptionalDouble minutes, double share, OptionalDouble untilC) implements Stage {
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
            return new Bake(other, minutes, share, untilC);
        }

        /** The same, so many minutes long. */
        public Bake lasting(OptionalDouble other) {
            return new Bake(tempC, other, share, untilC);
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
    record Hob(double minutes) implements Stage {

        /** What a medium flame gives a vessel of 100 °C, W/m² (order of magnitude, 10 to 20 kW/m², from memory). */
        public static final double FLUX_W_M2 = 14_000;

        /** No hotter than this gets the vessel, °C (order of magnitude, from memory). */
        public static final double HOTTEST_C = 200;
    }

    /**
     * Under the grill.
     *
     * @param minutes how long, 0.5 to 10
     */
    record Grill(double minutes) implements Stage {

        /** What a hot element sends down on a dish a hand's breadth under it, W/m² (order of magnitude, 5 to 12 kW/m²,
         * from memory). */
        public static final double FLUX_W_M2 = 7000;

        /** The air under a grill, °C (order of magnitude, from memory). */
        public static final double AIR_C = 200;
    }

    /**
     * Something goes on, or in beside it; takes no time.
     *
     * @param what what
     * @param note what the cook says of it in their own words; empty where nothing is
     */
    record Add(What what, String note) implements Stage {
        /** Of which nothing is said. */
        public Add(What what) {
            this(what, "");
        }
    }

    /** What closes it is opened; takes no time. */
    record Uncover() implements Stage {}

    /** The piece is turned over; takes no time. */
    record Turn() implements Stage {}

    /**
     * Out of the oven.
     *
     * @param minutes how long, 0 to 60
     */
    record Rest(double minutes) implements Stage {}

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
