package olla.core.dress;

/**
 * Kinds of salt by how they pack. Loose bulk density for cups and bags, damp and pressed for the crust (orders of
 * magnitude, from memory; flakes vary most between makers).
 */
public enum Salt {
    COARSE(1150, 1450),
    FLAKE(650, 1150),
    FINE(1250, 1550);

    private final double looseKgM3;
    private final double packedKgM3;

    Salt(double looseKgM3, double packedKgM3) {
        this.looseKgM3 = looseKgM3;
        this.packedKgM3 = packedKgM3;
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
