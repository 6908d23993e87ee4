package olla.core.dress;

/**
 * What the bare face of a fish is finished with. What dries on it holds the vapour back that still comes from under it: less of it gets
 * through where oil or sugar lies on it. Pores of air let through some 2e-10 kg/(m s Pa) (published: water vapour in air diffuses by
 * 2.6e-5 m²/s, from memory), a dried gel a small part of that; the values are calibrated, see docs/model.md.
 */
public enum Finish {
    /** Nothing; the flesh's own fat decides. */
    BARE(1e-12, 1),
    /** Rubbed with oil. */
    OILED(5e-13, 1),
    /** A glaze with honey or sugar, brushed on again at two thirds. */
    GLAZED(5e-13, 7.5),
    /** Out of a marinade, drained. */
    MARINATED(7.5e-13, 1.5);

    private final double crustKgMsPa;
    private final double browning;

    Finish(double crustKgMsPa, double browning) {
        this.crustKgMsPa = crustKgMsPa;
        this.browning = browning;
    }

    /** How well vapour goes through what has dried of lean flesh finished so, kg/(m s Pa). */
    public double crustKgMsPa() {
        return crustKgMsPa;
    }

    /** How many times as fast as plain flesh its face browns: honey and sugar colour long before protein does. */
    public double browning() {
        return browning;
    }
}
