package olla.server.ovens;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import olla.core.estimate.OvenTruth;
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

    private String sensor;
    private int lessons;
    private double offsetCelsius;
    private double offsetDoubtCelsius;
    private double logFilm;
    private double logFilmDoubt;

    protected Oven() {}

    /**
     * @param name what the kitchen calls it
     * @param kind how its air moves
     */
    public Oven(String name, OvenKind kind) {
        this.name = name;
        this.kind = kind;
        learn(OvenTruth.UNCHECKED, 0);
    }

    /** Takes over what its log teaches, from so many bakes. */
    public void learn(OvenTruth truth, int fromBakes) {
        offsetCelsius = truth.offsetC();
        offsetDoubtCelsius = truth.offsetDoubtC();
        logFilm = truth.logFilm();
        logFilmDoubt = truth.logFilmDoubt();
        lessons = fromBakes;
    }

    /** Names the thermometer that hangs in it; null for none. */
    public void hang(String device) {
        sensor = device;
    }

    /** What is believed of it. */
    public OvenTruth truth() {
        return new OvenTruth(offsetCelsius, offsetDoubtCelsius, logFilm, logFilmDoubt);
    }

    /** From how many bakes. */
    public int lessons() {
        return lessons;
    }

    /** The device that measures its air; null where none does. */
    public String sensor() {
        return sensor;
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
