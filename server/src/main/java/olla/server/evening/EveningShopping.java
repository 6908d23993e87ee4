package olla.server.evening;

import java.util.ArrayList;
import java.util.List;
import olla.core.messages.Message;
import olla.core.messages.RefusedInput;
import olla.core.units.Amount;
import olla.core.units.Measure;
import olla.server.evening.EveningInput.EveningFishInput;
import olla.server.query.Question;

/** What a whole evening needs from the shop: each fish with what it is dressed with, and the sides by their names. */
final class EveningShopping {

    /* Long enough for a raw onion: only the advice hangs on it, and that is not bought. */
    private static final double ANY_MINUTES = 30;

    /* Comes out of the tap. */
    private static final String WATER = "stuff.water";

    private EveningShopping() {}

    static List<Amount> of(EveningInput input) {
        List<Amount> lines = new ArrayList<>();
        for (EveningFishInput fish : input.fish()) {
            try {
                lines.addAll(of(Question.of(fish.question())));
            } catch (RefusedInput ofAnEarlierDay) {
                // A rule is another since it was typed: it is bought all the same.
                lines.add(named(fish.title()));
            }
        }
        input.sides().forEach(side -> lines.add(named(side.title())));
        return lines;
    }

    private static List<Amount> of(Question question) {
        Message what = Message.of(
                "shopping.fish",
                "fish",
                question.piece().species().inside(),
                "cut",
                Message.word(question.piece().cut()));
        List<Amount> lines = new ArrayList<>();
        lines.add(new Amount(what, question.piece().massG() * question.pieces(), Measure.GRAM));
        question.quantities(ANY_MINUTES).amounts().stream()
                .filter(a -> !a.what().key().startsWith(WATER))
                .forEach(lines::add);
        return lines;
    }

    private static Amount named(String title) {
        return new Amount(Message.typed(title), 0, Measure.PIECE);
    }
}
