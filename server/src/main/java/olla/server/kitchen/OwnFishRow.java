package olla.server.kitchen;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import olla.core.fish.BodyShape;
import olla.core.fish.OwnFish;
import olla.core.fish.Species;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A fish of the kitchen's own, as stored. */
@Entity
@Table(name = "own_fish")
class OwnFishRow extends NamedByClient {

    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Species closest;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private BodyShape build;

    private double fatPercent;

    protected OwnFishRow() {}

    OwnFishRow(UUID id) {
        super(id);
    }

    void write(OwnFish fish) {
        name = fish.name();
        closest = fish.closest();
        build = fish.shape();
        fatPercent = fish.fatPercent();
    }

    OwnFishView view() {
        return new OwnFishView(getId(), name, closest.key(), build, fatPercent);
    }
}
