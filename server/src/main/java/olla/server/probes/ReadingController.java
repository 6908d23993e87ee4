package olla.server.probes;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import olla.core.probe.Reading;
import olla.core.units.Refusal;
import olla.core.units.Refusals;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.annotation.Transactional;
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

    private static final int MOST_LINES = 500;
    private static final Pattern NAME = Pattern.compile("[A-Za-z0-9._-]{1,40}");
    private static final Duration AHEAD = Duration.ofSeconds(10);
    private static final Duration LATE = Duration.ofHours(12);
    private static final Duration HEARD = Duration.ofMinutes(10);
    private static final Duration KEPT = Duration.ofDays(30);
    private static final List<String> COLUMNS = List.of("device", "channel", "at", "celsius", "battery");

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
    @Transactional
    public Taken push(@RequestBody Push push) {
        Refusals refusals = new Refusals();
        if (push.readings() == null
                || push.readings().isEmpty()
                || push.readings().size() > MOST_LINES) {
            refusals.add("readings", "A push has 1 to " + MOST_LINES + " readings.")
                    .throwIfAny();
        }
        List<Refusal> refused = new ArrayList<>();
        List<DeviceReading> good = new ArrayList<>();
        for (int i = 0; i < push.readings().size(); i++) {
            take(push.readings().get(i), i + 1, good, refused);
        }
        return store(good, refused);
    }

    @PostMapping(path = "/readings", consumes = "text/csv")
    @Transactional
    public Taken push(@RequestBody String lines) {
        List<Refusal> refused = new ArrayList<>();
        List<DeviceReading> good = new ArrayList<>();
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try {
            int number = 0;
            for (CSVRecord line : format.parse(new StringReader(lines))) {
                if (number == 0 && COLUMNS.get(0).equals(line.get(0))) {
                    continue;
                }
                number++;
                if (number > MOST_LINES) {
                    refused.add(new Refusal(String.valueOf(number), "A push has at most " + MOST_LINES + " lines."));
                    break;
                }
                read(line, number, good, refused);
            }
        } catch (IOException | UncheckedIOException broken) {
            new Refusals()
                    .add(
                            "",
                            "These are no lines of CSV (RFC 4180): a quote that is opened is closed, before a comma or a line's end.")
                    .throwIfAny();
        }
        return store(good, refused);
    }

    private void read(CSVRecord line, int number, List<DeviceReading> good, List<Refusal> refused) {
        try {
            if (line.size() < COLUMNS.size() - 1) {
                refused.add(new Refusal(String.valueOf(number), "A line is: " + String.join(",", COLUMNS) + "."));
                return;
            }
            String battery = line.size() < COLUMNS.size() ? "" : line.get(4);
            take(
                    new DeviceReading(
                            line.get(0),
                            Channel.valueOf(line.get(1)),
                            line.get(2).isEmpty() ? null : Instant.parse(line.get(2)),
                            Double.valueOf(line.get(3)),
                            battery.isEmpty() ? null : Integer.valueOf(battery)),
                    number,
                    good,
                    refused);
        } catch (DateTimeException wrong) {
            refused.add(
                    new Refusal(String.valueOf(number), "“" + line.get(2) + "” is no time like 2026-01-31T18:30:00Z."));
        } catch (NumberFormatException wrong) {
            refused.add(new Refusal(
                    String.valueOf(number), "“" + line.get(3) + "” is no number of °C, or the battery none."));
        } catch (IllegalArgumentException wrong) {
            refused.add(new Refusal(
                    String.valueOf(number),
                    "“" + line.get(1) + "” is none of " + Arrays.toString(Channel.values()) + "."));
        }
    }

    private void take(DeviceReading reading, int number, List<DeviceReading> good, List<Refusal> refused) {
        String wrong = wrong(reading);
        if (wrong != null) {
            refused.add(new Refusal(String.valueOf(number), wrong));
            return;
        }
        Instant at = reading.at() == null ? now() : reading.at().truncatedTo(ChronoUnit.MILLIS);
        good.add(new DeviceReading(
                reading.device(), reading.channel(), at, Math.round(10 * reading.celsius()) / 10.0, reading.battery()));
    }

    private String wrong(DeviceReading reading) {
        if (reading == null
                || reading.device() == null
                || !NAME.matcher(reading.device()).matches()) {
            return "A device's name has 1 to 40 of A-Z, a-z, 0-9, dot, dash, underscore.";
        }
        if (reading.channel() == null) {
            return "Say the channel: " + Arrays.toString(Channel.values()) + ".";
        }
        if (reading.celsius() == null || !Reading.possible(reading.celsius())) {
            return "A tip in a kitchen reads " + Refusals.plain(Reading.COLDEST_C) + " to "
                    + Refusals.plain(Reading.HOTTEST_C) + "\u00a0°C, not " + reading.celsius() + ".";
        }
        if (reading.battery() != null && (reading.battery() < 0 || reading.battery() > 100)) {
            return "A battery has 0 to 100 per cent.";
        }
        if (reading.at() != null && reading.at().isAfter(now().plus(AHEAD))) {
            return "It comes from the future; set the device's clock by /api/clock.";
        }
        return reading.at() != null && reading.at().isBefore(now().minus(LATE))
                ? "It is older than " + LATE.toHours() + " hours."
                : null;
    }

    private Taken store(List<DeviceReading> good, List<Refusal> refused) {
        int fresh = good.isEmpty() ? 0 : readings.add(good);
        return new Taken(fresh, good.size() - fresh, refused);
    }

    /** The devices that were heard within ten minutes, each with its last reading. */
    @GetMapping("/devices")
    List<DeviceReading> devices() {
        return readings.heard(now().minus(HEARD));
    }

    /** Readings are kept for a month. */
    @Scheduled(fixedDelayString = "PT6H")
    @Transactional
    public void forget() {
        readings.forgetBefore(now().minus(KEPT));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }
}
