package olla.server.load;

import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Component;

/** Who waits for the answer to a tap, so that nothing that takes long is begun meanwhile. */
@Component
public class TapsFirst {

    private final AtomicInteger waiting = new AtomicInteger();

    /** Somebody waits from now on. */
    public void begin() {
        waiting.incrementAndGet();
    }

    /** They wait no more. */
    public void end() {
        waiting.decrementAndGet();
    }

    /** Whether anybody waits. */
    boolean anybody() {
        return waiting.get() > 0;
    }
}
