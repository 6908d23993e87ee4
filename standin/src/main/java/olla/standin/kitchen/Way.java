package olla.standin.kitchen;

/** The ways a fish is dressed in that are tried. */
enum Way {
    BARE,
    OILED,
    TOPPED,
    BREADED,
    PARCHMENT,
    FOIL,
    WHOLE,
    SALT;

    boolean wholeFish() {
        return this == WHOLE || this == SALT;
    }
}
