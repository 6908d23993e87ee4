package olla.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Somebody who taps at screens that several hands use, as stored. */
@Entity
@Table(name = "person")
class PersonRow extends NamedByClient {

    /* So often a PIN may be typed wrong in a row; then nobody tries for a minute, then for two, and so on. */
    private static final int TRIES = 5;
    private static final int LONGEST_MIN = 60;

    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Role role;

    private String pinHash;
    private int wrongPins;
    private Instant shutUntil;
    private Instant removedAt;

    protected PersonRow() {}

    PersonRow(UUID id) {
        super(id);
    }

    void write(String called, Role may) {
        name = called;
        role = may;
    }

    /** Another PIN: tries begin anew, and whoever is in by the old one is out. */
    void setPin(String hash) {
        pinHash = hash;
        right();
    }

    void right() {
        wrongPins = 0;
        shutUntil = null;
    }

    void wrong(Instant now) {
        wrongPins++;
        if (wrongPins >= TRIES) {
            shutUntil = now.plus(Duration.ofMinutes((long)
                    Math.min(LONGEST_MIN, Math.scalb(1.0, Math.min(wrongPins - TRIES, LONGEST_MIN)))));
        }
    }

    /** How often a wrong PIN may still be typed before nobody may try for a while. */
    int triesLeft() {
        return Math.max(0, TRIES - wrongPins);
    }

    /** Until when nobody may try; null where anybody may. */
    Instant shutUntil() {
        return shutUntil;
    }

    void remove(Instant now) {
        removedAt = now;
    }

    boolean removed() {
        return removedAt != null;
    }

    String name() {
        return name;
    }

    String pinHash() {
        return pinHash;
    }

    /** By what it is known that the PIN is still the same: two alike are kept by different hashes. */
    String pinMark() {
        return Secrets.hash(pinHash);
    }

    Person person() {
        return new Person(getId(), name, role);
    }
}
