package olla.core.fish;

import static olla.core.fish.BodyShape.DEEP;
import static olla.core.fish.BodyShape.FLAT;
import static olla.core.fish.BodyShape.SLENDER;
import static olla.core.fish.BodyShape.TORPEDO;
import static olla.core.fish.Group.FLAT_WHITE;
import static olla.core.fish.Group.LEAN_WHITE;
import static olla.core.fish.Group.MEDIUM;
import static olla.core.fish.Group.OILY;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import olla.core.fish.Traits.Bones;
import olla.core.fish.Traits.Firmness;
import olla.core.fish.Traits.Mercury;

/**
 * The fish Olla knows. Composition is of the raw flesh in percent by mass (water, protein, fat, ash); beside each
 * stands where it comes from, and all of it is from memory, so treat the last digit with care.
 */
public enum Species {
    COD(
            "Cod",
            "Gadus morhua",
            LEAN_WHITE,
            TORPEDO,
            81.22,
            17.81,
            0.67,
            1.16,
            Source.USDA,
            Firmness.FLAKY,
            Bones.FEW,
            Mercury.LOW,
            "codling, scrod"),
    HADDOCK(
            "Haddock",
            "Melanogrammus aeglefinus",
            LEAN_WHITE,
            TORPEDO,
            79.92,
            18.91,
            0.72,
            1.21,
            Source.USDA,
            Firmness.FLAKY,
            Bones.FEW,
            Mercury.LOW,
            "finnan"),
    HAKE(
            "Hake",
            "Merluccius merluccius",
            LEAN_WHITE,
            SLENDER,
            80.27,
            18.31,
            1.31,
            1.30,
            Source.USDA,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            "merluza, colin"),
    POLLOCK(
            "Pollock",
            "Pollachius pollachius",
            LEAN_WHITE,
            TORPEDO,
            78.18,
            19.44,
            0.98,
            1.41,
            Source.USDA,
            Firmness.FLAKY,
            Bones.FEW,
            Mercury.LOW,
            "lythe, pollack"),
    HALIBUT(
            "Halibut",
            "Hippoglossus hippoglossus",
            MEDIUM,
            FLAT,
            77.92,
            20.81,
            2.29,
            1.36,
            Source.USDA,
            Firmness.FIRM,
            Bones.FEW,
            Mercury.MODERATE,
            ""),
    PLAICE(
            "Plaice",
            "Pleuronectes platessa",
            FLAT_WHITE,
            FLAT,
            79.50,
            16.70,
            1.40,
            1.30,
            Source.UK,
            Firmness.DELICATE,
            Bones.FEW,
            Mercury.LOW,
            ""),
    LEMON_SOLE(
            "Lemon sole",
            "Microstomus kitt",
            FLAT_WHITE,
            FLAT,
            81.20,
            17.40,
            1.50,
            1.30,
            Source.UK,
            Firmness.DELICATE,
            Bones.FEW,
            Mercury.LOW,
            "lemon dab"),
    FLOUNDER(
            "Flounder",
            "Platichthys flesus",
            FLAT_WHITE,
            FLAT,
            79.06,
            18.84,
            1.19,
            1.20,
            Source.USDA,
            Firmness.DELICATE,
            Bones.FEW,
            Mercury.LOW,
            "fluke, flatfish"),
    BRILL(
            "Brill",
            "Scophthalmus rhombus",
            FLAT_WHITE,
            FLAT,
            78.50,
            18.50,
            1.60,
            1.20,
            Source.KIN,
            Firmness.FIRM,
            Bones.FEW,
            Mercury.LOW,
            "kite"),
    SEA_BREAM(
            "Sea bream",
            "Sparus aurata",
            MEDIUM,
            DEEP,
            72.50,
            19.60,
            6.50,
            1.30,
            Source.FARMED,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            "gilthead, dorade, orata"),
    SEA_BASS(
            "Sea bass",
            "Dicentrarchus labrax",
            MEDIUM,
            TORPEDO,
            75.00,
            19.20,
            4.50,
            1.20,
            Source.FARMED,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            "bass, branzino, loup"),
    SNAPPER(
            "Snapper",
            "Lutjanus campechanus",
            LEAN_WHITE,
            DEEP,
            76.87,
            20.51,
            1.34,
            1.31,
            Source.USDA,
            Firmness.FIRM,
            Bones.PIN,
            Mercury.MODERATE,
            "red snapper"),
    GROUPER(
            "Grouper",
            "Epinephelus marginatus",
            LEAN_WHITE,
            TORPEDO,
            79.22,
            19.38,
            1.02,
            1.17,
            Source.USDA,
            Firmness.FIRM,
            Bones.FEW,
            Mercury.MODERATE,
            "hammour"),
    GURNARD(
            "Gurnard",
            "Chelidonichthys cuculus",
            LEAN_WHITE,
            SLENDER,
            78.80,
            18.80,
            1.20,
            1.20,
            Source.KIN,
            Firmness.FIRM,
            Bones.PIN,
            Mercury.LOW,
            "sea robin"),
    REDFISH(
            "Redfish",
            "Sebastes norvegicus",
            LEAN_WHITE,
            DEEP,
            78.70,
            18.62,
            1.63,
            1.20,
            Source.USDA,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            "ocean perch, rose fish"),
    ZANDER(
            "Zander",
            "Sander lucioperca",
            LEAN_WHITE,
            SLENDER,
            79.31,
            19.14,
            1.22,
            1.24,
            Source.USDA,
            Firmness.FIRM,
            Bones.PIN,
            Mercury.LOW,
            "pikeperch"),
    TILAPIA(
            "Tilapia",
            "Oreochromis niloticus",
            LEAN_WHITE,
            DEEP,
            78.08,
            20.08,
            1.70,
            0.93,
            Source.USDA,
            Firmness.FLAKY,
            Bones.FEW,
            Mercury.LOW,
            "St Peter’s fish"),
    SALMON(
            "Salmon",
            "Salmo salar",
            OILY,
            TORPEDO,
            64.89,
            20.42,
            13.42,
            1.13,
            Source.USDA,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            ""),
    TROUT(
            "Trout",
            "Oncorhynchus mykiss",
            MEDIUM,
            TORPEDO,
            72.73,
            20.87,
            5.40,
            1.30,
            Source.USDA,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            "rainbow trout"),
    CHAR(
            "Arctic char",
            "Salvelinus alpinus",
            OILY,
            TORPEDO,
            71.50,
            19.80,
            7.50,
            1.20,
            Source.FARMED,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            "charr"),
    MACKEREL(
            "Mackerel",
            "Scomber scombrus",
            OILY,
            TORPEDO,
            63.55,
            18.60,
            13.89,
            1.35,
            Source.USDA,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            ""),
    TUNA(
            "Tuna",
            "Thunnus albacares",
            MEDIUM,
            TORPEDO,
            70.99,
            23.38,
            0.95,
            1.34,
            Source.USDA,
            Firmness.FIRM,
            Bones.FEW,
            Mercury.MODERATE,
            "yellowfin, ahi"),
    SKATE(
            "Skate",
            "Raja clavata",
            FLAT_WHITE,
            FLAT,
            79.3,
            19.0,
            0.5,
            1.1,
            Source.KIN,
            Firmness.FLAKY,
            Bones.CARTILAGE,
            Mercury.LOW,
            "ray, thornback"),
    DOGFISH(
            "Dogfish",
            "Squalus acanthias",
            MEDIUM,
            SLENDER,
            73.58,
            20.98,
            4.51,
            1.4,
            Source.USDA,
            Firmness.FIRM,
            Bones.CARTILAGE,
            Mercury.HIGH,
            "rock salmon, huss, spurdog"),
    DRUM(
            "Drum",
            "Aplodinotus grunniens",
            MEDIUM,
            DEEP,
            77.33,
            17.54,
            4.93,
            1.09,
            Source.USDA,
            Firmness.FIRM,
            Bones.PIN,
            Mercury.LOW,
            "sheepshead, croaker"),
    STRIPED_BASS(
            "Striped bass",
            "Morone saxatilis",
            MEDIUM,
            TORPEDO,
            79.22,
            17.73,
            2.33,
            1.04,
            Source.USDA,
            Firmness.FIRM,
            Bones.PIN,
            Mercury.MODERATE,
            "rockfish, striper"),
    MONKFISH(
            "Monkfish",
            "Lophius piscatorius",
            LEAN_WHITE,
            TORPEDO,
            83.24,
            14.48,
            1.52,
            1.2,
            Source.USDA,
            Firmness.FIRM,
            Bones.CARTILAGE,
            Mercury.MODERATE,
            "angler, lotte"),
    TURBOT(
            "Turbot",
            "Scophthalmus maximus",
            FLAT_WHITE,
            FLAT,
            76.95,
            16.05,
            2.95,
            2.2,
            Source.USDA,
            Firmness.FIRM,
            Bones.FEW,
            Mercury.LOW,
            ""),
    LING(
            "Ling",
            "Molva molva",
            LEAN_WHITE,
            SLENDER,
            79.63,
            18.99,
            0.64,
            1.4,
            Source.USDA,
            Firmness.FIRM,
            Bones.FEW,
            Mercury.MODERATE,
            ""),
    CATFISH(
            "Catfish",
            "Ictalurus punctatus",
            MEDIUM,
            TORPEDO,
            75.38,
            15.55,
            7.59,
            1.02,
            Source.USDA,
            Firmness.FIRM,
            Bones.FEW,
            Mercury.LOW,
            "channel catfish"),
    MULLET(
            "Grey mullet",
            "Mugil cephalus",
            MEDIUM,
            TORPEDO,
            77.01,
            19.35,
            3.79,
            1.2,
            Source.USDA,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            "striped mullet"),
    GARFISH(
            "Garfish",
            "Belone belone",
            MEDIUM,
            SLENDER,
            76.0,
            20.0,
            2.3,
            1.4,
            Source.KIN,
            Firmness.FLAKY,
            Bones.MANY,
            Mercury.LOW,
            "needlefish, garpike"),
    WHITING(
            "Whiting",
            "Merlangius merlangus",
            LEAN_WHITE,
            TORPEDO,
            80.27,
            18.31,
            1.31,
            1.3,
            Source.USDA,
            Firmness.DELICATE,
            Bones.FEW,
            Mercury.LOW,
            ""),
    PERCH(
            "Perch",
            "Perca fluviatilis",
            LEAN_WHITE,
            DEEP,
            79.13,
            19.39,
            0.92,
            1.24,
            Source.USDA,
            Firmness.FLAKY,
            Bones.PIN,
            Mercury.LOW,
            "river perch");

    /** Where a composition comes from. All are remembered figures, none was looked up for this table. */
    private static final class Source {
        static final String USDA = "USDA National Nutrient Database for Standard Reference, from memory";
        static final String UK = "McCance and Widdowson's composition of foods, from memory";
        static final String FARMED = "usual values of farmed fish in the literature, from memory";
        static final String KIN = "taken from near kin in the USDA tables, from memory";

        private Source() {}
    }

    /* Families whose flesh forms histamine when kept warm (published: FDA Fish and Fishery Products Hazards and
     * Controls Guidance, chapter on scombrotoxin, from memory). */
    private static final Set<String> HISTAMINE_NAMES = Set.of("MACKEREL", "TUNA");

    /* Large reef fish that can carry ciguatoxin (published: the same guidance, chapter on natural toxins). */
    private static final Set<String> REEF_NAMES = Set.of("SNAPPER", "GROUPER");

    private final String marketName;
    private final String scientificName;
    private final Group group;
    private final BodyShape shape;
    private final Composition composition;
    private final String source;
    private final Traits traits;

    Species(
            String marketName,
            String scientificName,
            Group group,
            BodyShape shape,
            double water,
            double protein,
            double fat,
            double ash,
            String source,
            Firmness firmness,
            Bones bones,
            Mercury mercury,
            String alsoCalled) {
        this.marketName = marketName;
        this.scientificName = scientificName;
        this.group = group;
        this.shape = shape;
        this.composition = Composition.percent(water, protein, fat, ash);
        this.source = source;
        this.traits = new Traits(
                firmness, bones, mercury, alsoCalled.isEmpty() ? List.of() : List.of(alsoCalled.split(", ")));
    }

    /** The name on the wire, for instance {@code lemon_sole}. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The species of a wire name, if there is one. */
    public static Optional<Species> ofKey(String key) {
        return Stream.of(values()).filter(s -> s.key().equals(key)).findFirst();
    }

    /** The name on a counter's ticket. */
    public String marketName() {
        return marketName;
    }

    /** Genus and species. */
    public String scientificName() {
        return scientificName;
    }

    /** The kind of flesh. */
    public Group group() {
        return group;
    }

    /** The build of the whole fish. */
    public BodyShape shape() {
        return shape;
    }

    /** What the raw flesh is made of. */
    public Composition composition() {
        return composition;
    }

    /** Where the composition comes from. */
    public String source() {
        return source;
    }

    /** Firmness, bones, mercury and other names. */
    public Traits traits() {
        return traits;
    }

    /** True for fish that turn poisonous by histamine when kept warm. */
    public boolean formsHistamine() {
        return HISTAMINE_NAMES.contains(name());
    }

    /** True for large reef fish that can carry ciguatoxin. */
    public boolean fromReefs() {
        return REEF_NAMES.contains(name());
    }
}
