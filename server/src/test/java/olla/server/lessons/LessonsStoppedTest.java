package olla.server.lessons;

import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.bakes.BakeViews;
import olla.server.bakes.rows.Bake;
import olla.server.bakes.rows.BakeRepository;
import olla.server.forecast.Forecasts;
import olla.server.ovens.OvenRepository;
import olla.server.probes.ProbeUseRepository;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionTemplate;

class LessonsStoppedTest {

    /** The kitchen is shut down while it learns from a bake: that is not taken for a bake that teaches nothing. */
    @Test
    void whatWasStoppedInTheMiddleTeachesNothingWrong() {
        BakeRepository bakes = mock(BakeRepository.class);
        Forecasts forecasts = mock(Forecasts.class);
        TransactionTemplate store = mock(TransactionTemplate.class);
        UUID id = UUID.randomUUID();
        Bake bake = mock(Bake.class);
        when(bake.getId()).thenReturn(id);
        when(bake.verdict()).thenReturn(Verdict.RIGHT);
        when(bake.startedAt()).thenReturn(Instant.EPOCH);
        when(bake.outAt()).thenReturn(Instant.EPOCH.plusSeconds(900));
        when(bake.loggedAt()).thenReturn(Instant.EPOCH.plusSeconds(1800));
        when(bakes.findByOvenIdAndLoggedAtIsNotNullOrderByLoggedAtAscIdAsc(1)).thenReturn(List.of(bake));
        when(bakes.findWithOvenById(id)).thenReturn(Optional.of(bake));
        when(forecasts.lesson(any(), any(), any())).thenThrow(new CancellationException("stopped"));
        Lessons lessons = new Lessons(
                bakes,
                mock(OvenRepository.class),
                mock(BakeViews.class),
                forecasts,
                mock(ProbeUseRepository.class),
                store,
                Runnable::run);

        assertThatThrownBy(() -> lessons.catchUp(1)).isInstanceOf(CancellationException.class);
        verifyNoInteractions(store);
    }
}
