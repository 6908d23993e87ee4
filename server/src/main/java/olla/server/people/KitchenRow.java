package olla.server.people;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** A kitchen of this installation, as stored. */
@Entity
@Table(name = "kitchen")
class KitchenRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Integer id;

    private String name;
    private Instant madeAt;

    protected KitchenRow() {}

    KitchenRow(String name, Instant madeAt) {
        this.name = name;
        this.madeAt = madeAt;
    }

    int id() {
        return id;
    }

    NamedKitchen view() {
        return new NamedKitchen(id, name);
    }
}
