package olla.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The page of sources names code that exists, and every file that cites a source is on it. */
class SourcesTest {

    private static final Path CODE = Path.of("src/main/java/olla/core");

    @Test
    void theSourcesPageAndTheCodeAgree() throws IOException {
        String page = Files.readString(Path.of("../docs/sources.md"));
        List<String> named = Pattern.compile("`(\\w+/\\w*)`")
                .matcher(page)
                .results()
                .map((MatchResult r) -> r.group(1))
                .toList();
        assertThat(named)
                .isNotEmpty()
                .allSatisfy(name -> assertThat(name.endsWith("/") ? CODE.resolve(name) : CODE.resolve(name + ".java"))
                        .exists());
        try (var files = Files.walk(CODE)) {
            List<String> citing = files.filter(f -> f.toString().endsWith(".java"))
                    .filter(SourcesTest::cites)
                    .map(f -> CODE.relativize(f).toString().replace(".java", ""))
                    .toList();
            assertThat(citing)
                    .allSatisfy(file -> assertThat(named)
                            .as("docs/sources.md should name %s", file)
                            .anyMatch(name -> file.equals(name) || name.endsWith("/") && file.startsWith(name)));
        }
    }

    private static boolean cites(Path file) {
        try {
            String text = Files.readString(file);
            return text.contains("(published:") || text.contains("from memory)") || text.contains("(common practice");
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
