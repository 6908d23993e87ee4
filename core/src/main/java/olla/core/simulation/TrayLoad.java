package olla.core.simulation;

import olla.core.heat.Section;

/**
 * What is on the tray just now, and the numbers of the materials that every dish has.
 *
 * @param fish whether the fish is there, and not only what it will lie on
 * @param joined how many of the later additions are on
 * @param uncovered whether what closed it has been opened
 */
record TrayLoad(boolean fish, int joined, boolean uncovered) {

    /** The fish with all that is there from the start. */
    static final TrayLoad AT_FIRST = new TrayLoad(true, 0, false);

    static final int FLESH = Section.FLESH;
    static final int TRAY = Section.TRAY;

    TrayLoad withFish() {
        return new TrayLoad(true, joined, uncovered);
    }

    TrayLoad withNext() {
        return new TrayLoad(fish, joined + 1, uncovered);
    }

    TrayLoad opened() {
        return new TrayLoad(fish, joined, true);
    }
}
