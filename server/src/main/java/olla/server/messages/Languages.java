package olla.server.messages;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** The languages that were shipped: each is one file {@code messages/<tag>.json} of keys and sentences (ICU MessageFormat). */
final class Languages {

    private static final String FILES = "classpath*:messages/*.json";
    private static final String ENDING = ".json";

    private final Map<String, Map<String, String>> sentences;

    private Languages(Map<String, Map<String, String>> sentences) {
        this.sentences = sentences;
    }

    /**
     * Reads them all.
     *
     * @throws UncheckedIOException where a file cannot be read
     */
    static Languages shipped() {
        ObjectMapper json = new ObjectMapper();
        Map<String, Map<String, String>> found = new TreeMap<>();
        try {
            for (Resource file : new PathMatchingResourcePatternResolver().getResources(FILES)) {
                String name = file.getFilename();
                try (InputStream in = file.getInputStream()) {
                    found.put(
                            name.substring(0, name.length() - ENDING.length()),
                            Map.copyOf(json.readValue(in, new TypeReference<Map<String, String>>() {})));
                }
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        return new Languages(found);
    }

    /** The one that suits best (published: RFC 4647, lookup); English where none does. */
    Locale best(List<Locale.LanguageRange> wanted) {
        String tag = Locale.lookupTag(wanted, sentences.keySet());
        return tag == null ? Locale.ENGLISH : Locale.forLanguageTag(tag);
    }

    /** Its sentences by their keys. */
    Map<String, String> of(Locale language) {
        return sentences.getOrDefault(language.toLanguageTag(), Map.of());
    }
}
