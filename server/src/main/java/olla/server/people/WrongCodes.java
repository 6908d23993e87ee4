package olla.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicInteger;
import olla.server.web.TooMany;
import org.springframework.stereotype.Component;

/**
 * How often one address has typed a wrong code: ten times in ten minutes, then no more for as long. Each instance counts for itself; a code is one of 5e11, so that this is for
 * noise and not for safety.
 */
@Component
class WrongCodes {

    private static final int MOST = 10;
    private static final Duration WITHIN = Duration.ofMinutes(10);

    private final Cache<String, AtomicInteger> tries =
            Caffeine.newBuilder().expireAfterWrite(WITHIN).maximumSize(10_000).build();

    /** @throws TooMany where that address has tried too often */
    void check(String address) {
        AtomicInteger so = tries.getIfPresent(address);
        if (so != null && so.get() >= MOST) {
            throw new TooMany("busy.wrong-codes", "minutes", WITHIN.toMinutes());
        }
    }

    void count(String address) {
        tries.get(address, first -> new AtomicInteger()).incrementAndGet();
    }
}
