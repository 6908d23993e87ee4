package olla.practice.rounds;

/**
 * What a cook does in a round.
 *
 * @param kind what
 * @param dish to which dish, from 0
 * @param minute when, since all went in
 */
public record Move(Kind kind, int dish, double minute) {

    /** What can be done, and how long the oven's door stands open for it, s (common practice, no source). */
    public enum Kind {
        /** Through the open door, from above. */
        LOOK(8),
        /** A knife's tip into the thickest, then to the lip. */
        KNIFE(15),
        /** The flakes parted at the thickest. */
        FORK(15),
        /** A finger pressed on it. */
        TOUCH(10),
        PROBE(15),
        /** Out of the oven. */
        OUT(10),
        /** To the table; the last of a dish. */
        SERVE(0);

        private final double doorS;

        Kind(double doorS) {
            this.doorS = doorS;
        }

        /** How long the door is open for it while the dish is in, s. */
        public double doorS() {
            return doorS;
        }

        boolean looks() {
            return this != OUT && this != SERVE;
        }
    }
}
