package olla.server.bakes.rows;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import olla.core.doneness.Cue;
import olla.core.oven.OvenEvent;
import olla.core.oven.OvenEvents;
import olla.core.uncertainty.Observation;
import olla.server.bakes.Hakes;
import org.junit.jupiter.api.Test;

/** A door that is open costs the oven its heat, for whatever it is opened. */
class BakeTimelineTest {

    private static final Instant IN = Instant.parse("2026-03-01T19:00:00Z");

    private static Instant at(double minute) {
        return IN.plusMillis(Math.round(60_000 * minute));
    }

    private static BakeTimeline timeline(List<BakeTimeline.Opening> others, TapInput... taps) {
        return new BakeTimeline(
                IN,
                Arrays.stream(taps).map(t -> new Tap(new UUID(0, 1), t, t.at())).toList(),
                others);
    }

    private static OvenEvents doors(double... minutesAndSeconds) {
        OvenEvents doors = OvenEvents.NONE;
        for (int i = 0; i < minutesAndSeconds.length; i += 2) {
            doors = doors.and(new OvenEvent.DoorOpened(minutesAndSeconds[i], minutesAndSeconds[i + 1]));
        }
        return doors;
    }

    @Test
    void whoeverLooksOpensTheDoor() {
        BakeTimeline looked = timeline(
                List.of(),
                Hakes.cue(Cue.GLASSY, at(8)),
                Hakes.degrees(TapKind.READ, 44, at(8.5)),
                Hakes.degrees(TapKind.READ, 50, at(11)),
                Hakes.tap(TapKind.OUT, at(12)),
                Hakes.degrees(TapKind.READ, 57, at(14)));
        assertThat(looked.events())
                .isEqualTo(doors(8, OvenEvent.DoorOpened.LOOKING_S, 11, OvenEvent.DoorOpened.LOOKING_S));
        // A number was read a little before it was tapped in; it takes its place by the tap.
        assertThat(looked.seen().get(2).minute()).isEqualTo(11);
        assertThat(looked.seen().get(2).observation()).isEqualTo(new Observation.Probe(10.75, 50));
    }

    @Test
    void whatIsSaidOfADoorCountsOnce() {
        BakeTimeline looked =
                timeline(List.of(), Hakes.number(TapKind.DOOR, 90, at(8)), Hakes.cue(Cue.GLASSY, at(8.4)));
        assertThat(looked.events()).isEqualTo(doors(8, 90));
        assertThat(timeline(List.of()).events()).isEqualTo(OvenEvents.NONE);
    }

    @Test
    void whatElseIsInThatOvenIsFeltWhileItIsIn() {
        BakeTimeline other = new BakeTimeline(at(-20), List.of());
        BakeTimeline beside = timeline(
                List.of(
                        new BakeTimeline.Opening(at(-20), 20),
                        new BakeTimeline.Opening(at(0.5), 20),
                        new BakeTimeline.Opening(at(6), 25),
                        new BakeTimeline.Opening(at(15), 20)),
                Hakes.tap(TapKind.OUT, at(12)));
        assertThat(beside.events()).isEqualTo(doors(6, 25));
        assertThat(other.openings()).extracting(BakeTimeline.Opening::at).containsExactly(at(-20));
        assertThat(beside.openings()).extracting(BakeTimeline.Opening::at).containsExactly(at(0), at(12));
    }

    @Test
    void whatStandsOutsideStillOpensNothing() {
        assertThat(timeline(List.of(), Hakes.tap(TapKind.HELD, at(0))).openings())
                .isEmpty();
        BakeTimeline went = timeline(List.of(), Hakes.tap(TapKind.HELD, at(0)), Hakes.tap(TapKind.IN, at(9)));
        assertThat(went.openings()).extracting(BakeTimeline.Opening::at).containsExactly(at(9));
        assertThat(went.minute(at(10))).isCloseTo(1, within(1e-9));
    }
}
