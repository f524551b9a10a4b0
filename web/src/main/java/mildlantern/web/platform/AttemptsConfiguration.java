package mildlantern.web.platform;

import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.Advisor;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.ComposablePointcut;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.transaction.annotation.Transactional;

/** Lets every service that opens a transaction begin afresh where another wrote in the same moment. */
@Configuration(proxyBeanMethods = false)
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
class AttemptsConfiguration {
    /** Stands outside of the transaction, which stands innermost. */
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static Advisor attempts() {
        MethodInterceptor again = call -> Attempts.at(() -> call instanceof ProxyMethodInvocation proxied
                ? proxied.invocableClone().proceed()
                : call.proceed());
        ComposablePointcut transactional = new ComposablePointcut(
                        AnnotationMatchingPointcut.forClassAnnotation(Transactional.class))
                .union(AnnotationMatchingPointcut.forMethodAnnotation(Transactional.class));
        DefaultPointcutAdvisor advisor = new DefaultPointcutAdvisor(transactional, again);
        advisor.setOrder(Ordered.LOWEST_PRECEDENCE - 10);
        return advisor;
    }
}
