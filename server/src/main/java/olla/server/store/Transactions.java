package olla.server.store;

import java.io.Serial;
import org.springframework.aop.Advisor;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.context.annotation.Role;
import org.springframework.core.retry.RetryTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** Every transaction there is, by annotation, by template or of a session, is done again where another was in its way ({@link InTheWay}). */
@Configuration(proxyBeanMethods = false)
class Transactions {

    /* Around the transaction, which has the lowest. */
    private static final int OUTSIDE = 0;

    /** Does again, from its beginning, what was in another's way. */
    private static final class Again extends TransactionTemplate {

        @Serial
        private static final long serialVersionUID = 1;

        private final transient RetryTemplate again = InTheWay.template();

        Again(PlatformTransactionManager manager) {
            super(manager);
        }

        @Override
        public <T> T execute(TransactionCallback<T> action) {
            return again.invoke(() -> super.execute(action));
        }
    }

    @Bean
    @Primary
    TransactionTemplate transactionTemplate(PlatformTransactionManager manager) {
        return new Again(manager);
    }

    /** As sessions want theirs: apart from whatever else goes on. The name is the one they ask for. */
    @Bean
    TransactionOperations springSessionTransactionOperations(PlatformTransactionManager manager) {
        Again sessions = new Again(manager);
        sessions.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return sessions;
    }

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor doneAgain() {
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(
                new AnnotationMatchingPointcut(null, Transactional.class, true), InTheWay.interceptor());
        advisor.setOrder(OUTSIDE);
        return advisor;
    }
}
