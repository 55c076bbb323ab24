package dev.steelyard.web.base.database;

import org.aopalliance.intercept.MethodInterceptor;
import org.jspecify.annotations.Nullable;
import org.springframework.aop.Advisor;
import org.springframework.aop.support.ComposablePointcut;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionTemplate;

/** Puts {@link Again} around every transaction, declared or by template. */
@Configuration(proxyBeanMethods = false)
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class TransactionsAgain {

    /** Outside the advice that begins and ends transactions. */
    private static final int BEFORE_TRANSACTIONS = Ordered.LOWEST_PRECEDENCE - 1;

    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor declaredTransactionsAgain() {
        MethodInterceptor again = call -> {
            try {
                return Again.run(() -> {
                    try {
                        // proceeding uses an invocation up, so each try goes on from a copy
                        return ((org.springframework.aop.ProxyMethodInvocation) call)
                                .invocableClone()
                                .proceed();
                    } catch (RuntimeException | Error unchecked) {
                        throw unchecked;
                    } catch (Throwable checked) {
                        throw new Checked(checked);
                    }
                });
            } catch (Checked checked) {
                throw checked.getCause();
            }
        };
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(
                new ComposablePointcut(AnnotationMatchingPointcut.forMethodAnnotation(Transactional.class)), again);
        advisor.setOrder(BEFORE_TRANSACTIONS);
        return advisor;
    }

    @Bean
    TransactionTemplate transactionTemplate(PlatformTransactionManager manager) {
        return new Template(manager);
    }

    private static final class Template extends TransactionTemplate {

        private static final long serialVersionUID = 1L;

        Template(PlatformTransactionManager manager) {
            super(manager);
        }

        @Override
        public <T extends @Nullable Object> T execute(TransactionCallback<T> action) throws TransactionException {
            return Again.run(() -> super.execute(action));
        }
    }

    /** Carries a checked exception through. */
    private static final class Checked extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Checked(Throwable cause) {
            super(cause);
        }

        @Override
        public synchronized Throwable getCause() {
            return java.util.Objects.requireNonNull(super.getCause());
        }
    }
}
