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
import olla.core.doneness.Band;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Finish;
import olla.core.dress.OpenTray;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.EatingQualities;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.fish.Species;
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

    private static final String COMMON = "common practice";
    private static final String ADVICE = "FDA and EPA, advice about eating fish";
    private static final String COOKING = "FDA Food Code 3-401.11";
    private static final String HAZARDS = "FDA Fish and Fishery Products Hazards and Controls Guidance";
    private static final String FSIS = "USDA FSIS";

    /** What a rule looks at; dress, oven and programme are null at the counter. */
    private record Situation(
            Species species, Cut cut, Filling filling, Dress dress, OvenKind oven, Programme programme, double peakC) {

        boolean parcel(Sheet sheet) {
            return dress instanceof Parcel parcel && parcel.sheet() == sheet;
        }

        boolean salt() {
            return dress instanceof SaltCrust;
        }

        boolean flames() {
            return oven != null && oven.open();
        }

        boolean bony() {
            return cut == Cut.WHOLE && species.traits().bones() != EatingQualities.Bones.CARTILAGE
                    || species.traits().bones() == EatingQualities.Bones.PIN
                    || species.traits().bones() == EatingQualities.Bones.MANY;
        }
    }

    /** One rule: when it matters, whether it applies, what it says, who says so. */
    private record Rule(
            String code,
            Weight weight,
            When when,
            Predicate<Situation> applies,
            Function<Situation, String> text,
            String source) {

        Rule(String code, Weight weight, When when, Predicate<Situation> applies, String text, String source) {
            this(code, weight, when, applies, situation -> text, source);
        }

        Caution of(Situation situation) {
            return new Caution(code, weight, when, text.apply(situation), source);
        }
    }

    private static final List<Rule> RULES = List.of(
            new Rule(
                    "SHEET_LIMIT",
                    STOP,
                    When.BENCH,
                    s -> s.dress() instanceof Parcel parcel
                            && !s.flames()
                            && s.programme().hottestC() > parcel.sheet().limitC(),
                    s -> String.format(
                            Locale.ROOT,
                            "Parchment may scorch above [%.0f °C dial]. Use foil, or turn the oven down.",
                            ((Parcel) s.dress()).sheet().limitC()),
                    "makers' limits of [215 °C dial] to [230 °C dial]; " + COMMON),
            new Rule(
                    "PAPER_FIRE",
                    STOP,
                    When.BENCH,
                    s -> s.parcel(Sheet.PARCHMENT)
                            && s.oven() != null
                            && s.oven().open(),
                    "Paper catches fire over embers and flames. Use foil.",
                    COMMON),
            new Rule(
                    "BELOW_MINIMUM",
                    WARN,
                    When.BENCH,
                    s -> s.dress() != null && s.peakC() < COOKED_C,
                    "Stays below the official [63 °C]. Not for guests who are pregnant, very young, old or ill.",
                    COOKING),
            new Rule(
                    PARASITES,
                    WARN,
                    When.BENCH,
                    s -> s.peakC() < UNDER_DONE_C && s.filling() != Filling.STUFFING,
                    "Under-done fish should have been frozen first: 7 days at [-20 °C] or 15 hours at [-35 °C].",
                    "FDA Food Code 3-402.11"),
            new Rule(
                    "HISTAMINE",
                    WARN,
                    When.BENCH,
                    s -> s.species().formsHistamine(),
                    "Keep it cold until the oven: this fish turns poisonous when warm, and cooking does not mend it.",
                    HAZARDS),
            new Rule(
                    "CIGUATERA",
                    KNOW,
                    When.BENCH,
                    s -> s.species().fromReefs(),
                    "Large reef fish can carry a poison that heat leaves whole. Know where yours was caught.",
                    HAZARDS),
            new Rule(
                    "MERCURY_HIGH",
                    WARN,
                    When.COUNTER,
                    s -> s.species().traits().mercury() == EatingQualities.Mercury.HIGH,
                    "Not for guests who are pregnant or nursing, nor for young children: it carries much mercury.",
                    ADVICE),
            new Rule(
                    "MERCURY_MODERATE",
                    KNOW,
                    When.COUNTER,
                    s -> s.species().traits().mercury() == EatingQualities.Mercury.MODERATE,
                    "Pregnant or nursing guests: one helping a week and no other fish that week.",
                    ADVICE),
            new Rule(
                    "ACID_FOIL",
                    WARN,
                    When.BENCH,
                    s -> s.parcel(Sheet.FOIL) && ((Parcel) s.dress()).acid(),
                    "Citrus, wine, vinegar or tomato dissolves bare aluminium: lay parchment between.",
                    "Federal Institute for Risk Assessment, advice on uncoated aluminium"),
            new Rule(
                    "SCALES_OFF",
                    WARN,
                    When.BENCH,
                    s -> s.dress() instanceof SaltCrust crust && !crust.scalesOn(),
                    "Without its scales the skin lets salt through: wrap it in leaves or parchment, and peel it on the"
                            + " plate.",
                    COMMON),
            new Rule(
                    "EGG",
                    KNOW,
                    When.BENCH,
                    s -> s.dress() instanceof SaltCrust crust && crust.school().whitesAKilo() > 0,
                    "Contains egg. The yolks are raw: keep them at [4 °C] and use them within 2 days.",
                    "Regulation (EU) No 1169/2011, Annex II; " + FSIS),
            new Rule(
                    "STUFFING",
                    WARN,
                    When.BENCH,
                    s -> s.dress() != null && s.filling() == Filling.STUFFING,
                    "A stuffing of shellfish, egg or bread must itself reach [74 °C]; the time is set by it.",
                    COOKING),
            new Rule(
                    "GARLIC_OIL",
                    KNOW,
                    When.BENCH,
                    s -> s.dress() instanceof OpenTray tray && tray.finish() == Finish.MARINATED,
                    "Raw garlic in oil never stands at room temperature: make it fresh, keep it cold, 4 days at most.",
                    FSIS + ", advice on botulism"),
            new Rule(
                    "GRILL",
                    WARN,
                    When.GRILL,
                    s -> s.programme() != null && s.programme().grills(),
                    "Stay and watch the grill. No paper, and no glass dish, under it.",
                    COMMON),
            new Rule(
                    "STEAM",
                    KNOW,
                    When.OPENING,
                    s -> s.dress() instanceof Parcel,
                    "Open the parcel away from your face: steam.",
                    COMMON),
            new Rule(
                    "SHARDS",
                    WARN,
                    When.OPENING,
                    Situation::salt,
                    "Crack it under a cloth, with a tool that never touches the fish: hot shards, then steam.",
                    COMMON),
            new Rule(
                    "SODIUM",
                    KNOW,
                    When.OPENING,
                    Situation::salt,
                    "Brush all salt off before you lift the skin; tell guests who eat little salt.",
                    COMMON),
            new Rule(
                    "BONES",
                    KNOW,
                    When.OPENING,
                    Situation::bony,
                    s -> "Tell your guests of the bones: "
                            + s.species().traits().bones().words() + ".",
                    COMMON),
            new Rule(
                    "TWO_HOURS",
                    KNOW,
                    When.REST,
                    s -> s.dress() != null,
                    Leftovers.words(),
                    FSIS + ", leftovers and food safety"));

    /* Closes every list. */
    private static final Caution LOCAL_CODE = new Caution(
            "LOCAL_CODE",
            KNOW,
            When.BENCH,
            "Your local food code and trained staff have the last word. Contains fish, an allergen.",
            "Regulation (EU) No 1169/2011, Annex II");

    private Cautions() {}

    /**
     * The cautions for a bake from the bench to the plate, the hardest first, the local code last.
     *
     * @param peakC warmest the coldest point gets, °C
     */
    public static List<Caution> of(Piece piece, Dress dress, OvenKind oven, Programme programme, double peakC) {
        return list(
                new Situation(piece.species(), piece.cut(), piece.filling(), dress, oven, programme, peakC),
                rule -> rule.when() != When.COUNTER);
    }

    /**
     * The cautions that belong at the counter, before anything is dressed.
     *
     * @param peakC what its middle is to come to, °C
     */
    public static List<Caution> atTheCounter(Species species, Cut cut, double peakC) {
        return list(new Situation(species, cut, Filling.NONE, null, null, null, peakC), rule -> true);
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
