package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a thermostat's swing does to a fish: next to nothing, so that an oven is reckoned by its mean. */
class SwingTest {

    private static double out(OvenEvents events) {
        BakeModel model = new BakeModel(
                Bakes.hake().piece(),
                Dress.open(),
                OvenModel.trusted(OvenKind.STILL),
                events,
                Unknowns.NONE,
                BakeModel.Fineness.COARSE);
        return new BakeRun(model, new Programme(230, OptionalDouble.empty(), 4)).outFor(Doneness.FLAKES.peakC());
    }

    /** Thermostats let the air swing by 5 to 15 K either way in some minutes (from memory). */
    @ParameterizedTest
    @CsvSource({"10, 5", "10, 10", "14, 10"})
    void aSwingIsItsMean(double swingC, double periodMin) {
        double steady = out(OvenEvents.NONE);
        for (double ahead = 0; ahead < periodMin; ahead += periodMin / 6) {
            OvenEvents swings = new OvenEvents(List.of(new OvenEvent.Swings(swingC, periodMin, ahead)));
            assertThat(out(swings)).isCloseTo(steady, within(0.15));
        }
    }
}
