package mildlantern.web.account;

import jakarta.servlet.http.HttpSession;
import java.util.Objects;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;

/** Ends what somebody has signed in to. */
@Service
class Sessions {
    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** Somebody is called otherwise from now on, in the session that says so. */
    void nowCalled(HttpSession session, SignedIn member) {
        SecurityContext context = SecurityContextHolder.getContext();
        Authentication before = Objects.requireNonNull(context.getAuthentication());
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(member, null, before.getAuthorities()));
        session.setAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY, context);
    }

    /** Signs somebody out everywhere. */
    void end(String signIn) {
        endAllBut(signIn, "");
    }

    /** Signs somebody out everywhere but here. */
    void endAllBut(String signIn, String here) {
        sessions.findByPrincipalName(signIn).keySet().stream()
                .filter(session -> !session.equals(here))
                .forEach(sessions::deleteById);
    }
}
