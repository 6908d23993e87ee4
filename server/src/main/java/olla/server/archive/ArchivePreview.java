package olla.server.archive;

import java.util.List;

/** What an archive holds, list by list, against what is here. */
record ArchivePreview(List<Line> lists) {

    /**
     * One of its lists.
     *
     * @param list its name
     * @param there how many lines it has
     * @param fresh how many of those are not here yet
     * @param here how many there are here
     */
    record Line(String list, int there, int fresh, int here) {}
}
