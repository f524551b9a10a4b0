package mildlantern.web.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mildlantern.web.platform.LanternSettings;
import mildlantern.web.platform.RecordForms;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.stop.Houses;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** The settings page: how a reader likes pages, and the clock and the hemisphere of the house. */
@Controller
class SettingsController {
    private static final String PAGE = "redirect:/settings";

    private final Readers readers;
    private final Houses houses;
    private final RecordForms forms;
    private final LanternSettings settings;
    private final Clock clock;

    SettingsController(Readers readers, Houses houses, RecordForms forms, LanternSettings settings, Clock clock) {
        this.readers = readers;
        this.houses = houses;
        this.forms = forms;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * Settings of a reader, as typed.
     *
     * @param start whether the first day goes on from here
     */
    record Liked(
            @NotNull(message = "{account.settings.choose}") ReaderSettings.@Nullable Language language,
            @NotNull(message = "{account.settings.choose}") ReaderSettings.@Nullable Manner manner,
            @NotNull(message = "{account.settings.choose}") ReaderSettings.@Nullable Degrees degrees,
            @NotNull(message = "{account.settings.choose}") ReaderSettings.@Nullable Measures measures,

            @NotNull(message = "{account.settings.choose}") @Nullable
            DayOfWeek weekStart,

            @NotNull(message = "{account.settings.choose}") ReaderSettings.@Nullable Theme theme,
            @NotNull(message = "{account.settings.choose}") ReaderSettings.@Nullable TextSize text,
            @Nullable Boolean keys,

            @Min(value = 0, message = "{account.settings.hour}")
            @Max(value = 23, message = "{account.settings.hour}")
            @Nullable
            Integer quietFrom,

            @Min(value = 0, message = "{account.settings.hour}")
            @Max(value = 23, message = "{account.settings.hour}")
            @Nullable
            Integer quietTo,

            @Nullable Boolean start) {

        static Liked of(ReaderSettings settings) {
            return new Liked(
                    settings.language(),
                    settings.manner(),
                    settings.degrees(),
                    settings.measures(),
                    settings.weekStart(),
                    settings.theme(),
                    settings.text(),
                    settings.keys(),
                    settings.quiet().from(),
                    settings.quiet().to(),
                    null);
        }

        ReaderSettings settings() {
            return new ReaderSettings(
                    Objects.requireNonNull(language),
                    Objects.requireNonNull(manner),
                    Objects.requireNonNull(degrees),
                    Objects.requireNonNull(measures),
                    Objects.requireNonNull(weekStart),
                    Objects.requireNonNull(theme),
                    Objects.requireNonNull(text),
                    Boolean.TRUE.equals(keys),
                    new ReaderSettings.Quiet(
                            Objects.requireNonNullElse(quietFrom, ReaderSettings.Quiet.USUAL.from()),
                            Objects.requireNonNullElse(quietTo, ReaderSettings.Quiet.USUAL.to())));
        }
    }

    /** What holds for the whole house, as typed. */
    record House(@Nullable String zone, @Nullable String hemisphere) {}

    /** A day and a number in one manner, to choose by. */
    record Example(ReaderSettings.Manner manner, String words) {}

    @GetMapping("/settings")
    String page(@AuthenticationPrincipal SignedIn member, Reply reply) {
        if (!reply.has("liked")) {
            forms.show(reply, "liked", Liked.of(readers.of(member).settings()));
        }
        if (!reply.has("house")) {
            forms.show(
                    reply,
                    "house",
                    new House(
                            houses.zone(member.collection()).map(ZoneId::getId).orElse(""),
                            houses.hemisphere(member.collection())));
        }
        reply.put("languages", languages());
        reply.put("manners", examples());
        reply.put("weekdays", List.of(DayOfWeek.MONDAY, DayOfWeek.SUNDAY, DayOfWeek.SATURDAY));
        reply.put(
                "zones",
                ZoneId.getAvailableZoneIds().stream()
                        .filter(zone ->
                                zone.matches("(Africa|America|Asia|Atlantic|Australia|Europe|Indian|Pacific)/.*|UTC"))
                        .sorted()
                        .toList());
        reply.put("machineZone", ZoneId.systemDefault().getId());
        reply.put("site", houses.site(member.collection()));
        return "account/settings";
    }

    private List<ReaderSettings.Language> languages() {
        List<ReaderSettings.Language> all = new ArrayList<>(List.of(ReaderSettings.Language.ENGLISH));
        if (settings.testLanguage()) {
            all.add(ReaderSettings.Language.TEST);
        }
        return all;
    }

    private List<Example> examples() {
        LocalDate day = LocalDate.now(clock);
        List<Example> all = new ArrayList<>();
        for (ReaderSettings.Manner manner : ReaderSettings.Manner.values()) {
            all.add(new Example(manner, Wording.example(day, 1234.5, manner.locale())));
        }
        return all;
    }

    @PostMapping("/settings")
    @ForRole(Role.READER)
    String like(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("liked") Liked liked,
            BindingResult problems,
            Reply reply) {
        if (!problems.hasErrors() && !languages().contains(liked.language())) {
            problems.rejectValue("language", "unknown", Wording.say("account.settings.choose"));
        }
        if (problems.hasErrors()) {
            reply.wrong();
            return page(member, reply);
        }
        readers.like(member, liked.settings());
        reply.next("told", Wording.say("account.settings.saved"));
        return Boolean.TRUE.equals(liked.start()) ? "redirect:/start/places" : PAGE;
    }

    @PostMapping("/settings/house")
    String house(
            @AuthenticationPrincipal SignedIn member,
            @Valid @ModelAttribute("house") House house,
            BindingResult problems,
            Reply reply) {
        String zone = Objects.requireNonNullElse(house.zone(), "");
        if (!zone.isEmpty() && !ZoneId.getAvailableZoneIds().contains(zone)) {
            problems.rejectValue("zone", "unknown", Wording.say("account.settings.choose"));
        }
        String hemisphere = Objects.requireNonNullElse(house.hemisphere(), "");
        if (!List.of("north", "south").contains(hemisphere)) {
            problems.rejectValue("hemisphere", "unknown", Wording.say("account.settings.choose"));
        }
        if (problems.hasErrors()) {
            reply.wrong();
            return page(member, reply);
        }
        readers.house(member, Optional.of(zone).filter(id -> !id.isEmpty()).map(ZoneId::of), hemisphere);
        reply.next("told", Wording.say("account.settings.saved"));
        return PAGE;
    }
}
