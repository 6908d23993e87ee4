package olla.server.photos;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;
import java.util.UUID;
import olla.server.tenancy.OfAKitchen;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A picture of what was served, as stored: our own encoding of it, nothing of the camera's. */
@Entity
class Photo extends OfAKitchen {

    @Id
    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID bakeId;

    @Lob
    @JdbcTypeCode(SqlTypes.LONG32VARBINARY)
    private byte[] jpeg;

    private Instant takenAt;

    @Lob
    @JdbcTypeCode(SqlTypes.LONG32VARBINARY)
    private byte[] small;

    protected Photo() {}

    Photo(UUID bakeId, byte[] jpeg, Instant takenAt) {
        this.bakeId = bakeId;
        this.jpeg = jpeg.clone();
        this.takenAt = takenAt;
    }

    /** The same as small as a list shows it; null until it was asked for. */
    byte[] small() {
        return small == null ? null : small.clone();
    }

    void keepSmall(byte[] picture) {
        small = picture.clone();
    }

    byte[] jpeg() {
        return jpeg.clone();
    }
}
