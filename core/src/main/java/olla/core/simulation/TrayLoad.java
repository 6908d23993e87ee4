package olla.core.simulation;

import olla.core.heat.Section;

/**
 * What is on the tray just now, and the numbers of the materials that every dish has.
 *
 * @param fish whether the fish is there, and not only what it will lie on
 * @param joined how many of the later additions are on
 */
record TrayLoad(boolean fish, int joined) {

    static final int FLESH = Section.FLESH;
    static final int TRAY = Section.TRAY;

    TrayLoad withFish() {
        return new TrayLoad(true, joined);
    }

    TrayLoad withNext() {
        return new TrayLoad(fish, joined + 1);
    }
}
