package olla.core.simulation;

import olla.core.heat.Section;

/**
 * What is on the tray just now, and the numbers of its materials.
 *
 * @param fish whether the fish is there, and not only what it will lie on
 * @param coat whether the topping is on
 */
record TrayLoad(boolean fish, boolean coat) {

    static final int FLESH = Section.FLESH;
    static final int TRAY = Section.TRAY;

    /** A topping, or a coat of crumb. */
    static final int COAT = 2;

    /** Salt. */
    static final int CRUST = 3;

    /** What it lies on: citrus, vegetables. */
    static final int BED = 4;

    /** What it lies in: wine and butter. */
    static final int LIQUID = 5;

    /** What is inside it. */
    static final int FILLING = 6;

    static final int MATERIALS = 7;

    TrayLoad withFish() {
        return new TrayLoad(true, coat);
    }

    TrayLoad withCoat() {
        return new TrayLoad(fish, true);
    }
}
