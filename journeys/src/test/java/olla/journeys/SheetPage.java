package olla.journeys;

/** What is on the Run sheet, by the names it has there. */
final class SheetPage {

    /** There once the sheet is. */
    static final Part NEXT = Part.of("heading", "What comes next");

    static final Part STEPS = Part.drawn(".list ol");
    static final Part CHANCE = Part.drawn(".word").saying("of 100 evenings");
    static final Part DRAWING = Part.of("group", "The evening, drawn to time");
    static final Part UNDO = Part.button("Undo");
    static final Part ANOTHER = Part.button("Another evening");
    static final Part WANTED = Part.region("What is wanted");
    static final Part NAME = Part.field("Name of the evening");
    static final Part ADD_SIDE = Part.button("Add a side");
    static final Part FORGET = Part.button("Throw this evening away");

    private SheetPage() {}

    /** A dish or a side in the drawing. */
    static Part bar(String title) {
        return Part.button(title).in(DRAWING);
    }

    /** A step of the list, by its key. */
    static Part step(String key) {
        return Part.drawn(".list li[data-step='" + key + "']");
    }
}
