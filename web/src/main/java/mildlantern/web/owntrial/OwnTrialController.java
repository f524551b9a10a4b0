package mildlantern.web.owntrial;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Entered;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Trials of one's own: two in one way, two in another. */
@Controller
class OwnTrialController {
    private static final int LONGEST = 200;
    private static final int MOST_WEEKS = 104;
    private static final double MOST = 1_000_000;

    private final OwnTrials trials;
    private final Clock clock;

    OwnTrialController(OwnTrials trials, Clock clock) {
        this.trials = trials;
        this.clock = clock;
    }

    @GetMapping("/own-trials")
    String all(@AuthenticationPrincipal SignedIn member, @RequestParam Optional<String> kind, Reply reply) {
        String chosen = kind.orElse("");
        reply.put("trials", trials.all(member.collection()));
        reply.put("kinds", trials.kinds(member.collection(), chosen));
        reply.put("candidates", chosen.isEmpty() ? List.of() : trials.candidates(member.collection(), chosen));
        reply.put("measures", Measure.values());
        reply.put("kind", chosen);
        reply.put("form", FormKey.fresh());
        if (!reply.has("typed")) {
            reply.put("typed", Map.of());
        }
        return "owntrial/all";
    }

    @PostMapping("/own-trials")
    String begin(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam FormKey form,
            @RequestParam @Nullable Measure measure,
            @RequestParam MultiValueMap<String, String> typed,
            Reply reply) {
        String kind = word(typed, "kind");
        try {
            String wayA = way(typed, "wayA");
            String wayB = way(typed, "wayB");
            int weeks = Entered.whole(word(typed, "weeks"), 0, 1, MOST_WEEKS, Wording.say("owntrial.new.weeks"));
            List<OwnTrials.Member> members = new ArrayList<>();
            for (OwnTrials.Candidate one : trials.candidates(member.collection(), kind)) {
                String group = word(typed, "group-" + one.plant());
                if (group.equals("A") || group.equals("B")) {
                    double start = Entered.number(
                            word(typed, "start-" + one.plant()),
                            Double.NaN,
                            0,
                            MOST,
                            Wording.say("owntrial.new.start"));
                    members.add(new OwnTrials.Member(one.plant(), group.equals("B"), start));
                }
            }
            trials.begin(
                    member.collection(),
                    form,
                    wayA,
                    wayB,
                    measure == null ? Measure.LEAVES : measure,
                    LocalDate.now(clock).plusWeeks(weeks),
                    members);
        } catch (IllegalArgumentException e) {
            reply.wrong().put("problem", Wording.why(e)).put("typed", typed.toSingleValueMap());
            return all(member, Optional.of(kind), reply);
        }
        return "redirect:/own-trials";
    }

    @PostMapping("/own-trials/{id}/measured")
    String measured(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @RequestParam FormKey form,
            @RequestParam MultiValueMap<String, String> typed,
            Reply reply) {
        Map<PlantId, Double> ends = new HashMap<>();
        try {
            for (PlantId plant : trials.members(member.collection(), id)) {
                String end = word(typed, "end-" + plant);
                if (!end.isEmpty()) {
                    ends.put(plant, Entered.number(end, Double.NaN, 0, MOST, Wording.say("owntrial.all.end")));
                }
            }
        } catch (IllegalArgumentException e) {
            reply.wrong().put("problem", Wording.why(e)).put("typed", typed.toSingleValueMap());
            return all(member, Optional.empty(), reply);
        }
        trials.measured(member.collection(), id, form, ends);
        return "redirect:/own-trials";
    }

    private static String word(MultiValueMap<String, String> typed, String name) {
        return Optional.ofNullable(typed.getFirst(name)).orElse("").strip();
    }

    private static String way(MultiValueMap<String, String> typed, String name) {
        String way = word(typed, name);
        if (way.isEmpty() || way.length() > LONGEST) {
            throw new IllegalArgumentException(Wording.say("owntrial.new.say-ways", LONGEST));
        }
        return way;
    }
}
