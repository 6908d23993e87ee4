package olla.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * The rooms of the house and the arrows between them: each room's package-info says what it is for and whom it knows, and
 * that is so; the drawing in docs/architecture.md is today's.
 */
class RoomsTest {

    private static final String HOUSE = "olla.";
    private static final Pattern KNOWS =
            Pattern.compile("<p>Knows: ([^.]+(?:\\.\\w+[^.]*)*)\\.\\s*\\*/", Pattern.DOTALL);
    private static final Pattern NAMED = Pattern.compile("`([a-z]+(?:/[a-z]+)*/[A-Z]\\w+)(?:\\.(?!vue)\\w+)?`");
    private static final Pattern IMPORT = Pattern.compile(
            "^import (?:static )?olla\\.((?:core|practice|server)(?:\\.[a-z]+)*)\\.[A-Z]", Pattern.MULTILINE);
    private static final String NOBODY = "nothing else of the house";
    private static final Path DRAWN = Path.of("..", "docs", "architecture.md");
    private static final String BEGINS = "```mermaid\n";
    private static final String ENDS = "```\n";

    /* Each room, as core.fish, and the rooms it really knows. */
    private static final Map<String, Set<String>> ROOMS = new TreeMap<>();

    @BeforeAll
    static void walkThrough() {
        JavaClasses classes = new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                // What is worked out from these classes before the start knows all of them.
                .withImportOption(location -> !location.contains("__"))
                .importPackages(HOUSE + "core", HOUSE + "practice", HOUSE + "server");
        for (JavaClass inside : classes) {
            Set<String> known = ROOMS.computeIfAbsent(room(inside), r -> new TreeSet<>(imported(r)));
            inside.getDirectDependenciesFromSelf().stream()
                    .map(d -> d.getTargetClass().getBaseComponentType())
                    .filter(c -> c.getPackageName().startsWith(HOUSE))
                    .map(RoomsTest::room)
                    .filter(r -> !r.equals(room(inside)))
                    .forEach(known::add);
        }
    }

    /* A constant that is taken over leaves no trace in a class, but an import in its source. */
    private static Set<String> imported(String room) {
        try (Stream<Path> files = Files.list(source(room))) {
            return files.filter(Files::isRegularFile)
                    .flatMap(file -> {
                        try {
                            return IMPORT.matcher(Files.readString(file)).results();
                        } catch (IOException e) {
                            throw new UncheckedIOException(e);
                        }
                    })
                    .map(m -> m.group(1))
                    .filter(r -> !r.equals(room))
                    .collect(Collectors.toSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Path source(String room) {
        return Path.of("..", room.split("\\.")[0], "src/main/java/olla", room.replace('.', '/'));
    }

    private static String room(JavaClass inside) {
        return inside.getPackageName().substring(HOUSE.length());
    }

    private static String packageInfo(String room) throws IOException {
        Path file = source(room).resolve("package-info.java");
        assertThat(file).as("what %s is for", room).exists();
        return Files.readString(file);
    }

    private static Set<String> told(String room) throws IOException {
        Matcher knows = KNOWS.matcher(packageInfo(room));
        assertThat(knows.find())
                .as("package-info of %s ends with whom it knows: <p>Knows: core.units, ... or %s.", room, NOBODY)
                .isTrue();
        String list = knows.group(1).replaceAll("\\s*\\*\\s*", " ").strip();
        return list.equals(NOBODY) ? Set.of() : new TreeSet<>(Set.of(list.split(",\\s*")));
    }

    @Test
    void eachRoomKnowsWhomItSays() throws IOException {
        assertThat(ROOMS).hasSizeGreaterThan(25);
        Map<String, Set<String>> told = new TreeMap<>();
        for (String room : ROOMS.keySet()) {
            told.put(room, told(room));
        }
        assertThat(told).as("whom each room says it knows").containsExactlyEntriesOf(ROOMS);
    }

    @Test
    void noArrowGoesRoundAndNoneFromCoreToTheServer() {
        for (String room : ROOMS.keySet()) {
            Set<String> beyond = reached(room);
            assertThat(beyond).as("rooms reached from %s", room).doesNotContain(room);
            if (room.startsWith("core")) {
                assertThat(beyond).as("rooms reached from %s", room).noneMatch(r -> r.startsWith("server"));
            }
        }
    }

    private static Set<String> reached(String room) {
        Set<String> found = new TreeSet<>();
        ROOMS.get(room).forEach(next -> follow(next, found));
        return found;
    }

    private static void follow(String room, Set<String> found) {
        if (found.add(room)) {
            ROOMS.get(room).forEach(next -> follow(next, found));
        }
    }

    /** What the README and the pages under docs name, as in `heat/Section`, is there. */
    @Test
    void whatThePagesNameIsThere() throws IOException {
        List<Path> pages;
        try (Stream<Path> docs = Files.list(Path.of("..", "docs"))) {
            pages = Stream.concat(docs, Stream.of(Path.of("..", "README.md")))
                    .filter(p -> p.toString().endsWith(".md"))
                    .toList();
        }
        for (Path page : pages) {
            NAMED.matcher(Files.readString(page))
                    .results()
                    .map(m -> m.group(1))
                    .forEach(name -> assertThat(Stream.of("core", "practice", "server")
                                    .map(module -> Path.of("..", module, "src/main/java/olla", module, name + ".java")))
                            .as("%s in %s", name, page)
                            .anyMatch(Files::exists));
        }
    }

    @Test
    void theDrawingIsTodays() throws IOException {
        String page = Files.readString(DRAWN);
        int from = page.indexOf(BEGINS) + BEGINS.length();
        String drawn = page.substring(from, page.indexOf(ENDS, from));
        Path today = Path.of("target", "rooms.mermaid");
        Files.writeString(today, drawing());
        assertThat(drawn).as("copy server/%s into docs/architecture.md", today).isEqualTo(drawing());
    }

    /* An arrow that follows from others is left out. */
    private static String drawing() {
        String boxes = Stream.of("server", "practice", "core")
                .map(module -> "  subgraph " + module + "\n"
                        + ROOMS.keySet().stream()
                                .filter(r -> r.startsWith(module + "."))
                                .map(r -> "    " + r + "[" + r.substring(module.length() + 1) + "]\n")
                                .collect(Collectors.joining())
                        + "  end\n")
                .collect(Collectors.joining());
        String arrows = ROOMS.keySet().stream()
                .filter(r -> r.contains("."))
                .flatMap(r -> ROOMS.get(r).stream()
                        .filter(next -> ROOMS.get(r).stream()
                                .noneMatch(other ->
                                        !other.equals(next) && reached(other).contains(next)))
                        .map(next -> "  " + r + " --> " + next + "\n"))
                .collect(Collectors.joining());
        return "flowchart TD\n" + boxes + arrows;
    }
}
