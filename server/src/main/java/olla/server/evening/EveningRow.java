package olla.server.evening;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** An evening, as stored: what is wanted, and what is kept of its sheet. */
@Entity
@Table(name = "evening")
class EveningRow extends NamedByClient {

    @Version
    private int version;

    /* Counts up with everything that changes what a screen shows, in SQL. */
    @Column(insertable = false, updatable = false)
    private long revision;

    private String name;
    private Instant serveAt;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "mediumtext")
    private String inputJson;

    /* Written in SQL: a sheet that was worked out is no change of what is wanted. */
    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "text", updatable = false)
    private String keptJson = "[]";

    protected EveningRow() {}

    EveningRow(UUID id) {
        super(id);
    }

    void write(String newName, Instant at, String input) {
        name = newName;
        serveAt = at;
        inputJson = input;
    }

    int version() {
        return version;
    }

    long revision() {
        return revision;
    }

    String name() {
        return name;
    }

    Instant serveAt() {
        return serveAt;
    }

    String inputJson() {
        return inputJson;
    }

    String keptJson() {
        return keptJson;
    }
}
