package olla.core.fish;

/**
 * What else a cook should know of a fish.
 *
 * @param firmness how the flesh holds together
 * @param bones what is in it
 * @param mercury how much mercury it tends to carry
 */
public record EatingQualities(Firmness firmness, Bones bones, Mercury mercury) {

    /** How the flesh holds together (common practice, no source). */
    public enum Firmness {
        FIRM,
        FLAKY,
        DELICATE
    }

    /** Bones a guest may meet (common practice, no source). */
    public enum Bones {
        FEW,
        PIN,
        MANY,
        CARTILAGE
    }

    /** Classes of the joint advice about eating fish (published: FDA and EPA, advice about eating fish, from memory). */
    public enum Mercury {
        LOW,
        MODERATE,
        HIGH
    }
}
