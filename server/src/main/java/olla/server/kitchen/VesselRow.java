package olla.server.kitchen;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.UUID;
import olla.core.dish.Vessel;
import olla.core.dish.Ware;
import olla.server.web.NamedByClient;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A vessel of the kitchen's, as stored. */
@Entity
@Table(name = "own_vessel")
class VesselRow extends NamedByClient {

    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Ware ware;

    private double lengthMm;
    private double widthMm;

    protected VesselRow() {}

    VesselRow(UUID id) {
        super(id);
    }

    void write(String newName, Ware newWare, Vessel.Size size) {
        name = newName;
        ware = newWare;
        lengthMm = size.lengthMm();
        widthMm = size.widthMm();
    }

    VesselView view() {
        return new VesselView(getId(), name, ware, lengthMm, widthMm);
    }
}
