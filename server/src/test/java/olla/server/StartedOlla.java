package olla.server;

import java.util.ArrayList;
import java.util.List;
import olla.server.tenancy.WhoseKitchen;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.TestInstancePostProcessor;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the application as a test class wishes ({@link Started}); one runs at a time, until another is wished for. */
final class StartedOlla implements BeforeAllCallback, AfterAllCallback, TestInstancePostProcessor {

    private static final ExtensionContext.Namespace OURS = ExtensionContext.Namespace.create(StartedOlla.class);

    /** An application and what it was started for. */
    private record Runs(Started wishes, ConfigurableApplicationContext context) implements AutoCloseable {
        @Override
        public void close() {
            context.close();
        }
    }

    @Override
    public void afterAll(ExtensionContext test) {
        test.getStore(OURS)
                .get(WhoseKitchen.Stay.class, WhoseKitchen.Stay.class)
                .close();
    }

    @Override
    public void beforeAll(ExtensionContext test) {
        Started wishes = test.getRequiredTestClass().getAnnotation(Started.class);
        ExtensionContext.Store store = test.getRoot().getStore(OURS);
        Runs before = store.get(Runs.class, Runs.class);
        if (before == null || !before.wishes().equals(wishes)) {
            if (before != null) {
                store.remove(Runs.class);
                before.close();
            }
            store.put(Runs.class, new Runs(wishes, start(wishes)));
        }
        // What a test asks for itself, it asks for the first kitchen.
        test.getStore(OURS).put(WhoseKitchen.Stay.class, WhoseKitchen.enter(WhoseKitchen.FIRST));
    }

    private static ConfigurableApplicationContext start(Started wishes) {
        List<String> settings = new ArrayList<>(List.of("--server.port=0"));
        TestDatabase.running()
                .connection(wishes.schema())
                .forEach((name, value) -> settings.add("--" + name + "=" + value));
        for (String setting : wishes.settings()) {
            settings.add("--" + setting);
        }
        return new SpringApplicationBuilder(OllaServer.class)
                .sources(wishes.with())
                .sources(Http.class)
                .web(wishes.web() ? WebApplicationType.SERVLET : WebApplicationType.NONE)
                .run(settings.toArray(String[]::new));
    }

    @Override
    public void postProcessTestInstance(Object instance, ExtensionContext test) {
        test.getRoot()
                .getStore(OURS)
                .get(Runs.class, Runs.class)
                .context()
                .getAutowireCapableBeanFactory()
                .autowireBean(instance);
    }
}
