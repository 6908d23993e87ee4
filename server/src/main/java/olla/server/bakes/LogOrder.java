package olla.server.bakes;

import org.springframework.data.domain.Sort;

/** What the log is sorted by. */
public enum LogOrder {
    /** When it went in, latest first. */
    NEWEST(Sort.by("startedAt").descending()),
    /** When it went in, earliest first. */
    OLDEST(Sort.by("startedAt")),
    /** How far from the likely minute it came out, furthest first; those of which nobody knows last. */
    FURTHEST(Sort.by("offMin").descending()),
    /** What it was called. */
    TITLE(Sort.by("title"));

    private final Sort sort;

    LogOrder(Sort sort) {
        // The same lines in the same order, whichever page is asked for.
        this.sort = sort.and(Sort.by("startedAt").descending()).and(Sort.by("id"));
    }

    Sort sort() {
        return sort;
    }
}
