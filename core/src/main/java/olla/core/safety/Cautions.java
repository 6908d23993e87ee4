package olla.core.safety;

import static olla.core.safety.Caution.Weight.KNOW;
import static olla.core.safety.Caution.Weight.STOP;
import static olla.core.safety.Caution.Weight.WARN;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.dress.SaltCrust;
import olla.core.dress.Sheet;
import olla.core.fish.Cut;
import olla.core.fish.Filling;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.fish.Traits;
import olla.core.oven.Programme;

/** The cautions that apply to one bake. Every one defers to local food codes and to trained staff. */
public final class Cautions {

    /** Below this peak, fish counts as served under-done where parasites are concerned, °C (the Food Code's cooking limit). */
    private static final double PARASITE_SAFE_C = Doneness.OFFICIAL_MINIMUM_C;

    private static final String COMMON = "common practice";
    private static final String ADVICE = "FDA and EPA, advice about eating fish";
    private static final String FOOD_CODE = "FDA Food Code 3-401.11";

    /** Code of the caution about parasites, which an {@link Assurance} can answer. */
    static final String PARASITES = "PARASITES";

    private Cautions() {}

    /**
     * The cautions for a bake, the hardest first.
     *
     * @param peakC warmest the coldest point gets, °C
     */
    public static List<Caution> of(Piece piece, Dress dress, Programme programme, double peakC) {
        List<Caution> found = new ArrayList<>();
        if (dress instanceof Parcel parcel
                && programme.hottestC() > parcel.sheet().limitC()) {
            found.add(new Caution(
                    "SHEET_LIMIT",
                    STOP,
                    String.format(
                            Locale.ROOT,
                            "Parchment may scorch above %.0f\u00a0°C. Use foil, or turn the oven down.",
                            parcel.sheet().limitC()),
                    "makers' limits of 215 to 230\u00a0°C; " + COMMON));
        }
        // Solved targets land within a few hundredths of a degree of the limit they aim for.
        if (peakC < PARASITE_SAFE_C - 0.1) {
            found.add(new Caution(
                    "BELOW_MINIMUM",
                    WARN,
                    "Stays below the official 63\u00a0°C. Not for guests who are pregnant, very young, old or ill.",
                    FOOD_CODE));
            found.add(parasites());
        }
        found.addAll(ofSpecies(piece.species()));
        if (dress instanceof Parcel parcel) {
            if (parcel.sheet() == Sheet.FOIL && parcel.acid()) {
                found.add(new Caution(
                        "ACID_FOIL",
                        WARN,
                        "Citrus, wine, vinegar or tomato dissolves bare aluminium: lay parchment between.",
                        "Federal Institute for Risk Assessment, advice on uncoated aluminium"));
            }
            found.add(new Caution("STEAM", KNOW, "Open the parcel away from your face: steam.", COMMON));
        }
        if (dress instanceof SaltCrust crust) {
            found.addAll(ofSalt(crust));
        }
        if (piece.filling() == Filling.STUFFING) {
            found.add(new Caution(
                    "STUFFING",
                    WARN,
                    "A stuffing of shellfish, egg or bread must itself reach 74\u00a0°C; the time is set by it.",
                    FOOD_CODE));
        }
        if (programme.grills()) {
            found.add(new Caution(
                    "GRILL", WARN, "Stay and watch the grill. No paper, and no glass dish, under it.", COMMON));
        }
        found.sort(Comparator.comparing(Caution::weight));
        found.add(localCode());
        return List.copyOf(found);
    }

    /**
     * The cautions that belong at the counter, before anything is dressed.
     *
     * @param underDone true where it is to be eaten below the official minimum
     */
    public static List<Caution> atTheCounter(Species species, Cut cut, boolean underDone) {
        List<Caution> found = new ArrayList<>(ofSpecies(species));
        if (underDone) {
            found.add(parasites());
        }
        if (species.traits().mercury() == Traits.Mercury.HIGH) {
            found.add(new Caution(
                    "MERCURY_HIGH",
                    WARN,
                    "Not for guests who are pregnant or nursing, nor for young children: it carries much mercury.",
                    ADVICE));
        } else if (species.traits().mercury() == Traits.Mercury.MODERATE) {
            found.add(new Caution(
                    "MERCURY_MODERATE",
                    KNOW,
                    "Pregnant or nursing guests: one helping a week and no other fish that week.",
                    ADVICE));
        }
        if (cut == Cut.WHOLE
                || species.traits().bones() == Traits.Bones.PIN
                || species.traits().bones() == Traits.Bones.MANY) {
            found.add(new Caution(
                    "BONES",
                    KNOW,
                    "Tell your guests of the bones: " + species.traits().bones().words() + ".",
                    COMMON));
        }
        found.add(localCode());
        return List.copyOf(found);
    }

    private static List<Caution> ofSpecies(Species species) {
        List<Caution> found = new ArrayList<>();
        if (species.formsHistamine()) {
            found.add(new Caution(
                    "HISTAMINE",
                    WARN,
                    "Keep it cold until the oven: this fish turns poisonous when warm, and cooking does not mend it.",
                    "FDA Fish and Fishery Products Hazards and Controls Guidance"));
        }
        if (species.fromReefs()) {
            found.add(new Caution(
                    "CIGUATERA",
                    KNOW,
                    "Large reef fish can carry a poison that heat leaves whole. Know where yours was caught.",
                    "FDA Fish and Fishery Products Hazards and Controls Guidance"));
        }
        return found;
    }

    private static List<Caution> ofSalt(SaltCrust crust) {
        List<Caution> found = new ArrayList<>();
        if (!crust.scalesOn()) {
            found.add(new Caution(
                    "SCALES_OFF",
                    WARN,
                    "Without its scales the skin lets salt through: wrap it in leaves or parchment, and peel it on the"
                            + " plate.",
                    COMMON));
        }
        found.add(new Caution(
                "SHARDS",
                WARN,
                "Crack it under a cloth, with a tool that never touches the fish: hot shards, then steam.",
                COMMON));
        found.add(new Caution(
                "SODIUM",
                KNOW,
                "Brush all salt off before you lift the skin; tell guests who eat little salt.",
                COMMON));
        if (crust.school().whitesAKilo() > 0) {
            found.add(new Caution(
                    "EGG",
                    KNOW,
                    "Contains egg. The yolks are raw: keep them at 4\u00a0°C and use them within 2 days.",
                    "Regulation (EU) No 1169/2011, Annex II; USDA FSIS"));
        }
        return found;
    }

    private static Caution localCode() {
        return new Caution(
                "LOCAL_CODE",
                KNOW,
                "Your local food code and trained staff have the last word. Contains fish, an allergen.",
                "Regulation (EU) No 1169/2011, Annex II");
    }

    private static Caution parasites() {
        return new Caution(
                PARASITES,
                WARN,
                "Under-done fish should have been frozen first: 7 days at −20\u00a0°C or 15 hours at −35\u00a0°C.",
                "FDA Food Code 3-402.11");
    }
}
