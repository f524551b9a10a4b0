package mildlantern.web.platform;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;

/** Repositories stand together in one file a feature; sessions live in the database. */
@Configuration(proxyBeanMethods = false)
@EnableJpaRepositories(basePackages = "mildlantern.web", considerNestedRepositories = true)
class DataConfiguration {
    /** Two requests of one browser may write the session at once; on PostgreSQL the later one wins instead of failing. */
    @Bean
    PostgreSqlJdbcIndexedSessionRepositoryCustomizer sessionsWrittenTwice() {
        return new PostgreSqlJdbcIndexedSessionRepositoryCustomizer();
    }
}
