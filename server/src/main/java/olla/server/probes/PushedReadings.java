package olla.server.probes;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
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

/**
 * One push of readings, judged line by line: a line that cannot be is refused with its number and costs the others nothing.
 * Mutable, for one thread.
 */
final class PushedReadings {

    /** A push has at most so many lines. */
    static final int MOST_LINES = 500;

    private static final Pattern NAME = Pattern.compile("[A-Za-z0-9._-]{1,40}");
    private static final Duration AHEAD = Duration.ofSeconds(10);
    private static final Duration LATE = Duration.ofHours(12);
    private static final List<String> COLUMNS = List.of("device", "channel", "at", "celsius", "battery");

    private final Instant now;
    private final List<DeviceReading> good = new ArrayList<>();
    private final List<Refusal> refused = new ArrayList<>();

    private PushedReadings(Instant now) {
        this.now = now;
    }

    /**
     * What was pushed as JSON.
     *
     * @param readings 1 to {@value #MOST_LINES}
     * @param now when they came
     * @throws olla.core.units.RefusedInput where there are none, or too many
     */
    static PushedReadings of(List<DeviceReading> readings, Instant now) {
        if (readings == null || readings.isEmpty() || readings.size() > MOST_LINES) {
            new Refusals()
                    .add("readings", "A push has 1 to " + MOST_LINES + " readings.")
                    .throwIfAny();
        }
        PushedReadings pushed = new PushedReadings(now);
        for (int i = 0; i < readings.size(); i++) {
            pushed.take(readings.get(i), i + 1);
        }
        return pushed;
    }

    /**
     * What was pushed as lines of CSV, with or without a line of headings.
     *
     * @param now when they came
     * @throws olla.core.units.RefusedInput where it is no CSV
     */
    static PushedReadings ofCsv(String lines, Instant now) {
        PushedReadings pushed = new PushedReadings(now);
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
                    refused.add(new Refusal(String.valueOf(number), "A push has at most " + MOST_LINES + " lines."));
                    break;
                }
                read(line, number);
            }
        } catch (IOException | UncheckedIOException broken) {
            new Refusals()
                    .add(
                            "",
                            "These are no lines of CSV (RFC 4180): a quote that is opened is closed, before a comma or a line's end.")
                    .throwIfAny();
        }
    }

    private void read(CSVRecord line, int number) {
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
                    number);
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

    private void take(DeviceReading reading, int number) {
        String wrong = wrong(reading);
        if (wrong != null) {
            refused.add(new Refusal(String.valueOf(number), wrong));
            return;
        }
        Instant at = reading.at() == null ? now : reading.at().truncatedTo(ChronoUnit.MILLIS);
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
        if (reading.at() != null && reading.at().isAfter(now.plus(AHEAD))) {
            return "It comes from the future; set the device's clock by /api/clock.";
        }
        return reading.at() != null && reading.at().isBefore(now.minus(LATE))
                ? "It is older than " + LATE.toHours() + " hours."
                : null;
    }
}
