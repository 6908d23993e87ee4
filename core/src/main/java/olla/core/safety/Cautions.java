package olla.core.safety;

import static olla.core.safety.Caution.Weight.KNOW;
import static olla.core.safety.Caution.Weight.STOP;
import static olla.core.safety.Caution.Weight.WARN;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import olla.core.dish.Ware;
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.EatingQualities;
import olla.core.fish.Filling;
import olla.core.fish.Fish;
import olla.core.fish.Kept;
import olla.core.fish.Piece;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.safety.Caution.Weight;
import olla.core.safety.Caution.When;

/** The rules of caution, as a table, and those that apply. Every one defers to local food codes and to trained staff. */
public final class Cautions {

    /** Code of the caution about parasites, which an {@link Assurance} can answer. */
    static final String PARASITES = "PARASITES";

    /* Solved targets land within a few hundredths of a degree of what they aim for, K. */
    private static final double LANDS_WITHIN_K = 0.1;

    /* Below this peak a bake stays short of the official minimum, °C. */
    private static final double COOKED_C = Doneness.OFFICIAL_MINIMUM_C - LANDS_WITHIN_K;

    /* Below this peak, fish is served under-done where parasites are concerned, °C: short of the band that flakes. */
    private static final double UNDER_DONE_C = Band.FLAKES.fromC() - LANDS_WITHIN_K;

    private static final Message COMMON = source("common");
    private static final Message ADVICE = source("advice-about-eating-fish");
    private static final Message COOKING = source("food-code-cooking");
    private static final Message HAZARDS = source("hazards-guidance");

    /* What makers of parchment allow, °C (from memory). */
    private static final double SHEETS_FROM_C = 215;
    private static final double SHEETS_TO_C = 230;

    /* Raw yolks, in the fridge (published: USDA FSIS, shell eggs from farm to table, from memory). */
    private static final int YOLKS_KEPT_DAYS = 2;

    /* Raw garlic in oil, in the fridge (published: USDA FSIS, advice on botulism, from memory). */
    private static final int GARLIC_IN_OIL_DAYS = 4;

    /** What a rule looks at; dress, oven and programme are null at the counter. */
    private record Situation(
            Fish species,
            Cut cut,
            Filling filling,
            boolean hotStuffing,
            List<Allergen> allergens,
            Dress dress,
            OvenKind oven,
            Programme programme,
            double peakC) {

        boolean closedBy(Sheet sheet) {
            return dress != null && dress.closedBy(sheet);
        }

        boolean salt(Predicate<SaltCrust> which) {
            return dress != null && dress.salt().filter(which).isPresent();
        }

        boolean flames() {
            return oven != null && oven.open();
        }

        boolean bony() {
            return cut == Cut.WHOLE && species.eatingQualities().bones() != EatingQualities.Bones.CARTILAGE
                    || species.eatingQualities().bones() == EatingQualities.Bones.PIN
                    || species.eatingQualities().bones() == EatingQualities.Bones.MANY;
        }
    }

    /** One rule: when it matters, whether it applies, what stands in its sentence, who says so. */
    private record Rule(
            String code,
            Weight weight,
            When when,
            Predicate<Situation> applies,
            Function<Situation, Message> text,
            Message source) {

        Rule(String code, Weight weight, When when, Predicate<Situation> applies, Message source, Object... values) {
            this(code, weight, when, applies, situation -> Message.of(key(code), values), source);
        }

        Caution of(Situation situation) {
            return new Caution(code, weight, when, text.apply(situation), source);
        }
    }

    private static Message source(String name) {
        return Message.of("source." + name);
    }

    private static String key(String code) {
        return "caution." + code.toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static final List<Rule> RULES = List.of(
            new Rule(
                    "SHEET_LIMIT",
                    STOP,
                    When.BENCH,
                    s -> s.dress() != null
                            && !s.flames()
                            && s.dress()
                                    .sheet()
                                    .filter(sheet -> s.programme().hottestC() > sheet.limitC())
                                    .isPresent(),
                    s -> Message.of(
                            key("SHEET_LIMIT"),
                            "limit",
                            Quantity.dial(s.dress().sheet().orElseThrow().limitC())),
                    Message.of(
                            "source.sheet-makers",
                            "from",
                            Quantity.dial(SHEETS_FROM_C),
                            "to",
                            Quantity.dial(SHEETS_TO_C))),
            new Rule(
                    "PAPER_FIRE",
                    STOP,
                    When.BENCH,
                    s -> s.closedBy(Sheet.PARCHMENT)
                            && s.oven() != null
                            && s.oven().open(),
                    COMMON),
            new Rule(
                    "BELOW_MINIMUM",
                    WARN,
                    When.BENCH,
                    s -> s.dress() != null && s.peakC() < COOKED_C,
                    COOKING,
                    "least",
                    Quantity.celsius(Doneness.OFFICIAL_MINIMUM_C)),
            new Rule(
                    PARASITES,
                    WARN,
                    When.BENCH,
                    s -> s.peakC() < UNDER_DONE_C && s.filling() != Filling.STUFFING,
                    s -> Parasites.freezing(key(PARASITES)),
                    source("food-code-freezing")),
            new Rule("HISTAMINE", WARN, When.BENCH, s -> s.species().formsHistamine(), HAZARDS),
            new Rule("CIGUATERA", KNOW, When.BENCH, s -> s.species().fromReefs(), HAZARDS),
            new Rule(
                    "MERCURY_HIGH",
                    WARN,
                    When.COUNTER,
                    s -> s.species().eatingQualities().mercury() == EatingQualities.Mercury.HIGH,
                    ADVICE),
            new Rule(
                    "MERCURY_MODERATE",
                    KNOW,
                    When.COUNTER,
                    s -> s.species().eatingQualities().mercury() == EatingQualities.Mercury.MODERATE,
                    ADVICE),
            new Rule(
                    "ACID_FOIL",
                    WARN,
                    When.BENCH,
                    s -> s.dress() != null && s.dress().sour() && s.dress().aluminium(),
                    source("advice-on-aluminium")),
            new Rule("SCALES_OFF", WARN, When.BENCH, s -> s.salt(crust -> !crust.scalesOn()), COMMON),
            new Rule(
                    "EGG",
                    KNOW,
                    When.BENCH,
                    s -> s.salt(crust -> crust.damping().whitesAKilo() > 0),
                    source("allergens-and-eggs"),
                    "cold",
                    Quantity.celsius(Piece.FRIDGE_C),
                    "days",
                    YOLKS_KEPT_DAYS),
            // Under salt the whites are told of beside their yolks.
            new Rule(
                    "ALLERGENS",
                    KNOW,
                    When.BENCH,
                    s -> !s.allergens().isEmpty() && !s.salt(crust -> true),
                    s -> Message.of(key("ALLERGENS"), "allergens", s.allergens()),
                    source("allergens")),
            new Rule(
                    "STUFFING",
                    WARN,
                    When.BENCH,
                    s -> s.dress() != null && s.filling() == Filling.STUFFING,
                    COOKING,
                    "least",
                    Quantity.celsius(Doneness.STUFFING_C)),
            new Rule(
                    "HOT_STUFFING",
                    WARN,
                    When.BENCH,
                    s -> s.dress() != null && s.hotStuffing(),
                    COOKING,
                    "least",
                    Quantity.celsius(Doneness.STUFFING_C)),
            new Rule(
                    "GARLIC_OIL",
                    KNOW,
                    When.BENCH,
                    s -> s.dress() != null && s.dress().finish() == Finish.MARINATED,
                    source("advice-on-botulism"),
                    "days",
                    GARLIC_IN_OIL_DAYS),
            new Rule(
                    "GLASS",
                    WARN,
                    When.BENCH,
                    s -> s.dress() != null && s.dress().vessel().ware() == Ware.GLASS,
                    COMMON),
            new Rule(
                    "GRILL",
                    WARN,
                    When.GRILL,
                    s -> s.programme() != null && s.programme().grills(),
                    COMMON),
            new Rule(
                    "STEAM",
                    KNOW,
                    When.OPENING,
                    s -> s.dress() != null && s.dress().sheet().isPresent(),
                    COMMON),
            new Rule("SHARDS", WARN, When.OPENING, s -> s.salt(crust -> true), COMMON),
            new Rule("SODIUM", KNOW, When.OPENING, s -> s.salt(crust -> true), COMMON),
            new Rule(
                    "BONES",
                    KNOW,
                    When.OPENING,
                    Situation::bony,
                    s -> Message.of(
                            key("BONES"), "bones", s.species().eatingQualities().bones()),
                    COMMON),
            new Rule("TWO_HOURS", KNOW, When.REST, s -> s.dress() != null, s -> Leftovers.rule(), source("leftovers")));

    /* Closes every list. */
    private static final Caution LOCAL_CODE =
            new Caution("LOCAL_CODE", KNOW, When.BENCH, Message.of(key("LOCAL_CODE")), source("allergens"));

    private Cautions() {}

    /**
     * The cautions for a bake from the bench to the plate, the hardest first, the local code last.
     *
     * @param peakC warmest the coldest point gets, °C
     */
    public static List<Caution> of(Piece piece, Dress dress, OvenKind oven, Programme programme, double peakC) {
        return list(
                new Situation(
                        piece.species(),
                        piece.cut(),
                        piece.filling(),
                        piece.filling() == Filling.STUFFING && piece.stuffing().kept() == Kept.HOT,
                        Allergen.in(piece, dress).stream()
                                .filter(a -> a != Allergen.FISH)
                                .toList(),
                        dress,
                        oven,
                        programme,
                        peakC),
                rule -> rule.when() != When.COUNTER);
    }

    /**
     * The cautions that belong at the counter, before anything is dressed.
     *
     * @param peakC what its middle is to come to, °C
     */
    public static List<Caution> atTheCounter(Fish species, Cut cut, double peakC) {
        return list(new Situation(species, cut, Filling.NONE, false, List.of(), null, null, null, peakC), rule -> true);
    }

    private static List<Caution> list(Situation situation, Predicate<Rule> asked) {
        Stream<Caution> found = RULES.stream()
                .filter(asked)
                .filter(rule -> rule.applies().test(situation))
                .map(rule -> rule.of(situation))
                .sorted(Comparator.comparing(Caution::weight));
        return Stream.concat(found, Stream.of(LOCAL_CODE)).toList();
    }
}
