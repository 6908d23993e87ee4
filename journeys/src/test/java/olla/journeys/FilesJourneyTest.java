package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** The kitchen's files: all of it out and in again after a look, its log as a table, a bake on paper. */
class FilesJourneyTest {

    private static final Part MAIN = Part.drawn("main");
    private static final Part FILE = Part.drawn("#archive");
    private static final Part IN = Part.region("In");

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    @TempDir
    Path folder;

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
    }

    @Test
    void theKitchenGoesOutAndIsLookedAtBeforeItComesIn() throws IOException {
        screen.openAfresh("/log");
        screen.waitForText(LogPage.NEWEST, "Lemon sole fillets");
        screen.tap(Part.of("link", "Files"));
        screen.waitForText(MAIN, "The whole kitchen");
        assertThat(screen.objections()).isEmpty();
        // As the application itself keeps a fish of the kitchen's own.
        assertThat(screen.scriptLater("""
                fetch('/api/kitchen/fish/' + crypto.randomUUID(), {
                  method: 'PUT', headers: { 'Content-Type': 'application/json' },
                  body: JSON.stringify({ name: 'Moonfish', closest: 'hake' })
                }).then((answer) => arguments[0](answer.status))""")).isEqualTo(200L);
        Path archive = screen.kept("/api/archive", folder.resolve("kitchen.zip"));

        screen.upload(FILE, archive);
        screen.waitForText(IN, "Nothing in it is new here.");
        screen.waitForText(IN, "Bakes");
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Take in what is new"));
        screen.waitForText(IN, "There was nothing new to take in.");

        // A fish is in the oven: nothing is put in its place.
        screen.upload(FILE, archive);
        screen.tap(Part.button("Put it in place of all that is here"));
        screen.waitForText(IN, "That cannot be undone");
        screen.tap(Part.button("Put it in its place"));
        screen.waitForText(IN, "Something is in an oven here");

        screen.upload(FILE, Files.writeString(folder.resolve("other.zip"), "no archive"));
        screen.waitForText(IN, "This is not an archive of a kitchen’s.");
    }

    @Test
    void theLogIsATable() throws IOException {
        String table = Files.readString(screen.kept("/api/log.csv", folder.resolve("log.csv")));
        assertThat(table.lines().findFirst().orElseThrow()).startsWith("started,title,fish,dish,oven");
        assertThat(table).contains("Lemon sole fillets");
    }

    @Test
    void aBakeIsOnePageOnPaper() {
        screen.openAfresh("/log");
        screen.tap(Part.of("link", "Zander portions, rye butter"));
        screen.waitForText(MAIN, "The ticket as it was");
        screen.waitLongForText(MAIN, "After: the Old electric runs about");
        assertThat(screen.printedPages()).isEqualTo(1);
    }
}
