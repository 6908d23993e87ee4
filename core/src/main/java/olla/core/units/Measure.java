package olla.core.units;

import olla.core.messages.Unit;

/** What an amount is counted in. */
public enum Measure {
    GRAM("g", Unit.GRAM),
    MILLILITRE("ml", Unit.ML),
    PIECE("", Unit.NUMBER);

    private final String sign;
    private final Unit unit;

    Measure(String sign, Unit unit) {
        this.sign = sign;
        this.unit = unit;
    }

    /** The unit's sign in files; empty for pieces. */
    public String sign() {
        return sign;
    }

    /** The same unit inside a message. */
    public Unit unit() {
        return unit;
    }
}
