package olla.server.ovens;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;
import olla.core.oven.Cooling;
import olla.core.oven.OvenKind;
import olla.core.uncertainty.OvenCalibration;
import olla.server.tenancy.OfAKitchen;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A kitchen's oven, as stored. */
@Entity
public class Oven extends OfAKitchen {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Integer id;

    private String name;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private OvenKind kind;

    private String sensor;

    @Column(name = "falls_c_per_hour")
    private Double fallsCPerHour;

    /* Counts up with what people say of it, in SQL; what its log teaches leaves it alone. */
    @Column(insertable = false, updatable = false)
    private int version;

    /* Set in SQL, with the version. */
    @Column(insertable = false, updatable = false)
    private Instant putAwayAt;

    /* Likewise. */
    @Column(insertable = false, updatable = false)
    private Instant forgetBefore;

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
        offsetDoubtCelsius = OvenCalibration.UNCHECKED.offsetDoubtC();
        logFilmDoubt = OvenCalibration.UNCHECKED.logFilmDoubt();
    }

    /** Names the thermometer that hangs in it; null for none. */
    public void hang(String device) {
        sensor = device;
    }

    /** What is believed of it. */
    public OvenCalibration calibration() {
        Optional<Cooling> cooling = Optional.ofNullable(fallsCPerHour).map(Cooling::falling);
        return new OvenCalibration(offsetCelsius, offsetDoubtCelsius, logFilm, logFilmDoubt, cooling);
    }

    /** What it loses in the first hour from 250 °C, °C; null where nobody said, 0 where it is kept up. */
    public Double fallsCPerHour() {
        return fallsCPerHour;
    }

    /** How often people have said something new of it. */
    public int version() {
        return version;
    }

    /** Whether it is no longer in this kitchen; its log is. */
    public boolean away() {
        return putAwayAt != null;
    }

    /** Since when it is another than before; null where it always was as it is. */
    public Instant forgetBefore() {
        return forgetBefore;
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
