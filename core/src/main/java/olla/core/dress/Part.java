package olla.core.dress;

/** What of a dish something belongs to: a layer, what closes it, what stands beside it or comes with it at the table. */
public enum Part {
    /** The fish's own face: oil, marinade, glaze. */
    FISH,
    FILLING,
    BED,
    LIQUID,
    COAT,
    ON,
    COVER,
    BESIDE,
    SERVE
}
