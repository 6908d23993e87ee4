package olla.server.evening;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import olla.server.tenancy.WhoseKitchen;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * What is known of evenings' plans, in the store: so that every instance answers with the same sheet, whichever has worked it out, and another
 * goes on where one is gone. Whoever asks, or begins a turn, is in the kitchen that the thread works for; who has begun one writes by its number.
 */
@Component
class PlanStore {

    /** No turn: what is asked for is gone, or somebody else was quicker. */
    static final int NONE = 0;

    /* How long nothing is heard of who works one out before another does; it says so every second. */
    private static final Duration SILENT = Duration.ofSeconds(15);

    private static final int KEPT_READ = 200;

    private final JdbcClient jdbc;
    private final EveningRepository evenings;
    private final WorkedJson json;
    /* What was read last; a sheet is much to read, and is asked for often. */
    private final Cache<UUID, Read> read =
            Caffeine.newBuilder().maximumSize(KEPT_READ).build();

    PlanStore(JdbcClient jdbc, EveningRepository evenings, WorkedJson json) {
        this.jdbc = jdbc;
        this.evenings = evenings;
        this.json = json;
    }

    private record Read(String text, Worked worked) {}

    /** Where a plan stands that is worked out somewhere. */
    record Standing(int turn, boolean stopped) {}

    /** What is known; empty where nobody has asked for it yet. */
    Optional<Known> known(UUID id) {
        return jdbc.sql("select turn, anew, worked_turn, worked_json, tables_made, tables_of, searching,"
                        + " alive_at < utc_timestamp(3) - interval :silent second as silent"
                        + " from evening_plan where evening_id = :id and kitchen_id = :kitchen")
                .param("id", id.toString())
                .param("kitchen", WhoseKitchen.here())
                .param("silent", SILENT.toSeconds())
                .query((row, n) -> {
                    boolean pending = row.getInt("worked_turn") != row.getInt("turn");
                    boolean searching = row.getBoolean("searching");
                    return new Known(
                            worked(id, row.getString("worked_json")),
                            row.getInt("turn"),
                            row.getBoolean("anew"),
                            row.getInt("tables_made"),
                            row.getInt("tables_of"),
                            searching,
                            (pending || searching) && row.getBoolean("silent"));
                })
                .optional();
    }

    private Worked worked(UUID id, String text) {
        if (text == null) {
            return Worked.NOTHING;
        }
        Read before = read.getIfPresent(id);
        if (before != null && before.text.equals(text)) {
            return before.worked;
        }
        Worked worked = json.read(text).orElse(Worked.NOTHING);
        read.put(id, new Read(text, worked));
        return worked;
    }

    /**
     * Begins a turn; whoever works for an earlier one is too late.
     *
     * @param anew whether what is wanted has changed
     * @return {@link #NONE} where there is no such evening any longer
     */
    @Transactional
    public int begin(UUID id, boolean anew) {
        try {
            jdbc.sql("insert into evening_plan (evening_id, kitchen_id, turn, anew, alive_at)"
                            + " values (:id, :kitchen, 1, :anew, utc_timestamp(3)) on duplicate key update"
                            + " turn = turn + 1, anew = :anew, stopped = false, alive_at = utc_timestamp(3)")
                    .param("id", id.toString())
                    .param("kitchen", WhoseKitchen.here())
                    .param("anew", anew)
                    .update();
        } catch (DataIntegrityViolationException gone) {
            return NONE;
        }
        return turn(id).orElse(NONE);
    }

    /** The same, where nobody else has begun one meanwhile. */
    @Transactional
    public int beginAfter(UUID id, int turn, boolean anew) {
        int begun = jdbc.sql(
                        "update evening_plan set turn = turn + 1, anew = :anew, stopped = false, alive_at = utc_timestamp(3)"
                                + " where evening_id = :id and kitchen_id = :kitchen and turn = :turn")
                .param("id", id.toString())
                .param("kitchen", WhoseKitchen.here())
                .param("anew", anew)
                .param("turn", turn)
                .update();
        return begun == 0 ? NONE : turn + 1;
    }

    private Optional<Integer> turn(UUID id) {
        return jdbc.sql("select turn from evening_plan where evening_id = :id and kitchen_id = :kitchen")
                .param("id", id.toString())
                .param("kitchen", WhoseKitchen.here())
                .query(Integer.class)
                .optional();
    }

    /** Whether a turn is still the last. */
    boolean latest(UUID id, int turn) {
        return turn(id).filter(last -> last == turn).isPresent();
    }

    /** How many tables are made. */
    @Transactional
    public void made(UUID id, int turn, int made, int of) {
        told(
                id,
                jdbc.sql("update evening_plan set tables_made = :made, tables_of = :of, alive_at = utc_timestamp(3)"
                                + " where evening_id = :id and turn = :turn")
                        .param("id", id.toString())
                        .param("turn", turn)
                        .param("made", made)
                        .param("of", of)
                        .update());
    }

    /**
     * Keeps what was worked out.
     *
     * @param searching whether a better one is looked for
     * @param kept what the next sheet begins with, as it is stored; null where that stays
     * @return false where it is too late
     */
    @Transactional
    public boolean keep(UUID id, int turn, Worked worked, boolean searching, String kept) {
        int rows = jdbc.sql("update evening_plan set worked_turn = :turn, worked_json = :worked, tables_made = 0,"
                        + " tables_of = 0, searching = :searching, alive_at = utc_timestamp(3)"
                        + " where evening_id = :id and turn = :turn")
                .param("id", id.toString())
                .param("turn", turn)
                .param("worked", json.written(worked))
                .param("searching", searching)
                .update();
        if (rows > 0 && kept != null) {
            evenings.keep(id.toString(), kept);
        } else {
            told(id, rows);
        }
        return rows > 0;
    }

    /** A turn is over, whether anything came of it or not. */
    @Transactional
    public void over(UUID id, int turn) {
        told(
                id,
                jdbc.sql("update evening_plan set worked_turn = :turn, tables_made = 0, tables_of = 0,"
                                + " searching = false where evening_id = :id and turn = :turn")
                        .param("id", id.toString())
                        .param("turn", turn)
                        .update());
    }

    private void told(UUID id, int rows) {
        if (rows > 0) {
            evenings.touch(id.toString());
        }
    }

    /** Asks whoever looks for a better one to end. */
    @Transactional
    public void stop(UUID id) {
        jdbc.sql("update evening_plan set stopped = true where evening_id = :id and kitchen_id = :kitchen")
                .param("id", id.toString())
                .param("kitchen", WhoseKitchen.here())
                .update();
    }

    /** Says that they are being worked out here, in whichever kitchen, and answers where they stand. */
    @Transactional
    public Map<UUID, Standing> alive(Collection<UUID> here) {
        // One by one, in one order: an update of many looks for its rows and locks those beside them.
        here.stream()
                .map(UUID::toString)
                .sorted()
                .forEach(id -> jdbc.sql("update evening_plan set alive_at = utc_timestamp(3) where evening_id = :id")
                        .param("id", id)
                        .update());
        return jdbc
                .sql("select evening_id, turn, stopped from evening_plan where evening_id in (:here)")
                .param("here", here.stream().map(UUID::toString).toList())
                .query((row, n) ->
                        Map.entry(UUID.fromString(row.getString(1)), new Standing(row.getInt(2), row.getBoolean(3))))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
