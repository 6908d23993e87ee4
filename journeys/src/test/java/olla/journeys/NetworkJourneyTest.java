package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLException;
import javax.net.ssl.TrustManagerFactory;
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
        kitchen.remember();
    }

    @AfterAll
    static void close() {
        if (kitchen != null) {
            kitchen.close();
        }
    }

    /** What the command on the machine says: a code, and where it is typed. */
    record LetIn(String code, String address) {}

    private static LetIn letIn(String role, String... further) {
        return letIn(kitchen, role, further);
    }

    static LetIn letIn(Kitchen kitchen, String role, String... further) {
        String said = kitchen.attempt(
                        Map.of(),
                        Stream.concat(Stream.of("let-in", role), Stream.of(further))
                                .toArray(String[]::new))
                .said();
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

    /** One tablet, several hands: it asks whose they are before it changes anything, and the machine has a way out of everything. */
    @Test
    void aTabletThatSeveralHandsUseAsksWhoTaps() throws Exception {
        kitchen.asAtFirst();
        try (Screen machine = new Screen(kitchen.address());
                Screen tablet = new Screen(letIn("watcher").address())) {
            machine.open("/screens");
            machine.type(Part.field("Name"), "Ada");
            machine.type(Part.drawn("#pin"), "4711");
            machine.tap(Part.button("Put on the list"));
            machine.waitForText(PAGE, "Ada");
            machine.tap(Part.of("checkbox", "Several hands use it: it asks who taps"));
            machine.tap(Part.button("Let a screen in"));
            String code = machine.text(SIGNS);
            assertThat(machine.objections()).isEmpty();

            tablet.open("/pair");
            enter(tablet, code, "Wall tablet");
            tablet.until("to be in", () -> tablet.path().equals("/bench") ? true : null);
            tablet.open("/oven");
            tablet.waitForText(OvenSide.SAYS, "Leave it shut");
            tablet.tap(Part.button("Take it out"));
            tablet.tap(Part.button("Ada").in(Part.of("dialog")));
            assertThat(tablet.objections()).isEmpty();
            digits(tablet, "0000");
            tablet.waitForText(Part.of("alert").in(Part.of("dialog")), "4 more tries");
            assertThat(kitchen.sql(
                                    "select count(*) from tap where kind = 'OUT' and not undone and screen_id is not null")
                            .strip())
                    .isEqualTo("0");
            digits(tablet, "4711");
            tablet.waitForText(Part.drawn("header .hands"), "Ada");
            // What was tapped before anybody had said who they are was not lost.
            tablet.until("the tap to be Ada's", () -> taps("OUT").equals("Ada") ? true : null);

            // Forgotten: the machine gives another, and the old one is worth nothing from then on.
            assertThat(kitchen.attempt(Map.of(), "12\n", new String[] {"pin", "Ada"})
                            .said())
                    .contains("four digits");
            assertThat(kitchen.attempt(Map.of(), "1812\n", new String[] {"pin", "Ada"})
                            .said())
                    .contains("Ada has another PIN");
            tablet.until(
                    "nobody to be there",
                    () -> tablet.text(Part.drawn("header .hands")).equals("Who taps?") ? true : null);
            tablet.tap(Part.drawn("header .hands"));
            tablet.tap(Part.button("Ada").in(Part.of("dialog")));
            digits(tablet, "1812");
            tablet.waitForText(Part.drawn("header .hands"), "Ada");

            assertThat(kitchen.attempt(Map.of(), "show-out", "Wall tablet").said())
                    .contains("Wall tablet is shown out");
            tablet.until("to be out", () -> tablet.path().equals("/pair") ? true : null);
            assertThat(kitchen.attempt(Map.of(), "show-out", "Wall tablet").code())
                    .isEqualTo(1);
        } finally {
            kitchen.asAtFirst();
        }
    }

    /** A browser lets a page ring and keep its screen on behind a certificate only: it does so here. */
    @Test
    void outOnTheNetworkTheScreenStaysOnAndRings() throws Exception {
        kitchen.asAtFirst();
        try (Screen tablet = new Screen(letIn("cook").address())) {
            tablet.open("/pair");
            enter(tablet, letIn("cook").code(), "Tablet that rings");
            tablet.until("to be in", () -> tablet.path().equals("/bench") ? true : null);
            tablet.script("""
                    window.heard = []
                    navigator.wakeLock.request = (kind) => {
                      window.awake = kind
                      return Promise.reject(new DOMException('', 'NotAllowedError'))
                    }
                    const strike = AudioContext.prototype.createOscillator
                    AudioContext.prototype.createOscillator = function () {
                      window.heard.push(this)
                      return strike.call(this)
                    }
                    """);
            tablet.tap(Part.of("link", "Oven"));
            tablet.waitForText(OvenSide.SAYS, "Leave it shut");
            // The browser without windows that is driven here has no screen to keep on: what it is asked for is seen.
            tablet.until("the screen to stay on", () -> "screen".equals(tablet.script("return window.awake")));
            tablet.tap(Part.button("Take it out"));
            tablet.waitForText(OvenSide.SAYS, "Put it back");
            tablet.until(
                    "the strikes to sound",
                    () -> Boolean.TRUE.equals(
                            tablet.script(
                                    "return window.heard.length > 0 && window.heard.every((one) => one.state !== 'suspended')")));
        } finally {
            kitchen.asAtFirst();
        }
    }

    private static void digits(Screen tablet, String pin) {
        for (String digit : pin.split("")) {
            tablet.tap(Part.button(digit).in(Part.of("dialog")));
        }
    }

    private static String taps(String kind) {
        try {
            return kitchen.sql("select p.name from tap t join person p on p.id = t.person_id where t.kind = '" + kind
                            + "'")
                    .strip();
        } catch (Exception failed) {
            throw new IllegalStateException(failed);
        }
    }

    /** All rows, of all kitchens, with photos and people, come back on a machine that has none; and what it logs names nobody. */
    @Test
    void whatIsBackedUpComesBackOnAnEmptyMachine() throws Exception {
        kitchen.olla("standins", "stop");
        Path file = kitchen.folder().resolve("backup.sql");
        String before;
        String after;
        int tries = 0;
        do {
            assertThat(tries++).as("backups between which nothing was changed").isLessThan(10);
            Files.deleteIfExists(file);
            before = sums(kitchen);
            assertThat(kitchen.attempt(Map.of(), "backup", file.toString()).said())
                    .contains("kept all rows");
            after = sums(kitchen);
        } while (!after.equals(before));
        assertThat(before.lines().count()).isGreaterThan(15);
        assertThat(kitchen.attempt(Map.of(), "backup", file.toString()).said()).contains("is there already");
        Kitchen empty = new Kitchen("restored", Map.of());
        try {
            empty.olla("restore", file.toString());
            assertThat(sums(empty)).isEqualTo(before);
            assertThat(empty.attempt(Map.of("OLLA_LOG", "json"), "start").code())
                    .isZero();
            try (Screen machine = new Screen(empty.address())) {
                machine.open("/log");
                machine.waitForText(PAGE, "the pin when it came out");
            }
            List<String> log = Files.readAllLines(empty.folder().resolve("log/app.log"));
            assertThat(log)
                    .isNotEmpty()
                    .allSatisfy(line -> assertThat(line)
                            .startsWith("{")
                            .endsWith("}")
                            .contains("\"level\":")
                            .doesNotContainIgnoringCase("trout", "zander", "ada", "tablet"));
        } finally {
            empty.close();
            kitchen.olla("standins", "start");
        }
    }

    private static String sums(Kitchen of) throws Exception {
        String tables = String.join("`, `", of.sql("show tables").strip().split("\\s+"));
        return of.sql("checksum table `" + tables + "` extended");
    }

    /** Whoever trusts the kitchen's own authority, which it gives to all, trusts its door: so browsers keep the app. */
    @Test
    void theDoorIsVouchedForByWhatTheKitchenGives() throws Exception {
        String address = letIn("watcher").address();
        HttpResponse<byte[]> given = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(kitchen.address() + "/kitchen.crt"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray());
        assertThat(given.headers().firstValue("content-type")).hasValue("application/x-x509-ca-cert");
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        X509Certificate authority = (X509Certificate)
                CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(given.body()));
        assertThat(authority.getBasicConstraints()).isNotNegative();
        trusted.setCertificateEntry("kitchen", authority);
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext tls = SSLContext.getInstance("TLS");
        tls.init(null, trust.getTrustManagers(), null);
        HttpRequest me = HttpRequest.newBuilder(URI.create(address + "/api/me")).build();
        assertThat(HttpClient.newBuilder()
                        .sslContext(tls)
                        .build()
                        .send(me, HttpResponse.BodyHandlers.ofString())
                        .body())
                .isEqualTo("{\"network\":true}");
        assertThatThrownBy(() -> HttpClient.newHttpClient().send(me, HttpResponse.BodyHandlers.ofString()))
                .isInstanceOf(SSLException.class);
    }

    /** A second kitchen in the same installation: its owner sees its own two ovens, and nothing of the first. */
    @Test
    void anotherKitchenIsReachedByItsOwnScreens() {
        assertThat(kitchen.attempt(Map.of(), "kitchens", "add", "Mill").said()).contains("1 Kitchen", "2 Mill");
        assertThat(kitchen.attempt(Map.of(), "kitchens", "add", "").code()).isEqualTo(1);
        assertThat(kitchen.attempt(Map.of(), "let-in", "owner", "Nowhere").code())
                .isEqualTo(1);
        LetIn owners = letIn("owner", "Mill");
        try (Screen office = new Screen(owners.address())) {
            // As a camera opens it that has taken the code's picture.
            office.open("/pair#" + owners.code().replace(" ", ""));
            office.type(Part.field("What this screen is called"), "Mill office");
            office.tap(Part.button("Let it in"));
            office.until("to be in", () -> office.path().equals("/bench") ? true : null);
            office.open("/log");
            office.waitForText(PAGE, "No bake yet");
            office.open("/screens");
            office.waitForText(PAGE, "Mill office");
        }
    }

    @Test
    void theCommandLetsNobodyInAsSomethingElse() {
        assertThat(kitchen.attempt(Map.of(), "let-in", "guest").code()).isEqualTo(2);
    }
}
