package olla.core.runsheet;

import java.util.Optional;
import olla.core.messages.Message;

/**
 * Where a plan is weakest, and what would help.
 *
 * @param chance how likely it holds
 * @param weakest key of the dish for which a course is late most often; empty where none is
 * @param why what of it is, nothing where there is no weak point
 * @param change the one change that helps most; empty where none does
 */
public record Advice(Chance chance, String weakest, Message why, Optional<Change> change) {

    /**
     * Something to do.
     *
     * @param say what
     * @param within3 share of evenings in which every course is then served within 3 minutes of its moment
     */
    public record Change(Message say, double within3) {}
}
