package olla.core.freshness;

import static olla.core.freshness.Score.A;
import static olla.core.freshness.Score.B;
import static olla.core.freshness.Score.EXTRA;
import static olla.core.freshness.Score.REFUSED;

import java.util.EnumMap;
import java.util.Map;

/**
 * What is looked at, felt and smelt on a fish, with how each grade shows. Whole fish: published, Council Regulation (EC)
 * No 2406/96, Annex I, whitefish and bluefish tables, retold from memory. Fillets: common practice, no source.
 */
public enum Sense {
    SKIN(true, "Skin", "bright, shining, no fading", "bright, not shining", "dull, fading", "dull, no colour left"),
    MUCUS(true, "Slime", "watery, clear", "slightly cloudy", "milky", "yellow-grey, thick"),
    EYE(
            true,
            "Eye",
            "bulging, clear, black pupil",
            "slightly sunken, dull black",
            "flat, cloudy",
            "sunken, milky, grey"),
    GILLS(
            true,
            "Gills",
            "bright red, no slime",
            "less red, clear slime",
            "brown-grey, thick slime",
            "yellowish, milky slime"),
    BELLY(
            true,
            "Belly wall",
            "smooth, bright, hard to tear",
            "a little dull",
            "mottled, comes off easily",
            "does not stick, torn"),
    SMELL(true, "Smell", "seaweed", "none, neutral", "slightly sour", "sour, ammonia"),
    FLESH(true, "Flesh", "firm, springs back", "less springy", "soft, dent stays a while", "limp, dent stays"),
    SURFACE(false, "Surface", "moist, glossy, clear", "moist, a little dull", "dry or watery", "slimy or browned"),
    GAPING(false, "Flakes", "closed, no gaps", "a few small gaps", "many gaps", "falling apart"),
    EDGE(false, "Edges", "fresh, same as the middle", "a little dry", "yellowing", "brown, curled"),
    FILLET_SMELL(false, "Smell", "clean sea or none", "neutral", "fishy, slightly sour", "sour, ammonia"),
    FILLET_FLESH(false, "Flesh", "firm, springs back", "less springy", "soft, dent stays a while", "limp, dent stays");

    /* Where the table of bluefish differs, best first. */
    private static final Map<String, String[]> BLUEFISH = Map.of(
            "SKIN",
            new String[] {
                "bright and iridescent, back and belly distinct",
                "less shine, back and belly less distinct",
                "dull, creased when bent",
                "very dull, comes off the flesh"
            },
            "GILLS",
            new String[] {
                "dark red to purple, no slime",
                "less dark, paler at the edges",
                "thickened, fading",
                "yellowish, milky slime"
            },
            "SMELL",
            new String[] {"fresh sea, iodine, sharp", "none or seaweed", "fatty, a little sulphury", "rotten, sour"});

    private final boolean whole;
    private final String word;
    private final Map<Score, String> looks = new EnumMap<>(Score.class);

    Sense(boolean whole, String word, String extra, String a, String b, String refused) {
        this.whole = whole;
        this.word = word;
        looks.put(EXTRA, extra);
        looks.put(A, a);
        looks.put(B, b);
        looks.put(REFUSED, refused);
    }

    /** True for what is judged on a whole fish, false for fillets and the rest. */
    public boolean whole() {
        return whole;
    }

    /** The character in a word. */
    public String word() {
        return word;
    }

    /**
     * How a grade shows in it.
     *
     * @param bluefish true for oily fish such as mackerel, which the regulation has a table of its own for
     */
    public String look(Score score, boolean bluefish) {
        String[] own = bluefish ? BLUEFISH.get(name()) : null;
        return own == null ? looks.get(score) : own[score.ordinal()];
    }

    /** Without these no fish is graded: the smell, and the one sight that tells most. */
    boolean needed() {
        return this == SMELL || this == GILLS || this == FILLET_SMELL || this == SURFACE;
    }
}
