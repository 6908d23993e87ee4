package olla.standin.evenings;

import java.util.List;

/** Who decides what the hands mean to do. Knows nothing of what is hidden. */
interface Cook {

    /** What is meant to be done, with everything that has been seen by now. */
    List<Task> tasks(double now, Seen seen);

    /**
     * What a fish that went in is thought to take: its stages follow that.
     *
     * @param in where it is
     * @return minutes
     */
    double takesMin(String dish, Seen.In in);

    /**
     * Looks at a fish in the oven.
     *
     * @param in where it is
     * @param minute since it went in
     * @param tipC what the thermometer reads, °C
     * @return whether it comes out
     */
    boolean outAt(String dish, Seen.In in, double minute, double tipC);
}
