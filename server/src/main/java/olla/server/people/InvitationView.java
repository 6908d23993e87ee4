package olla.server.people;

import java.time.Instant;
import java.util.List;
import olla.server.web.MaybeAbsent;

/**
 * A code, shown once.
 *
 * @param code eight signs
 * @param until when it ends
 * @param addresses where the kitchen is reached from the network; empty where it is not
 * @param picture the first of them with the code, as a QR code: the path of its dark squares, each one long; missing where there is none
 */
record InvitationView(
        String code,
        Role role,
        Instant until,
        List<String> addresses,
        @MaybeAbsent Picture picture) {

    /**
     * A QR code.
     *
     * @param size how many squares along each side, with its white margin
     */
    record Picture(int size, String path) {}
}
