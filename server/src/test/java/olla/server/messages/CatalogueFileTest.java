package olla.server.messages;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import olla.core.messages.Message;
import org.junit.jupiter.api.Test;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/**
 * The one catalogue of what is said: it has a sentence for every key in the code, none for a key that nobody says, and no
 * sentence stands anywhere else in core or server.
 */
class CatalogueFileTest {

    private static final Path FILE = Path.of("..", "messages", "en.json");
    private static final Map<String, String> ENGLISH = read();

    private static final Pattern LITERAL = Pattern.compile("\"((?:\\\\.|[^\"\\\\])*)\"");
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/|//[^\n]*", Pattern.DOTALL);
    private static final Pattern TEXT_BLOCK = Pattern.compile("\"\"\".*?\"\"\"", Pattern.DOTALL);

    /* Where a key is named: behind these, as the first literal. */
    private static final Pattern NAMED = Pattern.compile(
            "(?:Message\\.of|new (?:NotNow|NotThere|Busy|TooMany|NoRoom|ChangedSince))\\(\\s*\"([^\"]+)\"\\s*[,)]");

    /* Two words of small letters: what a sentence has and a key, a name of a file or a query's part has not. */
    private static final Pattern SENTENCE =
            Pattern.compile("[\\p{L}’']+,? [a-z’']{2,}[ .,:;?!]|[a-z]{2,} [a-z]{2,} [a-z]{2,}");

    /* What is said to whoever runs or builds the thing, and to the database. */
    private static final List<String> NOT_FOR_COOKS = List.of(
            "LOG.",
            "logger.",
            "getLogger()",
            "new IllegalStateException(",
            "new IllegalArgumentException(",
            "new CancellationException(",
            "new UnsupportedOperationException(",
            "new EOFException(",
            "@Query",
            "value =",
            "@Value",
            "\"select ",
            "jdbc",
            ".description(",
            "parameter(\"",
            "reportInputMismatch",
            "handleWeirdNumberValue",
            "GLUTEN(");

    private static Map<String, String> read() {
        return new ObjectMapper().readValue(FILE.toFile(), new TypeReference<Map<String, String>>() {});
    }

    private static Stream<Path> sources() throws IOException {
        return Stream.of(
                        Files.walk(Path.of("..", "core", "src", "main", "java")),
                        Files.walk(Path.of("..", "practice", "src", "main", "java")),
                        Files.walk(Path.of("src", "main", "java")))
                .flatMap(all -> all)
                .filter(f -> f.toString().endsWith(".java"));
    }

    private static String code(Path file) {
        try {
            String text = Files.readString(file);
            return COMMENT.matcher(TEXT_BLOCK.matcher(text).replaceAll("\"\"")).replaceAll("");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void everyKeyThatIsNamedHasItsSentence() throws IOException {
        List<String> missing = new ArrayList<>();
        try (Stream<Path> files = sources()) {
            files.forEach(file -> NAMED.matcher(code(file))
                    .results()
                    .map(m -> m.group(1))
                    .filter(key -> !ENGLISH.containsKey(key))
                    .forEach(key -> missing.add(file.getFileName() + ": " + key)));
        }
        assertThat(missing).isEmpty();
    }

    @Test
    void everyPatternCanBeRead() {
        ENGLISH.forEach((key, pattern) -> {
            assertThat(new MessageFormat(pattern, Locale.ENGLISH).format(Map.of()))
                    .as(key)
                    .isNotNull();
            assertThat(pattern).as(key).isNotEmpty().doesNotContain("''");
        });
    }

    @Test
    void theFileIsInOrder() throws IOException {
        List<String> keys = Files.readAllLines(FILE).stream()
                .map(LITERAL::matcher)
                .filter(Matcher::find)
                .map(m -> m.group(1))
                .toList();
        assertThat(keys).isSorted().doesNotHaveDuplicates();
    }

    /** A sentence in the code is one that no other language can say. */
    @Test
    void noSentenceStandsOutsideTheCatalogue() throws IOException {
        Set<String> found = new TreeSet<>();
        try (Stream<Path> files = sources()) {
            // The reports of the bench are for whoever runs it.
            files.filter(f -> !f.toString().contains("olla/server/demo")
                            && !f.toString().endsWith("Report.java"))
                    .forEach(file -> {
                        String[] statements = code(file).split("(?<=[;{}])");
                        for (String statement : statements) {
                            if (NOT_FOR_COOKS.stream().noneMatch(statement::contains)) {
                                LITERAL.matcher(statement)
                                        .results()
                                        .map(MatchResult::group)
                                        .filter(literal ->
                                                SENTENCE.matcher(literal).find())
                                        .forEach(literal -> found.add(file.getFileName() + ": " + literal));
                            }
                        }
                    });
        }
        assertThat(found).isEmpty();
    }

    /** Those whose constants are said by their own names. */
    @Test
    void everyConstantThatIsSaidHasItsWord() {
        List<Class<? extends Enum<?>>> said = List.of(
                olla.core.doneness.Band.class,
                olla.core.doneness.Doneness.class,
                olla.core.dress.Mix.class,
                olla.core.dress.Pour.Liquid.class,
                olla.core.dress.Salt.class,
                olla.core.dress.SaltCrust.Damping.class,
                olla.core.dress.Topping.When.class,
                olla.core.dress.Vegetable.class,
                olla.core.fish.Cut.class,
                olla.core.fish.EatingQualities.Bones.class,
                olla.core.fish.EatingQualities.Firmness.class,
                olla.core.fish.Group.class,
                olla.core.fish.MeasuredBy.class,
                olla.core.fish.Species.class,
                olla.core.freshness.Keeping.class,
                olla.core.freshness.Sense.class,
                olla.core.plan.TrayFit.How.class,
                olla.core.probe.Trust.class,
                olla.core.safety.Allergen.class,
                olla.core.safety.Parasites.class,
                olla.core.uncertainty.Doubt.About.class);
        assertThat(said.stream()
                        .flatMap(type -> Arrays.stream(type.getEnumConstants()))
                        .map(constant -> Message.word(constant).key())
                        .filter(key -> !ENGLISH.containsKey(key)))
                .isEmpty();
        assertThat(said.stream().map(Class::getSimpleName)).doesNotHaveDuplicates();
    }

    /**
     * A key that is put together from a short name, in one file.
     *
     * @param named where the short name stands, as the first group
     * @param keys what the name stands in; {@code %s} is the name
     */
    private record Family(String file, Pattern named, List<String> keys) {

        static Family of(String file, String named, String... keys) {
            return new Family(file, Pattern.compile(named), List.of(keys));
        }
    }

    private static final List<Family> FAMILIES = List.of(
            Family.of("Cautions", "new Rule\\(\\s*\"([A-Z_]+)\"", "caution.%s"),
            Family.of("Cautions", "source\\(\"([a-z-]+)\"\\)", "source.%s"),
            Family.of("Quantities", "say\\(\\s*\"([a-z-]+)\"", "advice.%s"),
            Family.of("Quantities", "add\\(\"([a-z-]+)\"", "stuff.%s"),
            Family.of("Quantities", "StuffNames\\.of\\(\"([a-z-]+)\"\\)", "stuff.%s"),
            Family.of("Mix", "(?:grams|millilitres)\\(\"([a-z-]+)\"", "stuff.%s"),
            Family.of("Coat", "StuffNames\\.of\\(\"([a-z-]+)\"\\)", "stuff.%s"),
            Family.of("Coat", "[A-Z]\\(\"([a-z-]+)\"\\)[,;]", "stuff.%s"),
            Family.of("Ahead", "add\\(Part\\.\\w+, [^\"]+\"([a-z-]+)\"", "ahead.%s"),
            Family.of("Style", "(?:well|care|poorly)\\(\"([a-z.-]+)\"\\)", "suits.%s"),
            Family.of("PrepList", "add\\(\"([a-z-]+)\", \\w+\\)", "prep.%s", "prep.%s.why"),
            Family.of("Carving", "new Step\\(Picture\\.(\\w+)\\)", "picture.%s", "picture.%s.how"),
            Family.of("BakeClock", "\"(stuffing|target|official|least)\"", "lacks.%s"));

    private static final Pattern RANGE =
            Pattern.compile("\\.?(?:range|length)\\(\\s*(?:\"[^\"]*\"|\\w+)(?: \\+ \"[^\"]*\")*,\\s*\"([a-z-]+)\"");
    private static final Pattern REFUSED =
            Pattern.compile("(?:refusals|Refusals\\(\\))\\s*\\.add\\(\\s*[^,]+?,\\s*\"([a-z-]+\\.[a-z-]+)\"");

    @Test
    void everyNameThatBecomesAKeyHasItsSentence() throws IOException {
        Set<String> missing = new TreeSet<>();
        Set<String> found = new TreeSet<>();
        try (Stream<Path> files = sources()) {
            files.forEach(file -> {
                String name = file.getFileName().toString().replace(".java", "");
                String code = code(file);
                FAMILIES.stream()
                        .filter(f -> f.file().equals(name))
                        .forEach(f -> f.named()
                                .matcher(code)
                                .results()
                                .map(m -> m.group(1))
                                .map(n -> name.equals("Cautions")
                                        ? n.toLowerCase(Locale.ROOT).replace('_', '-')
                                        : n)
                                .flatMap(n -> f.keys().stream().map(key -> key.formatted(n)))
                                .forEach(found::add));
                RANGE.matcher(code).results().forEach(m -> found.add("what." + m.group(1)));
                REFUSED.matcher(code).results().forEach(m -> found.add(m.group(1)));
            });
        }
        // Said as the leftovers' own rule.
        found.remove("caution.two-hours");
        found.stream().filter(key -> !ENGLISH.containsKey(key)).forEach(missing::add);
        assertThat(found).hasSizeGreaterThan(150);
        assertThat(missing).isEmpty();
    }
}
