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

/** A code by which one screen is let in, as stored. */
@Entity
@Table(name = "invitation")
class InvitationRow extends NamedByClient {

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Role role;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String codeHash;

    private boolean shared;
    private Instant until;

    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID usedBy;

    protected InvitationRow() {}

    InvitationRow(UUID id) {
        super(id);
    }

    void write(Role as, boolean byMany, String hashOfCode, Instant last) {
        role = as;
        shared = byMany;
        codeHash = hashOfCode;
        until = last;
        usedBy = null;
    }

    /** Whether it lets this screen in: in time, and no other before it. */
    boolean holdsFor(UUID screen, Instant now) {
        return now.isBefore(until) && (usedBy == null || usedBy.equals(screen));
    }

    void use(UUID screen) {
        usedBy = screen;
    }

    boolean shared() {
        return shared;
    }

    Role role() {
        return role;
    }
}
