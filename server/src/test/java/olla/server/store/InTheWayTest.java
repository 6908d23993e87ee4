package olla.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.SQLException;
import java.util.List;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import olla.server.Started;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** Two transactions that want each other's rows, in a real MariaDB: it ends one of them, which is done again. */
@Started(schema = "in_the_way", with = InTheWayTest.Swap.class)
class InTheWayTest {

    @Autowired
    private JdbcClient sql;

    @Autowired
    private TransactionTemplate template;

    @Autowired
    private TransactionOperations springSessionTransactionOperations;

    @Autowired
    private Swap swap;

    private final AtomicInteger begun = new AtomicInteger();
    private final CyclicBarrier bothHaveOne = new CyclicBarrier(2);
    private final ExecutorService two = Executors.newFixedThreadPool(2);

    /** Takes two rows, one after the other. */
    static class Swap {

        private final JdbcClient sql;

        Swap(JdbcClient sql) {
            this.sql = sql;
        }

        void both(int first, int second, Runnable between) {
            take(first);
            between.run();
            take(second);
        }

        private void take(int row) {
            sql.sql("update own_vessel set length_mm = length_mm + 1 where id = ?")
                    .param(String.valueOf(row))
                    .update();
        }

        @Transactional
        public void annotated(int first, int second, Runnable between) {
            both(first, second, between);
        }

        @Transactional
        public void failing(Runnable what) {
            what.run();
        }
    }

    @BeforeEach
    void twoRows() {
        sql.sql(
                        "replace into own_vessel (id, kitchen_id, name, ware, length_mm, width_mm) values (1, 1, 'first', 'STEEL', 0, 1),"
                                + " (2, 1, 'second', 'STEEL', 0, 1)")
                .update();
    }

    @AfterEach
    void over() {
        two.shutdownNow();
    }

    private interface Way {
        void go(int first, int second, Runnable between);
    }

    /* Each waits, the first time only, until the other has its first row as well. */
    private void crossed(Way way) throws Exception {
        List<Future<?>> ways = List.of(two.submit(() -> cross(way, 1, 2)), two.submit(() -> cross(way, 2, 1)));
        for (Future<?> one : ways) {
            one.get(20, TimeUnit.SECONDS);
        }
        assertThat(begun.get()).as("how often it was begun").isGreaterThan(2);
        assertThat(sql.sql("select length_mm from own_vessel order by id")
                        .query(Integer.class)
                        .list())
                .as("each is stored once")
                .containsExactly(2, 2);
    }

    private void cross(Way way, int first, int second) {
        way.go(first, second, () -> {
            if (begun.incrementAndGet() <= 2) {
                try {
                    bothHaveOne.await(10, TimeUnit.SECONDS);
                } catch (Exception alone) {
                    throw new IllegalStateException(alone);
                }
            }
        });
    }

    @Test
    @Timeout(60)
    void byTemplate() throws Exception {
        crossed((first, second, between) -> template.executeWithoutResult(status -> swap.both(first, second, between)));
    }

    @Test
    @Timeout(60)
    void byAnnotation() throws Exception {
        crossed(swap::annotated);
    }

    @Test
    @Timeout(60)
    void ofASession() throws Exception {
        crossed((first, second, between) ->
                springSessionTransactionOperations.executeWithoutResult(status -> swap.both(first, second, between)));
    }

    /** A node of several says so only when the transaction is committed, and then it is wrapped otherwise. */
    @Test
    void whateverItIsWrappedInItIsToldByItsState() {
        assertThat(InTheWay.was(
                        new JpaSystemException(new RuntimeException(new SQLException("deadlock", "40001", 1213)))))
                .isTrue();
        assertThat(InTheWay.was(new CannotAcquireLockException(""))).isTrue();
        assertThat(InTheWay.was(new DataIntegrityViolationException("", new SQLException("twice", "23000", 1062))))
                .isFalse();
        assertThat(InTheWay.was(new IllegalStateException(new SQLException("no state"))))
                .isFalse();
    }

    @Test
    void itIsNotDoneAgainForEver() {
        assertThatThrownBy(() -> swap.failing(this::inTheWay)).isInstanceOf(CannotAcquireLockException.class);
        assertThat(begun.get()).isEqualTo(1 + InTheWay.MORE_TIMES);
    }

    @Test
    void halfOfATransactionIsNeverDoneAgain() {
        assertThatThrownBy(() -> template.executeWithoutResult(status -> {
                    begun.addAndGet(100);
                    swap.failing(this::inTheWay);
                }))
                .isInstanceOf(CannotAcquireLockException.class);
        assertThat(begun.get()).as("all of it").isEqualTo(101 * (1 + InTheWay.MORE_TIMES));
    }

    @Test
    void whatIsWrongInItselfIsDoneOnce() {
        assertThatThrownBy(() -> swap.failing(() -> {
                    begun.incrementAndGet();
                    throw new DataIntegrityViolationException("twice");
                }))
                .isInstanceOf(DataIntegrityViolationException.class);
        assertThat(begun.get()).isEqualTo(1);
    }

    private void inTheWay() {
        begun.incrementAndGet();
        throw new CannotAcquireLockException("always");
    }
}
