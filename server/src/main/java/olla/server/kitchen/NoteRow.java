package olla.server.kitchen;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import olla.server.people.DoneBy;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A note of the house's, as stored. */
@Entity
@Table(name = "house_note")
class NoteRow extends DoneBy {

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private NoteAbout about;

    @Column(name = "whose")
    private String of;

    private String words;
    private Instant writtenAt;

    protected NoteRow() {}

    NoteRow(UUID id) {
        super(id);
    }

    void write(NoteAbout newAbout, String whose, String newWords, Instant at) {
        about = newAbout;
        of = whose;
        words = newWords;
        writtenAt = at;
    }

    NoteView view(String name) {
        return new NoteView(getId(), about, of, words, name, writtenAt);
    }
}
