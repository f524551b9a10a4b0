package mildlantern.web.account;

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
