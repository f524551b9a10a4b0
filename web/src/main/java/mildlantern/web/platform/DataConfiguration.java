package mildlantern.web.platform;

import org.springframework.context.annotation.Configuration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;

/** Repositories stand together in one file a feature. */
@Configuration(proxyBeanMethods = false)
@EnableJpaRepositories(basePackages = "mildlantern.web", considerNestedRepositories = true)
class DataConfiguration {}
