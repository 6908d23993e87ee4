package olla.journeys;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/**
 * How long a change on the Bench takes to the redrawn answer, measured in the page: from the key that makes the piece a
 * millimetre thicker to the frame after the drawing shows it, and to the one after the members' window has come. Asserts nothing and is run by name only: {@code mvn -pl
 * journeys -am -Dtest=InteractionMeasurement -Dsurefire.failIfNoSpecifiedTests=false verify}.
 */
class InteractionMeasurement {

    private static final String CHANGES = """
            const done = arguments[arguments.length - 1];
            const times = [];
            const members = arguments[0];
            const told = () => document.querySelector('.rules')?.getAttribute('aria-busy') === 'false';
            const drawn = () => document.querySelector('.handle').getAttribute('aria-valuetext');
            const press = key => document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
            let turned = false;
            function next(i) {
              if (i === 120) return done(times);
              if (i % 12 === 0 && !turned) {
                // Another dial, or the way back would be through what is known already; down again where members are waited for.
                press(members ? '-' : '=');
                turned = true;
                return setTimeout(() => next(i), 1500);
              }
              turned = false;
              const before = drawn();
              const from = performance.now();
              const key = Math.floor(i / 12) % 2 ? '[' : ']';
              press(key);
              const look = () => {
                if (drawn() === before || members && !told()) return requestAnimationFrame(look);
                times.push(performance.now() - from);
                setTimeout(() => next(i + 1), 60);
              };
              requestAnimationFrame(look);
            }
            next(0);
            """;

    @Test
    @SuppressWarnings("unchecked")
    void fromAChangeToTheRedrawnAnswer() throws Exception {
        try (Kitchen kitchen = new Kitchen("measurement")) {
            kitchen.olla("demo");
            try (Screen screen = new Screen(kitchen.address())) {
                measure(screen, "portion on a tray");
                measure(screen, "portion on a tray, server warm");
                screen.tap(Part.radio("Whole").in(Bench.PIECE));
                screen.type(Bench.WEIGHS, "1200");
                screen.type(Bench.THICKEST, "60");
                screen.waitForText(Bench.THICKNESS, "60 mm");
                report("whole fish of 1.2 kg", (List<Number>) screen.scriptLater(CHANGES, false));
                screen.tap(Part.radio("salt").in(Part.of("radiogroup", "How it is dressed")));
                screen.see(Bench.CRUST);
                report("the same in salt", (List<Number>) screen.scriptLater(CHANGES, false));
                report("the same in salt, members' window", (List<Number>) screen.scriptLater(CHANGES, true));
            }
        }
    }

    @SuppressWarnings("unchecked")
    private static void measure(Screen screen, String what) {
        new Bench(screen).openAfresh();
        report(what, (List<Number>) screen.scriptLater(CHANGES, false));
        report(what + ", members' window", (List<Number>) screen.scriptLater(CHANGES, true));
    }

    private static void report(String what, List<Number> times) {
        double[] sorted =
                times.stream().mapToDouble(Number::doubleValue).sorted().toArray();
        System.out.printf(
                Locale.ROOT,
                "%s: %d changes, median %.0f ms, 95th percentile %.0f ms, worst %.0f ms%n",
                what,
                sorted.length,
                sorted[sorted.length / 2],
                sorted[(int) (sorted.length * 0.95)],
                sorted[sorted.length - 1]);
    }
}
