package olla.core.dress;

/**
 * Kinds of salt by how they pack. Loose bulk density for cups and bags, damp and pressed for the crust (orders of
 * magnitude, from memory; flakes vary most between makers).
 */
public enum Salt {
    COARSE("coarse sea salt", 1150, 1450),
    FLAKE("flakes, kosher type", 650, 1150),
    FINE("fine salt", 1250, 1550);

    private final String words;
    private final double looseKgM3;
    private final double packedKgM3;

    Salt(String words, double looseKgM3, double packedKgM3) {
        this.words = words;
        this.looseKgM3 = looseKgM3;
        this.packedKgM3 = packedKgM3;
    }

    /** In a cook's words. */
    public String words() {
        return words;
    }

    /** Poured, kg/m³ (g a litre). */
    public double looseKgM3() {
        return looseKgM3;
    }

    /** Damp and pressed on, its water included, kg/m³. */
    public double packedKgM3() {
        return packedKgM3;
    }
}
