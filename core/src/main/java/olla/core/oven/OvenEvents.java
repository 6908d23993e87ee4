package olla.core.oven;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import olla.core.units.Temperature;

/**
 * What the oven's air did against its plan: each event departs from the dial by so much and dies away. Departures add, which
 * holds while they are small against the oven's heat.
 *
 * @param events in order of their minutes
 */
public record OvenEvents(List<OvenEvent> events) {

    /** Nothing happened. */
    public static final OvenEvents NONE = new OvenEvents(List.of());

    /** How fast a domestic oven heats up, K a minute: 200 °C in about a quarter of an hour (from memory). */
    public static final double HEATING_K_PER_MIN = 13;

    /* A shut oven turned down gives up its heat through its walls, time constant in minutes (from memory). */
    private static final double COOLING_MIN = 12;

    /* Hot walls warm the air again after the door is shut, time constant in minutes (from memory). */
    private static final double RECOVERY_MIN = 1.5;

    /* An open door lets air out, hottest first: no more than this share of its heat, by this time constant in seconds (from
    memory; walls and tray keep the rest). */
    private static final double MOST_LOST = 0.6;
    private static final double LOSING_S = 25;

    /** Puts them in order. */
    public OvenEvents {
        events = events.stream()
                .sorted(Comparator.comparingDouble(OvenEvent::minute))
                .toList();
    }

    /** Whether the oven did just what was planned. */
    public boolean asPlanned() {
        return events.isEmpty();
    }

    /** Whether the dish stands outside then. */
    public boolean outside(double minute) {
        return events.stream().anyMatch(e -> e instanceof OvenEvent.Outside outside && outside.holds(minute));
    }

    /** When the dish last went back into the oven, minutes; 0 where it has never been out. */
    public double backMin() {
        return events.stream()
                .filter(e -> e instanceof OvenEvent.Outside)
                .mapToDouble(e -> ((OvenEvent.Outside) e).untilMin())
                .max()
                .orElse(0);
    }

    /** The same and one thing more. */
    public OvenEvents and(OvenEvent event) {
        List<OvenEvent> more = new ArrayList<>(events);
        more.add(event);
        return new OvenEvents(more);
    }

    /** The dial, °C. */
    public double dialC(double plannedC, double minute) {
        double dial = plannedC;
        for (OvenEvent event : events) {
            if (event instanceof OvenEvent.DialTurned turned && turned.minute() <= minute) {
                dial = turned.tempC();
            }
        }
        return dial;
    }

    /** What the air would be in an oven that does as its dial says, °C. */
    public double airC(double plannedC, double minute) {
        double dial = plannedC;
        double departure = 0;
        for (OvenEvent event : events) {
            double since = minute - event.minute();
            if (since < 0) {
                break;
            }
            if (event instanceof OvenEvent.NotHot cold) {
                departure -= stillToGo(dial - cold.airC(), since);
            } else if (event instanceof OvenEvent.DoorOpened door) {
                double lost = MOST_LOST * -Math.expm1(-door.seconds() / LOSING_S);
                departure -= (dial - Temperature.ROOM_C) * lost * Math.exp(-since / RECOVERY_MIN);
            } else if (event instanceof OvenEvent.DialTurned turned) {
                double up = turned.tempC() - dial;
                departure -= up > 0 ? stillToGo(up, since) : up * Math.exp(-since / COOLING_MIN);
                dial = turned.tempC();
            } else if (event instanceof OvenEvent.Swings swings) {
                departure += swings.at(minute);
            }
        }
        return Math.max(Temperature.ROOM_C, dial + departure);
    }

    private static double stillToGo(double kelvin, double minutes) {
        return Math.max(0, kelvin - HEATING_K_PER_MIN * minutes);
    }

    /**
     * For how long a door stood open that let out so much of the oven's heat, s, in steps of 5 from 5 to 120.
     *
     * @param lost share of what the air is warmer than the room
     */
    public static double openSeconds(double lost) {
        double share = Math.max(0, Math.min(0.99, lost / MOST_LOST));
        return Math.max(5, Math.min(120, 5 * Math.round(-LOSING_S * Math.log1p(-share) / 5)));
    }

    /**
     * Where a shut oven cools to that fell from one temperature to another in so many minutes, °C.
     *
     * @param minutes above 0
     */
    public static double coolingTo(double fromC, double toC, double minutes) {
        double left = Math.exp(-minutes / COOLING_MIN);
        return (toC - fromC * left) / (1 - left);
    }

    /** What an oven has come to that was turned up so long ago, °C; one that was turned down is taken for cool at once. */
    public static double heatedC(double fromC, double toC, double minutes) {
        return Math.min(toC, fromC + HEATING_K_PER_MIN * Math.max(0, minutes));
    }

    /** How long an oven takes to its heat, minutes. */
    public static double heatingMinutes(double fromC, double toC) {
        return Math.max(0, toC - fromC) / HEATING_K_PER_MIN;
    }
}
