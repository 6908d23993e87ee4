package olla.core.runsheet;

/** What is done in a step of the run sheet. */
public enum Kind {
    /** A course is plated and carried. */
    PLATE,
    /** Wash, bone, dry: what the Counter lists. */
    PREPARE,
    /** It is laid in its dress. */
    DRESS,
    /** It stands out of the fridge; nobody is at it. */
    TEMPER,
    /** An oven is set; nobody is at it. */
    PREHEAT,
    /** It goes in, or onto the hob. */
    PUT_IN,
    /** It cooks; nobody is at it. */
    COOK,
    /** Something is done to it in the oven. */
    TOUCH,
    /** Whether it is done is looked at, and it comes out. */
    LOOK,
    /** It stands under a grill, watched. */
    GRILL,
    /** It rests; nobody is at it. */
    REST,
    /** It is carved. */
    CARVE,
    /** Drain, mash, dress: what a side needs once it has cooked. */
    FINISH;

    /** Whether it is hands alone that it takes, and some time of theirs. */
    public boolean work() {
        return switch (this) {
            case PLATE, PREPARE, DRESS, CARVE, FINISH -> true;
            default -> false;
        };
    }

    /** Whether hands are at it from its first minute to its last. */
    public boolean attended() {
        return switch (this) {
            case TEMPER, PREHEAT, COOK, REST -> false;
            default -> true;
        };
    }
}
