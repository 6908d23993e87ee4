package olla.server.probes;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.UUID;
import olla.server.tenancy.OfAKitchen;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Which probe sits in which bake, and since when, as stored. */
@Entity
public class ProbeUse extends OfAKitchen {

    @Id
    @JdbcTypeCode(SqlTypes.CHAR)
    private UUID bakeId;

    private String device;
    private Instant since;
    private Instant until;

    protected ProbeUse() {}

    /**
     * @param bakeId the bake
     * @param device the probe's name
     * @param since when it was put in
     */
    public ProbeUse(UUID bakeId, String device, Instant since) {
        this.bakeId = bakeId;
        this.device = device;
        this.since = since;
    }

    /** It is in no longer. */
    public void end(Instant at) {
        until = at;
    }

    public UUID bakeId() {
        return bakeId;
    }

    public String device() {
        return device;
    }

    public Instant since() {
        return since;
    }

    /** When it was pulled; null while it is in. */
    public Instant until() {
        return until;
    }
}
