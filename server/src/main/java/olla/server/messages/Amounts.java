package olla.server.messages;

import com.ibm.icu.text.NumberFormat;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import olla.core.messages.Quantity;
import olla.core.units.Amount;
import olla.core.units.Dial;
import olla.core.units.Imperial;
import olla.core.units.Spoons;
import olla.core.units.Temperature;

/** Amounts as a cook's ruler, scale, spoons and dial have them. */
final class Amounts {

    /* What a ruler shows between two inches, and what is less than that. */
    private static final String[] EIGHTHS = {"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};
    private static final String LESS = "1/16";

    private static final double BIG = 1000;
    private static final double FAHRENHEIT_A_KELVIN = 1.8;

    private final Units units;
    private final Sentences sentences;

    Amounts(Units units, Sentences sentences) {
        this.units = units;
        this.sentences = sentences;
    }

    Units units() {
        return units;
    }

    String say(Quantity quantity) {
        double value = quantity.value();
        if (!Double.isFinite(value)) {
            return unit("none", "");
        }
        boolean metric = units != Units.IMPERIAL;
        return switch (quantity.unit()) {
            case CELSIUS ->
                metric ? unit("celsius", whole(value)) : unit("fahrenheit", whole(Temperature.fahrenheit(value)));
            case DIAL -> {
                Dial dial = Dial.forStillOven(value);
                if (units == Units.GAS && dial.gasMark() != null) {
                    yield unit("gas-mark", eighths((int) Math.rint(8 * dial.gasMark())));
                }
                yield metric ? unit("celsius", whole(dial.celsius())) : unit("fahrenheit", whole(dial.fahrenheit()));
            }
            case KELVIN -> unit("degrees", whole(metric ? value : value * FAHRENHEIT_A_KELVIN));
            case MM -> metric ? unit("mm", whole(value)) : unit("inch", inches(value));
            case GRAM -> metric ? scaled(value, "gram", "kilo") : ounces(value);
            case ML -> metric ? scaled(value, "ml", "litre") : say(Spoons.of(value));
            case MIN -> unit("min", number(value, 2));
            case MINUTE -> minutes(value);
            case SECOND -> unit("second", number(value, 0));
            case SHARE, NUMBER -> number(value, 2);
        };
    }

    /* Whoever has no scale in grams spoons what can be spooned. */
    String say(Amount amount) {
        return units != Units.IMPERIAL
                ? say(amount.onAScale())
                : amount.spooned().map(this::say).orElseGet(() -> say(amount.onAScale()));
    }

    private String say(Spoons spoons) {
        if (spoons.pinch()) {
            return unit("pinch", "");
        }
        List<String> parts = new ArrayList<>();
        if (spoons.quarterCups() > 0) {
            parts.add(counted("cups", eighths(2 * spoons.quarterCups()), spoons.quarterCups() > 4 ? 2 : 1));
        }
        if (spoons.tablespoons() > 0) {
            parts.add(unit("tablespoons", whole(spoons.tablespoons())));
        }
        if (spoons.quarterTeaspoons() > 0) {
            parts.add(unit("teaspoons", eighths(2 * spoons.quarterTeaspoons())));
        }
        return String.join(" + ", parts);
    }

    private String unit(String name, String shown) {
        return sentences.say("unit." + name, Map.of("n", shown));
    }

    private String counted(String name, String shown, double count) {
        return sentences.say("unit." + name, Map.of("n", shown, "count", count));
    }

    private String scaled(double value, String small, String large) {
        return value >= BIG ? unit(large, number(value / BIG, 2)) : unit(small, number(value, 0));
    }

    private String ounces(double grams) {
        long all = Math.round(grams / Imperial.GRAMS_PER_OUNCE);
        if (grams < Imperial.GRAMS_PER_POUND) {
            return unit("ounce", number(grams / Imperial.GRAMS_PER_OUNCE, 1));
        }
        return sentences.say(
                "unit.pound", Map.of("n", all / Imperial.OUNCES_PER_POUND, "ounces", all % Imperial.OUNCES_PER_POUND));
    }

    private String inches(double mm) {
        int eighths = Imperial.eighths(mm);
        return eighths == 0 && mm > 0 ? LESS : eighths(eighths);
    }

    private String eighths(int eighths) {
        int whole = eighths / 8;
        String part = EIGHTHS[eighths % 8];
        return whole == 0 && !part.isEmpty() ? part : whole(whole) + part;
    }

    /* To the half, as a cook says them. */
    private String minutes(double value) {
        double half = Math.rint(2 * value) / 2;
        boolean whole = half == Math.rint(half);
        String shown = whole ? whole(half) : half < 1 ? "½" : whole(Math.floor(half)) + "½";
        return counted("minute", shown, half);
    }

    private String whole(double value) {
        return number(value, 0);
    }

    private String number(double value, int places) {
        NumberFormat format = NumberFormat.getInstance(sentences.locale());
        format.setMaximumFractionDigits(places);
        format.setGroupingUsed(false);
        format.setRoundingMode(RoundingMode.HALF_UP.ordinal());
        return format.format(Math.abs(value) < 0.5 * Math.pow(10, -places) ? 0 : value)
                .replace('-', '−');
    }
}
