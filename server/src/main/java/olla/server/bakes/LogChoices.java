package olla.server.bakes;

import java.util.List;
import java.util.UUID;
import olla.server.web.MaybeAbsent;

/**
 * What the log can be searched by: only what is in it, most often first.
 *
 * @param fish keys of fish, or names of the kitchen's own
 * @param dresses ways to dress them
 */
public record LogChoices(List<Choice> fish, List<Choice> dresses, List<OfOven> ovens, List<OfCook> cooks) {

    /** How many bakes are of one kind. */
    public record Choice(String value, long bakes) {}

    /** How many bakes were in one oven. */
    public record OfOven(int id, String name, long bakes) {}

    /**
     * Somebody who put something in, tapped, or said how it was.
     *
     * @param name missing where nobody knows any more
     */
    public record OfCook(UUID id, @MaybeAbsent String name) {}
}
