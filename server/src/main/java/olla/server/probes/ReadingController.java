package olla.server.probes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import olla.core.messages.Refusal;
import olla.server.people.LetInDevice;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Where thermometers push what they measure: JSON or lines of CSV. Lines may come late, out of order and twice; a line that
 * cannot be is refused with its number and costs the others nothing.
 */
@RestController
@RequestMapping("/api")
class ReadingController {

    private static final Duration HEARD = Duration.ofMinutes(10);

    private final ReadingStore readings;
    private final Clock clock;

    ReadingController(ReadingStore readings, Clock clock) {
        this.readings = readings;
        this.clock = clock;
    }

    /** @param readings up to 500 */
    record Push(List<DeviceReading> readings) {}

    /**
     * What became of a push.
     *
     * @param taken stored now
     * @param known had come before
     * @param refused why a line was not taken; its field is the line's number from 1
     */
    record Taken(int taken, int known, List<Refusal> refused) {}

    /** The time, as this kitchen has it: a device without a clock of its own can set itself by it. */
    record Time(Instant now) {}

    @GetMapping("/clock")
    Time time() {
        return new Time(now());
    }

    @PostMapping(path = "/readings", consumes = "application/json")
    Taken push(@RequestBody Push push, @AuthenticationPrincipal Object who) {
        return store(PushedReadings.of(push.readings(), now(), only(who)));
    }

    @PostMapping(path = "/readings", consumes = "text/csv")
    Taken push(@RequestBody String lines, @AuthenticationPrincipal Object who) {
        return store(PushedReadings.ofCsv(lines, now(), only(who)));
    }

    /* The one device whose readings may come: from the network its key says which. */
    private static String only(Object who) {
        return who instanceof LetInDevice device ? device.device() : null;
    }

    private Taken store(PushedReadings pushed) {
        int good = pushed.good().size();
        int fresh = good == 0 ? 0 : readings.add(pushed.good());
        return new Taken(fresh, good - fresh, pushed.refused());
    }

    /** The devices that were heard within ten minutes, each with its last reading. */
    @GetMapping("/devices")
    List<DeviceReading> devices() {
        return readings.heard(now().minus(HEARD));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
