package olla.server.store;

import java.sql.SQLException;
import java.time.Duration;
import org.springframework.core.retry.RetryPolicy;
import org.springframework.core.retry.RetryTemplate;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.resilience.retry.MethodRetrySpec;
import org.springframework.resilience.retry.SimpleRetryInterceptor;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What stands in another's way: two transactions that want the same rows. On one machine the store lets the second wait, and ends one
 * of two that wait for each other; of several nodes each lets its own go on and ends, at the latest when it is committed, what another
 * node was before. Nothing of what was ended is stored, and so it is done again, from its beginning.
 */
final class InTheWay {

    /* The class of an SQLSTATE that says so (ISO/IEC 9075-2, from memory: 40, transaction rollback). */
    private static final String ROLLED_BACK = "40";

    /* Each waits for a moment of its own, or they would meet again; all of them together for three seconds or so: on a machine that is busy with
     * something else one second was seen not to be enough for a row that another node writes ten times a second. */
    static final int MORE_TIMES = 20;
    private static final Duration FIRST_WAIT = Duration.ofMillis(10);
    private static final Duration GIVE_OR_TAKE = Duration.ofMillis(10);
    private static final Duration LONGEST_WAIT = Duration.ofMillis(200);
    private static final double LONGER = 1.6;

    private InTheWay() {}

    /** Whether a failure is of that kind. */
    static boolean was(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof TransientDataAccessException
                    || cause instanceof SQLException sql
                            && sql.getSQLState() != null
                            && sql.getSQLState().startsWith(ROLLED_BACK)) {
                return true;
            }
        }
        return false;
    }

    /* Only from its beginning: half of a transaction is never done again. */
    private static boolean canGoAgain(Throwable failure) {
        return !TransactionSynchronizationManager.isActualTransactionActive() && was(failure);
    }

    /** Does again what was ended so. */
    static RetryTemplate template() {
        return new RetryTemplate(RetryPolicy.builder()
                .maxRetries(MORE_TIMES)
                .delay(FIRST_WAIT)
                .jitter(GIVE_OR_TAKE)
                .multiplier(LONGER)
                .maxDelay(LONGEST_WAIT)
                .predicate(InTheWay::canGoAgain)
                .build());
    }

    /** The same, around a method. */
    static SimpleRetryInterceptor interceptor() {
        return new SimpleRetryInterceptor(new MethodRetrySpec(
                (method, failure) -> canGoAgain(failure), MORE_TIMES, FIRST_WAIT, GIVE_OR_TAKE, LONGER, LONGEST_WAIT));
    }
}
