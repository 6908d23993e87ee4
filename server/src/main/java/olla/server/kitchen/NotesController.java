package olla.server.kitchen;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The house's notes. */
@RestController
@RequestMapping("/api/notes")
class NotesController {

    private final HouseNotes notes;

    NotesController(HouseNotes notes) {
        this.notes = notes;
    }

    /** All of them, the newest first. */
    @GetMapping
    List<NoteView> all() {
        return notes.all();
    }

    /** Writes one, or writes it anew. */
    @PutMapping("/{id}")
    NoteView write(@PathVariable UUID id, @RequestBody NoteInput input) {
        return notes.write(id, input);
    }

    /** Strikes one out. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void strike(@PathVariable UUID id) {
        notes.strike(id);
    }
}
