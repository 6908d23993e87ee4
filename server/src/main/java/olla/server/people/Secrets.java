package olla.server.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Locale;

/**
 * Keys and codes. A key has 256 random bits, so that nothing slower than a plain hash is wanted to keep it (published: OWASP ASVS 4.0.3, 2.9 and 6.2, from
 * memory); a code has 38 and lives for minutes.
 */
final class Secrets {

    /* Nothing that is taken for something else when it is read aloud or typed with wet hands: no I, L, O, U, 0, 1 or 5. */
    private static final String LETTERS = "ABCDEFGHJKMNPQRSTVWXYZ2346789";
    private static final int CODE_LENGTH = 8;
    private static final int KEY_BYTES = 32;

    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    static String key() {
        byte[] key = new byte[KEY_BYTES];
        RANDOM.nextBytes(key);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(key);
    }

    static String code() {
        StringBuilder code = new StringBuilder();
        for (int i = 0; i < CODE_LENGTH; i++) {
            code.append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
        }
        return code.toString();
    }

    /** As it is kept: what is typed in small letters, with spaces or dashes, is the same code. */
    static String hashOfCode(String typed) {
        return hash(typed.replaceAll("[\\s-]", "").toUpperCase(Locale.ROOT));
    }

    static String hash(String secret) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(secret.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
