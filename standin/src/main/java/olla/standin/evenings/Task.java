package olla.standin.evenings;

import olla.core.runsheet.Kind;

/**
 * Something the hands mean to do. Minutes are counted from when the first course is served.
 *
 * @param key stable name, the run sheet's
 * @param dish key of the dish or side; empty for plating and for setting an oven
 * @param kind what is done
 * @param fromMin when it is meant to begin
 * @param minutes how long it is meant to take
 * @param oven key of the oven; empty where it has none
 * @param dialC the oven's dial, °C; 0 where it has none
 */
record Task(String key, String dish, Kind kind, double fromMin, double minutes, String oven, double dialC) {

    /** Whether other work is put down for it. */
    boolean urgent() {
        return kind == Kind.PUT_IN || kind == Kind.LOOK || kind == Kind.TOUCH || kind == Kind.PLATE;
    }
}
