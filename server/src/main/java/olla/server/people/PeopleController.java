package olla.server.people;

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

/** Who taps at screens that several hands use. */
@RestController
@RequestMapping("/api/people")
class PeopleController {

    private final People people;

    PeopleController(People people) {
        this.people = people;
    }

    @GetMapping
    List<Person> all() {
        return people.all();
    }

    /** Puts somebody on the list, or writes them anew. */
    @PutMapping("/{id}")
    Person write(@PathVariable UUID id, @RequestBody PersonInput input) {
        return people.write(id, input);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        people.remove(id);
    }
}
