package olla.server.evening;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import olla.core.evening.FishDish;
import olla.core.messages.RefusedInput;
import olla.core.runsheet.DishTime;
import olla.server.evening.EveningInput.EveningFishInput;
import olla.server.query.EstimateRequest;

/** What each fish of an evening is put in with: at the sheet's dial, rested for as long as it likely waits, for all at the table. */
final class PutInQuestions {

    private record Fish(EstimateRequest asked, double restMin) {}

    private final Map<String, Fish> fish;

    private PutInQuestions(Map<String, Fish> fish) {
        this.fish = fish;
    }

    static PutInQuestions of(EveningInput input, EveningReader reader) {
        Map<String, Fish> fish = new HashMap<>();
        try {
            Map<String, FishDish> dishes =
                    reader.read(input).fish().stream().collect(Collectors.toMap(FishDish::key, Function.identity()));
            for (EveningFishInput one : input.fish()) {
                FishDish dish = dishes.get(one.key());
                // Who is at the table is known of the evening: the oven side offers them nothing that is not for them.
                EstimateRequest asked =
                        Boolean.TRUE.equals(input.atRisk()) ? one.question().forSomebodyAtRisk() : one.question();
                fish.put(
                        one.key(),
                        new Fish(asked, dish.waiting(dish.programme()).restMinutes()));
            }
        } catch (RefusedInput ofAnEarlierDay) {
            // An oven was put away since, or a rule is another: the sheet is still shown, and nothing of it is put in.
            return new PutInQuestions(Map.of());
        }
        return new PutInQuestions(fish);
    }

    /** Of one dish; null for what is in already and for what is no fish. */
    EstimateRequest of(DishTime dish) {
        Fish one = dish.started() ? null : fish.get(dish.key());
        return one == null ? null : one.asked().at(dish.dialC(), one.restMin());
    }
}
