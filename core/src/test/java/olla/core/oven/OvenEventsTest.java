package olla.core.oven;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import olla.core.messages.RefusedInput;
import olla.core.oven.OvenEvent.DialTurned;
import olla.core.oven.OvenEvent.DoorOpened;
import olla.core.oven.OvenEvent.NotHot;
import org.junit.jupiter.api.Test;

class OvenEventsTest {

    private static OvenEvents of(OvenEvent... events) {
        return new OvenEvents(List.of(events));
    }

    @Test
    void aColdOvenComesToItsHeatInAboutAQuarterOfAnHour() {
        OvenEvents cold = of(new NotHot(20));
        assertThat(cold.airC(220, 0)).isCloseTo(22, within(3.0));
        assertThat(cold.airC(220, 8)).isBetween(100.0, 150.0);
        assertThat(cold.airC(220, 20)).isEqualTo(220);
        assertThat(OvenEvents.heatingMinutes(20, 220)).isBetween(12.0, 18.0);
        assertThat(OvenEvents.heatingMinutes(230, 220)).isZero();
    }

    @Test
    void anOpenDoorIsADipThatMends() {
        OvenEvents door = of(new DoorOpened(5, 20));
        assertThat(door.airC(220, 4.9)).isEqualTo(220);
        assertThat(door.airC(220, 5)).isBetween(120.0, 190.0);
        assertThat(door.airC(220, 12)).isCloseTo(220, within(2.0));
        assertThat(of(new DoorOpened(5, 60)).airC(220, 5)).isLessThan(door.airC(220, 5));
    }

    @Test
    void aDialTurnedUpHeatsAndOneTurnedDownCoolsSlowly() {
        OvenEvents up = of(new DialTurned(5, 240));
        assertThat(up.airC(200, 5)).isEqualTo(200);
        assertThat(up.airC(200, 10)).isEqualTo(240);
        assertThat(up.dialC(200, 4)).isEqualTo(200);
        assertThat(up.dialC(200, 6)).isEqualTo(240);
        OvenEvents down = of(new DialTurned(5, 160));
        assertThat(down.airC(200, 5)).isCloseTo(200, within(1e-9));
        assertThat(down.airC(200, 10)).isBetween(175.0, 195.0);
        assertThat(down.airC(200, 90)).isCloseTo(160, within(0.5));
    }

    @Test
    void aThermostatSwingsAboutItsDial() {
        OvenEvents swing = of(new OvenEvent.Swings(8, 10, 0));
        assertThat(swing.airC(200, 0)).isCloseTo(200, within(1e-9));
        assertThat(swing.airC(200, 2.5)).isCloseTo(208, within(1e-9));
        assertThat(swing.airC(200, 7.5)).isCloseTo(192, within(1e-9));
        assertThat(of(new OvenEvent.Swings(8, 10, 2.5)).airC(200, 0)).isCloseTo(208, within(1e-9));
        assertThatThrownBy(() -> new OvenEvent.Swings(8, 0, 0)).isInstanceOf(RefusedInput.class);
    }

    @Test
    void whatWasTurnedUpSomeMinutesAgoIsOnItsWay() {
        assertThat(OvenEvents.heatedC(20, 220, 5)).isBetween(60.0, 120.0);
        assertThat(OvenEvents.heatedC(20, 220, 20)).isEqualTo(220);
        assertThat(OvenEvents.heatedC(220, 180, 1)).isEqualTo(180);
    }

    @Test
    void eventsAreTakenInTheirOrderAndNonsenseIsRefused() {
        OvenEvents both = of(new DialTurned(8, 180), new DoorOpened(2, 20));
        assertThat(both.events().get(0)).isInstanceOf(DoorOpened.class);
        assertThat(OvenEvents.NONE.asPlanned()).isTrue();
        assertThatThrownBy(() -> new DialTurned(1, 900)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new DoorOpened(1, 0)).isInstanceOf(RefusedInput.class);
        assertThatThrownBy(() -> new NotHot(-40)).isInstanceOf(RefusedInput.class);
    }
}
