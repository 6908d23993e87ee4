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
     */
    record Bake(double tempC, OptionalDouble minutes, double share) implements Stage {
        /** An open stage, or one of given length. */
        public Bake(double tempC, OptionalDouble minutes) {
            this(tempC, minutes, 1);
        }
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
     */
    record Add(What what) implements Stage {}

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
        SIDES
    }
}
