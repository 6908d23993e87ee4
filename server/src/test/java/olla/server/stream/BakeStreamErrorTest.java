package olla.server.stream;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;

import java.time.Clock;
import java.util.List;
import olla.server.bakes.BakeViews;
import olla.server.bakes.rows.BakeRepository;
import olla.server.forecast.Forecasts;
import olla.server.store.Room;
import org.junit.jupiter.api.Test;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import tools.jackson.databind.ObjectMapper;

/** One turn that ends in an error, of whatever kind, is not the last. */
class BakeStreamErrorTest {

    private static final int PATIENCE_MS = 20_000;

    @Test
    void anErrorEndsOneTurnAndNotTheStream() {
        BakeRepository bakes = mock(BakeRepository.class);
        given(bakes.findPulses(any()))
                .willThrow(new OutOfMemoryError("made up"))
                .willThrow(new StackOverflowError())
                .willReturn(List.of());
        ThreadPoolTaskScheduler turns = new ThreadPoolTaskScheduler();
        turns.initialize();
        BakeStream stream = new BakeStream(
                bakes,
                mock(BakeViews.class),
                mock(olla.server.evening.EveningService.class),
                mock(Forecasts.class),
                new ObjectMapper(),
                Clock.systemUTC(),
                mock(Room.class),
                turns,
                Runnable::run,
                9,
                9);

        stream.start();

        try {
            verify(bakes, timeout(PATIENCE_MS).atLeast(4)).findPulses(any());
        } finally {
            stream.stop();
            turns.shutdown();
        }
    }
}
