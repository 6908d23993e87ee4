package olla.journeys;

import org.openqa.selenium.Keys;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebElement;

/** Works the page as somebody does who has only keys: from stop to stop, never straight to a part of it. */
final class Keyboard {

    /* No part of a page is further away than this. */
    private static final int FAR = 120;

    /* No list is longer. */
    private static final int LONG = 90;

    /* Where the keys go, seen from a part: HERE, the KIN of it in a group that is one stop, BEFORE or AFTER it. */
    private static final String WHERE = """
            const list = arguments[0].closest('.el-select')
            const wanted = list ? list.querySelector('input') : arguments[0]
            const now = document.activeElement
            if (now === wanted || list && list.contains(now) && now.contains(wanted)) return 'HERE'
            const group = wanted.closest('[role=radiogroup]')
            if (group && group.contains(now)) return 'KIN'
            return now.compareDocumentPosition(wanted) & Node.DOCUMENT_POSITION_FOLLOWING ? 'AFTER' : 'BEFORE'
            """;

    private static final String CHOSEN = "return document.activeElement.getAttribute('aria-activedescendant') || ''";

    private final Screen screen;

    Keyboard(Screen screen) {
        this.screen = screen;
    }

    /** Goes from stop to stop until the keys go to a part. */
    void reach(Part part) {
        WebElement there = screen.see(part);
        for (int stops = 0; stops < FAR; stops++) {
            String where;
            try {
                where = (String) screen.script(WHERE, there);
            } catch (StaleElementReferenceException drawnAnew) {
                there = screen.see(part);
                continue;
            }
            switch (where) {
                case "HERE" -> {
                    return;
                }
                case "KIN" -> screen.press(Keys.ARROW_RIGHT);
                case "AFTER" -> screen.press(Keys.TAB);
                default -> screen.press(Keys.chord(Keys.SHIFT, Keys.TAB));
            }
        }
        throw new AssertionError("the keys never come to " + part);
    }

    /** Comes to a button and presses it. */
    void press(Part part) {
        reach(part);
        screen.press(Keys.ENTER);
    }

    /** Comes to one of a group of radio buttons; the arrows that lead there choose it. */
    void pick(Part radio) {
        reach(radio);
    }

    /** Comes to a field, whose text is then marked as a whole, and types over it. */
    void type(Part field, String text) {
        reach(field);
        screen.press(text, Keys.TAB);
    }

    /** Comes to a field with a list, opens it, and goes down that until what is wanted is under the keys. */
    void choose(Part field, String words) {
        reach(field);
        screen.press(Keys.ENTER);
        String wanted = screen.see(Part.option(words)).getAttribute("id");
        for (int down = 0; down < LONG; down++) {
            if (wanted.equals(screen.script(CHOSEN))) {
                screen.press(Keys.ENTER);
                // A list of which several are chosen stays open.
                screen.press(Keys.ESCAPE);
                screen.until("the list to close", () -> screen.shows(Part.option(words)) ? null : true);
                return;
            }
            screen.press(Keys.ARROW_DOWN);
        }
        throw new AssertionError("the keys never come to “" + words + "” in " + field);
    }
}
