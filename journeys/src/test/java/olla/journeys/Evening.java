package olla.journeys;

import java.util.Map;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;

/**
 * A kitchen that runs and a screen that shows it, for as long as a test class lasts. Journeys that leave a kitchen as usable as
 * they found it share one, which has started once and lasts until the last of them is over.
 */
final class Evening implements BeforeAllCallback, AfterAllCallback {

    private static final Namespace STORE = Namespace.create(Evening.class);
    private static final String DEMO = "demo";

    private final String name;
    private final String command;
    private final Map<String, String> surroundings;
    private Kitchen kitchen;
    private Screen screen;

    /**
     * @param name of the kitchen's folder
     * @param command how it is started: {@code demo} or {@code start}
     */
    Evening(String name, String command) {
        this(name, command, Map.of());
    }

    /** In the demo kitchen that is shared. */
    static Evening shared() {
        return new Evening(null, DEMO);
    }

    /**
     * A demo kitchen whose clock runs so many times as fast; less so where the screen is made slower, or the evening would be over
     * before it has looked.
     */
    static Evening fast(String name, int speed) {
        return new Evening(name, DEMO, Map.of("OLLA_SPEED", String.valueOf(speed / Screen.slowness())));
    }

    /** @param surroundings further environment for every command */
    Evening(String name, String command, Map<String, String> surroundings) {
        this.name = name;
        this.command = command;
        this.surroundings = surroundings;
    }

    @Override
    public void beforeAll(ExtensionContext context) throws Exception {
        // JUnit closes what is in its store when all is over.
        kitchen = name == null
                ? context.getRoot()
                        .getStore(STORE)
                        .getOrComputeIfAbsent(DEMO, demo -> started(DEMO, DEMO, Map.of()), Kitchen.class)
                : started(name, command, surroundings);
        if (name == null) {
            kitchen.asAtFirst();
        }
        screen = new Screen(kitchen.address());
    }

    private static Kitchen started(String name, String command, Map<String, String> surroundings) {
        try {
            Kitchen kitchen = new Kitchen(name, surroundings);
            kitchen.olla(command);
            kitchen.remember();
            return kitchen;
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void afterAll(ExtensionContext context) {
        if (screen != null) {
            screen.close();
        }
        if (kitchen != null && name != null) {
            kitchen.close();
        }
    }

    Kitchen kitchen() {
        return kitchen;
    }

    Screen screen() {
        return screen;
    }
}
