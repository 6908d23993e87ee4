package olla.server.evening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.mockStatic;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import olla.core.evening.DialTables;
import olla.core.evening.Evening;
import olla.core.evening.Kitchen;
import olla.core.messages.Message;
import olla.core.runsheet.Advice;
import olla.core.runsheet.Planner;
import olla.core.runsheet.RunSheet;
import olla.core.runsheet.Shortage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.MockedStatic;
import org.springframework.core.task.TaskRejectedException;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import tools.jackson.databind.json.JsonMapper;

class EveningPlansTest {

    private final UUID id = UUID.randomUUID();
    private final EveningRepository evenings = mock(EveningRepository.class);
    private final MoveRepository moves = mock(MoveRepository.class);
    private final EveningReader reader = mock(EveningReader.class);
    private final EveningJson json = mock(EveningJson.class);
    private final Happened happened = mock(Happened.class);
    private final Tables tables = mock(Tables.class);
    private final ThreadPoolTaskExecutor atOnce = mock(ThreadPoolTaskExecutor.class);
    private final PlanStore store = mock(PlanStore.class);
    private final List<Worked> kept = new ArrayList<>();
    private final List<Boolean> searching = new ArrayList<>();
    private final EveningPlans plans = new EveningPlans(
            store,
            evenings,
            moves,
            reader,
            json,
            happened,
            tables,
            JsonMapper.builder().build(),
            atOnce,
            Runnable::run,
            Duration.ofSeconds(1));

    private boolean inTime = true;
    private boolean tellsOnTheWay = true;
    private final RunSheet first = mock(RunSheet.class);
    private final RunSheet better = mock(RunSheet.class);
    private final Advice ofBetter = mock(Advice.class);
    private final Shortage shelfShort = new Shortage(Shortage.What.SHELF, Message.of("a"), 0, 1, Message.of("b"));

    @BeforeEach
    void anEvening() {
        Evening evening = mock(Evening.class);
        Kitchen kitchen = mock(Kitchen.class);
        DialTables made = mock(DialTables.class);
        EveningRow row = new EveningRow(id);
        row.write("Friday", Instant.EPOCH, "{}");
        when(evenings.findById(id)).thenReturn(Optional.of(row));
        when(json.read(any()))
                .thenReturn(new EveningInput(
                        "Friday", Instant.EPOCH, 8, null, null, List.of(), List.of(), List.of(), 4, List.of()));
        when(reader.read(any())).thenReturn(evening);
        when(evening.kitchen()).thenReturn(kitchen);
        when(evening.in(any())).thenReturn(evening);
        when(tables.of(any(), any())).thenReturn(made);
        when(made.told(any(), any())).thenReturn(made);
        when(happened.signs(any(), any())).thenReturn("");
        when(store.begin(id, true)).thenReturn(1);
        when(store.latest(id, 1)).thenReturn(true);
        when(store.keep(any(), anyInt(), any(), anyBoolean(), any())).thenAnswer(call -> {
            kept.add(call.getArgument(2));
            searching.add(call.getArgument(3));
            return inTime;
        });
        when(happened.found(any(), any(), any(), any(), any())).thenReturn(new Found(Map.of(), Map.of()));
        doAnswer(call -> {
                    call.<Runnable>getArgument(0).run();
                    return null;
                })
                .when(atOnce)
                .execute(any(Runnable.class));
    }

    /** Plans the evening where the first plan is short of a shelf, and the better one, found later, of {@code bettersShortage}. */
    private void planned(Optional<Shortage> bettersShortage) {
        Planner planner = mock(Planner.class);
        when(planner.plan(any())).thenReturn(first);
        when(planner.plan(any(), any(), any())).thenAnswer(call -> {
            if (tellsOnTheWay) {
                call.<Consumer<RunSheet>>getArgument(1).accept(better);
            }
            return better;
        });
        when(planner.shortage(first)).thenReturn(Optional.of(shelfShort));
        when(planner.shortage(better)).thenReturn(bettersShortage);
        when(planner.advice(first, null)).thenReturn(mock(Advice.class));
        when(planner.advice(better, null)).thenReturn(ofBetter);
        try (MockedStatic<Planner> made = mockStatic(Planner.class)) {
            made.when(() -> Planner.of(any(), any(), any(), any())).thenReturn(planner);
            plans.again(id, true, 1_000);
        }
    }

    private Worked last() {
        return kept.get(kept.size() - 1);
    }

    /** The first plan of an evening is short of a shelf, a better one is not: nothing is short, and the chance is the better one's. */
    @Test
    void whatIsShortIsAskedOfTheBestPlanAndNotOfTheFirst() {
        planned(Optional.empty());
        assertThat(last().sheet()).containsSame(better);
        assertThat(last().shortage()).isEmpty();
        assertThat(last().advice()).containsSame(ofBetter);
        assertThat(last().improved()).isEqualTo(1);
        assertThat(searching).containsExactly(true, true, false);
    }

    /** A search that was ended answers with the best it has, which it need not have told on the way. */
    @Test
    void theBestIsKeptThoughNobodyWasToldOfItOnTheWay() {
        tellsOnTheWay = false;
        planned(Optional.empty());
        assertThat(last().sheet()).containsSame(better);
        assertThat(last().advice()).containsSame(ofBetter);
    }

    @Test
    void whatTheBestPlanIsShortOfIsSaid() {
        planned(Optional.of(shelfShort));
        assertThat(last().shortage()).containsSame(shelfShort);
    }

    /** Another instance was asked meanwhile: what is worked out here is nobody's any more. */
    @Test
    void whoIsTooLateLooksForNothingBetter() {
        inTime = false;
        planned(Optional.empty());
        assertThat(kept).hasSize(1);
        verify(store).over(id, 1);
    }

    /** The instance is on its way down: it is not said to be over, so that another takes it over. */
    @Test
    void whatWasStoppedInTheMiddleIsLeftToAnother() {
        when(reader.read(any())).thenThrow(new CancellationException("stopped"));
        planned(Optional.empty());
        verify(store, never()).over(any(), anyInt());
    }

    @Test
    void whatFindsNoPlaceIsNotSaidToBeOnItsWay() {
        doThrow(new TaskRejectedException("full")).when(atOnce).execute(any(Runnable.class));
        assertThatThrownBy(() -> planned(Optional.empty())).isInstanceOf(TaskRejectedException.class);
        verify(store).over(id, 1);
        plans.stillHere();
        verify(store, never()).alive(any());
    }

    @Test
    void whatBreaksAltogetherIsNotSaidToBeOnItsWay() {
        when(reader.read(any())).thenThrow(new StackOverflowError());
        planned(Optional.empty());
        verify(store).over(id, 1);
        plans.stillHere();
        verify(store, never()).alive(any());
    }

    @Test
    void whatCannotBeReadIsNotWaitedFor() {
        when(reader.read(any())).thenThrow(new IllegalStateException("no"));
        planned(Optional.empty());
        assertThat(kept).isEmpty();
        verify(store).over(id, 1);
    }
}
