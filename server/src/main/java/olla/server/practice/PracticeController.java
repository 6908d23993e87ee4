package olla.server.practice;

import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Practice: nothing of it enters the log. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {

    private final PracticeService practice;

    PracticeController(PracticeService practice) {
        this.practice = practice;
    }

    /** How far whoever asks is, and what to practise next. */
    @GetMapping
    PracticeView practised() {
        return practice.practised();
    }

    /** Begins a round. */
    @PutMapping("/rounds/{id}")
    RoundView begin(@PathVariable UUID id, @RequestBody BeginInput input) {
        return practice.begin(id, input);
    }

    /** A round as it stands. */
    @GetMapping("/rounds/{id}")
    RoundView round(@PathVariable UUID id) {
        return practice.round(id);
    }

    /** Does something in a round, by which of its moves it is. */
    @PutMapping("/rounds/{id}/moves/{number}")
    RoundView does(@PathVariable UUID id, @PathVariable int number, @RequestBody PracticeMove input) {
        return practice.does(id, number, input);
    }

    /** Answers in a drill. */
    @PutMapping("/rounds/{id}/answer")
    RoundView answers(@PathVariable UUID id, @RequestBody AnswerInput input) {
        return practice.answers(id, input);
    }
}
