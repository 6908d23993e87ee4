package olla.core.safety;

import static olla.core.safety.Caution.Weight.KNOW;
import static olla.core.safety.Caution.Weight.STOP;
import static olla.core.safety.Caution.Weight.WARN;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.Parcel;
import olla.core.fish.Piece;
import olla.core.oven.Programme;

/** The cautions that apply to one bake. Every one defers to local food codes and to trained staff. */
public final class Cautions {

    /** Below this peak, fish counts as served under-done where parasites are concerned, °C (the Food Code's cooking limit). */
    private static final double PARASITE_SAFE_C = Doneness.OFFICIAL_MINIMUM_C;

    private static final String COMMON = "common practice";
    private static final String FOOD_CODE = "FDA Food Code 3-401.11";

    private Cautions() {}

    /**
     * The cautions for a bake, the hardest first.
     *
     * @param peakC warmest the coldest point gets, °C
     */
    public static List<Caution> of(Piece piece, Dress dress, Programme programme, double peakC) {
        List<Caution> found = new ArrayList<>();
        if (dress instanceof Parcel parcel
                && programme.bakeTempC() > parcel.sheet().limitC()) {
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
            found.add(new Caution(
                    "PARASITES",
                    WARN,
                    "Under-done fish should have been frozen first: 7 days at −20\u00a0°C or 15 hours at −35\u00a0°C.",
                    "FDA Food Code 3-402.11"));
        }
        if (piece.species().formsHistamine()) {
            found.add(new Caution(
                    "HISTAMINE",
                    WARN,
                    "Keep it cold until the oven: this fish turns poisonous when warm, and cooking does not mend it.",
                    "FDA Fish and Fishery Products Hazards and Controls Guidance"));
        }
        if (piece.species().fromReefs()) {
            found.add(new Caution(
                    "CIGUATERA",
                    KNOW,
                    "Large reef fish can carry a poison that heat leaves whole. Know where yours was caught.",
                    "FDA Fish and Fishery Products Hazards and Controls Guidance"));
        }
        if (dress instanceof Parcel) {
            found.add(new Caution("STEAM", KNOW, "Open the parcel away from your face: steam.", COMMON));
        }
        found.add(new Caution(
                "LOCAL_CODE",
                KNOW,
                "Your local food code and trained staff have the last word. Contains fish, an allergen.",
                "Regulation (EU) No 1169/2011, Annex II"));
        return List.copyOf(found);
    }
}
