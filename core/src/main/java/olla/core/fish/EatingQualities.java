package olla.core.fish;

import java.util.List;

/**
 * What else a cook should know of a fish.
 *
 * @param firmness how the flesh holds together
 * @param bones what is in it
 * @param mercury how much mercury it tends to carry
 * @param alsoCalled other common names
 */
public record EatingQualities(Firmness firmness, Bones bones, Mercury mercury, List<String> alsoCalled) {

    /** How the flesh holds together (common practice, no source). */
    public enum Firmness {
        FIRM("firm, holds its shape"),
        FLAKY("flaky, lifts with care"),
        DELICATE("delicate, breaks when moved");

        private final String words;

        Firmness(String words) {
            this.words = words;
        }

        /** In a cook's words. */
        public String words() {
            return words;
        }
    }

    /** Bones a guest may meet (common practice, no source). */
    public enum Bones {
        FEW("few bones"),
        PIN("pin bones to pull"),
        MANY("many fine bones"),
        CARTILAGE("gristle, no bones");

        private final String words;

        Bones(String words) {
            this.words = words;
        }

        /** In a cook's words. */
        public String words() {
            return words;
        }
    }

    /** Classes of the joint advice about eating fish (published: FDA and EPA, advice about eating fish, from memory). */
    public enum Mercury {
        LOW,
        MODERATE,
        HIGH
    }
}
