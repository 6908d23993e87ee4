package olla.server.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import olla.core.runsheet.RunSheet;
import olla.server.SettableClock;
import olla.server.tenancy.WhoseKitchen;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.util.ReflectionTestUtils;

class EveningWatchTest {

    private final EveningRepository evenings = mock(EveningRepository.class);
    private final MoveRepository moves = mock(MoveRepository.class);
    private final EveningPlans plans = mock(EveningPlans.class);
    private final EveningJson json = mock(EveningJson.class);
    private final Happened happened = mock(Happened.class);
    private final SettableClock clock = new SettableClock();
    private final EveningWatch watch = new EveningWatch(evenings, moves, plans, json, happened, clock);
    private final EveningWatch another = new EveningWatch(evenings, moves, plans, json, happened, clock);
    private int turn = 1;
    private String madeOf = "";
    private boolean lost;
    private final UUID id = UUID.randomUUID();
    private final RunSheet sheet = mock(RunSheet.class);

    @BeforeEach
    void anEvening() {
        EveningRow row = new EveningRow(id);
        // As it comes out of the store.
        ReflectionTestUtils.setField(row, "kitchenId", WhoseKitchen.FIRST);
        row.write("Friday", clock.instant().plusSeconds(3600), "{}");
        when(evenings.findByServeAtAfterOrderByServeAt(any())).thenReturn(List.of(row));
        when(json.read(any()))
                .thenReturn(new EveningInput(
                        "Friday", clock.instant(), 8, null, null, List.of(), List.of(), List.of(), 4, List.of()));
        when(plans.known(id))
                .thenAnswer(call -> Optional.of(new Known(
                        new Worked(
                                Optional.of(sheet),
                                0,
                                List.of(),
                                Optional.empty(),
                                Optional.empty(),
                                List.of(),
                                madeOf),
                        turn,
                        false,
                        0,
                        0,
                        false,
                        lost)));
        when(plans.againAfter(any(), any())).thenAnswer(call -> {
            boolean first = call.<Known>getArgument(1).turn() == turn;
            turn += first ? 1 : 0;
            return first;
        });
        when(happened.signs(any(), any())).thenReturn("");
    }

    private void madeOf(String signs) {
        madeOf = signs;
    }

    private void looks(int minutes) {
        for (int quarter = 0; quarter < 4 * minutes; quarter++) {
            clock.pass(0.25);
            watch.look();
        }
    }

    private void planned(int often) {
        verify(plans, times(often)).againAfter(eq(id), any());
    }

    @Test
    void nothingIsPlannedAnewWhereNothingHappensAndNothingIsOverdue() {
        looks(10);
        verify(plans, never()).againAfter(any(), any());
    }

    @Test
    void whatIsSeenOfABakeIsPlannedAnewAtOnce() {
        looks(1);
        when(happened.signs(any(), any())).thenReturn("another");
        watch.look();
        watch.look();
        planned(1);
        madeOf("another");
        looks(5);
        planned(1);
    }

    /** A bake that was taken back before anybody had looked: the sheet still had it in. */
    @Test
    void whatHappenedBeforeTheFirstLookIsSeenAsWell() {
        madeOf("in");
        watch.look();
        planned(1);
        madeOf("");
        looks(3);
        planned(1);
    }

    @Test
    void aPlanThatNeverCameIsAskedForAgain() {
        when(happened.signs(any(), any())).thenReturn("another");
        watch.look();
        looks(1);
        planned(3);
    }

    /** At the first look, then after one, two, four and eight minutes: a sheet that nobody follows does not keep the kitchen computer busy. */
    @Test
    void whatStaysOverdueIsPlannedAnewLessAndLessOften() {
        when(sheet.overdue(org.mockito.ArgumentMatchers.anyDouble())).thenReturn(true);
        looks(1);
        planned(1);
        looks(1);
        planned(2);
        looks(2);
        planned(3);
        looks(12);
        planned(5);
        // Somebody does something: patience begins anew.
        when(moves.findByEveningIdAndUndoneFalseOrderByAtAscIdAsc(id)).thenReturn(List.of(mock(Move.class)));
        looks(2);
        planned(6);
    }

    /** Two instances look at one evening: it is planned anew as often as by one, but for the second's own first look. */
    @Test
    void twoThatWatchPlanNoOftenerThanOne() {
        when(sheet.overdue(org.mockito.ArgumentMatchers.anyDouble())).thenReturn(true);
        int before = turn;
        for (int quarter = 0; quarter < 4 * 16; quarter++) {
            clock.pass(0.25);
            watch.look();
            another.look();
        }
        assertThat(turn - before).isEqualTo(5 + 1);
    }

    @Test
    void whatNobodyWorksOutAnyLongerIsWorkedOutHere() {
        lost = true;
        watch.look();
        planned(1);
    }
}
