package mildlantern.web.edge;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Objects;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.SimpleUrlAuthenticationFailureHandler;
import org.springframework.web.filter.OncePerRequestFilter;

/** Keeps who guesses waiting before his password is looked at, and counts how tries end. Not a bean: only the sign-in goes through it. */
final class SlowSignIn extends OncePerRequestFilter {
    /** Who is signed in stays so; a visitor who never signs in leaves no session for long. */
    private static final Duration SIGNED_IN_FOR = Duration.ofDays(14);

    private final String address;
    private final SignInTries tries;

    SlowSignIn(String address, SignInTries tries) {
        this.address = address;
        this.tries = tries;
    }

    private static String typed(HttpServletRequest request) {
        return Objects.requireNonNullElse(request.getParameter("username"), "");
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getMethod().equals("POST") || !request.getRequestURI().equals(address);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Duration wait = tries.wait(typed(request), request.getRemoteAddr());
        if (wait.compareTo(Duration.ZERO) > 0) {
            response.sendRedirect(address + "?wait=" + (wait.toSeconds() + 1));
        } else {
            chain.doFilter(request, response);
        }
    }

    AuthenticationFailureHandler failure() {
        AuthenticationFailureHandler back = new SimpleUrlAuthenticationFailureHandler(address + "?wrong");
        return (HttpServletRequest request, HttpServletResponse response, AuthenticationException problem) -> {
            tries.failed(typed(request), request.getRemoteAddr());
            back.onAuthenticationFailure(request, response, problem);
        };
    }

    SavedRequestAwareAuthenticationSuccessHandler success() {
        return new SavedRequestAwareAuthenticationSuccessHandler() {
            @Override
            public void onAuthenticationSuccess(
                    HttpServletRequest request, HttpServletResponse response, Authentication who)
                    throws ServletException, IOException {
                tries.succeeded(typed(request));
                request.getSession().setMaxInactiveInterval((int) SIGNED_IN_FOR.toSeconds());
                super.onAuthenticationSuccess(request, response, who);
            }
        };
    }
}
