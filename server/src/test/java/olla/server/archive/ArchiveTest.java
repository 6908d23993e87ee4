package olla.server.archive;

import static olla.server.bakes.Hakes.hake;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import olla.core.messages.RefusedInput;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.archive.ArchiveReader.How;
import olla.server.bakes.BakeService;
import olla.server.bakes.BakeView;
import olla.server.bakes.HowItWas;
import olla.server.bakes.PutIn;
import olla.server.lessons.Lessons;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.NotNow;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A kitchen out of a real MariaDB and into it again. */
@Started(schema = "archive", with = SettableClock.InPlaceOfTheKitchens.class, web = false)
class ArchiveTest {

    private static final String EVENING = """
            {"name":"Supper","serveAt":"2026-12-01T19:00:00Z","guests":4,"fish":[{"key":"f1","title":"Hake","question":{},"ovenIds":[%d]}],
            "sides":[],"ovens":[{"ovenId":%d,"shelves":2}],"burners":2,"hands":[]}""";

    @TempDir
    Path folder;

    @Autowired
    private ArchiveWriter writer;

    @Autowired
    private ArchiveReader reader;

    @Autowired
    private ArchiveSchema schema;

    @Autowired
    private LogTables tables;

    @Autowired
    private BakeService bakes;

    @Autowired
    private Lessons lessons;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private SettableClock clock;

    private int oven;

    @BeforeEach
    void aKitchen() {
        oven = sql.sql("select min(id) from oven where kitchen_id = 1")
                .query(Integer.class)
                .single();
        String ada = UUID.randomUUID().toString();
        row(
                "insert into person (id, kitchen_id, name, role, pin_hash, wrong_pins) values (?, 1, 'Ada', 'COOK', 'secret hash', 0)",
                ada);
        UUID first = baked(Verdict.RIGHT, "=1+1 is no formula");
        UUID second = baked(Verdict.OVER, "über, \"zart\"\nund saftig");
        row("update bake set person_id = ? where id = ?", ada, first.toString());
        row("insert into probe (kitchen_id, device) values (1, 'clip')");
        row(
                "insert into probe_use (kitchen_id, bake_id, device, since, until) select 1, id, 'clip', started_at, out_at from bake where id = ?",
                second.toString());
        row(
                "insert into reading (kitchen_id, device, channel, at, celsius, battery) select 1, 'clip', 'TIP', started_at + interval 1 minute, 12.5, 80 from bake where id = ?",
                second.toString());
        row(
                "insert into photo (bake_id, kitchen_id, jpeg, taken_at) values (?, 1, ?, utc_timestamp(3))",
                first.toString(),
                jpeg());
        row(
                "insert into own_fish (id, kitchen_id, name, closest, build, fat_percent) values (uuid(), 1, 'Moonfish', 'HAKE', 'SLENDER', 2.25)");
        row(
                "insert into own_vessel (id, kitchen_id, name, ware, length_mm, width_mm) values (uuid(), 1, 'Brown dish', 'STONEWARE', 300, 200)");
        row(
                "insert into house_note (id, kitchen_id, about, whose, words, written_at, person_id) values (uuid(), 1, 'OVEN', ?, 'Turn the tray.', utc_timestamp(3), ?)",
                "" + oven,
                ada);
        row(
                "insert into practice_round (id, kitchen_id, skill, began_at, moves_json, over_at, off_by, missed, looked_late_min, person_id) values (uuid(), 1, 'EVEN', utc_timestamp(3), ?, utc_timestamp(3), 1.25, 1.1, -0.1, ?)",
                "[{\"kind\":\"OUT\",\"dish\":0,\"minute\":9.5},{\"kind\":\"SERVE\",\"dish\":0,\"minute\":12}]",
                ada);
        row("insert into habit_off (kitchen_id, about, whose) values (1, 'FISH', 'hake')");
        row(
                "insert into recipe (id, kitchen_id, version, name, pieces, bench_json, ingredients_json, steps_json, notes, original_json, changed_at) values (uuid(), 1, 3, 'Crumb', 4, 'null', '[]', '[\"Mix.\"]', '', '{\"@type\":\"Recipe\",\"x\":1.50}', utc_timestamp(3))");
        row(
                "insert into evening (id, kitchen_id, version, name, serve_at, input_json, kept_json) values (uuid(), 1, 0, 'Supper', '2026-12-01 19:00:00', ?, ?)",
                EVENING.formatted(oven, oven),
                "[{\"dish\":\"f1\",\"oven\":\"" + oven + "\",\"dialC\":200,\"earlyMin\":0,\"inMin\":-20.5}]");
        row(
                "insert into evening_move (id, kitchen_id, evening_id, kind, step, at, bake_id, undone) select uuid(), 1, id, 'DONE', 'f1', utc_timestamp(3), ?, false from evening",
                second.toString());
        row(
                "insert into evening_move (id, kitchen_id, evening_id, kind, step, at, bake_id, undone) select uuid(), 1, id, 'IN', 'f1', utc_timestamp(3), ?, true from evening",
                UUID.randomUUID().toString());
        lessons.catchUp(oven);
    }

    @AfterEach
    void clear() {
        List.of(
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
                        "person")
                .forEach(table -> sql.sql("delete from " + table).update());
        sql.sql("delete from oven where kitchen_id <> 1").update();
        sql.sql(
                        "update oven set lessons = 0, offset_celsius = 0, offset_doubt_celsius = 10, log_film = 0, log_film_doubt = 0.15")
                .update();
    }

    private void row(String statement, Object... params) {
        sql.sql(statement).params(params).update();
    }

    private UUID baked(Verdict verdict, String note) {
        UUID id = UUID.randomUUID();
        BakeView in = bakes.putIn(new PutIn(id, "Dinner", oven, hake(), null));
        clock.pass(in.likelyMin());
        bakes.takeOut(id, null);
        clock.pass(5);
        bakes.log(id, new HowItWas(verdict, 58.5, note, null));
        clock.pass(Duration.ofDays(1));
        return id;
    }

    private static byte[] jpeg() {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpeg", out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private byte[] out(String name) throws IOException {
        Path file = folder.resolve(name);
        writer.write(file);
        return Files.readAllBytes(file);
    }

    private ArchivePreview in(byte[] archive, How how) throws IOException {
        try (ArchiveFile file = new ArchiveFile(kept(archive))) {
            return reader.take(file, how);
        }
    }

    private ArchivePreview look(byte[] archive) throws IOException {
        try (ArchiveFile file = new ArchiveFile(kept(archive))) {
            return reader.look(file);
        }
    }

    private Path kept(byte[] archive) throws IOException {
        return Files.write(folder.resolve("in.zip"), archive);
    }

    private static Map<String, byte[]> entries(byte[] archive) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private static String document(byte[] archive) throws IOException {
        return new String(entries(archive).get(ArchiveFile.DOCUMENT), StandardCharsets.UTF_8);
    }

    private static byte[] changed(byte[] archive, UnaryOperator<String> change) throws IOException {
        Map<String, byte[]> entries = entries(archive);
        entries.put(ArchiveFile.DOCUMENT, change.apply(document(archive)).getBytes(StandardCharsets.UTF_8));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return out.toByteArray();
    }

    private Map<String, Integer> fresh(ArchivePreview preview) {
        return preview.lists().stream()
                .collect(Collectors.toMap(ArchivePreview.Line::list, ArchivePreview.Line::fresh));
    }

    /** Out, into an empty kitchen, out again: the same to the bit. Looked at first, nothing is changed. */
    @Test
    void aKitchenComesBackAsItWasToTheBit() throws IOException {
        byte[] first = out("first.zip");
        clear();
        assertThat(fresh(look(first)))
                .containsEntry("bakes", 2)
                .containsEntry("people", 1)
                .containsEntry("ovens", 0);
        assertThat(sql.sql("select count(*) from bake").query(Integer.class).single())
                .isZero();
        sql.sql("delete from oven").update();
        in(first, How.MERGE);
        lessons.catchUp(sql.sql("select min(id) from oven").query(Integer.class).single());
        assertThat(document(out("second.zip"))).isEqualTo(document(first));
        assertThat(out("third.zip")).isEqualTo(first);
    }

    /** And in place of itself. */
    @Test
    void aKitchenInPlaceOfItselfIsTheSame() throws IOException {
        byte[] first = out("first.zip");
        baked(Verdict.UNDER, "not in it");
        in(first, How.REPLACE);
        assertThat(document(out("second.zip"))).isEqualTo(document(first));
        assertThat(sql.sql("select pin_hash from person").query(String.class).single())
                .isEqualTo("secret hash");
    }

    @Test
    void whatIsThereStaysAsItIs() throws IOException {
        byte[] first = out("first.zip");
        row("update bake set note = 'said since' where verdict = 'RIGHT'");
        assertThat(fresh(look(first)).values()).allMatch(count -> count <= 1);
        assertThat(fresh(in(first, How.MERGE))).containsEntry("bakes", 0).containsEntry("recipes", 0);
        assertThat(document(out("second.zip"))).contains("said since");
    }

    /** Another kitchen on the same machine has the same bakes under ids of its own, once however often they come. */
    @Test
    void anotherKitchenOfTheSameMachineTakesThemAsItsOwn() throws IOException {
        byte[] first = out("first.zip");
        row("insert ignore into kitchen (id, name, made_at) values (2, 'Annexe', utc_timestamp(3))");
        WhoseKitchen.in(2, () -> {
            try {
                assertThat(fresh(in(first, How.MERGE)))
                        .containsEntry("bakes", 2)
                        .containsEntry("photos", 1);
                assertThat(fresh(in(first, How.MERGE)))
                        .containsEntry("bakes", 0)
                        .containsEntry("photos", 0);
            } catch (IOException failed) {
                throw new IllegalStateException(failed);
            }
        });
        assertThat(sql.sql("select count(*) from bake where kitchen_id = 2")
                        .query(Integer.class)
                        .single())
                .isEqualTo(2);
        assertThat(sql.sql("select count(*) from bake where kitchen_id = 1")
                        .query(Integer.class)
                        .single())
                .isEqualTo(2);
    }

    /** Nobody gets in by an archive, and nothing that is secret is in it. */
    @Test
    void noSecretIsInIt() throws IOException {
        assertThat(document(out("first.zip"))).doesNotContain("secret hash").doesNotContain("pin");
    }

    @Test
    void nothingIsPutInPlaceOfAFishInTheOven() throws IOException {
        byte[] first = out("first.zip");
        bakes.putIn(new PutIn(UUID.randomUUID(), "Dinner", oven, hake(), null));
        assertThatThrownBy(() -> in(first, How.REPLACE)).isInstanceOf(NotNow.class);
    }

    /** What is not ours, of later days, cut off, or wrong in a line is refused in words, and nothing of it is taken in. */
    @Test
    void whatCannotBeIsRefusedAndNothingIsTakenIn() throws IOException {
        byte[] first = out("first.zip");
        clear();
        refused(new byte[] {1, 2, 3}, "archive.no-archive");
        refused(changed(first, text -> text.replace("olla-kitchen", "somebody-elses")), "archive.no-archive");
        refused(changed(first, text -> text.replace("\"version\":1,", "\"version\":2,")), "archive.newer");
        refused(changed(first, text -> text.substring(0, text.length() / 2)), "archive.broken");
        refused(changed(first, text -> text.replace("\"taps\":", "\"other\":")), "archive.broken");
        refused(
                changed(first, text -> text.replace("\"verdict\":\"OVER\"", "\"verdict\":\"BURNT\"")),
                "archive.wrong-line");
        refused(changed(first, text -> text.replace("\"title\":\"Dinner\"", "\"title\":12")), "archive.wrong-line");
        refused(changed(first, text -> text.replace("\"words\":", "\"wordy\":")), "archive.wrong-line");
        refused(changed(first, text -> text.replace("\"by\":\"", "\"by\":\"x")), "archive.wrong-line");
        refused(changed(first, text -> text.replace("[\"Mix.\"]", "[12,{}]")), "archive.wrong-line");
        refused(
                changed(first, text -> text.replace("T19:00:00Z\",\"input", "T29:00:00Z\",\"input")),
                "archive.wrong-line");
        // What would be kept and never read again.
        for (String field : List.of(
                "offsetDoubtCelsius", "logFilm", "fatPercent", "lengthMm", "toldVariance", "lessonOffsetCelsius")) {
            refused(
                    changed(
                            first,
                            text -> text.replaceFirst("\"" + field + "\":[-0-9.E]+", "\"" + field + "\":-4000.0")),
                    "archive.wrong-line");
        }
        refused(changed(first, text -> text.replaceFirst(",\"lessonLogFilm\":[-0-9.E]+", "")), "archive.wrong-line");
        refused(
                changed(first, text -> text.replace("\"closest\":\"HAKE\"", "\"closest\":\"unicorn\"")),
                "archive.wrong-line");
        refused(
                changed(first, text -> text.replace("\"kind\":\"OUT\",\"dish\"", "\"kind\":\"SNIFF\",\"dish\"")),
                "archive.wrong-line");
        refused(changed(first, text -> text.replaceFirst(",\"missed\":[-0-9.E]+", "")), "archive.wrong-line");
        refused(changed(first, text -> text.replace("\"earlyMin\":0", "\"earlyMin\":\"soon\"")), "archive.wrong-line");
        assertThat(sql.sql("select count(*) from bake").query(Integer.class).single())
                .isZero();
    }

    private void refused(byte[] archive, String why) {
        assertThatThrownBy(() -> in(archive, How.MERGE))
                .as(why)
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        refused -> assertThat(
                                        refused.refusals().get(0).message().key())
                                .isEqualTo(why));
    }

    /** The document keeps to the schema that is published with it, by a general validator. */
    @Test
    void theDocumentKeepsToItsSchema() throws IOException {
        var whole = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(schema.document(), InputFormat.JSON);
        assertThat(whole.validate(document(out("first.zip")), InputFormat.JSON)).isEmpty();
        Files.writeString(Path.of("target", "kitchen-1.schema.json"), schema.document());
        assertThat(schema.document())
                .as("copy server/target/kitchen-1.schema.json into docs/archive")
                .isEqualTo(Files.readString(Path.of("..", "docs", "archive", "kitchen-1.schema.json")));
    }

    /** What was written by every version there was is read for ever. */
    @ParameterizedTest
    @ValueSource(strings = "kitchen-1.zip")
    void whatWasKeptOnceIsReadForEver(String sample) throws IOException {
        clear();
        try (var kept = ArchiveTest.class.getResourceAsStream(sample)) {
            ArchivePreview taken = in(kept.readAllBytes(), How.MERGE);
            assertThat(fresh(taken))
                    .containsEntry("bakes", 2)
                    .containsEntry("evenings", 1)
                    .containsEntry("readings", 1);
        }
        assertThat(tables.log()).contains("Dinner");
    }

    @Test
    void theLogAsATableHasNoFormula() {
        String log = tables.log();
        assertThat(log.lines().findFirst().orElseThrow()).startsWith("started,title,fish,dish,oven,");
        assertThat(log).contains(",'=1+1 is no formula,").contains("\"über, \"\"zart\"\"\nund saftig\"");
        UUID probed = UUID.fromString(
                sql.sql("select bake_id from probe_use").query(String.class).single());
        assertThat(tables.readings(probed))
                .startsWith("at,minute,device,channel,celsius")
                .contains(",1.0,clip,TIP,12.5");
    }
}
