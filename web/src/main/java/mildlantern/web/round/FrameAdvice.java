package mildlantern.web.round;

import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import mildlantern.web.platform.LanternSettings;
import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Gives every whole page its frame: the day, the collection and the walk. Fragments and form posts go without. */
@ControllerAdvice
class FrameAdvice {
    /** Name of the frame in the model. */
    static final String FRAME = "frame";

    private final RoundService rounds;
    private final LanternSettings settings;

    FrameAdvice(RoundService rounds, LanternSettings settings) {
        this.rounds = rounds;
        this.settings = settings;
    }

    @ModelAttribute(FRAME)
    @Nullable
    FrameSource frame(@AuthenticationPrincipal @Nullable SignedIn member, HttpServletRequest request) {
        return member == null || request.getHeader("HX-Request") != null ? null : new FrameSource(member);
    }

    @ModelAttribute("demo")
    boolean demo() {
        return settings.demo();
    }

    /** Worked out only when a template asks, so that redirects and pictures cost nothing. */
    final class FrameSource {
        private final SignedIn member;
        private @Nullable DueToday today;
        private RoundViews.@Nullable Frame made;

        FrameSource(SignedIn member) {
            this.member = member;
        }

        DueToday today() {
            if (today == null) {
                today = rounds.today(member.collection());
            }
            return today;
        }

        public RoundViews.Frame get() {
            if (made == null) {
                made = new RoundViews.Frame(
                        member.collectionName(),
                        rounds.weekday(),
                        rounds.day(),
                        rounds.walk(today()),
                        settings.demo(),
                        UUID.randomUUID().toString());
            }
            return made;
        }
    }
}
