package olla.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import olla.server.Started;
import olla.server.recipes.RecipeInput;
import olla.server.recipes.RecipeService;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** The demo comes into a kitchen that was started without it, and not among what is somebody's own. */
@Started(schema = "demo_later", web = false)
class DemoLoaderTest {

    @Autowired
    private DemoKitchen kitchen;

    @Autowired
    private RecipeService recipes;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private Clock clock;

    private void loadTheDemo() {
        new DemoLoader(kitchen, jdbc, transaction, clock, true).run(null);
    }

    private long rows(String table) {
        return jdbc.sql("select count(*) from " + table).query(Long.class).single();
    }

    @Test
    void theDemoIsLoadedOnceWhereNothingIsYetAndNotAmongWhatIsSomebodysOwn() {
        assertThat(rows("oven")).as("made at the first start").isEqualTo(2);
        RecipeInput own = new RecipeInput("Ours", 1, null, List.of(), List.of("Bake it."), "");
        transaction.executeWithoutResult(status -> recipes.add(UUID.randomUUID(), own));
        loadTheDemo();
        assertThat(rows("bake") + rows("recipe")).isEqualTo(1);

        jdbc.sql("delete from recipe").update();
        loadTheDemo();
        assertThat(rows("bake")).isEqualTo(13);
        assertThat(jdbc.sql("select count(*) from oven where name = 'Fan oven'")
                        .query(Long.class)
                        .single())
                .isEqualTo(1);

        loadTheDemo();
        assertThat(rows("bake")).isEqualTo(13);
    }
}
