package olla.server.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import olla.server.web.Busy;
import olla.server.web.TooMany;
import org.junit.jupiter.api.Test;

class TurnsTest {

    private final Turns turns = new Turns(1, 5, 4);

    @Test
    void whoAsksForOneThingWaitsForOneThingOfEachOther() throws InterruptedException {
        Turns.Place seated = turns.ask("greedy");
        List<Turns.Place> greedy = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            greedy.add(turns.ask("greedy"));
        }
        Turns.Place modest = turns.ask("modest");

        seated.close();
        assertThat(greedy.get(0).called(0)).isTrue();
        greedy.get(0).close();
        assertThat(modest.called(0)).as("before the other two").isTrue();
        assertThat(greedy.get(1).called(0)).isFalse();
        modest.close();
        assertThat(greedy.get(1).called(0)).isTrue();
    }

    @Test
    void oneAskerFillsItsOwnShareOnly() {
        turns.ask("greedy");
        for (int i = 0; i < 4; i++) {
            turns.ask("greedy");
        }

        assertThatThrownBy(() -> turns.ask("greedy")).isInstanceOf(TooMany.class);
        turns.ask("modest");
        assertThatThrownBy(() -> turns.ask("third")).isInstanceOf(Busy.class);
    }

    @Test
    void whoLeavesTheQueueIsNotCalledAndASeatIsGivenBackOnce() throws InterruptedException {
        Turns.Place seated = turns.ask("a");
        Turns.Place gone = turns.ask("a");
        Turns.Place next = turns.ask("a");
        gone.close();
        seated.close();
        seated.close();

        assertThat(gone.called(0)).isFalse();
        assertThat(next.called(0)).isTrue();
        assertThat(turns.ask("b").called(0)).as("there is one seat").isFalse();
    }
}
