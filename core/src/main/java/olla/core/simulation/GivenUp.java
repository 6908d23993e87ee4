package olla.core.simulation;

import java.util.concurrent.CancellationException;

/** Work that takes long and that nobody waits for any more: whoever knows so interrupts the thread that asked for it. */
public final class GivenUp {

    private GivenUp() {}

    /**
     * Goes on where it is still waited for.
     *
     * @param asker the thread that asked, which may be another than the one that works
     * @throws CancellationException where that thread was interrupted
     */
    public static void stopIf(Thread asker) {
        if (asker.isInterrupted()) {
            throw new CancellationException("Nobody waits for this any more.");
        }
    }
}
