package mildlantern.web.edge;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.boot.security.autoconfigure.web.servlet.PathRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter;
import org.springframework.security.web.savedrequest.HttpSessionRequestCache;
import org.springframework.security.web.util.matcher.AndRequestMatcher;
import org.springframework.security.web.util.matcher.AnyRequestMatcher;
import org.springframework.security.web.util.matcher.NegatedRequestMatcher;
import org.springframework.security.web.util.matcher.RequestHeaderRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;

/** Form sign-in, one policy for all pages, and answers that htmx can use when a session has ended. */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {
    static final String CONTENT_POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; font-src 'self'; "
            + "img-src 'self' data:; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";
    private static final String SIGN_IN = "/sign-in";
    /** Sensors show their token there instead of a session. */
    private static final String PUSHED = "/api/readings";

    private static final Answers.Wrong SIGN_IN_FIRST = new Answers.Wrong(
            HttpStatus.UNAUTHORIZED, "Sign in first", "This address wants a session.", "Nothing was changed.");

    private static final String STALE = "/stale-form";

    /** Takes passwords of any length and script; hashes of earlier versions still let in, and are made anew at the next sign-in. */
    @Bean
    PasswordEncoder passwordEncoder() {
        return new DelegatingPasswordEncoder(
                "pbkdf2",
                Map.of(
                        "pbkdf2",
                        Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8(),
                        "bcrypt",
                        new BCryptPasswordEncoder()));
    }

    @Bean
    SecurityFilterChain filterChain(HttpSecurity http, SignInTries tries) throws Exception {
        SlowSignIn slow = new SlowSignIn(SIGN_IN, tries);
        RequestMatcher htmx = new RequestHeaderRequestMatcher("HX-Request", "true");
        RequestMatcher signedOut = request -> {
            var authentication = SecurityContextHolder.getContext().getAuthentication();
            return authentication == null || !authentication.isAuthenticated();
        };
        HttpSessionRequestCache cache = new HttpSessionRequestCache();
        cache.setRequestMatcher(new NegatedRequestMatcher(htmx));
        return http.authorizeHttpRequests(
                        requests -> requests.dispatcherTypeMatchers(DispatcherType.FORWARD, DispatcherType.ERROR)
                                .permitAll()
                                .requestMatchers(PathRequest.toStaticResources().atCommonLocations())
                                .permitAll()
                                .requestMatchers(StaticFiles.FOR_ALL.stream()
                                        .map(folder -> "/" + folder + "/**")
                                        .toArray(String[]::new))
                                .permitAll()
                                .requestMatchers("/webjars/**", "/actuator/health/**", PUSHED, SIGN_IN, "/welcome")
                                .permitAll()
                                .requestMatchers("/invited/*", "/new-password/*", "/forgotten", "/calendar/*")
                                .permitAll()
                                .anyRequest()
                                .authenticated())
                .formLogin(form -> form.loginPage(SIGN_IN)
                        .loginProcessingUrl(SIGN_IN)
                        .successHandler(slow.success())
                        .failureHandler(slow.failure())
                        .permitAll())
                .addFilterBefore(slow, UsernamePasswordAuthenticationFilter.class)
                .logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl(SIGN_IN + "?out"))
                .csrf(csrf -> csrf.ignoringRequestMatchers(PUSHED))
                .requestCache(requests -> requests.requestCache(cache))
                .exceptionHandling(handling -> handling.defaultAuthenticationEntryPointFor(
                                (request, response, problem) -> signInAgain(response), htmx)
                        .defaultAuthenticationEntryPointFor(
                                (request, response, problem) -> Answers.plain(request, response, SIGN_IN_FIRST),
                                Answers::asProgram)
                        .defaultAuthenticationEntryPointFor(
                                new LoginUrlAuthenticationEntryPoint(SIGN_IN), AnyRequestMatcher.INSTANCE)
                        .defaultAccessDeniedHandlerFor(
                                (request, response, problem) -> signInAgain(response),
                                new AndRequestMatcher(htmx, signedOut))
                        .defaultAccessDeniedHandlerFor(
                                (request, response, problem) -> staleForm(request, response),
                                AnyRequestMatcher.INSTANCE))
                // Other services of the same host's names are none of ours.
                .headers(headers -> headers.httpStrictTransportSecurity(hsts -> hsts.includeSubDomains(false))
                        .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(
                                referrer -> referrer.policy(ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    private static void staleForm(HttpServletRequest request, HttpServletResponse response)
            throws ServletException, IOException {
        response.setStatus(HttpServletResponse.SC_FORBIDDEN);
        request.getRequestDispatcher(STALE).forward(request, response);
    }

    /** An htmx call without a session: htmx takes the whole page to the sign-in, which says what happened. */
    private static void signInAgain(HttpServletResponse response) {
        response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
        response.setHeader("HX-Redirect", SIGN_IN + "?ended");
    }
}
