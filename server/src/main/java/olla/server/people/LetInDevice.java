package olla.server.people;

import java.util.regex.Pattern;

/**
 * A device that asks from the network.
 *
 * @param kitchen the one whose device it is
 * @param device the name that its readings bear
 */
public record LetInDevice(int kitchen, String device) {

    private static final Pattern NAME = Pattern.compile("[A-Za-z0-9._-]{1,40}");

    /** Whether readings can bear such a name: 1 to 40 of A-Z, a-z, 0-9, dot, dash, underscore. */
    public static boolean canBe(String name) {
        return name != null && NAME.matcher(name).matches();
    }
}
