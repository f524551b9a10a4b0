package mildlantern.web.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.NotAllowed;
import mildlantern.web.role.Role;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Lets a request through to its handler only where the role of whoever asks does. A handler that says nothing is for whoever may read, or, where
 * it writes, for a keeper; so none is open by mistake. What somebody may do is asked anew each time, so that a change counts at once.
 */
@Configuration(proxyBeanMethods = false)
class RoleGate implements WebMvcConfigurer, HandlerInterceptor {
    private static final Set<String> READING = Set.of("GET", "HEAD", "OPTIONS");

    private final Readers readers;
    private final Clock clock;

    RoleGate(Readers readers, Clock clock) {
        this.readers = readers;
        this.clock = clock;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        Optional<SignedIn> member = SignedIn.now();
        if (member.isEmpty() || !(handler instanceof HandlerMethod method)) {
            return true;
        }
        Readers.Reader reader = readers.of(member.get());
        if (!reader.belongs(LocalDate.now(clock))) {
            request.getSession().invalidate();
            response.sendRedirect("/sign-in?ended");
            return false;
        }
        Role needed = needed(method, request.getMethod());
        if (!reader.role().may(needed)) {
            throw new NotAllowed(reader.role(), needed);
        }
        return true;
    }

    private static Role needed(HandlerMethod handler, String method) {
        ForRole said = handler.getMethodAnnotation(ForRole.class);
        return said != null ? said.value() : READING.contains(method) ? Role.READER : Role.KEEPER;
    }
}
