package olla.server.web;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import java.util.UUID;
import olla.server.tenancy.OfAKitchen;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** A row whose id its client has made, so that asked for twice it is there once. */
@MappedSuperclass
public abstract class NamedByClient extends OfAKitchen implements Persistable<UUID> {

    @Id
    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID id;

    @Transient
    private boolean stored;

    protected NamedByClient() {}

    /** @param id the client's */
    protected NamedByClient(UUID id) {
        this.id = id;
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** The id is the client's, so whether a row exists has to be remembered apart from it. */
    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void markStored() {
        stored = true;
    }
}
