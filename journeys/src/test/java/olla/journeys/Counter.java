package olla.journeys;

/** What is at the Counter, by the names it has there. */
final class Counter {

    static final Part FOUND = Part.region("What it is");
    static final Part THICKEST = Part.field("Thickest").in(FOUND);
    static final Part THINNEST = Part.field("Thinnest").in(FOUND);
    static final Part WEIGHS = Part.field("Weighs").in(FOUND);
    static final Part REFUSED = Part.of("alert").in(FOUND);
    static final Part GOOD = Part.region("Is it good, how big is it");
    static final Part VERDICT = Part.of("status").in(GOOD);
    static final Part ASKED = Part.of("alert").in(GOOD);
    static final Part SENSE = Part.of("radiogroup").in(GOOD);
    static final Part ANOTHER_PIECE =
            Part.of("spinbutton", "Thickness of another piece").in(GOOD);
    static final Part OUT_FIRST = Part.of("listitem").saying("out at").in(GOOD);
    static final Part TO_DO = Part.of("complementary", "What to do with it");
    static final Part STEP = Part.of("listitem").in(TO_DO);
    static final Part GO = Part.of("button", "").in(TO_DO).last();
    static final Part TO_THE_BENCH = Part.button("To the Bench").in(TO_DO);

    private Counter() {}

    /** One of a character's looks, the best first. */
    static Part look(int sense, int look) {
        return Part.of("radio").in(SENSE.nth(sense - 1)).nth(look - 1);
    }
}
