package olla.server.tenancy;

import jakarta.persistence.Column;
import jakarta.persistence.MappedSuperclass;
import org.hibernate.annotations.TenantId;

/** A row that belongs to a kitchen: the one that was worked for when it was written, and it is shown to no other. */
@MappedSuperclass
public abstract class OfAKitchen {

    @TenantId
    @Column(updatable = false)
    private Integer kitchenId;

    protected OfAKitchen() {}

    /** Says whose it is, where that is not whom the thread works for; before it is stored. */
    protected final void belongTo(int kitchen) {
        kitchenId = kitchen;
    }

    /** Whose it is. */
    public final int kitchenId() {
        return kitchenId;
    }
}
