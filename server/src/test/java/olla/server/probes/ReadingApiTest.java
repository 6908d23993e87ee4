package olla.server.probes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyList;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.reset;
import static org.mockito.Mockito.verify;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import olla.server.MockWeb;
import olla.server.Started;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.test.web.servlet.MockMvc;

/** The open interface of devices, line by line. */
@Started(
        schema = "answers",
        with = {MockWeb.class, ReadingApiTest.StillClock.class})
class ReadingApiTest {

    private static final Instant NOW = Instant.parse("2026-11-25T18:30:00Z");

    @Autowired
    private MockMvc web;

    @Autowired
    private ReadingStore store;

    private final ArgumentCaptor<List<DeviceReading>> stored = ArgumentCaptor.captor();

    /** A clock that stands still, and a store that notes nothing. */
    static class StillClock {
        @Bean
        @Primary
        ReadingStore noStore() {
            return mock();
        }

        @Bean
        @Primary
        Clock still() {
            return Clock.fixed(NOW, ZoneOffset.UTC);
        }
    }

    @BeforeEach
    void afresh() {
        reset(store);
    }

    @Test
    void linesOfCsvAreTakenAndBadOnesNamed() throws Exception {
        given(store.add(anyList())).willReturn(2);
        web.perform(post("/api/readings").contentType("text/csv").content("""
                        device,channel,at,celsius,battery
                        probe-1,TIP,2026-11-25T18:29:55Z,41.26,80
                        probe-1,TIP,,41.4
                        probe-1,TIP,yesterday,41.4,80
                        probe-1,TIP,2026-11-25T18:29:58Z,hot,80
                        probe 1,TIP,2026-11-25T18:29:58Z,41,80
                        probe-1,NOSE,2026-11-25T18:29:58Z,41,80
                        probe-1,TIP,2026-11-25T18:29:58Z,999,80
                        probe-1,TIP,2026-11-25T19:29:58Z,41,80
                        probe-1,TIP,2026-11-24T18:29:58Z,41,80
                        probe-1,TIP,2026-11-25T18:29:58Z,41,170
                        probe-1
                        """))
                .andExpect(status().isOk())
                .andExpect(jsonPath("taken").value(2))
                .andExpect(jsonPath("known").value(0))
                .andExpect(jsonPath("refused.length()").value(9))
                .andExpect(jsonPath("refused[0].field").value("3"))
                .andExpect(jsonPath("refused[0].message").value("“yesterday” is no time like 2026-01-31T18:30:00Z."))
                .andExpect(jsonPath("refused[4].message")
                        .value("A tip in a kitchen reads −50\u00a0°C to 350\u00a0°C, not 999.0."));
        verify(store).add(stored.capture());
        assertThat(stored.getValue())
                .containsExactly(
                        new DeviceReading("probe-1", Channel.TIP, Instant.parse("2026-11-25T18:29:55Z"), 41.3, 80),
                        new DeviceReading("probe-1", Channel.TIP, NOW, 41.4, null));
    }

    @Test
    void jsonIsTakenAndDoublesAreKnown() throws Exception {
        given(store.add(anyList())).willReturn(1);
        web.perform(post("/api/readings").contentType("application/json").content("""
                        {"readings": [
                          {"device": "oven.air", "channel": "AIR", "at": "2026-11-25T18:29:55Z", "celsius": 214},
                          {"device": "oven.air", "channel": "AIR", "at": "2026-11-25T18:29:55Z", "celsius": 214},
                          {"device": "oven.air", "channel": "AIR"},
                          null]}
                        """))
                .andExpect(status().isOk())
                .andExpect(jsonPath("taken").value(1))
                .andExpect(jsonPath("known").value(1))
                .andExpect(jsonPath("refused[0].field").value("3"))
                .andExpect(jsonPath("refused[1].field").value("4"));
    }

    @Test
    void anEmptyPushIsRefusedAndNothingIsStored() throws Exception {
        web.perform(post("/api/readings").contentType("application/json").content("{\"readings\": []}"))
                .andExpect(status().isBadRequest());
        web.perform(post("/api/readings").contentType("text/csv").content("\"open"))
                .andExpect(status().isBadRequest());
        verify(store, never()).add(anyList());
    }

    @Test
    void aDeviceCanSetItsClock() throws Exception {
        web.perform(get("/api/clock")).andExpect(jsonPath("now").value("2026-11-25T18:30:00Z"));
    }
}
