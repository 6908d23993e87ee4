package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.openqa.selenium.Keys;

/**
 * What a cook does at the Oven side from two screens, by keys alone, without a network or with a clock set wrong. The kitchen
 * keeps the time of day, so that however slow a machine is, a fish that was just put in is still raw.
 */
class OvenSideJourneyTest {

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    private static Kitchen kitchen;
    private static Screen screen;
    private static Bench bench;

    @BeforeAll
    static void open() {
        kitchen = EVENING.kitchen();
        screen = EVENING.screen();
        bench = new Bench(screen);
    }

    @Test
    void aTabletAndAPhoneStayInStepOverTwoBakes() throws Exception {
        bench.saltFish();
        screen.tap(Part.button("Put it in"));
        screen.waitForText(OvenSide.ALL, "Whole sea bream, salt");
        String salt = screen.path();
        screen.open("/bench");
        screen.waitForText(Bench.CHECK_FROM, "min");
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.BAKES, "Whole sea bream, salt");
        try (Screen phone = new Screen(kitchen.address())) {
            phone.size(390, 844);
            phone.open(salt);
            screen.open(salt);
            phone.waitForText(OvenSide.ALL, "Whole sea bream, salt");
            screen.waitForText(OvenSide.ALL, "Whole sea bream, salt");
            phone.tap(Part.button("The oven…"));
            phone.tap(Part.button("A look").in(Bench.DIALOG));
            long tapped = System.nanoTime();
            screen.see(Part.button("Undo: the open door"));
            System.out.printf("seen on the other screen after %d ms%n", (System.nanoTime() - tapped) / 1_000_000);
            screen.press("z");
            phone.see(Part.button("It never went in: undo"));
            assertThat(phone.script("return document.documentElement.scrollWidth"))
                    .isEqualTo(390L);

            // A lost network: what is tapped is kept, and sent once.
            phone.network(false);
            phone.tap(Part.button("Take it out"));
            phone.waitForText(OvenSide.SAYS, "Put it back");
            phone.waitForText(OvenSide.TROUBLE, "Waiting: out");
            assertThat(screen.text(OvenSide.SAYS)).doesNotContain("Put it back");
            phone.network(true);
            screen.waitForText(OvenSide.SAYS, "Put it back");
            phone.until("the trouble to pass", () -> phone.shows(OvenSide.TROUBLE) ? null : true);
        }
        assertThat(kitchen.get("/api/bakes" + salt.substring("/oven".length()))).containsOnlyOnce("\"kind\":\"OUT\"");
    }

    @Test
    void everythingAtTheOvenIsReachedByKeyboard() throws Exception {
        bench.openAfresh();
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.press("l");
        screen.see(OvenSide.CUE);
        for (int i = 0; i < 60 && !"Glassy".equals(focused()); i++) {
            screen.press(Keys.TAB);
        }
        assertThat(focused()).isEqualTo("Glassy");
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.VERDICT, "Give it");
        screen.script("document.activeElement.blur()");
        screen.press("z");
        screen.until("no verdict", () -> screen.shows(OvenSide.VERDICT) ? null : true);
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.SAYS, "Put it back");
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
    }

    /** An answer that is on its way while the line tells more of the same bake takes nothing of that away when it comes. */
    @Test
    void anAnswerThatComesLateTakesNothingBack() throws Exception {
        // Every reading makes a later state of the bake, and the answer is then too old for certain.
        kitchen.olla("standins", "stop");
        try {
            anAnswerComesLate();
        } finally {
            kitchen.olla("standins", "start");
        }
    }

    private static void anAnswerComesLate() {
        bench.openAfresh();
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        String bake = "/api/bakes" + screen.path().substring("/oven".length());
        screen.until("it to be stored", () -> kitchenSays(bake, "\"moments\""));
        // The next tap's answer waits until it is let go, and is then as of before anything followed from the tap.
        screen.script("""
                const real = window.fetch
                window.fetch = async (...asked) => {
                  const answer = await real(...asked)
                  if (asked[1]?.method !== 'POST' || !String(asked[0]).split('?')[0].endsWith('/taps')) return answer
                  const bake = await answer.json()
                  await new Promise((go) => (window.letGo = go))
                  return new Response(JSON.stringify({ ...bake, look: undefined, reckoning: true }), { status: 200 })
                }
                """);
        screen.press("l");
        screen.tap(OvenSide.CUE.named("Glassy"));
        screen.waitForText(OvenSide.VERDICT, "Give it");
        screen.until("the answer to be held", () -> screen.script("return window.letGo ? true : null"));

        screen.script("""
                new MutationObserver(() => (window.lost ||= !document.querySelector('.look .verdict'))).observe(
                  document.body, { childList: true, subtree: true })
                window.letGo()
                """);

        screen.until(
                "the tap to be answered",
                () -> screen.script(
                        "return Object.keys(localStorage).some((key) => key.startsWith('olla.out.')) ? null : true"));
        assertThat(screen.script("return window.lost ?? false")).isEqualTo(false);
    }

    private static Boolean kitchenSays(String path, String part) {
        try {
            return kitchen.get(path).contains(part) ? true : null;
        } catch (Exception notYet) {
            return null;
        }
    }

    /** One that comes out too soon is said to be raw, by itself, while the rest goes on; and can be taken back. */
    @Test
    void onePieceIsLetGoAndTheRestIsKept() {
        bench.openAfresh();
        screen.press(Keys.ENTER);
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.tap(Part.button("One out"));
        screen.waitForText(OvenSide.APART, "One piece out at");
        screen.waitForText(OvenSide.APART, "Put it back: it is not done");
        screen.waitForText(OvenSide.APART, "3 pieces are still in");
        assertThat(screen.text(OvenSide.SAYS)).isEqualTo("Leave it shut");
        assertThat(screen.objections()).isEmpty();
        screen.press("z");
        screen.until("all four in again", () -> screen.shows(OvenSide.APART) ? null : true);
    }

    @Test
    void aDeviceWhoseClockIsSetKeepsTheKitchensTime() {
        screen.open("/bench");
        screen.waitForText(Bench.CHECK_FROM, "min");
        screen.tap(Part.button("Put it in"));
        screen.waitForText(OvenSide.SAYS, "Leave it shut");
        screen.see(OvenSide.DRAWN);
        screen.script("const real = Date.now; Date.now = () => real() + 3600e3");
        screen.waitForText(OvenSide.NOTICE, "clock was set");
        assertThat(screen.text(OvenSide.SAYS)).isNotEqualTo("Take it out");
        screen.tap(Part.button("All right").in(OvenSide.NOTICE));
    }

    private static String focused() {
        return String.valueOf(screen.script("return document.activeElement.querySelector('b')?.innerText"));
    }
}
