package olla.server.habits;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import olla.core.habits.Which;
import olla.server.tenancy.OfAKitchen;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A habit that is not to be believed, as stored; written in SQL. */
@Entity
class HabitOff extends OfAKitchen {

    /** Which habit; each kitchen has its own. */
    @Embeddable
    record Key(
            @Enumerated(EnumType.STRING) @JdbcTypeCode(SqlTypes.VARCHAR)
            Which.About about,

            @Column(name = "whose") String of) {}

    @EmbeddedId
    private Key key;

    protected HabitOff() {}

    Which which() {
        return new Which(key.about(), key.of());
    }
}
