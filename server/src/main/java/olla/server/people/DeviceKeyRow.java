package olla.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A key that a device pushes readings with, as stored. */
@Entity
@Table(name = "device_key")
class DeviceKeyRow extends NamedByClient {

    private String device;

    @JdbcTypeCode(SqlTypes.CHAR)
    private String keyHash;

    private Instant givenAt;

    protected DeviceKeyRow() {}

    DeviceKeyRow(UUID id) {
        super(id);
    }

    void write(String name, String hashOfKey, Instant now) {
        device = name;
        keyHash = hashOfKey;
        givenAt = now;
    }

    String device() {
        return device;
    }

    DeviceKeyView view(String key) {
        return new DeviceKeyView(getId(), device, givenAt, key);
    }
}
