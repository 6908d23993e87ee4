package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The tablet by the oven and the phone in the pocket, out on the network, and whoever carries the plates. */
class NetworkJourneyTest {

    private static final Part PAGE = Part.drawn("main");
    private static final Part SIGNS = Part.drawn(".signs");

    private static Kitchen kitchen;

    @BeforeAll
    static void open() throws Exception {
        kitchen =
                new Kitchen("network", Map.of("OLLA_LAN", "yes", "OLLA_LAN_PORT", String.valueOf(Kitchen.freePort())));
        kitchen.olla("demo");
    }

    @AfterAll
    static void close() {
        if (kitchen != null) {
            kitchen.close();
        }
    }

    /** What the command on the machine says: a code, and where it is typed. */
    private record LetIn(String code, String address) {}

    private static LetIn letIn(String role) {
        String said = kitchen.attempt(Map.of(), "let-in", role).said();
        Matcher found = Pattern.compile("code (\\w{4} \\w{4}) lets.*?(https://[^/]+)/pair", Pattern.DOTALL)
                .matcher(said);
        assertThat(found.find()).as(said).isTrue();
        return new LetIn(found.group(1), found.group(2));
    }

    private static void enter(Screen screen, String code, String name) {
        screen.type(Part.field("The code it shows"), code);
        screen.type(Part.field("What this screen is called"), name);
        assertThat(screen.objections()).isEmpty();
        screen.tap(Part.button("Let it in"));
    }

    @Test
    void aCookIsLetInByAScreenAndAWaiterByTheMachineAndTheCookIsShownOut() {
        LetIn waiters = letIn("watcher");
        // Where this machine has another address than its own, that is the first.
        try (Screen machine = new Screen(kitchen.address());
                Screen tablet = new Screen(waiters.address());
                Screen phone = new Screen(waiters.address())) {
            machine.open("/bench");
            machine.tap(Part.of("link", "Screens"));
            machine.tap(Part.button("Let a screen in"));
            String code = machine.text(SIGNS);
            assertThat(code).matches("[A-Z2-9]{4} [A-Z2-9]{4}");
            assertThat(machine.objections()).isEmpty();

            tablet.open("/oven");
            enter(tablet, code.toLowerCase(), "Tablet at the oven");
            tablet.until("to be in", () -> tablet.path().equals("/bench") ? true : null);
            tablet.open("/oven");
            tablet.waitForText(OvenSide.SAYS, "Leave it shut");

            phone.size(390, 844);
            phone.open("/");
            phone.until("the door", () -> phone.path().equals("/pair") ? true : null);
            enter(phone, "WRONGCDE", "Phone");
            phone.waitForText(Part.of("alert"), "lets nobody in");
            enter(phone, waiters.code(), "Phone");
            phone.until("the plates", () -> phone.path().equals("/plates") ? true : null);
            phone.waitLongForText(PAGE, ":");
            assertThat(phone.objections()).isEmpty();
            assertThat(phone.shows(Part.of("link", "Bench"))).isFalse();

            machine.waitForText(PAGE, "Tablet at the oven");
            machine.waitForText(PAGE, "see when plates go out");
            machine.type(Part.field("As it calls itself"), "probe-7");
            machine.tap(Part.button("Give it a key"));
            machine.waitForText(PAGE, "The key of probe-7, shown this once:");
            assertThat(machine.objections()).isEmpty();
            machine.tap(Part.button("Take the key of probe-7"));
            machine.tap(Part.button("Show Tablet at the oven out"));
            tablet.until("to be out in mid-bake", () -> tablet.path().equals("/pair") ? true : null);
        }
    }

    @Test
    void theCommandLetsNobodyInAsSomethingElse() {
        assertThat(kitchen.attempt(Map.of(), "let-in", "guest").code()).isEqualTo(2);
    }
}
