package olla.server.probes;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Readings, as they came. They are rows without a life of their own, thousands an hour, and a doubled one is dropped by
 * its key; that is plain SQL's work, not an object mapper's.
 */
@Component
public class ReadingStore {

    private static final RowMapper<Measured> ROW = (row, number) -> new Measured(
            row.getString("device"),
            Channel.valueOf(row.getString("channel")),
            row.getObject("at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
            row.getDouble("celsius"),
            row.getObject("battery", Integer.class));

    private final JdbcClient jdbc;

    ReadingStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    private static LocalDateTime utc(Instant at) {
        return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
    }

    /** Stores readings and tells the bakes they belong to; answers how many were new. */
    int add(List<Measured> readings) {
        // One statement, since a driver that batches does not say how many of the rows were new.
        JdbcClient.StatementSpec insert =
                jdbc.sql("insert ignore into reading (device, channel, at, celsius, battery) values "
                        + String.join(", ", Collections.nCopies(readings.size(), "(?, ?, ?, ?, ?)")));
        for (Measured r : readings) {
            insert = insert.param(r.device())
                    .param(r.channel().name())
                    .param(utc(r.at()))
                    .param(r.celsius())
                    .param(r.battery());
        }
        int fresh = insert.update();
        touch(readings.stream().map(Measured::device).distinct().toList());
        return fresh;
    }

    /* Read first and counted up one by one: an update that looks for its rows itself locks those it looked at, and stands in
    the way of whoever puts a probe into a fish just then. */
    private void touch(List<String> devices) {
        List<String> bakes = jdbc.sql(
                        "select b.id from bake b left join oven o on o.id = b.oven_id left join probe_use p on"
                                + " p.bake_id = b.id and p.until is null where b.logged_at is null and (o.sensor in (:devices) or"
                                + " p.device in (:devices)) order by b.id")
                .param("devices", devices)
                .query(String.class)
                .list();
        for (String bake : bakes) {
            jdbc.sql("update bake set revision = revision + 1 where id = ?")
                    .param(bake)
                    .update();
        }
    }

    /** A device's readings in a stretch of time, in order. */
    public List<Measured> of(String device, Channel channel, Instant from, Instant until) {
        return jdbc.sql("select device, channel, at, celsius, battery from reading where device = ? and channel = ? and"
                        + " at between ? and ? order by at")
                .params(device, channel.name(), utc(from), utc(until))
                .query(ROW)
                .list();
    }

    /** A device's last reading, if any is younger than {@code since}. */
    public Optional<Measured> last(String device, Channel channel, Instant since) {
        return jdbc.sql("select device, channel, at, celsius, battery from reading where device = ? and channel = ? and"
                        + " at >= ? order by at desc limit 1")
                .params(device, channel.name(), utc(since))
                .query(ROW)
                .optional();
    }

    /** The last reading of every device that was heard since. */
    List<Measured> heard(Instant since) {
        return jdbc.sql(
                        "select r.device, r.channel, r.at, r.celsius, r.battery from reading r join (select device, channel,"
                                + " max(at) at from reading where at >= ? group by device, channel) l on r.device = l.device and"
                                + " r.channel = l.channel and r.at = l.at order by r.device")
                .param(Timestamp.valueOf(utc(since)))
                .query(ROW)
                .list();
    }

    /** Forgets what is older. */
    void forgetBefore(Instant when) {
        jdbc.sql("delete from reading where at < ?").param(utc(when)).update();
    }
}
