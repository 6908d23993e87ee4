package olla.server.web;

import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;

/**
 * Versions of what people write, as entity tags (RFC 9110, sections 8.8.3 and 13.1.1): who changes something says which
 * version they had before them.
 */
public final class Versions {

    private Versions() {}

    /** The tag of a version. */
    public static String tag(int version) {
        return '"' + String.valueOf(version) + '"';
    }

    /**
     * The version that an If-Match names.
     *
     * @throws ResponseStatusException 428 where it names none
     */
    public static int named(String ifMatch) {
        try {
            return Integer.parseInt(ifMatch.strip().replaceAll("^\"|\"$", ""));
        } catch (NullPointerException | NumberFormatException none) {
            throw new ResponseStatusException(HttpStatus.PRECONDITION_REQUIRED, "missing.version");
        }
    }
}
