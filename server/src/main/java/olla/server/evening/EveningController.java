package olla.server.evening;

import java.util.List;
import java.util.UUID;
import olla.server.load.Reckoner;
import olla.server.recipes.ShoppingList;
import olla.server.web.Versions;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Evenings and their run sheets. */
@RestController
@RequestMapping("/api/evenings")
class EveningController {

    private static final String CALENDAR = "text/calendar";

    private final EveningService evenings;
    private final EveningPlans plans;
    private final CalendarFile calendar;
    private final Reckoner reckoner;

    EveningController(EveningService evenings, EveningPlans plans, CalendarFile calendar, Reckoner reckoner) {
        this.evenings = evenings;
        this.plans = plans;
        this.calendar = calendar;
        this.reckoner = reckoner;
    }

    @GetMapping
    List<EveningLine> list() {
        return evenings.all();
    }

    @GetMapping("/{id}")
    EveningView one(@PathVariable UUID id) {
        return evenings.one(id);
    }

    /** Writes an evening: a new one, or over the version that the If-Match names. */
    @PutMapping("/{id}")
    EveningView write(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody EveningInput input) {
        evenings.write(id, ifMatch == null ? EveningService.NEW : Versions.named(ifMatch), input);
        return evenings.one(id);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        evenings.forget(id, Versions.named(ifMatch));
    }

    /** Something was done, or is wanted just then; what is still ahead is planned anew. */
    @PostMapping("/{id}/moves")
    EveningView move(@PathVariable UUID id, @RequestBody MoveInput input) {
        evenings.move(id, input);
        return evenings.one(id);
    }

    @DeleteMapping("/{id}/moves/{moveId}")
    EveningView unmove(@PathVariable UUID id, @PathVariable UUID moveId) {
        return evenings.unmove(id, moveId);
    }

    /** Ends the search for a better plan. */
    @DeleteMapping("/{id}/search")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void stop(@PathVariable UUID id) {
        evenings.stop(id);
    }

    /** What each dish takes at each dial of each oven. */
    @GetMapping("/{id}/dials")
    List<DialView> dials(@PathVariable UUID id) {
        return reckoner.reckonLong(() -> plans.dials(id));
    }

    /** The run sheet as a calendar with alarms (RFC 5545). */
    @GetMapping(value = "/{id}/calendar", produces = CALENDAR)
    ResponseEntity<String> calendar(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"evening.ics\"")
                .body(calendar.of(evenings.one(id)));
    }

    /** What the whole evening needs from the shop, as text and as CSV. */
    @GetMapping("/{id}/shopping")
    ShoppingList shopping(@PathVariable UUID id) {
        return ShoppingList.of(EveningShopping.of(evenings.one(id).evening()));
    }
}
