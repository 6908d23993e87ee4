package olla.core.fish;

import static olla.core.fish.BodyShape.DEEP;
import static olla.core.fish.BodyShape.FLAT;
import static olla.core.fish.BodyShape.SLENDER;
import static olla.core.fish.BodyShape.TORPEDO;
import static olla.core.fish.EatingQualities.Bones.CARTILAGE;
import static olla.core.fish.EatingQualities.Bones.FEW;
import static olla.core.fish.EatingQualities.Bones.MANY;
import static olla.core.fish.EatingQualities.Bones.PIN;
import static olla.core.fish.EatingQualities.Firmness.DELICATE;
import static olla.core.fish.EatingQualities.Firmness.FIRM;
import static olla.core.fish.EatingQualities.Firmness.FLAKY;
import static olla.core.fish.EatingQualities.Mercury.HIGH;
import static olla.core.fish.EatingQualities.Mercury.LOW;
import static olla.core.fish.EatingQualities.Mercury.MODERATE;
import static olla.core.fish.Group.FLAT_WHITE;
import static olla.core.fish.Group.LEAN_WHITE;
import static olla.core.fish.Group.MEDIUM;
import static olla.core.fish.Group.OILY;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import olla.core.fish.EatingQualities.Bones;
import olla.core.fish.EatingQualities.Firmness;
import olla.core.fish.EatingQualities.Mercury;
import olla.core.messages.Message;

/**
 * The fish Olla knows. Composition is of the raw flesh in percent by mass (water, protein, fat, ash); beside each
 * stands where it comes from, and all of it is from memory, so treat the last digit with care.
 */
public enum Species implements Fish {
    COD(
            "Gadus morhua",
            LEAN_WHITE,
            TORPEDO,
            made(81.22, 17.81, 0.67, 1.16),
            Source.USDA,
            eatingQualities(FLAKY, FEW, LOW)),
    HADDOCK(
            "Melanogrammus aeglefinus",
            LEAN_WHITE,
            TORPEDO,
            made(79.92, 18.91, 0.72, 1.21),
            Source.USDA,
            eatingQualities(FLAKY, FEW, LOW)),
    HAKE(
            "Merluccius merluccius",
            LEAN_WHITE,
            SLENDER,
            made(80.27, 18.31, 1.31, 1.30),
            Source.USDA,
            eatingQualities(FLAKY, PIN, LOW)),
    POLLOCK(
            "Pollachius pollachius",
            LEAN_WHITE,
            TORPEDO,
            made(78.18, 19.44, 0.98, 1.41),
            Source.USDA,
            eatingQualities(FLAKY, FEW, LOW)),
    HALIBUT(
            "Hippoglossus hippoglossus",
            MEDIUM,
            FLAT,
            made(77.92, 20.81, 2.29, 1.36),
            Source.USDA,
            eatingQualities(FIRM, FEW, MODERATE)),
    PLAICE(
            "Pleuronectes platessa",
            FLAT_WHITE,
            FLAT,
            made(79.50, 16.70, 1.40, 1.30),
            Source.UK,
            eatingQualities(DELICATE, FEW, LOW)),
    LEMON_SOLE(
            "Microstomus kitt",
            FLAT_WHITE,
            FLAT,
            made(81.20, 17.40, 1.50, 1.30),
            Source.UK,
            eatingQualities(DELICATE, FEW, LOW)),
    FLOUNDER(
            "Platichthys flesus",
            FLAT_WHITE,
            FLAT,
            made(79.06, 18.84, 1.19, 1.20),
            Source.USDA,
            eatingQualities(DELICATE, FEW, LOW)),
    BRILL(
            "Scophthalmus rhombus",
            FLAT_WHITE,
            FLAT,
            made(78.50, 18.50, 1.60, 1.20),
            Source.KIN,
            eatingQualities(FIRM, FEW, LOW)),
    SEA_BREAM(
            "Sparus aurata",
            MEDIUM,
            DEEP,
            made(72.50, 19.60, 6.50, 1.30),
            Source.FARMED,
            eatingQualities(FLAKY, PIN, LOW)),
    SEA_BASS(
            "Dicentrarchus labrax",
            MEDIUM,
            TORPEDO,
            made(75.00, 19.20, 4.50, 1.20),
            Source.FARMED,
            eatingQualities(FLAKY, PIN, LOW)),
    SNAPPER(
            "Lutjanus campechanus",
            LEAN_WHITE,
            DEEP,
            made(76.87, 20.51, 1.34, 1.31),
            Source.USDA,
            eatingQualities(FIRM, PIN, MODERATE)),
    GROUPER(
            "Epinephelus marginatus",
            LEAN_WHITE,
            TORPEDO,
            made(79.22, 19.38, 1.02, 1.17),
            Source.USDA,
            eatingQualities(FIRM, FEW, MODERATE)),
    GURNARD(
            "Chelidonichthys cuculus",
            LEAN_WHITE,
            SLENDER,
            made(78.80, 18.80, 1.20, 1.20),
            Source.KIN,
            eatingQualities(FIRM, PIN, LOW)),
    REDFISH(
            "Sebastes norvegicus",
            LEAN_WHITE,
            DEEP,
            made(78.70, 18.62, 1.63, 1.20),
            Source.USDA,
            eatingQualities(FLAKY, PIN, LOW)),
    ZANDER(
            "Sander lucioperca",
            LEAN_WHITE,
            SLENDER,
            made(79.31, 19.14, 1.22, 1.24),
            Source.USDA,
            eatingQualities(FIRM, PIN, LOW)),
    TILAPIA(
            "Oreochromis niloticus",
            LEAN_WHITE,
            DEEP,
            made(78.08, 20.08, 1.70, 0.93),
            Source.USDA,
            eatingQualities(FLAKY, FEW, LOW)),
    SALMON(
            "Salmo salar",
            OILY,
            TORPEDO,
            made(64.89, 20.42, 13.42, 1.13),
            Source.USDA,
            eatingQualities(FLAKY, PIN, LOW)),
    TROUT(
            "Oncorhynchus mykiss",
            MEDIUM,
            TORPEDO,
            made(72.73, 20.87, 5.40, 1.30),
            Source.USDA,
            eatingQualities(FLAKY, PIN, LOW)),
    CHAR(
            "Salvelinus alpinus",
            OILY,
            TORPEDO,
            made(71.50, 19.80, 7.50, 1.20),
            Source.FARMED,
            eatingQualities(FLAKY, PIN, LOW)),
    MACKEREL(
            "Scomber scombrus",
            OILY,
            TORPEDO,
            made(63.55, 18.60, 13.89, 1.35),
            Source.USDA,
            eatingQualities(FLAKY, PIN, LOW)),
    TUNA(
            "Thunnus albacares",
            MEDIUM,
            TORPEDO,
            made(70.99, 23.38, 0.95, 1.34),
            Source.USDA,
            eatingQualities(FIRM, FEW, MODERATE)),
    SKATE(
            "Raja clavata",
            FLAT_WHITE,
            FLAT,
            made(79.3, 19.0, 0.5, 1.1),
            Source.KIN,
            eatingQualities(FLAKY, CARTILAGE, LOW)),
    DOGFISH(
            "Squalus acanthias",
            MEDIUM,
            SLENDER,
            made(73.58, 20.98, 4.51, 1.4),
            Source.USDA,
            eatingQualities(FIRM, CARTILAGE, HIGH)),
    DRUM(
            "Aplodinotus grunniens",
            MEDIUM,
            DEEP,
            made(77.33, 17.54, 4.93, 1.09),
            Source.USDA,
            eatingQualities(FIRM, PIN, LOW)),
    STRIPED_BASS(
            "Morone saxatilis",
            MEDIUM,
            TORPEDO,
            made(79.22, 17.73, 2.33, 1.04),
            Source.USDA,
            eatingQualities(FIRM, PIN, MODERATE)),
    MONKFISH(
            "Lophius piscatorius",
            LEAN_WHITE,
            TORPEDO,
            made(83.24, 14.48, 1.52, 1.2),
            Source.USDA,
            eatingQualities(FIRM, CARTILAGE, MODERATE)),
    TURBOT(
            "Scophthalmus maximus",
            FLAT_WHITE,
            FLAT,
            made(76.95, 16.05, 2.95, 2.2),
            Source.USDA,
            eatingQualities(FIRM, FEW, LOW)),
    LING(
            "Molva molva",
            LEAN_WHITE,
            SLENDER,
            made(79.63, 18.99, 0.64, 1.4),
            Source.USDA,
            eatingQualities(FIRM, FEW, MODERATE)),
    CATFISH(
            "Ictalurus punctatus",
            MEDIUM,
            TORPEDO,
            made(75.38, 15.55, 7.59, 1.02),
            Source.USDA,
            eatingQualities(FIRM, FEW, LOW)),
    MULLET(
            "Mugil cephalus",
            MEDIUM,
            TORPEDO,
            made(77.01, 19.35, 3.79, 1.2),
            Source.USDA,
            eatingQualities(FLAKY, PIN, LOW)),
    GARFISH(
            "Belone belone",
            MEDIUM,
            SLENDER,
            made(76.0, 20.0, 2.3, 1.4),
            Source.KIN,
            eatingQualities(FLAKY, MANY, LOW)),
    WHITING(
            "Merlangius merlangus",
            LEAN_WHITE,
            TORPEDO,
            made(80.27, 18.31, 1.31, 1.3),
            Source.USDA,
            eatingQualities(DELICATE, FEW, LOW)),
    PERCH(
            "Perca fluviatilis",
            LEAN_WHITE,
            DEEP,
            made(79.13, 19.39, 0.92, 1.24),
            Source.USDA,
            eatingQualities(FLAKY, PIN, LOW));

    /** Where a composition comes from. All are remembered figures, none was looked up for this table. */
    private enum Source {
        /** USDA National Nutrient Database for Standard Reference. */
        USDA,
        /** McCance and Widdowson's composition of foods. */
        UK,
        /** Usual values of farmed fish in the literature. */
        FARMED,
        /** Near kin in the USDA tables. */
        KIN
    }

    /* Families whose flesh forms histamine when kept warm (published: FDA Fish and Fishery Products Hazards and
     * Controls Guidance, chapter on scombrotoxin, from memory). */
    private static final Set<String> HISTAMINE_NAMES = Set.of("MACKEREL", "TUNA");

    /* Large reef fish that can carry ciguatoxin (published: the same guidance, chapter on natural toxins). */
    private static final Set<String> REEF_NAMES = Set.of("SNAPPER", "GROUPER");

    private final String scientificName;
    private final Group group;
    private final BodyShape shape;
    private final Composition composition;
    private final Source source;
    private final EatingQualities eatingQualities;

    Species(
            String scientificName,
            Group group,
            BodyShape shape,
            Composition composition,
            Source source,
            EatingQualities eatingQualities) {
        this.scientificName = scientificName;
        this.group = group;
        this.shape = shape;
        this.composition = composition;
        this.source = source;
        this.eatingQualities = eatingQualities;
    }

    /* Percent by mass: water, protein, fat, ash. */
    private static Composition made(double water, double protein, double fat, double ash) {
        return Composition.percent(water, protein, fat, ash);
    }

    private static EatingQualities eatingQualities(Firmness firmness, Bones bones, Mercury mercury) {
        return new EatingQualities(firmness, bones, mercury);
    }

    /** The name on the wire, for instance {@code lemon_sole}. */
    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The species of a wire name, if there is one. */
    public static Optional<Species> ofKey(String key) {
        return Stream.of(values()).filter(s -> s.key().equals(key)).findFirst();
    }

    @Override
    public Message words() {
        return Message.word(this);
    }

    @Override
    public Message inside() {
        return Message.word(this).form("inside");
    }

    /** Other names it goes by, parted by commas; nothing where there are none. */
    public Message alsoCalled() {
        return Message.word(this).form("also");
    }

    /** Genus and species. */
    public String scientificName() {
        return scientificName;
    }

    @Override
    public Group group() {
        return group;
    }

    @Override
    public BodyShape shape() {
        return shape;
    }

    @Override
    public Composition composition() {
        return composition;
    }

    /** Where the composition comes from. */
    public Message source() {
        return Message.word(source);
    }

    @Override
    public EatingQualities eatingQualities() {
        return eatingQualities;
    }

    @Override
    public boolean formsHistamine() {
        return HISTAMINE_NAMES.contains(name());
    }

    @Override
    public boolean fromReefs() {
        return REEF_NAMES.contains(name());
    }
}
