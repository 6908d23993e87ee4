package olla.server.archive;

import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.Csv;
import olla.server.web.NotThere;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The log, and what was read of a bake, as tables. Moments in UTC, temperatures in °C, lengths in mm, times in minutes. */
@Component
class LogTables {

    private static final String LOG = """
            select b.started_at as started, b.title as title, b.fish as fish, b.dress as dish, o.name as oven,
              b.thickness_mm, b.dial_celsius, b.target_celsius, b.check_from_min, b.likely_min, b.no_later_than_min,
              round(timestampdiff(microsecond, b.started_at, b.out_at) / 6e7, 2) as out_min, b.verdict, b.probe_celsius, b.note,
              p.name as put_in_by, s.name as said_by
            from bake b join oven o on o.id = b.oven_id left join person p on p.id = b.person_id
              left join person s on s.id = b.said_person_id
            where b.kitchen_id = ? and b.logged_at is not null order by b.started_at, b.id
            """;

    private static final String READINGS = """
            select r.at as at, round(timestampdiff(microsecond, b.started_at, r.at) / 6e7, 3) as minute, r.device as device,
              r.channel as channel, r.celsius as celsius
            from bake b join oven o on o.id = b.oven_id left join probe_use u on u.bake_id = b.id
              join reading r on r.kitchen_id = b.kitchen_id and (
                r.channel = 'TIP' and r.device = u.device and r.at >= u.since
                  and r.at <= coalesce(u.until, b.out_at + interval 1 hour, r.at)
                or r.channel = 'AIR' and r.device = o.sensor and r.at >= b.started_at and r.at <= coalesce(b.out_at, r.at))
            where b.kitchen_id = ? and b.id = ? order by r.at, r.channel
            """;

    private final JdbcTemplate jdbc;

    LogTables(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** All of the log, the oldest first. */
    @Transactional(readOnly = true)
    public String log() {
        return table(LOG, WhoseKitchen.here());
    }

    /**
     * What a bake's probe and its oven's thermometer have said.
     *
     * @throws NotThere where there is no such bake
     */
    @Transactional(readOnly = true)
    public String readings(UUID bake) {
        Integer there = jdbc.queryForObject(
                "select count(*) from bake where kitchen_id = ? and id = ?",
                Integer.class,
                WhoseKitchen.here(),
                bake.toString());
        if (there == null || there == 0) {
            throw new NotThere("not-there.bake");
        }
        return table(READINGS, WhoseKitchen.here(), bake.toString());
    }

    private String table(String sql, Object... of) {
        List<String> heading = new ArrayList<>();
        List<List<Object>> rows = new ArrayList<>();
        jdbc.query(
                sql,
                (ResultSet all) -> {
                    ResultSetMetaData about = all.getMetaData();
                    for (int i = 1; i <= about.getColumnCount(); i++) {
                        heading.add(about.getColumnLabel(i));
                    }
                    while (all.next()) {
                        rows.add(cells(all, about.getColumnCount()));
                    }
                    return null;
                },
                of);
        return Csv.of(heading, rows.stream());
    }

    private static List<Object> cells(ResultSet row, int count) throws SQLException {
        List<Object> cells = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            Object value = row.getObject(i);
            if (value instanceof Timestamp) {
                value = row.getObject(i, LocalDateTime.class)
                        .toInstant(ZoneOffset.UTC)
                        .toString();
            }
            cells.add(value == null ? "" : value);
        }
        return cells;
    }
}
