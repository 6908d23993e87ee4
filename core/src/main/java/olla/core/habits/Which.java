package olla.core.habits;

/**
 * One habit.
 *
 * @param about what kind of habit it is
 * @param of whose; empty where it is of all
 */
public record Which(About about, String of) {

    /** What may be off for many bakes alike. */
    public enum About {
        /** All that is baked here. */
        KITCHEN,
        /** All that is dressed alike. */
        DISH,
        /** All of one fish. */
        FISH,
        /** All that one cook measures. */
        RULER,
        /** All that one cook judges. */
        VERDICT,
        /** All that one probe reads. */
        PROBE;

        /** Whether it colours what is learned of a dish without being in the dish itself. */
        boolean colours() {
            return this == RULER || this == VERDICT || this == PROBE;
        }
    }

    /** Of all that is baked here. */
    public static final Which KITCHEN = new Which(About.KITCHEN, "");
}
