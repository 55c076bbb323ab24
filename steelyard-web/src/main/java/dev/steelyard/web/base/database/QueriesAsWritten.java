package dev.steelyard.web.base.database;

import dev.steelyard.web.SteelyardApplication;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.data.jpa.repository.query.QueryEnhancerFactories;
import org.springframework.data.jpa.repository.query.QueryEnhancerSelector.DefaultQueryEnhancerSelector;

/**
 * Queries of repositories go to Hibernate as they are written, which reads them and says what is wrong at start. Spring Data would
 * read each with a grammar of its own as well, to be able to sort and count by it, which none needs and which took a sixth of a start.
 */
@Configuration(proxyBeanMethods = false)
@EnableJpaRepositories(
        basePackageClasses = SteelyardApplication.class,
        queryEnhancerSelector = QueriesAsWritten.Selector.class)
class QueriesAsWritten {

    /** By patterns, not by a grammar. */
    static final class Selector extends DefaultQueryEnhancerSelector {

        Selector() {
            super(QueryEnhancerFactories.fallback(), QueryEnhancerFactories.fallback());
        }
    }
}
