package olla.journeys;

/** What is at the Oven side, by the names it has there. */
final class OvenSide {

    static final Part ALL = Part.of("main");
    static final Part SAYS = Part.of("heading").in(ALL);
    static final Part TIMER = Part.of("timer").in(ALL);
    static final Part TROUBLE = Part.of("alert").in(ALL);
    static final Part NOTICE = Part.of("status").in(ALL).saying("clock");
    static final Part BAKES = Part.of("navigation", "Running bakes");
    static final Part INSIDE = Part.region("What goes on inside");
    static final Part DRAWN = Part.of("image").in(INSIDE);
    static final Part RESTING = Part.of("image", "The cut").in(INSIDE);
    static final Part PROBE = Part.of("button").in(INSIDE);
    static final Part PROBE_SAYS = Part.of("status").in(INSIDE);
    static final Part CHECK = Part.region("The check");
    static final Part CUE = Part.of("button").in(CHECK);
    static final Part VERDICT = Part.of("status").in(CHECK);
    static final Part THERMOMETER = Part.field("A thermometer says");
    static final Part NOTE_IT = Part.button("Note it");
    static final Part APART = Part.of("list", "Pieces that are out").in(ALL);
    static final Part CARVING = Part.region("Carving");
    static final Part CARVING_SAYS = Part.of("heading").in(CARVING);
    static final Part LIFTED = Part.of("status").in(CARVING);
    static final Part PROBE_AT_THE_MIDDLE = Part.field("Probe at the middle");
    static final Part NOTE = Part.field("Note");
    static final Part AFTERWARDS = Part.region("Afterwards");
    static final Part PHOTO = Part.of("image").in(AFTERWARDS);
    static final Part DIALOG = Part.of("dialog");

    /* What is only drawn. */
    static final Part TRACE = Part.drawn(".inside .trace");
    static final Part WINDOW = Part.drawn(".bar p");
    static final Part PHOTO_FILE = Part.drawn(".photo input");

    private OvenSide() {}
}
