package olla.standin.evenings;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** What everybody in the kitchen can see. Mutable. */
final class Seen {

    /** A dish that has gone in: where, at which dial, when. */
    record In(String oven, double dialC, double minute) {}

    final Set<String> done = new HashSet<>();
    final Map<String, In> in = new HashMap<>();
    final Map<String, Double> out = new HashMap<>();
    final Map<String, Double> dialC = new HashMap<>();

    /** When a side was looked at last and was not done yet. */
    final Map<String, Double> notYet = new HashMap<>();
}
