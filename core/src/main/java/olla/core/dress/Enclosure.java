package olla.core.dress;

import java.util.Optional;
import olla.core.dish.Cover;

/** What closes a dish. */
public sealed interface Enclosure permits Parcel, Lid, SaltCrust {

    /** Least rest before it is served, minutes (common practice, no source). */
    double usualRestMinutes();

    /** The sheet it is of; empty for salt. */
    Optional<Sheet> sheet();

    /** The sheet as heat meets it; empty for salt, which is a layer. */
    Optional<Cover> cover();

    /** Whether it is opened in the oven, so that the top colours at the end. */
    boolean opened();
}
