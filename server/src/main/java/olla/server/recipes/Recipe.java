package olla.server.recipes;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A recipe of one's own, as stored; what was imported is kept beside it word for word. */
@Entity
class Recipe extends NamedByClient {

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

    protected Recipe() {}

    Recipe(UUID id) {
        super(id);
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

    int version() {
        return version;
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
