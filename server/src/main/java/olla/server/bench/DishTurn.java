package olla.server.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import olla.core.estimate.Estimate;
import olla.core.messages.Refusals;
import olla.core.uncertainty.CheckWindow;
import olla.server.query.EstimateRequest;
import olla.server.query.Question;

/**
 * When one of several dishes on a tray comes out.
 *
 * @param index which of the request's dishes
 * @param checkFromMin minutes after the tray went in
 * @param likelyMin minutes
 * @param noLaterThanMin minutes
 */
public record DishTurn(int index, double checkFromMin, double likelyMin, double noLaterThanMin) {

    /** As many as one tray holds. */
    static final int MOST_DISHES = 12;

    static List<DishTurn> of(TrayRequest request) {
        Refusals refusals = new Refusals();
        List<EstimateRequest> dishes = request.dishes();
        if (dishes == null || dishes.isEmpty() || dishes.size() > MOST_DISHES || dishes.contains(null)) {
            refusals.add("dishes", "refusal.tray-dishes", "most", MOST_DISHES).throwIfAny();
        }
        List<Question> questions = new ArrayList<>();
        for (int i = 0; i < dishes.size(); i++) {
            EstimateRequest dish = dishes.get(i);
            questions.add(refusals.take("dishes." + i, () -> Question.asked(dish)));
        }
        refusals.throwIfAny();
        Question first = questions.get(0);
        for (int i = 1; i < questions.size(); i++) {
            Question other = questions.get(i);
            if (other.ovenKind() != first.ovenKind()
                    || other.programme().bakeTempC() != first.programme().bakeTempC()) {
                refusals.add("dishes." + i, "refusal.tray-shares");
            }
        }
        refusals.throwIfAny();
        List<DishTurn> answers = new ArrayList<>();
        for (int i = 0; i < questions.size(); i++) {
            Estimate estimate = questions.get(i).answer();
            CheckWindow window = estimate.window()
                    .orElse(new CheckWindow(estimate.bakeMinutes(), estimate.bakeMinutes(), estimate.bakeMinutes()));
            answers.add(new DishTurn(i, window.checkFromMin(), window.likelyMin(), window.noLaterThanMin()));
        }
        answers.sort(Comparator.comparingDouble(DishTurn::likelyMin));
        return answers;
    }
}
