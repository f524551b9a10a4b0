package mildlantern.web.keeping;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.BotanicalName;
import mildlantern.plant.Family;
import mildlantern.plant.KindDifference;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.web.plant.Kinds;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.RecordForms;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.StaleEdit;
import mildlantern.web.platform.StaleForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Adding and changing plants, making new ones of them, and letting them go. */
@Controller
class KeepingController {
    /** How long after it came a plant is asked about its way. */
    private static final int ARRIVES_DAYS = 3;

    private final Plants plants;
    private final Stops stops;
    private final PlantKeeping keeping;
    private final Kinds kinds;
    private final PlantKnowledge knowledge;
    private final RecordWriter log;
    private final RecordForms forms;
    private final StaleForms stale;
    private final Clock clock;

    KeepingController(
            Plants plants,
            Stops stops,
            PlantKeeping keeping,
            Kinds kinds,
            PlantKnowledge knowledge,
            RecordWriter log,
            RecordForms forms,
            StaleForms stale,
            Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.keeping = keeping;
        this.kinds = kinds;
        this.knowledge = knowledge;
        this.log = log;
        this.forms = forms;
        this.stale = stale;
        this.clock = clock;
    }

    @GetMapping("/plants/new")
    String fresh(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam(required = false) @Nullable StopId stop,
            @RequestParam(defaultValue = "") String kind,
            Reply reply) {
        forms.show(reply, "plant", PlantForm.fresh(stop, kind));
        return choices(member, Optional.empty(), reply);
    }

    @GetMapping("/plants/{id}/edit")
    String edit(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam Optional<String> kind,
            Reply reply) {
        Plant plant = this.plants.plant(member.collection(), id);
        Plant shown = kind.flatMap(other -> kinds.find(member.collection(), other))
                .map(other -> plant.ofKind(other.id(), plant.form()))
                .orElse(plant);
        forms.show(reply, "plant", PlantForm.of(shown));
        return choices(member, Optional.of(plant), reply);
    }

    /**
     * A kind that a plant of a broad kind may be.
     *
     * @param changes what it is kept by otherwise
     */
    record Closer(String id, String name, BotanicalName botanical, String changes) {}

    private List<Closer> closer(Profile broad) {
        return knowledge.closer(broad).stream()
                .map(kind -> new Closer(
                        kind.id(),
                        kind.name(),
                        BotanicalName.of(kind.botanical(), Optional.empty()),
                        KindDifference.between(broad, kind).stream()
                                .map(Wording::of)
                                .collect(Collectors.joining("; "))))
                .toList();
    }

    private String choices(SignedIn member, Optional<Plant> existing, Reply reply) {
        reply.put("stops", stops.walk(member.collection()));
        reply.put("families", Family.values());
        reply.put(
                "profiles",
                kinds.all(member.collection()).stream()
                        .sorted(Comparator.comparing(Profile::family).thenComparing(Profile::name))
                        .toList());
        reply.put("media", List.<Medium>copyOf(knowledge.media()));
        reply.put("existing", existing.map(Plant::id).orElse(null));
        reply.put("existingName", existing.map(Plant::name).orElse(""));
        reply.put("alive", existing.map(Plant::alive).orElse(false));
        reply.put("endForm", FormKey.fresh());
        Optional<Profile> broad =
                existing.filter(Plant::alive).flatMap(plant -> kinds.find(member.collection(), plant.profile()));
        reply.put("closer", broad.map(this::closer).orElse(List.of()));
        reply.put("broadName", broad.map(Profile::name).orElse(""));
        reply.put("here", existing.map(Plant::stop).orElse(null));
        return "keeping/plant-form";
    }

    private String words(SignedIn member, String field, String raw) {
        return switch (field) {
            case "stop" -> stops.stop(member.collection(), StopId.of(raw)).name();
            case "profile" ->
                kinds.find(member.collection(), raw).map(Profile::name).orElse(raw);
            case "medium" -> knowledge.medium(raw).map(Medium::name).orElse(raw);
            default -> StaleForms.plain(raw);
        };
    }

    private void check(SignedIn member, PlantForm plant, Optional<Plant> existing, BindingResult problems) {
        if (plant.profile() != null
                && !plant.profile().isBlank()
                && kinds.find(member.collection(), plant.profile()).isEmpty()) {
            problems.rejectValue("profile", "unknown", Wording.say("keeping.keeping-controller.choose-one-list"));
        }
        boolean usual =
                existing.isEmpty() && (plant.medium() == null || plant.medium().isBlank());
        if (!usual
                && (plant.medium() == null || knowledge.medium(plant.medium()).isEmpty())) {
            problems.rejectValue("medium", "unknown", Wording.say("keeping.keeping-controller.choose-one-list"));
        }
        if (plant.accession() != null
                && !plant.accession().isBlank()
                && plants.taken(member.collection(), plant.accession().strip(), existing)) {
            problems.rejectValue(
                    "accession", "taken", Wording.say("keeping.keeping-controller.another-plant-has-number"));
        }
    }

    @PostMapping("/plants")
    String add(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("plant") PlantForm plant,
            BindingResult problems,
            Reply reply) {
        check(member, plant, Optional.empty(), problems);
        if (problems.hasErrors()) {
            return choices(member, Optional.empty(), reply);
        }
        Optional<Plant> added = keeping.add(
                member.collection(),
                plant,
                kinds.find(member.collection(), Objects.requireNonNull(plant.profile()))
                        .orElseThrow());
        // What has just come here is asked about its way.
        return added.filter(one -> one.acquiredOn() != null
                        && !one.acquiredOn().isBefore(LocalDate.now(clock).minusDays(ARRIVES_DAYS)))
                .map(one -> "redirect:/plants/" + one.id() + "/arrival")
                .orElse("redirect:/?stop=" + plant.stop());
    }

    @PostMapping("/plants/{id}")
    String change(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @Valid @ModelAttribute("plant") PlantForm plant,
            BindingResult problems,
            Reply reply) {
        Plant existing = this.plants.plant(member.collection(), id);
        check(member, plant, Optional.of(existing), problems);
        if (problems.hasErrors()) {
            reply.wrong();
            return choices(member, Optional.of(existing), reply);
        }
        List<String> warnings = Boolean.TRUE.equals(plant.anyway())
                ? List.of()
                : log.warnings(existing, Objects.requireNonNull(plant.stop()));
        if (!warnings.isEmpty()) {
            reply.wrong();
            reply.put("moveWarnings", warnings);
            return choices(member, Optional.of(existing), reply);
        }
        try {
            keeping.change(member.collection(), id, plant);
        } catch (StaleEdit e) {
            PlantForm now = PlantForm.of(this.plants.plant(member.collection(), id));
            return stale.show(
                    reply,
                    "plant",
                    plant,
                    now,
                    "/plants/" + id,
                    "/plants/" + id,
                    (field, raw) -> words(member, field, raw));
        }
        return "redirect:/plants/" + id;
    }

    /** How a plant ended, and of what. */
    record Ended(@NotNull FormKey form, @NotNull String how, String cause) {
        Ended {
            cause = Objects.requireNonNullElse(cause, "");
            cause = cause.substring(0, Math.min(300, cause.length()));
        }
    }

    @PostMapping("/plants/{id}/end")
    String end(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, @Valid Ended ended) {
        keeping.end(member.collection(), id, ended.form(), ended.how().equals("lost"), ended.cause());
        return "redirect:/plants/" + Objects.requireNonNull(id);
    }
}
