package olla.server.bakes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import olla.core.messages.Refusals;
import olla.core.messages.Unit;

/**
 * What of the log is wanted. What is missing is not asked for.
 *
 * @param fish the key of a fish, or the name of one of the kitchen's own
 * @param dress how it was dressed
 * @param oven the oven's number
 * @param cook who put it in, tapped, or said how it was
 * @param words all of them in its title or its note, in any order
 * @param said how it was
 * @param from when it went in at the earliest
 * @param until when it went in at the latest, that moment not with it
 * @param order what it is sorted by
 * @param page which page, from 0
 */
public record LogQuery(
        String fish,
        String dress,
        Integer oven,
        UUID cook,
        String words,
        Said said,
        Instant from,
        Instant until,
        LogOrder order,
        int page) {

    /** Everything, newest first, from the beginning. */
    public static final LogQuery ALL = new LogQuery(null, null, null, null, null, null, null, null, LogOrder.NEWEST, 0);

    /** As many lines as a screen rolls through. */
    static final int PAGE = 25;

    /* A page further on than any log goes. */
    private static final int MOST_PAGES = 100_000;
    private static final int MOST_LETTERS = 120;

    /** How it was, or that nobody said so. */
    public enum Said {
        UNDER,
        RIGHT,
        OVER,
        NOTHING
    }

    /** @throws olla.core.messages.RefusedInput where a page or a text is out of range */
    public LogQuery {
        Refusals refusals = new Refusals();
        refusals.range("page", "page", page, 0, MOST_PAGES, Unit.NUMBER);
        if (words != null) {
            refusals.length("words", "words", words, 0, MOST_LETTERS);
        }
        refusals.throwIfAny();
    }

    /** What has to be in its title or note. */
    List<String> each() {
        return words == null || words.isBlank()
                ? List.of()
                : List.of(words.strip().split("\\s+"));
    }
}
