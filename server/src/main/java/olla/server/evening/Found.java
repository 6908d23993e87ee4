package olla.server.evening;

import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import olla.core.uncertainty.OvenEvidence;

/**
 * What has been found tonight of an evening's ovens, by their keys.
 *
 * @param byBakes by the fish in them
 * @param bySides by side: that it was done, or not yet, when somebody looked
 */
record Found(Map<String, OvenEvidence> byBakes, Map<String, Told> bySides) {

    /** What a side tells of the oven it is in. */
    record Told(String oven, OvenEvidence evidence) {}

    /** Takes over copies. */
    Found {
        byBakes = Map.copyOf(byBakes);
        bySides = Map.copyOf(bySides);
    }

    /** All of it. */
    Map<String, OvenEvidence> all() {
        return but("");
    }

    /** All but what one of the sides tells: of itself it knows that already. */
    Map<String, OvenEvidence> but(String side) {
        Map<String, OvenEvidence> all = new HashMap<>(byBakes);
        new TreeMap<>(bySides).forEach((key, told) -> {
            if (!key.equals(side) && !told.evidence().none()) {
                all.merge(told.oven(), told.evidence(), OvenEvidence::and);
            }
        });
        return all;
    }
}
