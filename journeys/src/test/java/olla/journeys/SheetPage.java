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
    static final Part KITCHEN = Part.button("Ovens, trays, burners, hours");
    static final Part FROM_BOOK = Part.button("Add from the book or the log");
    static final Part KEEP = Part.button("Keep").in(Part.of("dialog"));
    static final Part SHORT = Part.drawn(".word .short");
    static final Part MOVED = Part.drawn(".word").saying("oved: ");
    static final Part DIALS = Part.region("One dial for all in an oven");
    static final Part KEEP_DIAL = Part.of("button").in(DIALS);
    static final Part FORGET = Part.button("Throw this evening away");

    private SheetPage() {}

    /** A dish or a side in the drawing. */
    static Part bar(String title) {
        return Part.button(title).in(DRAWING);
    }

    /** A fish dish of what is wanted, counted from 1. */
    static Part wanted(int number) {
        return Part.drawn(".evening ul:first-of-type li:nth-child(" + number + ") .title");
    }

    /** A step of the list, by its key. */
    static Part step(String key) {
        return Part.drawn(".list li[data-step='" + key + "']");
    }

    /** When a step of the list is to be done. */
    static Part timeOf(String key) {
        return Part.drawn(".list li[data-step='" + key + "'] time");
    }
}
