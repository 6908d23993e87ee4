package olla.server.load;

import olla.server.tenancy.WhoseKitchen;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.concurrent.ExecutorConfigurationSupport;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;

/**
 * The threads that work beside those that answer. Each pool is Spring's and named after its work, so that it is measured
 * (executor.active, executor.queued and so on) and ends with the application; none takes the place of Spring's own.
 */
@Configuration(proxyBeanMethods = false)
public class Pools {

    /** Works out what follows from running bakes. */
    public static final String FORECASTS = "forecastWorkers";

    /** Works out what the log teaches. */
    public static final String LESSONS = "lessonWorker";

    /** Looks for what has changed, turn by turn. */
    public static final String STREAM_TURNS = "streamTurns";

    /** Sends to screens. */
    public static final String STREAM_SENDERS = "streamSenders";

    /** Plans evenings, at once. */
    public static final String EVENINGS = "eveningPlanners";

    /** Looks for better plans, while there is time. */
    public static final String BETTER_EVENINGS = "eveningBetterers";

    /* As many as a small machine has processors: one more would only take turns with them. */
    private static final int FORECAST_WORKERS = 2;
    private static final int PLANNERS = 2;

    @Bean(name = FORECASTS, defaultCandidate = false)
    ThreadPoolTaskExecutor forecastWorkers() {
        return of("forecast-", FORECAST_WORKERS);
    }

    @Bean(name = LESSONS, defaultCandidate = false)
    ThreadPoolTaskExecutor lessonWorker() {
        return of("lessons-", 1);
    }

    @Bean(name = EVENINGS, defaultCandidate = false)
    ThreadPoolTaskExecutor eveningPlanners() {
        return of("evenings-", PLANNERS);
    }

    @Bean(name = BETTER_EVENINGS, defaultCandidate = false)
    ThreadPoolTaskExecutor eveningBetterers() {
        return of("better-evenings-", 1);
    }

    @Bean(name = STREAM_TURNS, defaultCandidate = false)
    ThreadPoolTaskScheduler streamTurns() {
        ThreadPoolTaskScheduler turns = new ThreadPoolTaskScheduler();
        besides(turns, "stream-");
        return turns;
    }

    /** One for each screen that is being sent to, so that none that does not read holds up another. */
    @Bean(name = STREAM_SENDERS, defaultCandidate = false)
    ThreadPoolTaskExecutor streamSenders() {
        ThreadPoolTaskExecutor senders = new ThreadPoolTaskExecutor();
        senders.setCorePoolSize(0);
        senders.setQueueCapacity(0);
        besides(senders, "stream-sender-");
        return senders;
    }

    /* So many threads with a queue. */
    private static ThreadPoolTaskExecutor of(String prefix, int threads) {
        ThreadPoolTaskExecutor pool = new ThreadPoolTaskExecutor();
        pool.setCorePoolSize(threads);
        pool.setMaxPoolSize(threads);
        pool.setTaskDecorator(WhoseKitchen::carried);
        besides(pool, prefix);
        return pool;
    }

    /* What is asked while the application closes is still answered; what is at work then is let go. */
    private static void besides(ExecutorConfigurationSupport pool, String prefix) {
        pool.setThreadNamePrefix(prefix);
        pool.setDaemon(true);
        pool.setAcceptTasksAfterContextClose(true);
    }
}
