package olla.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import olla.core.Bakes;
import olla.core.doneness.Doneness;
import olla.core.dress.Dress;
import olla.core.dress.SaltCrust;
import olla.core.estimate.Estimate;
import olla.core.estimate.Estimator;
import olla.core.fish.Cut;
import olla.core.fish.Piece;
import olla.core.fish.Species;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.oven.OvenKind;
import olla.core.oven.OvenModel;
import olla.core.oven.Programme;
import olla.core.uncertainty.OvenCalibration;
import org.junit.jupiter.api.Test;

/** The stand-ins' physics is the ticket's. */
class BakeSimulationTest {

    private static final Piece HAKE = Bakes.hake().piece();
    private static final Programme PROGRAMME = new Programme(230, OptionalDouble.empty(), 4);

    private static BakeSimulation of(double offsetC, OvenEvent... events) {
        return new BakeSimulation(
                HAKE,
                Dress.open(),
                new OvenModel(OvenKind.STILL, offsetC, 1),
                new OvenEvents(List.of(events)),
                PROGRAMME,
                Unknowns.NONE,
                11);
    }

    private static double peak(BakeSimulation bake, double minutes, double rest) {
        bake.goOn(minutes);
        bake.takeOut();
        bake.goOn(minutes + rest);
        return bake.peakC();
    }

    @Test
    void whatTheTicketForetellsComesTrueInAnOvenThatDoesAsItsDialSays() {
        Estimate ticket = Bakes.hake().to(Doneness.FLAKES);
        BakeSimulation bake = of(0);
        bake.goOn(ticket.bakeMinutes());
        assertThat(bake.coldestC()).isCloseTo(ticket.pullC(), within(0.3));
        assertThat(bake.faceC()).isGreaterThan(bake.coldestC());
        assertThat(bake.airC()).isEqualTo(230);
        bake.takeOut();
        bake.goOn(ticket.bakeMinutes() + ticket.restMinutes());
        assertThat(bake.peakC()).isCloseTo(ticket.peakC(), within(0.3));
    }

    @Test
    void inStepsOrAtOnceItComesToTheSame() {
        BakeSimulation atOnce = of(0);
        atOnce.goOn(9);
        BakeSimulation inSteps = of(0);
        for (double minute = 0.1; minute < 9; minute += 0.1) {
            inSteps.goOn(minute);
        }
        inSteps.goOn(9);
        inSteps.goOn(5);
        assertThat(inSteps.coldestC()).isCloseTo(atOnce.coldestC(), within(0.05));
    }

    @Test
    void aHotOvenIsHotterAndAnOpenDoorColder() {
        double plain = peak(of(0), 11, 4);
        assertThat(peak(of(15), 11, 4)).isGreaterThan(plain + 2);
        assertThat(peak(of(0, new OvenEvent.DoorOpened(5, 60)), 11, 4)).isLessThan(plain - 0.5);
        assertThat(peak(of(0, new OvenEvent.NotHot(100)), 11, 4)).isLessThan(plain - 3);
        assertThat(peak(of(0, new OvenEvent.DialTurned(4, 250)), 11, 4)).isGreaterThan(plain + 0.5);
    }

    /** The members follow the same oven: what happened to it moves the window as it moves the fish. */
    @Test
    void theWindowMovesWithWhatHappenedToTheOven() {
        double plain = window(OvenEvents.NONE);
        assertThat(window(new OvenEvents(List.of(new OvenEvent.DoorOpened(4, 60)))))
                .isGreaterThan(plain + 0.2);
        assertThat(window(new OvenEvents(List.of(new OvenEvent.NotHot(100))))).isGreaterThan(plain + 1.5);
        assertThat(window(new OvenEvents(List.of(new OvenEvent.DialTurned(4, 250)))))
                .isLessThan(plain);
    }

    private static double window(OvenEvents events) {
        return Estimator.watched(
                        HAKE,
                        Dress.open(),
                        OvenKind.STILL,
                        OvenCalibration.UNCHECKED,
                        events,
                        PROGRAMME,
                        Doneness.FLAKES,
                        1)
                .orElseThrow()
                .window()
                .likelyMin();
    }

    @Test
    void aCrustGoesOnHeatingOnTheBoard() {
        BakeSimulation bake = new BakeSimulation(
                Bakes.hake()
                        .of(Species.SEA_BREAM, Cut.WHOLE)
                        .thick(50)
                        .sides(110, 300, 900)
                        .piece(),
                Dress.in(new SaltCrust(SaltCrust.Damping.WET_SAND)),
                OvenModel.trusted(OvenKind.STILL),
                OvenEvents.NONE,
                new Programme(210, OptionalDouble.empty(), 10),
                Unknowns.NONE,
                35);
        bake.goOn(35);
        double pulled = bake.coldestC();
        bake.takeOut();
        bake.goOn(45);
        assertThat(bake.coldestC()).isGreaterThan(pulled + 4);
    }
}
