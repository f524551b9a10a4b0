package mildlantern.web;

import javax.sql.DataSource;
import net.ttddyy.dsproxy.QueryCountHolder;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;

/** Counts what is asked of the database on each thread, whichever way it is asked. */
@TestConfiguration(proxyBeanMethods = false)
public class CountedStatements {
    @Bean
    static BeanPostProcessor countedStatementsOfTheDataSource() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof DataSource source
                        ? ProxyDataSourceBuilder.create(source).countQuery().build()
                        : bean;
            }
        };
    }

    /** A piece of work on this thread. */
    @FunctionalInterface
    public interface Work {
        void run() throws Exception;
    }

    /** How many statements a piece of work sends from this thread. */
    public static long of(Work work) throws Exception {
        QueryCountHolder.clear();
        work.run();
        return QueryCountHolder.getGrandTotal().getTotal();
    }
}
