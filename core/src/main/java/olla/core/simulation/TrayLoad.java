package olla.core.simulation;

import olla.core.heat.Section;

/**
 * What is on the tray just now, and the numbers of the materials that every dish has.
 *
 * @param fish whether the fish is there, and not only what it will lie on
 * @param later whether what goes on later is on
 */
record TrayLoad(boolean fish, boolean later) {

    static final int FLESH = Section.FLESH;
    static final int TRAY = Section.TRAY;

    TrayLoad withFish() {
        return new TrayLoad(true, later);
    }

    TrayLoad withLater() {
        return new TrayLoad(fish, true);
    }
}
