package olla.server.messages;

import java.util.Arrays;
import java.util.Locale;

/**
 * The units an asker counts in. They travel with the language, as the measurement system of a locale (published: Unicode
 * Technical Standard 35, key {@code ms}).
 */
public enum Units {
    /** °C, g, mm, ml. */
    METRIC("metric"),
    /** °F, oz and lb, inches, spoons and cups. */
    IMPERIAL("ussystem"),
    /** A gas oven's marks; all else as {@link #METRIC}. */
    GAS("uksystem");

    private static final String KEY = "ms";

    private final String system;

    Units(String system) {
        this.system = system;
    }

    /** Those of a locale; metric where it does not say. */
    public static Units of(Locale locale) {
        String said = locale.getUnicodeLocaleType(KEY);
        return Arrays.stream(values())
                .filter(units -> units.system.equals(said))
                .findFirst()
                .orElse(METRIC);
    }

    /** A locale with these. */
    public Locale in(Locale locale) {
        return new Locale.Builder()
                .setLocale(locale.stripExtensions())
                .setUnicodeLocaleKeyword(KEY, system)
                .build();
    }
}
