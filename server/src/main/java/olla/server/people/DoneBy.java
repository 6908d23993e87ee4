package olla.server.people;

import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PrePersist;
import java.util.UUID;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A row of which it is kept who wrote it, and at which screen. */
@MappedSuperclass
public abstract class DoneBy extends NamedByClient {

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(updatable = false)
    private UUID personId;

    @JdbcTypeCode(SqlTypes.CHAR)
    @Column(updatable = false)
    private UUID screenId;

    protected DoneBy() {}

    /** @param id the client's */
    protected DoneBy(UUID id) {
        super(id);
    }

    @PrePersist
    void note() {
        Who who = Who.here();
        personId = who.person();
        screenId = who.screen();
    }

    /** Who wrote it. */
    public Who by() {
        return new Who(personId, screenId);
    }
}
