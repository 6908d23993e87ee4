package olla.server.ovens;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import olla.core.oven.OvenKind;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A kitchen's oven, as stored. */
@Entity
public class Oven {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Integer id;

    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private OvenKind kind;

    protected Oven() {}

    /**
     * @param name what the kitchen calls it
     * @param kind how its air moves
     */
    public Oven(String name, OvenKind kind) {
        this.name = name;
        this.kind = kind;
    }

    public Integer id() {
        return id;
    }

    public String name() {
        return name;
    }

    public OvenKind kind() {
        return kind;
    }
}
