package olla.server.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import olla.server.tenancy.WhoseKitchen;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Loads the demo kitchen on the first start that asks for it, and never again. */
@Component
@Order(1)
class DemoLoader implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final String NAME = "harrow-quay";

    private final DemoKitchen kitchen;
    private final JdbcClient jdbc;
    private final TransactionTemplate transaction;
    private final Clock clock;
    private final boolean wanted;

    DemoLoader(
            DemoKitchen kitchen,
            JdbcClient jdbc,
            TransactionTemplate transaction,
            Clock clock,
            @Value("${olla.demo}") boolean wanted) {
        this.kitchen = kitchen;
        this.jdbc = jdbc;
        this.transaction = transaction;
        this.clock = clock;
        this.wanted = wanted;
    }

    @Override
    public void run(ApplicationArguments args) {
        if (!wanted) {
            return;
        }
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        WhoseKitchen.in(WhoseKitchen.FIRST, () -> load(now));
    }

    private void load(Instant now) {
        transaction.executeWithoutResult(status -> {
            // The row is taken first: of two instances that start together, one loads and the other finds it done.
            int taken = jdbc.sql("insert ignore into loaded_once (name, loaded_at) values (?, ?)")
                    .param(NAME)
                    .param(LocalDateTime.ofInstant(now, ZoneOffset.UTC))
                    .update();
            if (taken == 1 && used()) {
                // Neither among somebody's own bakes, nor into what their ovens have taught.
                status.setRollbackOnly();
                LOG.warn("The demo is not loaded: this kitchen has bakes or recipes of its own.");
            } else if (taken == 1) {
                kitchen.load(now);
                LOG.info("Loaded the demo kitchen, Harrow Quay.");
            }
        });
    }

    private boolean used() {
        return jdbc.sql("select (select count(*) from bake where kitchen_id = :kitchen)"
                                + " + (select count(*) from recipe where kitchen_id = :kitchen)")
                        .param("kitchen", WhoseKitchen.FIRST)
                        .query(Long.class)
                        .single()
                > 0;
    }
}
