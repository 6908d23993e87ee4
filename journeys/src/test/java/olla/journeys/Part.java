package olla.journeys;

/**
 * Something on the screen as a screen reader finds it: by its role (published: WAI-ARIA 1.2) and how its name begins. Looked for
 * anew at each use. What is drawn and has neither is found by how it is drawn.
 *
 * @param role the computed role; null for what is drawn
 * @param name how its accessible name begins; of a {@code definition}, its term
 * @param within what it is in; null for the whole page
 * @param saying what its text contains
 * @param which which of several: 0 the first, -1 the last
 * @param state a state it is in, such as {@code checked}; null for any
 */
record Part(String role, String name, Part within, String saying, int which, String state) {

    /** The first of a role on the page. */
    static Part of(String role) {
        return of(role, "");
    }

    static Part of(String role, String name) {
        return new Part(role, name, null, "", 0, null);
    }

    static Part button(String name) {
        return of("button", name);
    }

    static Part radio(String name) {
        return of("radio", name);
    }

    static Part field(String name) {
        return of("textbox", name);
    }

    static Part option(String name) {
        return of("option", name);
    }

    static Part region(String name) {
        return of("region", name);
    }

    /** What stands beside a term. */
    static Part value(String term) {
        return of("definition", term);
    }

    /** What is drawn, by its selector. */
    static Part drawn(String css) {
        return new Part(null, css, null, "", 0, null);
    }

    Part in(Part whole) {
        return new Part(role, name, whole, saying, which, state);
    }

    Part named(String begins) {
        return new Part(role, begins, within, saying, which, state);
    }

    Part saying(String text) {
        return new Part(role, name, within, text, which, state);
    }

    Part last() {
        return nth(-1);
    }

    Part nth(int place) {
        return new Part(role, name, within, saying, place, state);
    }

    Part checked() {
        return new Part(role, name, within, saying, which, "checked");
    }

    @Override
    public String toString() {
        return (role == null ? "drawn " + name : role + (name.isEmpty() ? "" : " “" + name + "…”"))
                + (saying.isEmpty() ? "" : " saying “" + saying + "”")
                + (within == null ? "" : " in " + within);
    }
}
