package olla.practice.kitchen;

/** The ways a fish is dressed in that are tried. */
public enum Way {
    BARE,
    OILED,
    TOPPED,
    BREADED,
    PARCHMENT,
    FOIL,
    WHOLE,
    SALT;

    /** Whether it goes in as it was caught. */
    public boolean wholeFish() {
        return this == WHOLE || this == SALT;
    }
}
