package olla.server.probes;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusal;
import olla.core.messages.Refusals;
import olla.core.probe.Reading;
import olla.server.people.LetInDevice;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * One push of readings, judged line by line: a line that cannot be is refused with its number and costs the others nothing.
 * Mutable, for one thread.
 */
final class PushedReadings {

    /** A push has at most so many lines. */
    static final int MOST_LINES = 500;

    private static final Duration AHEAD = Duration.ofSeconds(10);
    private static final Duration LATE = Duration.ofHours(12);
    private static final List<String> COLUMNS = List.of("device", "channel", "at", "celsius", "battery");

    private final Instant now;
    private final String only;
    private final List<DeviceReading> good = new ArrayList<>();
    private final List<Refusal> refused = new ArrayList<>();

    private PushedReadings(Instant now, String only) {
        this.now = now;
        this.only = only;
    }

    /**
     * What was pushed as JSON.
     *
     * @param readings 1 to {@value #MOST_LINES}
     * @param now when they came
     * @param only the device that all of them have to be of; null for any
     * @throws olla.core.messages.RefusedInput where there are none, or too many
     */
    static PushedReadings of(List<DeviceReading> readings, Instant now, String only) {
        if (readings == null || readings.isEmpty() || readings.size() > MOST_LINES) {
            new Refusals()
                    .add("readings", "refusal.push-readings", "most", MOST_LINES)
                    .throwIfAny();
        }
        PushedReadings pushed = new PushedReadings(now, only);
        for (int i = 0; i < readings.size(); i++) {
            pushed.take(readings.get(i), i + 1);
        }
        return pushed;
    }

    /**
     * What was pushed as lines of CSV, with or without a line of headings.
     *
     * @param now when they came
     * @param only the device that all of them have to be of; null for any
     * @throws olla.core.messages.RefusedInput where it is no CSV
     */
    static PushedReadings ofCsv(String lines, Instant now, String only) {
        PushedReadings pushed = new PushedReadings(now, only);
        pushed.readAll(lines);
        return pushed;
    }

    /** Those that can be. */
    List<DeviceReading> good() {
        return List.copyOf(good);
    }

    /** Why a line was not taken; its field is the line's number from 1. */
    List<Refusal> refused() {
        return List.copyOf(refused);
    }

    private void readAll(String lines) {
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
                    refused.add(refusal(number, "refusal.push-lines", "most", MOST_LINES));
                    break;
                }
                read(line, number);
            }
        } catch (IOException | UncheckedIOException broken) {
            new Refusals().add("", "refusal.no-csv").throwIfAny();
        }
    }

    private void read(CSVRecord line, int number) {
        try {
            if (line.size() < COLUMNS.size() - 1) {
                refused.add(refusal(number, "refusal.csv-line", "columns", String.join(",", COLUMNS)));
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
                    number);
        } catch (DateTimeException wrong) {
            refused.add(refusal(number, "refusal.no-time", "value", line.get(2)));
        } catch (NumberFormatException wrong) {
            refused.add(refusal(number, "refusal.no-reading", "value", line.get(3)));
        } catch (IllegalArgumentException wrong) {
            refused.add(refusal(
                    number, "refusal.none-of", "value", line.get(1), "choices", Message.codes(Channel.values())));
        }
    }

    private void take(DeviceReading reading, int number) {
        Message wrong = wrong(reading);
        if (wrong != null) {
            refused.add(new Refusal(String.valueOf(number), wrong));
            return;
        }
        Instant at = reading.at() == null ? now : reading.at().truncatedTo(ChronoUnit.MILLIS);
        good.add(new DeviceReading(
                reading.device(), reading.channel(), at, Math.round(10 * reading.celsius()) / 10.0, reading.battery()));
    }

    private static Refusal refusal(int number, String key, Object... namesAndValues) {
        return new Refusal(String.valueOf(number), Message.of(key, namesAndValues));
    }

    private Message wrong(DeviceReading reading) {
        if (reading == null || !LetInDevice.canBe(reading.device())) {
            return Message.of("refusal.device-name");
        }
        if (only != null && !only.equals(reading.device())) {
            return Message.of("refusal.another-device", "device", only);
        }
        if (reading.channel() == null) {
            return Message.of("missing.channel", "choices", Message.codes(Channel.values()));
        }
        if (reading.celsius() == null || !Reading.possible(reading.celsius())) {
            return Message.of(
                    "refusal.impossible-reading",
                    "least",
                    Quantity.celsius(Reading.COLDEST_C),
                    "most",
                    Quantity.celsius(Reading.HOTTEST_C),
                    "value",
                    String.valueOf(reading.celsius()));
        }
        if (reading.battery() != null && (reading.battery() < 0 || reading.battery() > 100)) {
            return Message.of("refusal.battery");
        }
        if (reading.at() != null && reading.at().isAfter(now.plus(AHEAD))) {
            return Message.of("refusal.from-the-future");
        }
        return reading.at() != null && reading.at().isBefore(now.minus(LATE))
                ? Message.of("refusal.too-old", "hours", LATE.toHours())
                : null;
    }
}
