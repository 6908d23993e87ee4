package olla.server.archive;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import olla.server.web.NotNow;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A kitchen's files. */
@RestController
@RequestMapping("/api")
class ArchiveController {

    private static final String ZIP = "application/zip";
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    /* A kitchen goes in or out as a whole: two at once would be a day's work for a small machine. */
    private final Semaphore turns = new Semaphore(1);

    private final ArchiveWriter writer;
    private final ArchiveReader reader;
    private final ArchiveSchema schema;
    private final LogTables tables;

    ArchiveController(ArchiveWriter writer, ArchiveReader reader, ArchiveSchema schema, LogTables tables) {
        this.writer = writer;
        this.reader = reader;
        this.schema = schema;
        this.tables = tables;
    }

    private interface Work<T> {
        T with(Path file) throws IOException;
    }

    private <T> T inTurn(Work<T> work) throws IOException {
        if (!turns.tryAcquire()) {
            throw new NotNow("cannot.archive-now");
        }
        Path file = Files.createTempFile("olla-kitchen-", ".zip");
        try {
            return work.with(file);
        } finally {
            Files.deleteIfExists(file);
            turns.release();
        }
    }

    /** All of the kitchen in one file. */
    @GetMapping(path = "/archive", produces = ZIP)
    void give(HttpServletResponse response) throws IOException {
        inTurn(file -> {
            writer.write(file);
            response.setContentType(ZIP);
            response.setContentLengthLong(Files.size(file));
            response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"kitchen.olla.zip\"");
            return Files.copy(file, response.getOutputStream());
        });
    }

    /** What such a file looks like, as JSON Schema. */
    @GetMapping(path = "/archive/schema", produces = "application/schema+json")
    String schema() {
        return schema.document();
    }

    /** What taking such a file in would come to; nothing is changed. */
    @PostMapping(path = "/archive/look", consumes = ZIP)
    ArchivePreview look(HttpServletRequest request) throws IOException {
        return inTurn(file -> {
            try (ArchiveFile archive = kept(request, file)) {
                return reader.look(archive);
            }
        });
    }

    /** Takes such a file in, all of it or nothing. */
    @PostMapping(path = "/archive/take", consumes = ZIP)
    ArchivePreview take(HttpServletRequest request, @RequestParam ArchiveReader.How how) throws IOException {
        return inTurn(file -> {
            try (ArchiveFile archive = kept(request, file)) {
                return reader.take(archive, how);
            }
        });
    }

    private static ArchiveFile kept(HttpServletRequest request, Path file) throws IOException {
        try (InputStream in = request.getInputStream()) {
            Files.copy(in, file, StandardCopyOption.REPLACE_EXISTING);
        }
        return new ArchiveFile(file);
    }

    /** The log as a table. */
    @GetMapping(path = "/log.csv", produces = "text/csv")
    ResponseEntity<String> log() {
        return table(tables.log(), "log.csv");
    }

    /** What was read of a bake as a table. */
    @GetMapping(path = "/bakes/{id}/readings.csv", produces = "text/csv")
    ResponseEntity<String> readings(@PathVariable UUID id) {
        return table(tables.readings(id), "readings.csv");
    }

    private static ResponseEntity<String> table(String csv, String name) {
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(csv);
    }
}
