package olla.core.units;

/** What an amount is counted in. */
public enum Measure {
    GRAM("g"),
    MILLILITRE("ml"),
    PIECE("");

    private final String sign;

    Measure(String sign) {
        this.sign = sign;
    }

    /** The unit's sign; empty for pieces. */
    public String sign() {
        return sign;
    }
}
