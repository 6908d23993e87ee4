package olla.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A screen that was let in, as stored. */
@Entity
@Table(name = "screen")
class ScreenRow extends NamedByClient {

    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Role role;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String keyHash;

    private boolean shared;
    private Instant pairedAt;
    private Instant seenAt;
    private Instant removedAt;

    protected ScreenRow() {}

    ScreenRow(UUID id, int kitchen) {
        super(id);
        belongTo(kitchen);
    }

    /** Let in, with a key that nothing else has. */
    void pair(String called, Role as, boolean byMany, String hashOfKey, Instant now) {
        name = called;
        role = as;
        shared = byMany;
        keyHash = hashOfKey;
        pairedAt = now;
        seenAt = now;
        removedAt = null;
    }

    void remove(Instant now) {
        if (removedAt == null) {
            removedAt = now;
        }
    }

    void see(Instant now) {
        seenAt = now;
    }

    String name() {
        return name;
    }

    Instant seenAt() {
        return seenAt;
    }

    LetIn letIn() {
        return new LetIn(kitchenId(), getId(), name, role, shared, null);
    }

    ScreenView view() {
        return new ScreenView(getId(), name, role, shared, pairedAt, seenAt);
    }
}
