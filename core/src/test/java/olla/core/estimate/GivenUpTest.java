package olla.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.UsualProgramme;
import olla.core.fish.Piece;
import olla.core.oven.OvenKind;
import olla.core.oven.Programme;
import olla.core.uncertainty.OvenCalibration;
import org.junit.jupiter.api.Test;

/** What nobody waits for any more ends. */
class GivenUpTest {

    private static final int ROUNDS = 5;

    @Test
    void membersThatNobodyWaitsForAreNotSolvedOn() throws InterruptedException {
        Piece piece = Bakes.hake().thick(40).piece();
        Dress tray = Dress.open();
        Programme programme = UsualProgramme.programme(tray, 230, 4);
        for (int round = 0; round < ROUNDS; round++) {
            CountDownLatch begun = new CountDownLatch(1);
            AtomicReference<Throwable> ended = new AtomicReference<>();
            Thread asker = new Thread(() -> {
                begun.countDown();
                try {
                    while (true) {
                        Estimator.certainty(
                                piece,
                                tray,
                                OvenKind.STILL,
                                OvenCalibration.UNCHECKED,
                                programme,
                                Doneness.FLAKES,
                                OvenRecord.NONE,
                                1);
                    }
                } catch (RuntimeException thrown) {
                    ended.set(thrown);
                }
            });
            asker.start();
            begun.await();
            // Somewhere else each time.
            Thread.sleep(30L * round);

            asker.interrupt();

            asker.join(TimeUnit.SECONDS.toMillis(20));
            assertThat(ended.get()).isInstanceOf(CancellationException.class);
        }
    }
}
