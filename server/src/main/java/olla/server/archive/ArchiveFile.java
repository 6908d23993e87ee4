package olla.server.archive;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import olla.core.messages.Message;
import olla.core.messages.Refusal;
import olla.core.messages.RefusedInput;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/** An archive on the disk: a ZIP file with one document and pictures beside it, and nothing else. */
final class ArchiveFile implements AutoCloseable {

    /** The document's name in it. */
    static final String DOCUMENT = "kitchen.json";

    private static final Pattern PICTURE = Pattern.compile("photos/[0-9a-f-]{36}[.]jpg");

    /* Unpacked, no kitchen's lists are larger; what says it is small and is not ends here. */
    private static final long MOST_DOCUMENT_BYTES = 400L << 20;
    private static final int MOST_PICTURE_BYTES = 8 << 20;
    private static final int MOST_ENTRIES = 100_000;

    private final JsonMapper json = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxDocumentLength(MOST_DOCUMENT_BYTES)
                            .build())
                    .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
            .build();

    private final ZipFile zip;

    /**
     * Opens one.
     *
     * @throws olla.core.messages.RefusedInput where it is none, or one of a later version
     */
    ArchiveFile(Path file) throws IOException {
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException none) {
            throw refused("archive.no-archive");
        }
        try {
            check();
        } catch (RuntimeException | IOException refused) {
            zip.close();
            throw refused;
        }
    }

    private static RefusedInput refused(String key, Object... namesAndValues) {
        return new RefusedInput(List.of(new Refusal("", Message.of(key, namesAndValues))));
    }

    private void check() throws IOException {
        if (zip.size() > MOST_ENTRIES || zip.getEntry(DOCUMENT) == null) {
            throw refused("archive.no-archive");
        }
        Enumeration<? extends ZipEntry> entries = zip.entries();
        while (entries.hasMoreElements()) {
            String name = entries.nextElement().getName();
            if (!name.equals(DOCUMENT) && !PICTURE.matcher(name).matches()) {
                throw refused("archive.not-ours", "name", name);
            }
        }
        String format = "";
        int version = 0;
        int sheets = 0;
        try (JsonParser parser = parser()) {
            broken(parser.nextToken() != JsonToken.START_OBJECT);
            for (String name = parser.nextName(); name != null; name = parser.nextName()) {
                JsonToken value = parser.nextToken();
                if (name.equals("format") && value == JsonToken.VALUE_STRING) {
                    format = parser.getString();
                } else if (name.equals("version") && value == JsonToken.VALUE_NUMBER_INT) {
                    version = parser.getIntValue();
                } else {
                    broken(sheet(name) == null || value != JsonToken.START_ARRAY);
                    sheets++;
                    parser.skipChildren();
                }
            }
            broken(parser.nextToken() != null);
        } catch (JacksonException unreadable) {
            throw refused("archive.broken");
        }
        if (!format.equals(ArchiveSchema.FORMAT)) {
            throw refused("archive.no-archive");
        }
        if (version > ArchiveSchema.VERSION) {
            throw refused("archive.newer", "version", version, "newest", ArchiveSchema.VERSION);
        }
        broken(version < 1 || sheets != Sheet.values().length);
    }

    private static void broken(boolean is) {
        if (is) {
            throw refused("archive.broken");
        }
    }

    private static Sheet sheet(String key) {
        for (Sheet sheet : Sheet.values()) {
            if (sheet.key().equals(key)) {
                return sheet;
            }
        }
        return null;
    }

    private JsonParser parser() throws IOException {
        return json.createParser(new BufferedInputStream(zip.getInputStream(zip.getEntry(DOCUMENT))));
    }

    /**
     * Reads one of its lists, a line after the other.
     *
     * @throws olla.core.messages.RefusedInput where a line is no line
     */
    void lines(Sheet wanted, Consumer<JsonNode> line) throws IOException {
        try (JsonParser parser = parser()) {
            parser.nextToken();
            for (String name = parser.nextName(); name != null; name = parser.nextName()) {
                parser.nextToken();
                if (!name.equals(wanted.key())) {
                    parser.skipChildren();
                    continue;
                }
                while (parser.nextToken() != JsonToken.END_ARRAY) {
                    line.accept(json.readTree(parser));
                }
                return;
            }
        } catch (JacksonException unreadable) {
            throw refused("archive.broken");
        }
    }

    /**
     * The picture of a bake.
     *
     * @throws olla.core.messages.RefusedInput where it is not there, or larger than any
     */
    byte[] picture(String bake) throws IOException {
        ZipEntry entry = zip.getEntry("photos/" + bake + ".jpg");
        if (entry == null) {
            throw refused("archive.no-picture", "bake", bake);
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes(MOST_PICTURE_BYTES + 1);
            if (bytes.length > MOST_PICTURE_BYTES) {
                throw refused("archive.no-picture", "bake", bake);
            }
            return bytes;
        } catch (ZipException unreadable) {
            throw refused("archive.broken");
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
