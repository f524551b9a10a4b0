package mildlantern.web.keeping;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import mildlantern.message.MessageKey;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** One deed for several plants of the collection at once; what was done together is taken back together. */
@Controller
class TogetherController {
    private static final String PAGE = "redirect:/collection";

    private final Together together;
    private final TakeBack takeBack;

    TogetherController(Together together, TakeBack takeBack) {
        this.together = together;
        this.takeBack = takeBack;
    }

    /** What can be done with several plants. */
    enum Deed implements MessageKey {
        WATERED,
        FED,
        LOOKED,
        /** To the stop for plants that stand alone. */
        ISOLATED,
        MOVED,
        /** Something befell them all. */
        HAPPENED,
        LABELS;

        /** Whether the plants stand elsewhere afterwards. */
        boolean moves() {
            return this == MOVED || this == ISOLATED;
        }
    }

    /** What befalls several plants at once. */
    enum Happening implements MessageKey {
        STORM(EventKind.STORM),
        CHILLED(EventKind.CHILLED),
        SHADE_LOST(EventKind.SHADE_LOST),
        HEATING_ON(EventKind.HEATING_ON),
        AWAY(EventKind.AWAY),
        PUT_OUT(EventKind.PUT_OUT),
        BROUGHT_IN(EventKind.BROUGHT_IN);

        private final EventKind event;

        Happening(EventKind event) {
            this.event = event;
        }

        EventKind event() {
            return event;
        }
    }

    /**
     * A deed for several plants.
     *
     * @param stop where they are moved
     * @param happening what befell them
     * @param on the day of it; today where none is said
     * @param anyway whether it is done although something speaks against it
     */
    record Asked(
            @NotNull FormKey form,
            @NotNull Deed deed,
            @Nullable List<PlantId> plant,
            @Nullable StopId stop,
            @Nullable Happening happening,
            @Nullable LocalDate on,
            @Nullable Boolean anyway) {
        List<PlantId> plants() {
            return plant == null ? List.of() : plant;
        }
    }

    @PostMapping("/collection/deeds")
    @ForRole(Role.HELPER)
    String deed(@AuthenticationPrincipal SignedIn member, @Valid Asked asked, Reply reply) {
        if (asked.plants().isEmpty()) {
            reply.next("wrong", Wording.say("keeping.together.choose-plants"));
            return PAGE;
        }
        if (asked.deed() == Deed.LABELS) {
            return "redirect:/labels?"
                    + asked.plants().stream().map(plant -> "plant=" + plant).collect(Collectors.joining("&"));
        }
        if (asked.deed() == Deed.HAPPENED && asked.happening() == null) {
            reply.next("wrong", Wording.say("keeping.together.choose-happening"));
            return PAGE;
        }
        if (asked.on() != null && asked.on().isAfter(together.today())) {
            reply.next("wrong", Wording.say("keeping.together.day-to-come"));
            return PAGE;
        }
        Optional<StopId> to = together.to(member.collection(), asked);
        if (asked.deed().moves() && to.isEmpty()) {
            reply.next("wrong", Wording.say("keeping.together.choose-stop"));
            return PAGE;
        }
        List<Together.Warned> warned = Boolean.TRUE.equals(asked.anyway())
                ? List.of()
                : together.warnings(member.collection(), asked.deed(), asked.plants(), to);
        if (!warned.isEmpty()) {
            reply.put("warned", warned);
            reply.put("chosen", asked.plants());
            reply.put("asked", asked);
            return "keeping/think-again";
        }
        int done = together.write(member.collection(), asked, to);
        reply.next(
                "told",
                Wording.say(
                        "keeping.together.done",
                        done,
                        asked.deed() == Deed.HAPPENED ? Objects.requireNonNull(asked.happening()) : asked.deed()));
        reply.next("batch", asked.form().toString());
        return PAGE;
    }

    @PostMapping("/collection/take-back")
    @ForRole(Role.HELPER)
    String takeBack(@AuthenticationPrincipal SignedIn member, @RequestParam BatchId batch, Reply reply) {
        try {
            reply.next("told", Wording.say("keeping.together.taken-back", takeBack.batch(member.collection(), batch)));
        } catch (TakeBack.CannotTakeBack e) {
            reply.next("wrong", String.valueOf(e.getMessage()));
        }
        return PAGE;
    }
}
