package olla.server.recipes;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Normalizer;
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
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * A list for the shop.
 *
 * @param text a line each
 * @param csv amount, unit and name, with a heading (RFC 4180)
 */
public record ShoppingList(String text, String csv) {

    private static final int MOST_LINES = 200;

    /* What a spreadsheet begins a formula with (published: OWASP, CSV Injection). */
    private static final String FORMULA = "=+-@";

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
        StringBuilder csv = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(csv, CSVFormat.RFC4180)) {
            printer.printRecord("amount", "unit", "what");
            for (Amount a : together.values()) {
                String what = here.say(a.what());
                text.add(a.value() == 0 ? what : here.say(a) + " " + what);
                printer.printRecord(Quantity.plain(a.value()), a.measure().sign(), harmless(what));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return new ShoppingList(String.join("\n", text), csv.toString());
    }

    /* A sheet must not take a name for a formula. What nobody sees before it, and the wide forms of its signs, do not hide one. */
    private static String harmless(String what) {
        return Normalizer.normalize(what, Normalizer.Form.NFKC)
                        .codePoints()
                        .filter(c -> !unseen(c))
                        .limit(1)
                        .anyMatch(c -> FORMULA.indexOf(c) >= 0)
                ? "'" + what
                : what;
    }

    private static boolean unseen(int codePoint) {
        return Character.isWhitespace(codePoint)
                || Character.isSpaceChar(codePoint)
                || Character.isISOControl(codePoint)
                || Character.getType(codePoint) == Character.FORMAT;
    }
}
