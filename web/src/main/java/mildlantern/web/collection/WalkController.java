package mildlantern.web.collection;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import mildlantern.plant.Brightness;
import mildlantern.plant.Family;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.web.account.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Adding stops to the walk and plants to stops. */
@Controller
class WalkController {
    private final CollectionService collections;
    private final PlantKnowledge knowledge;

    WalkController(CollectionService collections, PlantKnowledge knowledge) {
        this.collections = collections;
        this.knowledge = knowledge;
    }

    /**
     * A new stop, as typed.
     *
     * @param humidity percent
     * @param day °C
     * @param night °C
     */
    record NewStop(
            @NotNull UUID form,

            @NotBlank(message = "Give the stop a name, as in \"kitchen sill\".")
            @Size(max = 80, message = "At most 80 characters.")
            String name,

            @Nullable @Size(max = 40, message = "At most 40 characters.")
            String note,

            @Nullable Brightness light,

            @Nullable
            @DecimalMin(value = "0", message = "0 to 100 %.")
            @DecimalMax(value = "100", message = "0 to 100 %.")
            Double humidity,

            @Nullable
            @DecimalMin(value = "-40", message = "−40 to 60 °C.")
            @DecimalMax(value = "60", message = "−40 to 60 °C.")
            Double day,

            @Nullable
            @DecimalMin(value = "-40", message = "−40 to 60 °C.")
            @DecimalMax(value = "60", message = "−40 to 60 °C.")
            Double night,

            boolean isolation) {}

    @GetMapping("/stops/new")
    String newStop(Model model) {
        model.addAttribute("stop", new NewStop(UUID.randomUUID(), "", null, null, null, null, null, false));
        return "collection/new-stop";
    }

    @PostMapping("/stops")
    String addStop(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("stop") NewStop stop,
            BindingResult problems) {
        if (problems.hasErrors()) {
            return "collection/new-stop";
        }
        UUID collection = member.collection();
        collections.once(collection, stop.form(), () -> {
            Stop added = new Stop(
                            UUID.randomUUID(),
                            collection,
                            collections.nextPosition(collection),
                            stop.name().strip())
                    .climate(stop.light(), stop.humidity(), stop.day(), stop.night())
                    .noted(
                            stop.note() == null || stop.note().isBlank()
                                    ? null
                                    : stop.note().strip());
            collections.write(stop.isolation() ? added.isolating() : added);
        });
        return "redirect:/";
    }

    /**
     * A new plant, as typed.
     *
     * @param diameter of the pot, cm
     * @param pottedOn when it was potted
     */
    record NewPlant(
            @NotNull UUID form,

            @NotNull(message = "Choose the stop where it stands.") @Nullable
            UUID stop,

            @NotBlank(message = "Give it a name of its own.") @Size(max = 80, message = "At most 80 characters.")
            String name,

            @NotBlank(message = "Choose what kind of plant it is.")
            String profile,

            @NotNull PotKind pot,

            @Nullable
            @DecimalMin(value = "2", message = "2 to 200 cm.")
            @DecimalMax(value = "200", message = "2 to 200 cm.")
            Double diameter,

            @NotBlank String medium,

            @Nullable
            @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
            @PastOrPresent(message = "That day has not come yet.")
            LocalDate pottedOn,

            @Nullable WaterSource water,
            boolean outerPot,

            @Min(value = 0, message = "0 or more.") @Max(value = 5000, message = "At most 5000.")
            int leaves) {}

    @GetMapping("/plants/new")
    String newPlant(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam(required = false) @Nullable UUID stop,
            Model model) {
        model.addAttribute(
                "plant",
                new NewPlant(UUID.randomUUID(), stop, "", "", PotKind.PLASTIC, null, "peat-mix", null, null, false, 0));
        return choices(member, model);
    }

    private String choices(SignedIn member, Model model) {
        model.addAttribute("stops", collections.walk(member.collection()));
        model.addAttribute("families", Family.values());
        model.addAttribute(
                "profiles",
                knowledge.profiles().stream()
                        .sorted(Comparator.comparing(Profile::family).thenComparing(Profile::name))
                        .toList());
        model.addAttribute("media", List.<Medium>copyOf(knowledge.media()));
        return "collection/new-plant";
    }

    @PostMapping("/plants")
    String addPlant(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("plant") NewPlant plant,
            BindingResult problems,
            Model model) {
        if (!plant.profile().isBlank() && knowledge.profile(plant.profile()).isEmpty()) {
            problems.rejectValue("profile", "unknown", "Choose one of the list.");
        }
        if (knowledge.medium(plant.medium()).isEmpty()) {
            problems.rejectValue("medium", "unknown", "Choose one of the list.");
        }
        if (problems.hasErrors()) {
            return choices(member, model);
        }
        UUID collection = member.collection();
        Stop stop = collections.stop(collection, java.util.Objects.requireNonNull(plant.stop()));
        collections.once(
                collection,
                plant.form(),
                () -> collections.write(new Plant(
                                UUID.randomUUID(),
                                collection,
                                stop.id(),
                                collections.nextPlace(collection, stop.id()),
                                plant.name().strip(),
                                plant.profile())
                        .potted(plant.pot(), plant.diameter(), plant.medium(), plant.pottedOn())
                        .kept(plant.water(), null, null, plant.outerPot(), null)
                        .counted(plant.leaves(), 0, 0, 0, 0)));
        return "redirect:/?stop=" + stop.id();
    }
}
