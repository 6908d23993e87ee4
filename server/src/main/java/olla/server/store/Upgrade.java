package olla.server.store;

import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.exception.FlywayValidateException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Brings the schema to what this application expects, wherever an earlier start has left it. Data definition does not roll back
 * in this database, so every migration can be run again from its first line, and before rows are changed they are dumped.
 */
@Component
class Upgrade implements FlywayMigrationStrategy {

    private static final Logger LOG = LoggerFactory.getLogger(Upgrade.class);

    private final Dump dump;

    Upgrade(Dump dump) {
        this.dump = dump;
    }

    @Override
    public void migrate(Flyway flyway) {
        MigrationInfoService before = flyway.info();
        MigrationInfo current = before.current();
        boolean pending = before.pending().length > 0;
        if (current != null && pending) {
            dump.before(current.getVersion().getVersion(), newest(before));
        }
        try {
            flyway.migrate();
        } catch (FlywayValidateException otherwise) {
            // A migration that failed half way is noted as such, and one that was applied before it could be run again
            // has
            // another sum: both are as good as this text.
            LOG.warn("What was noted of earlier upgrades is set right: {}", otherwise.getMessage());
            flyway.repair();
            flyway.migrate();
        }
        dump.upgraded();
    }

    private static String newest(MigrationInfoService info) {
        MigrationInfo[] all = info.all();
        return all[all.length - 1].getVersion().getVersion();
    }
}
