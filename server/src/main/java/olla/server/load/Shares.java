package olla.server.load;

import java.util.HashMap;
import java.util.Map;

/** An amount of which each asker may hold a part, and all together the whole. */
public final class Shares {

    private final long most;
    private final long mostEach;
    private final Map<String, Long> held = new HashMap<>();
    private long heldByAll;

    /**
     * @param most of all together
     * @param mostEach of one asker
     */
    public Shares(long most, long mostEach) {
        this.most = most;
        this.mostEach = mostEach;
    }

    /** Takes some for an asker, where there is so much left. */
    public synchronized boolean take(String asker, long amount) {
        long own = held.getOrDefault(asker, 0L) + amount;
        if (own > mostEach || heldByAll + amount > most) {
            return false;
        }
        held.put(asker, own);
        heldByAll += amount;
        return true;
    }

    /** Gives back what was taken. */
    public synchronized void give(String asker, long amount) {
        held.computeIfPresent(asker, (who, own) -> own == amount ? null : own - amount);
        heldByAll -= amount;
    }
}
