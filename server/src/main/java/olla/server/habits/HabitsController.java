package olla.server.habits;

import olla.server.load.Reckoner;
import olla.server.query.EstimateRequest;
import olla.server.query.EstimateRequest.HabitsInput;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the log tells of a kitchen beside its ovens. */
@RestController
@RequestMapping("/api/habits")
class HabitsController {

    private final KitchenHabits habits;
    private final Reckoner reckoner;

    HabitsController(KitchenHabits habits, Reckoner reckoner) {
        this.habits = habits;
        this.reckoner = reckoner;
    }

    /** All that there are bakes enough for, those that do most first. */
    @GetMapping
    HabitsView all() {
        return reckoner.reckon(habits::all);
    }

    /** Says whether one is to be believed. */
    @PutMapping
    HabitsView believe(@RequestBody HabitInput input) {
        habits.believe(input);
        return reckoner.reckon(habits::all);
    }

    /** What they make of a question; it is asked again with them. */
    @PostMapping("/tonight")
    HabitsInput tonight(@RequestBody EstimateRequest question) {
        return reckoner.reckon(() -> habits.of(question).orElse(HabitsInput.NONE));
    }
}
