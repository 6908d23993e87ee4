package olla.journeys;

/** What is in the Log, by the names it has there. */
final class LogPage {

    static final Part NEWEST = Part.of("listitem").in(Part.of("main"));
    static final Part SEE_IT = Part.button("Again tonight").in(Part.of("main"));

    private LogPage() {}
}
