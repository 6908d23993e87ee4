package olla.server.archive;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import olla.core.messages.Message;
import olla.core.messages.Refusal;
import olla.core.messages.RefusedInput;
import olla.server.bakes.BakeService.LogChanged;
import olla.server.photos.PhotoLab;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.NotNow;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Looks into an archive, and takes it in: what is not there yet, or in place of all that is. All of it or nothing. */
@Component
class ArchiveReader {

    private static final int ROWS_AT_ONCE = 500;
    private static final int PICTURES_AT_ONCE = 8;

    /* As the store writes one. */
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss.SSS", Locale.ROOT);

    /* In this order nothing is left that names what is gone. */
    private static final List<String> CLEARED = List.of(
            "evening_move",
            "evening_plan",
            "evening",
            "tap",
            "probe_use",
            "photo",
            "bake",
            "reading",
            "probe",
            "recipe",
            "own_fish",
            "own_vessel",
            "house_note",
            "habit_off",
            "practice_round",
            "oven",
            "person");

    private final JdbcTemplate jdbc;
    private final ArchiveSchema schema;
    private final Sense sense;
    private final ApplicationEventPublisher events;

    ArchiveReader(JdbcTemplate jdbc, ArchiveSchema schema, Sense sense, ApplicationEventPublisher events) {
        this.jdbc = jdbc;
        this.schema = schema;
        this.sense = sense;
        this.events = events;
    }

    /**
     * What taking it in would come to.
     *
     * @throws RefusedInput where a line of it is not as it should be
     */
    @Transactional(readOnly = true)
    public ArchivePreview look(ArchiveFile file) throws IOException {
        List<ArchivePreview.Line> lines = new ArrayList<>();
        Set<String> bakes = elsewhere(Sheet.BAKES);
        for (Sheet sheet : Sheet.values()) {
            int[] count = new int[2];
            Set<String> here = here(sheet);
            Set<String> elsewhere = sheet.named() ? elsewhere(sheet) : bakes;
            file.lines(sheet, counted(line -> {
                check(sheet, count[0] + 1, line);
                count[0]++;
                count[1] += here.contains(own(elsewhere, name(sheet, line))) ? 0 : 1;
                if (sheet == Sheet.PHOTOS) {
                    picture(file, line);
                }
            }));
            lines.add(new ArchivePreview.Line(sheet.key(), count[0], count[1], here.size()));
        }
        return new ArchivePreview(lines);
    }

    private interface Reads {
        void line(JsonNode line) throws IOException;
    }

    private static Consumer<JsonNode> counted(Reads reads) {
        return line -> {
            try {
                reads.line(line);
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        };
    }

    private void check(Sheet sheet, int place, JsonNode line) {
        schema.wrong(sheet, line)
                .or(() -> sheet.columns().stream()
                        .filter(column -> column.kind() == Column.Kind.MOMENT && !moment(line.get(column.name())))
                        .map(Column::name)
                        .findFirst())
                .or(() -> sense.missedBy(sheet, line))
                .ifPresent(field -> {
                    throw ArchiveSchema.refused(sheet, place, field);
                });
    }

    private static boolean moment(JsonNode said) {
        try {
            return said == null || Instant.parse(said.stringValue()) != null;
        } catch (DateTimeException none) {
            return false;
        }
    }

    private static byte[] picture(ArchiveFile file, JsonNode line) throws IOException {
        String bake = line.path("bake").stringValue();
        byte[] jpeg = file.picture(bake);
        if (!PhotoLab.asKept(jpeg)) {
            throw new RefusedInput(List.of(new Refusal("photos", Message.of("archive.no-picture", "bake", bake))));
        }
        return jpeg;
    }

    /* What a line is known by, here and in an archive. */
    private static String name(Sheet sheet, JsonNode line) {
        return switch (sheet) {
            case OVENS -> line.path("name").stringValue();
            case PROBES, PHOTOS -> line.path("bake").stringValue();
            case HABITS_OFF ->
                line.path("about").stringValue() + " " + line.path("of").stringValue();
            case READINGS ->
                line.path("device").stringValue() + " " + line.path("channel").stringValue() + " "
                        + MOMENT.format(
                                Instant.parse(line.path("at").stringValue()).atOffset(ZoneOffset.UTC));
            default -> line.path("id").stringValue();
        };
    }

    private Set<String> here(Sheet sheet) {
        String what = switch (sheet) {
            case OVENS -> "name";
            case PROBES, PHOTOS -> "bake_id";
            case HABITS_OFF -> "concat(about, ' ', whose)";
            case READINGS -> "concat_ws(' ',device,channel,at)";
            default -> "id";
        };
        return new HashSet<>(jdbc.queryForList(
                "select " + what + " from " + sheet.table() + " where kitchen_id = ?",
                String.class,
                WhoseKitchen.here()));
    }

    /* Ids that are another kitchen's on this machine: here such a line gets one of its own, and the same each time. */
    private Set<String> elsewhere(Sheet sheet) {
        return sheet.named()
                ? new HashSet<>(jdbc.queryForList(
                        "select id from " + sheet.table() + " where kitchen_id <> ?",
                        String.class,
                        WhoseKitchen.here()))
                : Set.of();
    }

    private static String own(Set<String> elsewhere, String id) {
        return elsewhere.contains(id)
                ? UUID.nameUUIDFromBytes((WhoseKitchen.here() + ":" + id).getBytes(StandardCharsets.UTF_8))
                        .toString()
                : id;
    }

    /** How an archive is taken in. */
    enum How {
        /** What is not there yet; what is there stays as it is. */
        MERGE,
        /** In place of all that is there. */
        REPLACE
    }

    /**
     * Takes it in.
     *
     * @throws RefusedInput where a line of it is not as it should be, or names what is not in it
     * @throws NotNow where something is in an oven and would be gone
     */
    @Transactional
    public ArchivePreview take(ArchiveFile file, How how) throws IOException {
        if (how == How.REPLACE) {
            clear();
        }
        Taking taking = new Taking(file, how);
        for (Sheet sheet : Sheet.values()) {
            taking.sheet(sheet);
        }
        taking.settle();
        return new ArchivePreview(taking.lines);
    }

    private void clear() {
        Integer running = jdbc.queryForObject(
                "select count(*) from bake where kitchen_id = ? and logged_at is null",
                Integer.class,
                WhoseKitchen.here());
        if (running != null && running > 0) {
            throw new NotNow("cannot.replace-while-baking");
        }
        for (String table : CLEARED) {
            // Whoever is on the list keeps their PIN where the archive has them too.
            jdbc.update(
                    table.equals("person")
                            ? "update person set removed_at = coalesce(removed_at, utc_timestamp(3)) where kitchen_id = ?"
                            : "delete from " + table + " where kitchen_id = ?",
                    WhoseKitchen.here());
        }
    }

    /** An archive on its way in. */
    private final class Taking {

        private final ArchiveFile file;
        private final How how;
        private final int kitchen = WhoseKitchen.here();
        private final List<ArchivePreview.Line> lines = new ArrayList<>();
        private final Map<String, Integer> ovens = new HashMap<>();
        private final Set<String> ovensOfBefore = new HashSet<>();
        private final Map<Sheet, Map<String, String>> ids = new EnumMap<>(Sheet.class);
        private final Set<String> bakesOfBefore = new HashSet<>();
        private final Set<String> eveningsOfBefore = new HashSet<>();
        private final Set<Integer> grown = new HashSet<>();

        Taking(ArchiveFile file, How how) {
            this.file = file;
            this.how = how;
        }

        void sheet(Sheet sheet) throws IOException {
            Set<String> here = here(sheet);
            Set<String> elsewhere = elsewhere(sheet);
            Map<String, String> called = called(sheet);
            if (sheet == Sheet.OVENS) {
                jdbc.query(
                        "select id, name from oven where kitchen_id = ?",
                        row -> {
                            ovens.put(row.getString("name"), row.getInt("id"));
                            ovensOfBefore.add(row.getString("name"));
                        },
                        kitchen);
            }
            int[] count = new int[2];
            List<Object[]> rows = new ArrayList<>();
            file.lines(sheet, counted(line -> {
                count[0]++;
                check(sheet, count[0], line);
                Object[] row = row(sheet, count[0], (ObjectNode) line, here, elsewhere, called);
                if (row != null) {
                    rows.add(row);
                    count[1]++;
                    if (rows.size() == (sheet == Sheet.PHOTOS ? PICTURES_AT_ONCE : ROWS_AT_ONCE)) {
                        store(sheet, rows);
                    }
                }
            }));
            store(sheet, rows);
            if (sheet == Sheet.OVENS) {
                jdbc.query(
                        "select id, name from oven where kitchen_id = ?",
                        row -> {
                            ovens.put(row.getString("name"), row.getInt("id"));
                        },
                        kitchen);
            }
            lines.add(new ArchivePreview.Line(sheet.key(), count[0], count[1], here.size()));
        }

        /* Of what there is one of each name: those names, and under which id. */
        private Map<String, String> called(Sheet sheet) {
            Map<String, String> called = new HashMap<>();
            if (sheet == Sheet.PEOPLE || sheet == Sheet.FISH || sheet == Sheet.VESSELS) {
                jdbc.query(
                        "select id, " + (sheet == Sheet.PEOPLE ? "present" : "name") + " as name from " + sheet.table()
                                + " where kitchen_id = ?",
                        row -> {
                            called.put(row.getString("name"), row.getString("id"));
                        },
                        kitchen);
            }
            return called;
        }

        /* What the store is given for a line; null for what is there already. */
        private Object[] row(
                Sheet sheet,
                int place,
                ObjectNode line,
                Set<String> here,
                Set<String> elsewhere,
                Map<String, String> called)
                throws IOException {
            if (sheet.named()) {
                String said = line.path("id").stringValue();
                String own = own(elsewhere, said);
                boolean gone = line.hasNonNull("removedAt");
                // One that is called so is there already, under whatever id.
                String id = gone ? own : called.getOrDefault(line.path("name").asString(""), own);
                ids.computeIfAbsent(sheet, s -> new HashMap<>()).put(said, id);
                line.put("id", id);
            }
            if (here.contains(name(sheet, line)) || ofBefore(sheet, line)) {
                there(sheet, line);
                return null;
            }
            List<Object> row = new ArrayList<>(List.of(kitchen));
            try {
                for (Column column : sheet.columns()) {
                    row.add(value(sheet, place, line, column));
                }
            } catch (DateTimeException | IllegalArgumentException unreadable) {
                throw unreadable instanceof RefusedInput refused ? refused : ArchiveSchema.refused(sheet, place, "");
            }
            if (sheet == Sheet.PHOTOS) {
                row.add(picture(file, line));
            }
            if (sheet == Sheet.BAKES && ovensOfBefore.contains(line.path("oven").stringValue())) {
                grown.add(ovens.get(line.path("oven").stringValue()));
            }
            return row.toArray();
        }

        /* What hangs on a bake or an evening that was there already is as it is there. */
        private boolean ofBefore(Sheet sheet, ObjectNode line) {
            return switch (sheet) {
                case TAPS, PROBES, PHOTOS -> bakesOfBefore.contains(taken(Sheet.BAKES, line.path("bake")));
                case MOVES -> eveningsOfBefore.contains(taken(Sheet.EVENINGS, line.path("evening")));
                default -> false;
            };
        }

        private String taken(Sheet of, JsonNode said) {
            return ids.getOrDefault(of, Map.of()).get(said.stringValue());
        }

        private void there(Sheet sheet, ObjectNode line) {
            if (sheet == Sheet.BAKES) {
                bakesOfBefore.add(line.path("id").stringValue());
            } else if (sheet == Sheet.EVENINGS) {
                eveningsOfBefore.add(line.path("id").stringValue());
            } else if (sheet == Sheet.PEOPLE) {
                // Whoever was taken off the list with all the rest is on it again, by the PIN they had.
                if (how == How.MERGE) {
                    return;
                }
                jdbc.update(
                        "update person set name = ?, role = ?, removed_at = ? where id = ? and kitchen_id = ?",
                        line.path("name").stringValue(),
                        line.path("role").stringValue(),
                        Sheet.PEOPLE.column("removedAt").orElseThrow().written(line.get("removedAt")),
                        line.path("id").stringValue(),
                        kitchen);
            }
        }

        private Object value(Sheet sheet, int place, ObjectNode line, Column column) {
            JsonNode said = line.get(column.name());
            if (said == null) {
                // A recipe that is only a mix has no bench, which the store writes as such.
                return sheet == Sheet.RECIPES && column.name().equals("bench") ? "null" : null;
            }
            if (Names.oven(column, line.path("about").asString(""))) {
                String number = number(sheet, place, column, said.stringValue());
                return column.kind() == Column.Kind.OVEN ? Integer.valueOf(number) : number;
            }
            if (sheet == Sheet.EVENINGS && column.name().equals("input")) {
                return Names.eveningOfStore(said, name -> number(sheet, place, column, name))
                        .toString();
            }
            if (sheet == Sheet.EVENINGS && column.name().equals("kept")) {
                return Names.kept(said, name -> number(sheet, place, column, name))
                        .toString();
            }
            return switch (column.name()) {
                case "bake" -> known(Sheet.BAKES, sheet, place, column, said);
                case "evening" -> known(Sheet.EVENINGS, sheet, place, column, said);
                case "by", "saidBy" -> known(Sheet.PEOPLE, sheet, place, column, said);
                default -> column.written(said);
            };
        }

        private String number(Sheet sheet, int place, Column column, String name) {
            Integer number = ovens.get(name);
            if (number == null) {
                throw ArchiveSchema.refused(sheet, place, column.name());
            }
            return number.toString();
        }

        private String known(Sheet of, Sheet sheet, int place, Column column, JsonNode said) {
            String id = taken(of, said);
            if (id == null) {
                throw ArchiveSchema.refused(sheet, place, column.name());
            }
            return id;
        }

        private void store(Sheet sheet, List<Object[]> rows) {
            if (rows.isEmpty()) {
                return;
            }
            try {
                jdbc.batchUpdate(sheet.insert(), rows);
            } catch (DataIntegrityViolationException twice) {
                throw new RefusedInput(
                        List.of(new Refusal(sheet.key(), Message.of("archive.twice", "list", sheet.key()))));
            }
            rows.clear();
        }

        /* What follows from what was taken in. */
        void settle() {
            if (how == How.REPLACE) {
                Set<String> listed =
                        Set.copyOf(ids.getOrDefault(Sheet.PEOPLE, Map.of()).values());
                here(Sheet.PEOPLE).stream()
                        .filter(id -> !listed.contains(id))
                        .forEach(id -> jdbc.update("delete from person where id = ? and kitchen_id = ?", id, kitchen));
            }
            jdbc.update(
                    "insert ignore into probe (kitchen_id, device) select distinct kitchen_id, device from probe_use where kitchen_id = ?",
                    kitchen);
            jdbc.update(
                    "insert ignore into evening_plan (evening_id, kitchen_id, turn, anew, alive_at) select id, kitchen_id, 1, true, utc_timestamp(3) from evening where kitchen_id = ?",
                    kitchen);
            // An oven that had a log of its own has learned from it; with more bakes in it, that is worked out anew.
            for (int oven : grown) {
                jdbc.update(
                        "update oven set lessons_turn = lessons_turn + 1 where id = ? and kitchen_id = ?",
                        oven,
                        kitchen);
                jdbc.update("update bake set lesson_way = null where oven_id = ? and kitchen_id = ?", oven, kitchen);
            }
            ovens.values().forEach(oven -> events.publishEvent(new LogChanged(oven)));
        }
    }
}
