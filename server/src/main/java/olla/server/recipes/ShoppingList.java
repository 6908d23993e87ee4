package olla.server.recipes;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.messages.Refusals;
import olla.core.units.Amount;
import olla.server.messages.Sentences;
import olla.server.recipes.RecipeInput.Ingredient;
import olla.server.web.Csv;

/**
 * A list for the shop.
 *
 * @param text a line each
 * @param csv amount, unit and name, with a heading (RFC 4180)
 */
public record ShoppingList(String text, String csv) {

    private static final int MOST_LINES = 200;

    static ShoppingList of(ShoppingRequest request) {
        Refusals refusals = new Refusals();
        List<Ingredient> lines = request.lines();
        if (lines == null || lines.size() > MOST_LINES || lines.stream().anyMatch(Objects::isNull)) {
            refusals.add("lines", "refusal.list-lines", "most", MOST_LINES).throwIfAny();
        }
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).measure() == null || lines.get(i).what() == null) {
                refusals.add("lines." + i, "missing.line");
            } else {
                refusals.range(
                        "lines." + i + ".value",
                        "amount",
                        lines.get(i).value(),
                        0,
                        RecipeService.MOST_AMOUNT * RecipeService.MOST_PIECES,
                        lines.get(i).measure().unit());
            }
        }
        refusals.throwIfAny();
        return of(lines.stream()
                .map(l -> new Amount(Message.typed(l.what().strip()), l.value(), l.measure()))
                .toList());
    }

    /** Like with like, in the order in which they are first named; what has no amount by its name alone. */
    public static ShoppingList of(List<Amount> lines) {
        Sentences here = Sentences.here();
        Map<String, Amount> together = new LinkedHashMap<>();
        for (Amount line : lines) {
            together.merge(
                    line.measure() + here.say(line.what()).toLowerCase(Locale.ROOT),
                    line,
                    (a, b) -> new Amount(a.what(), a.value() + b.value(), a.measure()));
        }
        List<String> text = new ArrayList<>();
        List<List<Object>> rows = new ArrayList<>();
        for (Amount a : together.values()) {
            String what = here.say(a.what());
            text.add(a.value() == 0 ? what : here.say(a) + " " + what);
            rows.add(List.of(
                    new BigDecimal(Quantity.plain(a.value())), a.measure().sign(), what));
        }
        String csv = Csv.of(List.of("amount", "unit", "what"), rows.stream());
        return new ShoppingList(String.join("\n", text), csv);
    }
}
