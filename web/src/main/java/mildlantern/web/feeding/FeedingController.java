package mildlantern.web.feeding;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import mildlantern.nutrition.FeedProduct;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.RecordForms;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Today's feeds, the waters and the feeds of a house. */
@Controller
class FeedingController {
    private static final String PAGE = "redirect:/feeding";

    private final FeedingService feeding;
    private final OwnWaters waters;
    private final WrittenForms writtenForms;
    private final RecordForms forms;
    private final Clock clock;
    private final TakeBack takeBack;

    FeedingController(
            FeedingService feeding,
            OwnWaters waters,
            WrittenForms writtenForms,
            RecordForms forms,
            Clock clock,
            TakeBack takeBack) {
        this.feeding = feeding;
        this.waters = waters;
        this.writtenForms = writtenForms;
        this.forms = forms;
        this.clock = clock;
        this.takeBack = takeBack;
    }

    @GetMapping("/feeding")
    String page(@AuthenticationPrincipal SignedIn member, Reply reply) {
        if (!reply.has("water")) {
            forms.show(reply, "water", new FeedingForms.Water(FormKey.fresh(), null, null, null, null, null));
        }
        if (!reply.has("label")) {
            forms.show(
                    reply,
                    "label",
                    new FeedingForms.Label(
                            FormKey.fresh(),
                            null,
                            FeedProduct.Form.POWDER,
                            OwnFeed.Says.OXIDES,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null,
                            null));
        }
        reply.put("page", feeding.page(member.collection()));
        return "feeding/feeding";
    }

    private String wrong(SignedIn member, Reply reply) {
        reply.wrong();
        return page(member, reply);
    }

    @PostMapping("/feeding/feed")
    String choose(@AuthenticationPrincipal SignedIn member, @RequestParam String product) {
        feeding.choose(member.collection(), product);
        return PAGE;
    }

    /** The plants that got a mix. */
    record Fed(@NotNull FormKey form, @NotNull String mix, List<PlantId> plants) {
        Fed {
            plants = Objects.requireNonNullElse(plants, List.of());
        }
    }

    @PostMapping("/feeding/fed")
    @ForRole(Role.HELPER)
    String fed(@AuthenticationPrincipal SignedIn member, @Valid Fed fed, Reply reply) {
        // One page carries several mixes: each is stored once.
        FormKey key = new FormKey(UUID.nameUUIDFromBytes((fed.form() + fed.mix()).getBytes(StandardCharsets.UTF_8)));
        List<PlantId> plants = fed.plants();
        feeding.fed(member.collection(), key, fed.mix(), Set.copyOf(plants)).ifPresent(batch -> {
            reply.next(
                    "told",
                    plants.size() == 1
                            ? Wording.say("feeding.feeding-controller.one-plant-was-fed")
                            : Wording.say("feeding.feeding-controller.plants-were-fed", plants.size()));
            reply.next("batch", batch.toString());
        });
        return PAGE;
    }

    @PostMapping("/feeding/take-back")
    @ForRole(Role.HELPER)
    String takeBack(@AuthenticationPrincipal SignedIn member, @RequestParam BatchId batch, Reply reply) {
        try {
            int back = takeBack.batch(member.collection(), batch);
            reply.next(
                    "told",
                    back == 1
                            ? Wording.say("feeding.feeding-controller.one-feeding-was-undone")
                            : Wording.say("feeding.feeding-controller.feedings-were-undone", back));
        } catch (TakeBack.CannotTakeBack e) {
            reply.next("told", String.valueOf(e.getMessage()));
        }
        return PAGE;
    }

    @PostMapping("/feeding/waters")
    String water(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("water") FeedingForms.Water water,
            BindingResult problems,
            Reply reply) {
        if (problems.hasErrors()) {
            return wrong(member, reply);
        }
        writtenForms.once(
                member.collection(),
                Objects.requireNonNull(water.form()),
                () -> waters.keep(
                        member.collection(),
                        Objects.requireNonNull(water.source()),
                        Objects.requireNonNull(water.conductivity()),
                        water.hardness(),
                        water.alkalinity(),
                        water.sodium(),
                        LocalDate.now(clock)));
        return PAGE + "#waters";
    }

    @PostMapping("/feeding/labels")
    String label(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("label") FeedingForms.Label label,
            BindingResult problems,
            Reply reply) {
        if (label.form() != null && feeding.stored(member.collection(), label.form())) {
            return PAGE + "#feeds";
        }
        if (!problems.hasFieldErrors("name")
                && feeding.named(
                        member.collection(),
                        Objects.requireNonNull(label.name()).strip())) {
            problems.rejectValue("name", "twice", Wording.say("feeding.feeding-controller.feed-name-there-already"));
        }
        OwnFeed.Says says = Optional.ofNullable(label.says()).orElse(OwnFeed.Says.OXIDES);
        if (says == OwnFeed.Says.RATIO && label.total() == null) {
            problems.rejectValue(
                    "total", "missing", Wording.say("feeding.feeding-controller.ratio-needs-total-brackets"));
        }
        if (says == OwnFeed.Says.OXIDES && !problems.hasErrors() && sum(label) > 100) {
            problems.rejectValue("n", "much", Wording.say("feeding.feeding-controller.percent-add-up-more"));
        }
        if (problems.hasErrors()) {
            return wrong(member, reply);
        }
        writtenForms.once(
                member.collection(),
                Objects.requireNonNull(label.form()),
                () -> feeding.keep(new OwnFeed(
                                member.collection(),
                                Objects.requireNonNull(label.name()).strip())
                        .labelled(
                                Optional.ofNullable(label.comes()).orElse(FeedProduct.Form.POWDER),
                                says,
                                Objects.requireNonNull(label.n()),
                                Objects.requireNonNull(label.p()),
                                Objects.requireNonNull(label.k()),
                                label.total())
                        .with(
                                Optional.ofNullable(label.calcium()).orElse(0.0),
                                Optional.ofNullable(label.magnesium()).orElse(0.0),
                                Optional.ofNullable(label.iron()).orElse(0.0),
                                Boolean.TRUE.equals(label.micros()),
                                Boolean.TRUE.equals(label.organic()))));
        return PAGE + "#feeds";
    }

    private static double sum(FeedingForms.Label label) {
        return Objects.requireNonNull(label.n())
                + Objects.requireNonNull(label.p())
                + Objects.requireNonNull(label.k());
    }
}
