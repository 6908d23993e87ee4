package olla.server.probes;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import olla.server.tenancy.WhoseKitchen;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Readings, as they came. They are rows without a life of their own, thousands an hour, and a doubled one is dropped by
 * its key; that is plain SQL's work, not an object mapper's.
 */
@Component
public class ReadingStore {

    private static final RowMapper<DeviceReading> ROW = (row, number) -> new DeviceReading(
            row.getString("device"),
            Channel.valueOf(row.getString("channel")),
            row.getObject("at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
            row.getDouble("celsius"),
            row.getObject("battery", Integer.class));

    /* What arrived so shortly before the last that was read may have been stored after it. */
    private static final Duration COMMITS_WITHIN = Duration.ofSeconds(10);
    private static final LocalDateTime BEFORE_ALL = LocalDateTime.of(2000, 1, 1, 0, 0);

    /* Read anew from time to time, whatever the store's clock did meanwhile. */
    private static final Duration READ_ANEW = Duration.ofMinutes(3);
    private static final int KNOWN = 400;

    /* No screen follows a dish that has been out for longer. */
    private static final Duration RESTS = Duration.ofHours(1);

    private final Cache<Asked, Known> known =
            Caffeine.newBuilder().maximumSize(KNOWN).expireAfterWrite(READ_ANEW).build();

    private final JdbcClient jdbc;

    ReadingStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    private static LocalDateTime utc(Instant at) {
        return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
    }

    /** Stores readings and tells the bakes they belong to; answers how many were new. */
    @Transactional
    public int add(List<DeviceReading> readings) {
        // One statement, since a driver that batches does not say how many of the rows were new.
        JdbcClient.StatementSpec insert =
                jdbc.sql("insert ignore into reading (kitchen_id, device, channel, at, celsius, battery) values "
                        + String.join(", ", Collections.nCopies(readings.size(), "(?, ?, ?, ?, ?, ?)")));
        for (DeviceReading r : readings) {
            insert = insert.param(WhoseKitchen.here())
                    .param(r.device())
                    .param(r.channel().name())
                    .param(utc(r.at()))
                    .param(r.celsius())
                    .param(r.battery());
        }
        int fresh = insert.update();
        Instant last = readings.stream()
                .map(DeviceReading::at)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        touch(readings.stream().map(DeviceReading::device).distinct().toList(), last.minus(RESTS));
        return fresh;
    }

    /* Read first and counted up one by one: an update that looks for its rows itself locks those it looked at, and stands in
    the way of whoever puts a probe into a fish just then. */
    private void touch(List<String> devices, Instant outSince) {
        List<String> bakes = jdbc.sql(
                        "select b.id from bake b left join oven o on o.id = b.oven_id left join probe_use p on"
                                + " p.bake_id = b.id and p.until is null where b.kitchen_id = :kitchen and b.logged_at is null and (b.out_at is null or b.out_at > :outSince) and (o.sensor in (:devices) or"
                                + " p.device in (:devices)) order by b.id")
                .param("kitchen", WhoseKitchen.here())
                .param("devices", devices)
                .param("outSince", utc(outSince))
                .query(String.class)
                .list();
        for (String bake : bakes) {
            jdbc.sql("update bake set revision = revision + 1 where id = ?")
                    .param(bake)
                    .update();
        }
    }

    /** What is known of a device since a moment, and up to when its arrivals were read. */
    private static final class Known {
        private final NavigableMap<Instant, DeviceReading> readings = new TreeMap<>();
        private LocalDateTime arrived;
    }

    /** Whose, of which device, measuring what, since when. */
    private record Asked(int kitchen, String device, Channel channel, Instant from) {}

    /** A device's readings in a stretch of time, in order. Asked again, only what has arrived since is read. */
    public List<DeviceReading> of(String device, Channel channel, Instant from, Instant until) {
        Known k = known.get(new Asked(WhoseKitchen.here(), device, channel, from), asked -> new Known());
        synchronized (k) {
            LocalDateTime mark = k.arrived == null ? BEFORE_ALL : k.arrived.minus(COMMITS_WITHIN);
            jdbc.sql(
                            "select device, channel, at, celsius, battery, arrived_at from reading where kitchen_id = ? and device = ? and"
                                    + " channel = ? and arrived_at >= ? and at >= ?")
                    .params(WhoseKitchen.here(), device, channel.name(), mark, utc(from))
                    .query(row -> {
                        DeviceReading m = ROW.mapRow(row, 0);
                        k.readings.put(m.at(), m);
                        LocalDateTime arrived = row.getObject("arrived_at", LocalDateTime.class);
                        k.arrived = k.arrived == null || arrived.isAfter(k.arrived) ? arrived : k.arrived;
                    });
            return List.copyOf(k.readings.headMap(until, true).values());
        }
    }

    /** The last reading of every device that was heard since. */
    List<DeviceReading> heard(Instant since) {
        return jdbc.sql(
                        "select r.device, r.channel, r.at, r.celsius, r.battery from reading r join (select device, channel,"
                                + " max(at) at from reading where kitchen_id = :kitchen and at >= :since group by device, channel) l on r.device = l.device and"
                                + " r.channel = l.channel and r.at = l.at where r.kitchen_id = :kitchen order by r.device")
                .param("kitchen", WhoseKitchen.here())
                .param("since", Timestamp.valueOf(utc(since)))
                .query(ROW)
                .list();
    }

    /** Forgets what is older, of all kitchens. */
    @Transactional
    public void forgetBefore(Instant when) {
        jdbc.sql("delete from reading where at < ?").param(utc(when)).update();
    }
}
