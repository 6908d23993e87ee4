package olla.server.bakes;

import static olla.server.bakes.Hakes.hake;
import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.clearInvocations;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.spy;
import static org.mockito.Mockito.verify;

import jakarta.persistence.EntityManagerFactory;
import java.time.Duration;
import java.util.UUID;
import java.util.function.Supplier;
import olla.core.uncertainty.Observation.Verdict;
import olla.server.SettableClock;
import olla.server.Started;
import olla.server.lessons.Lessons;
import olla.server.ovens.OvenRepository;
import olla.server.probes.ReadingStore;
import olla.server.recipes.RecipeService;
import olla.server.stream.BakeStream;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.util.AopTestUtils;

/** A list costs as many questions to the store when it is long as when it is short, and the log asks for no reading at all. */
@Started(
        schema = "queries",
        settings = "spring.jpa.properties.hibernate.generate_statistics=true",
        with = {SettableClock.InPlaceOfTheKitchens.class, QueryCountTest.WatchedReadings.class},
        web = false)
class QueryCountTest {

    @Autowired
    private BakeService bakes;

    @Autowired
    private LogService log;

    @Autowired
    private BakeStream stream;

    @Autowired
    private Lessons lessons;

    @Autowired
    private OvenRepository ovens;

    @Autowired
    private RecipeService recipes;

    @Autowired
    private EntityManagerFactory factory;

    @Autowired
    private JdbcClient sql;

    @Autowired
    private SettableClock clock;

    @Autowired
    private ReadingStore store;

    private ReadingStore readings;

    /** Lets the test see what is asked of the store of readings. */
    static class WatchedReadings {
        @Bean
        static BeanPostProcessor watching() {
            return new BeanPostProcessor() {
                @Override
                public Object postProcessBeforeInitialization(Object bean, String name) {
                    return bean instanceof ReadingStore ? spy(bean) : bean;
                }
            };
        }
    }

    /** Nobody else asks meanwhile. */
    @BeforeEach
    void quiet() {
        readings = AopTestUtils.getTargetObject(store);
        stream.stop();
        sql.sql("delete from bake").update();
    }

    private long asked(Supplier<?> list) {
        Statistics statistics = factory.unwrap(SessionFactory.class).getStatistics();
        list.get();
        long fewest = Long.MAX_VALUE;
        // What the log teaches is worked out beside, and may ask something too; it never makes it fewer.
        for (int i = 0; i < 12; i++) {
            statistics.clear();
            list.get();
            fewest = Math.min(fewest, statistics.getPrepareStatementCount());
        }
        return fewest;
    }

    private void putIn(int count, boolean logged) {
        for (int i = 0; i < count; i++) {
            UUID id = UUID.randomUUID();
            bakes.putIn(new PutIn(id, "Hake", 1, hake(), null));
            bakes.probe(id, "probe-" + id.toString().substring(0, 8), null);
            if (logged) {
                clock.pass(Duration.ofMinutes(14));
                bakes.takeOut(id, null);
                bakes.log(id, new HowItWas(Verdict.RIGHT, null, null, null));
            }
        }
    }

    @Test
    void theRunningBakes() {
        putIn(1, false);
        long one = asked(bakes::running);
        putIn(5, false);
        assertThat(asked(bakes::running)).isEqualTo(one).isLessThanOrEqualTo(5);
    }

    @Test
    void theLog() {
        putIn(1, true);
        long one = asked(() -> log.found(LogQuery.ALL));
        putIn(5, true);
        // Until the log has been learned from; that does read.
        while (ovens.findById(1).orElseThrow().lessons() < 6) {
            lessons.catchUp(1);
        }
        clearInvocations(readings);
        assertThat(asked(() -> log.found(LogQuery.ALL))).isEqualTo(one).isLessThanOrEqualTo(3);
        verify(readings, never()).of(any(), any(), any(), any());
    }

    @Test
    void theOvensAndTheRecipes() {
        assertThat(asked(ovens::findAllByOrderById)).isEqualTo(1);
        assertThat(asked(recipes::all)).isEqualTo(1);
    }
}
