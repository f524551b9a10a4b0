package mildlantern.web.plant;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.Family;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Amounts;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A kind of plant of the grower's own: choose the nearest, then change what differs. */
@Controller
class KindController {
    private final Kinds kinds;
    private final PlantKnowledge knowledge;

    KindController(Kinds kinds, PlantKnowledge knowledge) {
        this.kinds = kinds;
        this.knowledge = knowledge;
    }

    @GetMapping("/kinds/new")
    String fresh(@RequestParam Optional<String> nearest, Reply reply) {
        Optional<Profile> like = nearest.filter(id -> !id.isBlank())
                .map(id -> knowledge
                        .profile(id)
                        .orElseThrow(() -> new NotHere(Wording.say("plant.kind-controller.kind-plant"))));
        reply.put("kind", like.map(NewKind::like).orElseGet(NewKind::fresh));
        return page(like, reply);
    }

    private String page(Optional<Profile> like, Reply reply) {
        reply.put("like", like);
        reply.put("families", Family.values());
        reply.put(
                "profiles",
                knowledge.profiles().stream()
                        .sorted(Comparator.comparing(Profile::family).thenComparing(Profile::name))
                        .toList());
        return "plant/new-kind";
    }

    @PostMapping("/kinds")
    String add(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("kind") NewKind kind,
            BindingResult problems,
            Reply reply) {
        Optional<Profile> like = Optional.ofNullable(kind.nearest()).flatMap(knowledge::profile);
        if (like.isEmpty()) {
            problems.rejectValue("nearest", "unknown", Wording.say("plant.kind-controller.choose-one-list"));
        }
        inOrder(problems, "humidityHigh", kind.humidityLow(), kind.humidityHigh());
        inOrder(problems, "dayHigh", Amounts.of(kind.dayLow()), Amounts.of(kind.dayHigh()));
        inOrder(problems, "daysHigh", kind.daysLow(), kind.daysHigh());
        inOrder(problems, "feedHigh", kind.feedLow(), kind.feedHigh());
        if (problems.hasErrors()) {
            reply.wrong();
            return page(like, reply);
        }
        FormKey form = Objects.requireNonNull(kind.form());
        // The same form always makes the same kind, so that sending it twice leads to the same place.
        UUID id = UUID.nameUUIDFromBytes((member.collection() + " kind " + form).getBytes(StandardCharsets.UTF_8));
        kinds.add(member.collection(), form, new OwnKind(id, member.collection(), kind));
        return "redirect:/plants/new?kind=" + id;
    }

    private static void inOrder(BindingResult problems, String field, @Nullable Double low, @Nullable Double high) {
        if (low != null && high != null && low > high) {
            problems.rejectValue(field, "order", Wording.say("plant.kind-controller.not-below-lower-end"));
        }
    }
}
