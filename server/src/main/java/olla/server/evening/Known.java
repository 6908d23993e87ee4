package olla.server.evening;

/**
 * What is known of an evening's plan, to every instance.
 *
 * @param worked what was worked out last
 * @param turn how often it was to be worked out anew
 * @param anew whether what is wanted had changed then
 * @param made how many tables of {@code of} are made; both 0 once all are
 * @param searching whether a better one is looked for
 * @param lost whether whoever works it out has not been heard of for long
 */
record Known(Worked worked, int turn, boolean anew, int made, int of, boolean searching, boolean lost) {

    /** Of what nobody has asked for yet. */
    static final Known NOTHING = new Known(Worked.NOTHING, 0, false, 0, 0, false, false);
}
