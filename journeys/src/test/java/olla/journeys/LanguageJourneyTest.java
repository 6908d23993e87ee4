package olla.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every station in a language that nobody speaks (web/pseudo.mjs): each of its sentences is in brackets, accented and a third
 * longer, so that whatever stands outside brackets was written in the code, and whatever does not fit would not fit in
 * another language either.
 */
class LanguageJourneyTest {

    @RegisterExtension
    static final Evening EVENING = Evening.shared();

    /**
     * Words outside brackets in what is seen or read aloud. What people typed (names of ovens, dishes, recipes, devices) stands
     * as it is, and so do units, keys, Latin names and the name of the thing itself.
     */
    private static final String OUTSIDE = """
            const typed = /zander|trout|hake|char|sole|haddock|bream|portion|parcels?|quay|^old electric|^fan oven|probe-|thermometer-|sorrel|“.*”|gilthead|^(mon|tue|wed|thu|fri|sat|sun) \\d/i
            const kept = /^(olla|min|tbsp|tsp|cups?|kbd|enter|space|xl)$/i
            const outside = (text) => {
              let depth = 0, rest = ''
              for (const c of text) { if (c === '[') depth++; else if (c === ']') depth--; else if (!depth) rest += c }
              return rest
            }
            const balanced = (text) => text.split('[').length === text.split(']').length
            const seen = []
            const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
            for (let n = walker.nextNode(); n; n = walker.nextNode()) {
              const e = n.parentElement
              if (!e || e.closest('script, style, i, [data-typed], kbd') || !e.checkVisibility()) continue
              // A sentence with something bold in it stands in pieces; it is looked at whole.
              const whole = e.tagName === 'B' ? e.parentElement : e
              const torn = [...whole.childNodes].some((c) => c.nodeType === 3 && !balanced(c.textContent))
              seen.push(torn ? whole.textContent : n.textContent)
            }
            for (const e of document.querySelectorAll('[aria-label], [title], [placeholder]'))
              if (e.checkVisibility() && !e.closest('[data-typed]'))
                for (const a of ['aria-label', 'title', 'placeholder']) if (e.getAttribute(a)) seen.push(e.getAttribute(a))
            return [...new Set(seen.map(outside).filter((t) => !typed.test(t))
              .filter((t) => (t.match(/[A-Za-z]{3,}/g) ?? []).some((w) => !kept.test(w))))]
            """;

    /** Elements whose text is cut off, in drawings too. */
    private static final String CUT_OFF = """
            const drawn = [...document.querySelectorAll('svg text')].filter((e) => e.checkVisibility()).filter((e) => {
              const box = e.ownerSVGElement, a = e.getBoundingClientRect(), b = box.getBoundingClientRect()
              return getComputedStyle(box).overflow !== 'visible' && (a.right > b.right + 2 || a.left < b.left - 2)
            }).map((e) => 'drawn: ' + e.textContent.trim())
            return drawn.concat([...document.querySelectorAll('main *, header *')]
              .filter((e) => e.checkVisibility() && e.innerText && !e.children.length)
              .filter((e) => { const s = getComputedStyle(e); return (s.overflowX === 'hidden' || s.overflowX === 'clip') && e.scrollWidth > e.clientWidth + 1 })
              .filter((e) => !e.closest('.unseen, .el-select, .el-input'))
              .map((e) => e.className + ': ' + e.innerText.slice(0, 60)))
            """;

    private static Screen screen;

    @BeforeAll
    static void open() {
        screen = EVENING.screen();
        screen.open("/bench");
        screen.script("localStorage.clear(); localStorage.setItem('olla.language', 'en-XA')");
    }

    @AfterAll
    static void backToEnglish() {
        screen.script("localStorage.clear()");
    }

    @ParameterizedTest
    @CsvSource({
        "counter, /counter, COUNTER, '', 1280",
        "counter-whole, /counter, COUNTER, whole, 1280",
        "bench-whole, /bench, BENCH, whole, 1280",
        "bench, /bench, BENCH, '', 1280",
        "topping, /bench, BENCH, d, 1280",
        "parchment, /bench, BENCH, dd, 1280",
        "foil, /bench, BENCH, ddd, 1280",
        "tray-bake, /bench, BENCH, ddddd, 1280",
        "compare, /bench, BENCH, [Cómpáré, 1280",
        "shopping, /bench, BENCH, [Shóppíñg, 1280",
        "recipe-book, /bench, BENCH, [Réçípé bóók, 1280",
        "oven-side, /oven, OVEN_SIDE, '', 1280",
        "check, /oven, OVEN_SIDE, l, 1280",
        "oven, /oven, OVEN_SIDE, [Thé óvéñ, 1280",
        "probe, /oven, OVEN_SIDE, [Pút á próbé íñ, 1280",
        "sheet, /sheet, RUN_SHEET, '', 1280",
        "log, /log, LOG, '', 1280",
        "drill, /drill, LOG, '', 1280",
        "drill-390, /drill, LOG, '', 390",
        "keys, /log, LOG, ?, 1280",
        "counter-390, /counter, COUNTER, '', 390",
        "bench-390, /bench, BENCH, '', 390",
        "oven-side-390, /oven, OVEN_SIDE, '', 390",
        "log-390, /log, LOG, '', 390"
    })
    void nothingIsSaidThatIsNotInTheCatalogue(String name, String path, Station ready, String keys, int width)
            throws Exception {
        screen.size(width, 800);
        // Each begins with the fish that lies there at first.
        screen.script("localStorage.clear(); localStorage.setItem('olla.language', 'en-XA')");
        screen.open(path);
        screen.see(ready.inAnyLanguage());
        if (keys.equals("whole")) {
            screen.tap(Part.of("radio").in(Part.of("region").in(Part.of("main"))));
        } else if (keys.startsWith("[")) {
            screen.tap(Part.button(keys));
            screen.see(Part.of("dialog"));
        } else {
            keys.chars().forEach(key -> screen.press(Character.toString(key)));
        }
        screen.scriptLater("document.fonts.ready.then(() => setTimeout(arguments[0], 900))");
        screen.picture(Path.of("target/pictures/pseudo-" + name + ".png"));
        assertThat(screen.script(OUTSIDE)).as("said in the code").isEqualTo(List.of());
        assertThat(screen.script(CUT_OFF)).as("cut off").isEqualTo(List.of());
        assertThat(screen.script("return document.documentElement.scrollWidth"))
                .as("as wide as the screen")
                .isEqualTo((long) width);
    }
}
