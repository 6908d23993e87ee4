package olla.journeys;

import java.util.Map;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** A kitchen that runs and a screen that shows it, for as long as a test class lasts. */
final class Evening implements BeforeAllCallback, AfterAllCallback {

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

    /** @param surroundings further environment for every command */
    Evening(String name, String command, Map<String, String> surroundings) {
        this.name = name;
        this.command = command;
        this.surroundings = surroundings;
    }

    @Override
    public void beforeAll(ExtensionContext context) throws Exception {
        kitchen = new Kitchen(name, surroundings);
        kitchen.olla(command);
        screen = new Screen(kitchen.address());
    }

    @Override
    public void afterAll(ExtensionContext context) {
        if (screen != null) {
            screen.close();
        }
        if (kitchen != null) {
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
