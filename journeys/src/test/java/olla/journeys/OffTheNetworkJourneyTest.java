package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The app on a device: it opens with the kitchen computer gone, the bake goes on, taps wait; and a newer one waits until it is taken over. */
class OffTheNetworkJourneyTest {

    private static final Part NEWER = Part.drawn(".newer");

    private static Kitchen kitchen;

    @BeforeAll
    static void open() throws Exception {
        kitchen = new Kitchen("offline", Map.of());
        kitchen.olla("demo");
        kitchen.remember();
    }

    @AfterAll
    static void close() {
        if (kitchen != null) {
            kitchen.close();
        }
    }

    private static void keptOn(Screen screen) {
        screen.open("/oven");
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.until("the app to be kept", () -> screen.kept() ? true : null);
    }

    @Test
    void itOpensWithTheKitchenComputerGoneAndTapsArriveOnce() throws Exception {
        kitchen.asAtFirst();
        try (Screen tablet = new Screen(kitchen.address())) {
            keptOn(tablet);
            kitchen.cut("app");

            tablet.open("/oven");
            tablet.waitForText(OvenSide.SAYS, "Leave it shut");
            tablet.waitForText(OvenSide.ALL, "This is how it stood at");
            String then = tablet.text(OvenSide.TIMER);
            tablet.until("the timer to go on", () -> tablet.text(OvenSide.TIMER).equals(then) ? null : true);
            assertThat(tablet.objections()).isEmpty();
            tablet.tap(Part.button("Take it out"));
            tablet.waitForText(OvenSide.SAYS, "Put it back");
            // Still so after another opening, and told to nobody yet.
            tablet.open("/oven");
            tablet.waitForText(OvenSide.SAYS, "Put it back");

            kitchen.olla("demo");
            tablet.until("the tap to arrive", () -> outTaps().equals("1") ? true : null);
            tablet.open("/oven");
            tablet.waitForText(OvenSide.SAYS, "Put it back");
            assertThat(outTaps()).isEqualTo("1");
        } finally {
            kitchen.asAtFirst();
        }
    }

    @Test
    void aNewerAppWaitsUntilItIsTakenOver() throws Exception {
        kitchen.asAtFirst();
        try (Screen tablet = new Screen(kitchen.address())) {
            keptOn(tablet);
            kitchen.olla("stop");
            Kitchen.Attempt started =
                    kitchen.attempt(Map.of("OLLA_APP", newerApp().toString(), "OLLA_BUILT", "unpacked"), "demo");
            assertThat(started.code()).as(started.said()).isZero();
            assertThat(tablet.worker()).contains("// newer");

            tablet.reload();
            tablet.waitLongForText(NEWER, "It can wait until the fish is out");
            tablet.waitForText(OvenSide.SAYS, "Leave it shut");
            assertThat(tablet.objections()).isEmpty();
            // A tap is no reason to take it over, and none to lose the tap.
            tablet.tap(Part.button("Take it out"));
            tablet.until("the tap to arrive", () -> outTaps().equals("1") ? true : null);
            assertThat(tablet.shows(NEWER)).isTrue();

            tablet.tap(Part.button("Take it over"));
            tablet.until("the newer one", () -> tablet.shows(NEWER) ? null : true);
            tablet.waitForText(OvenSide.SAYS, "Put it back");
            assertThat(tablet.worker()).contains("// newer");
        } finally {
            kitchen.olla("stop");
            kitchen.olla("demo");
            kitchen.asAtFirst();
        }
    }

    private static String outTaps() {
        try {
            return kitchen.sql(
                            "select count(*) from tap t join bake b on b.id = t.bake_id where t.kind = 'OUT' and not t.undone"
                                    + " and b.logged_at is null")
                    .strip();
        } catch (Exception failed) {
            throw new IllegalStateException(failed);
        }
    }

    /* The same application with another worker in its pages: what a build of tomorrow would ship. */
    private Path newerApp() throws IOException {
        Path from = Path.of("target", "app").toAbsolutePath();
        // Where the application's own user can read it.
        Path to = Path.of("target", "app-newer").toAbsolutePath();
        Kitchen.clear(to);
        try (Stream<Path> all = Files.walk(from)) {
            for (Path one : (Iterable<Path>) all::iterator) {
                Files.copy(one, to.resolve(from.relativize(one)), StandardCopyOption.COPY_ATTRIBUTES);
            }
        }
        Files.deleteIfExists(to.resolve("olla.jsa"));
        List<Path> pages;
        try (Stream<Path> all = Files.list(to.resolve("lib"))) {
            pages = all.filter(jar -> jar.getFileName().toString().startsWith("olla-web-"))
                    .toList();
        }
        assertThat(pages).hasSize(1);
        try (FileSystem jar = FileSystems.newFileSystem(pages.get(0));
                Stream<Path> all = Files.walk(jar.getPath("/"))) {
            Path worker = all.filter(file -> file.endsWith("sw.js")).findFirst().orElseThrow();
            Files.writeString(worker, "\n// newer\n", StandardOpenOption.APPEND);
        }
        return to;
    }
}
