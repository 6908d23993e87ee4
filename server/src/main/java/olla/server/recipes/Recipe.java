package olla.server.recipes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

/** A recipe of one's own, as stored; what was imported is kept beside it word for word. */
@Entity
class Recipe implements Persistable<UUID> {

    @Id
    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID id;

    @Version
    private int version;

    private String name;
    private int pieces;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "text")
    private String benchJson;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "text")
    private String ingredientsJson;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "text")
    private String stepsJson;

    private String notes;

    @JdbcTypeCode(SqlTypes.LONG32VARCHAR)
    @Column(columnDefinition = "mediumtext")
    private String originalJson;

    private Instant changedAt;

    @Transient
    private boolean stored;

    protected Recipe() {}

    Recipe(UUID id) {
        this.id = id;
    }

    void write(
            String newName,
            int newPieces,
            String bench,
            String ingredients,
            String steps,
            String newNotes,
            Instant at) {
        name = newName;
        pieces = newPieces;
        benchJson = bench;
        ingredientsJson = ingredients;
        stepsJson = steps;
        notes = newNotes;
        changedAt = at;
    }

    void keepOriginal(String json) {
        originalJson = json;
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

    String name() {
        return name;
    }

    int pieces() {
        return pieces;
    }

    String benchJson() {
        return benchJson;
    }

    String ingredientsJson() {
        return ingredientsJson;
    }

    String stepsJson() {
        return stepsJson;
    }

    String notes() {
        return notes;
    }

    String originalJson() {
        return originalJson;
    }

    Instant changedAt() {
        return changedAt;
    }
}
