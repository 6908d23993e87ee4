package olla.standin.evenings;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import olla.core.evening.EveningOven;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.uncertainty.OvenCalibration;
import olla.core.units.Temperature;
import olla.practice.kitchen.TrueOven;

/** An oven as it really goes through an evening. Minutes are the evening's. Mutable. */
final class HiddenOven {

    /* A shut oven turned down, its door ajar, minutes (order of magnitude, from memory), and when the lamp goes out, K. */
    private static final double COOLS_BY_MIN = 5;
    private static final double LAMP_K = 6;

    private static final double KNOWN_C = 0.01;

    private final EveningOven said;
    private final Hidden.Oven truth;
    private final List<Opened> doors = new ArrayList<>();
    private final List<Load> loads = new ArrayList<>();
    private final Map<String, Double> outMin = new HashMap<>();
    private double dialC;
    private double turnedAt;
    private double fromC = Temperature.ROOM_C;

    private record Opened(double minute, double seconds) {}

    HiddenOven(EveningOven said, Hidden.Oven truth) {
        this.said = said;
        this.truth = truth;
    }

    EveningOven said() {
        return said;
    }

    /** What its dial says, °C; 0 while it is off. */
    double dialC() {
        return dialC;
    }

    void turn(double now, double toC) {
        fromC = airC(now);
        turnedAt = now;
        dialC = toC;
    }

    /* By its own measure: what it lies by, it does not know. */
    private double airC(double now) {
        if (dialC == 0) {
            return Temperature.ROOM_C;
        }
        double since = now - turnedAt;
        return fromC < dialC
                ? Math.min(dialC, fromC + truth.heatsKPerMin() * since)
                : dialC + (fromC - dialC) * Math.exp(-since / COOLS_BY_MIN);
    }

    /** Whether its lamp says that it is at its heat. */
    boolean lamp(double now) {
        return dialC > 0 && Math.abs(airC(now) - dialC) <= LAMP_K;
    }

    /** The same oven, known. */
    EveningOven known() {
        OvenCalibration truly = new OvenCalibration(truth.offsetC(), KNOWN_C, Math.log(truth.filmFactor()), KNOWN_C);
        return new EveningOven(said.key(), said.name(), said.kind(), truly, said.shelves(), said.tray(), said.keepsC());
    }

    void opened(double now, double seconds) {
        doors.add(new Opened(now, seconds));
    }

    /** Something goes in. */
    void goesIn(Load load) {
        loads.add(load);
    }

    /** What is in it comes out. */
    void comesOut(String what, double now) {
        outMin.put(what, now);
    }

    /** What all else in it takes of its heat, W. */
    double besideW(String what, double minute) {
        return loads.stream()
                .filter(load -> !load.of().equals(what))
                .filter(load -> minute < outMin.getOrDefault(load.of(), Double.POSITIVE_INFINITY))
                .mapToDouble(load -> load.at(minute))
                .sum();
    }

    /** As whatever is in it really has it. */
    TrueOven truly() {
        return new TrueOven(truth.offsetC(), truth.filmFactor(), truth.swingC(), truth.rest());
    }

    /** What happens to it until now while something is in it. */
    OvenEvents since(double inMin, double now) {
        List<OvenEvent> events = new ArrayList<>();
        if (airC(inMin) < dialC - LAMP_K) {
            events.add(new OvenEvent.NotHot(airC(inMin)));
        }
        for (Opened door : doors) {
            if (door.minute() > inMin && door.minute() <= now) {
                events.add(new OvenEvent.DoorOpened(door.minute() - inMin, door.seconds()));
            }
        }
        return new OvenEvents(events);
    }
}
