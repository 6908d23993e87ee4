package olla.core.freshness;

import java.util.List;
import olla.core.messages.Message;

/**
 * Is the fish good?
 *
 * @param grade where it can be graded; null while too little has been looked at
 * @param reason what decided it
 * @param advice what to do about it
 * @param eat true only where nothing speaks against eating it
 * @param missing the characters that still have to be looked at before it can be graded
 */
public record Judgement(Score grade, Message reason, Message advice, boolean eat, List<Sense> missing) {

    /** Characters to look at besides the needed ones before a fish is graded. */
    static final int LEAST_LOOKED_AT = 4;
}
