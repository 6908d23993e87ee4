package olla.server.kitchen;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import olla.core.messages.Message;
import olla.core.messages.Refusals;
import olla.server.ovens.OvenRepository;
import olla.server.people.People;
import olla.server.query.EstimateRequest.DressKind;
import olla.server.web.Lengths;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the house notes of a fish, a dish or an oven, to be read where that is at hand. Written twice with one id it is noted once. */
@Service
class HouseNotes {

    /* A page of a kitchen's book for each of a few fish, dishes and ovens. */
    private static final int MOST = 300;

    private final NoteRepository notes;
    private final OvenRepository ovens;
    private final People people;
    private final Clock clock;

    HouseNotes(NoteRepository notes, OvenRepository ovens, People people, Clock clock) {
        this.notes = notes;
        this.ovens = ovens;
        this.people = people;
        this.clock = clock;
    }

    /** All of them, the newest first. */
    @Transactional(readOnly = true)
    List<NoteView> all() {
        return notes.findAllByOrderByWrittenAtDescIdAsc().stream()
                .map(this::view)
                .toList();
    }

    private NoteView view(NoteRow row) {
        return row.view(people.nameOf(row.by()));
    }

    /**
     * Writes a note, or writes it anew.
     *
     * @throws olla.core.messages.RefusedInput where it is of nothing that there is, says nothing or too much, or the book is full
     */
    @Transactional
    NoteView write(UUID id, NoteInput input) {
        Refusals refusals = new Refusals();
        String words = input.words() == null ? "" : input.words().strip();
        refusals.length("words", "note-words", words, 1, Lengths.NOTE);
        if (input.about() == null) {
            refusals.add("about", "missing.note-about", "choices", Message.codes(NoteAbout.values()));
        } else {
            check(input, refusals);
        }
        Optional<NoteRow> there = notes.findById(id);
        if (there.isEmpty() && notes.count() >= MOST) {
            refusals.add("words", "refusal.list-full", "most", MOST);
        }
        refusals.throwIfAny();
        NoteRow row = there.orElseGet(() -> new NoteRow(id));
        row.write(input.about(), input.of(), words, clock.instant().truncatedTo(ChronoUnit.MILLIS));
        return view(notes.saveAndFlush(row));
    }

    private void check(NoteInput input, Refusals refusals) {
        String of = input.of() == null ? "" : input.of();
        switch (input.about()) {
            case FISH -> refusals.length("of", "note-fish", of, 1, Lengths.OVEN_NAME);
            case DISH -> {
                if (Arrays.stream(DressKind.values())
                        .noneMatch(kind -> kind.name().equals(of))) {
                    refusals.add("of", "missing.dish", "choices", Message.codes(DressKind.values()));
                }
            }
            case OVEN -> {
                if (ovens.findAllByOrderById().stream()
                        .noneMatch(oven -> oven.id().toString().equals(of))) {
                    refusals.add("of", "not-there.oven", "id", of);
                }
            }
        }
    }

    /** Strikes a note out; one that is not there is struck out already. */
    @Transactional
    void strike(UUID id) {
        notes.deleteById(id);
    }
}
