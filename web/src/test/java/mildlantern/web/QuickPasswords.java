package mildlantern.web;

import java.util.Map;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Hashing that takes no time, for the hundreds of sign-ins of tests; how passwords are really kept is tested on its own. */
@TestConfiguration(proxyBeanMethods = false)
class QuickPasswords {
    private static final int LEAST_WORK = 4;

    @Bean
    @Primary
    PasswordEncoder quickPasswordEncoder() {
        return new DelegatingPasswordEncoder("bcrypt", Map.of("bcrypt", new BCryptPasswordEncoder(LEAST_WORK)));
    }
}
