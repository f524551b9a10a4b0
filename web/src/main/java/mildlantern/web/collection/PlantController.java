package mildlantern.web.collection;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.Words;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** A plant's page: its plate, its care sheet, its needs beside what its stop gives, its record. */
@Controller
class PlantController {
    private static final int RECORD_LINES = 10;

    private final CollectionService collections;
    private final PhotoService photos;
    private final PlatePictures plates;
    private final Troubles troubles;
    private final Diagnosis diagnosis;
    private final Clock clock;

    PlantController(
            CollectionService collections,
            PhotoService photos,
            PlatePictures plates,
            Troubles troubles,
            Diagnosis diagnosis,
            Clock clock) {
        this.collections = collections;
        this.photos = photos;
        this.plates = plates;
        this.troubles = troubles;
        this.diagnosis = diagnosis;
        this.clock = clock;
    }

    @GetMapping("/plants/{id}")
    String show(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id, Model model) {
        fill(model, collections.plant(member.collection(), id));
        return "collection/plant";
    }

    private void fill(Model model, Plant plant) {
        model.addAttribute("page", page(plant));
        model.addAttribute("here", plant.stop());
        model.addAttribute("today", LocalDate.now(clock));
        model.addAttribute("forms", List.of(UUID.randomUUID(), UUID.randomUUID(), UUID.randomUUID()));
        model.addAttribute(
                "kinds",
                List.of(
                        HappeningKind.WATERED,
                        HappeningKind.FED,
                        HappeningKind.PROBED,
                        HappeningKind.REPOTTED,
                        HappeningKind.SPRAYED));
    }

    private PlantViews.PlantPage page(Plant plant) {
        Profile profile = collections.profile(plant);
        Stop stop = collections.stop(plant.collection(), plant.stop());
        List<Troubles.Trouble> cases = troubles.of(plant);
        return new PlantViews.PlantPage(
                plant.id(),
                plant.name(),
                profile.name(),
                profile.botanical(),
                stop.name(),
                stop.id(),
                profile.harm(),
                profile.rest(),
                Words.listed(profile.habits().stream()
                        .flatMap(id -> diagnosis.knowledge().disorder(id).stream())
                        .map(Disorder::name)
                        .map(name -> name.toLowerCase(Locale.ROOT))
                        .toList()),
                plates.of(plant).picture(),
                wants(profile, stop),
                care(plant),
                collections.happenings(plant).stream()
                        .limit(RECORD_LINES)
                        .map(PlantController::line)
                        .toList(),
                cases,
                cases.stream().filter(Troubles.Trouble::open).findFirst().map(Troubles.Trouble::id),
                Words.listed(troubles.holds(plant)),
                photos.of(plant).stream()
                        .map(photo -> new PlantViews.PhotoLine(photo.getId(), photo.getTakenOn(), photo.getCaption()))
                        .toList());
    }

    private static List<PlantViews.Want> wants(Profile profile, Stop stop) {
        List<PlantViews.Want> wants = new ArrayList<>();
        Optional.ofNullable(stop.light())
                .ifPresent(light -> wants.add(new PlantViews.Want(
                        "Light", Words.id(profile.light()), Words.id(light), light == profile.light())));
        number(wants, "Humidity", profile.humidity(), stop.humidityPercent(), "%");
        number(wants, "Day", profile.day(), stop.dayCelsius(), "°C");
        Optional.ofNullable(stop.nightCelsius())
                .ifPresent(night -> wants.add(new PlantViews.Want(
                        "Night",
                        Limits.plain(profile.night().celsius()) + " °C or more",
                        Limits.plain(night) + " °C",
                        night >= profile.night().celsius())));
        return wants;
    }

    private static void number(
            List<PlantViews.Want> wants, String what, Range wanted, @Nullable Double given, String unit) {
        if (given != null) {
            wants.add(new PlantViews.Want(
                    what,
                    "%s to %s %s".formatted(Limits.plain(wanted.low()), Limits.plain(wanted.high()), unit),
                    Limits.plain(given) + " " + unit,
                    wanted.contains(given)));
        }
    }

    private List<PlantViews.CareLine> care(Plant plant) {
        List<PlantViews.CareLine> lines = new ArrayList<>();
        for (Map.Entry<CareSetting, List<CareEntry>> setting :
                collections.careSheet(plant).entrySet()) {
            CareEntry now = setting.getValue().get(0);
            lines.add(new PlantViews.CareLine(
                    setting.getKey().words(),
                    now.text(),
                    now.reason(),
                    now.since(),
                    setting.getValue().stream()
                            .skip(1)
                            .map(entry -> entry.text() + " (from " + entry.since() + ")")
                            .toList()));
        }
        return lines;
    }

    private static PlantViews.DayLine line(Happening happening) {
        List<String> details = new ArrayList<>();
        Optional.ofNullable(happening.amountMl()).ifPresent(ml -> details.add(ml + " mL"));
        Optional.ofNullable(happening.temperatureStep())
                .ifPresent(step -> details.add((step > 0 ? "+" : "−") + Limits.plain(Math.abs(step)) + " °C"));
        Optional.ofNullable(happening.lightRatio())
                .ifPresent(ratio -> details.add(Limits.plain(ratio) + " × the light"));
        Optional.ofNullable(happening.detail()).filter(text -> !text.isBlank()).ifPresent(details::add);
        return new PlantViews.DayLine(happening.onDay(), happening.kind().words(), String.join(", ", details));
    }

    @GetMapping(value = "/plants/{id}/plate.svg", produces = "image/svg+xml")
    ResponseEntity<String> plate(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id) {
        String picture = plates.of(collections.plant(member.collection(), id)).picture();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(10)).cachePrivate())
                .body(picture);
    }

    /** One-press notes: looked and fine, watered, and the like; dated today unless another day is given. */
    @PostMapping("/plants/{id}/happenings")
    String note(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @RequestParam UUID form,
            @RequestParam HappeningKind kind,
            @RequestParam(defaultValue = "") String day,
            @RequestParam(defaultValue = "") String amount,
            @RequestParam(defaultValue = "") String detail,
            @RequestParam Optional<UUID> backToStop,
            HttpServletResponse response,
            Model model) {
        Plant plant = collections.plant(member.collection(), id);
        NoteForm typed = NoteForm.read(kind, day, amount, detail, LocalDate.now(clock));
        if (!typed.problems().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            fill(model, plant);
            model.addAttribute("typed", typed);
            return "collection/plant";
        }
        collections.note(
                member.collection(),
                id,
                form,
                kind,
                typed.on(),
                new CollectionService.NoteDetails(
                        typed.amountMl().orElse(null), typed.detail().isBlank() ? null : typed.detail()));
        return backToStop.map(stop -> "redirect:/?stop=" + stop).orElse("redirect:/plants/" + id);
    }

    @PostMapping("/plants/{id}/photos")
    String photo(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @RequestParam UUID form,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String caption,
            HttpServletResponse response,
            Model model)
            throws IOException {
        Plant plant = collections.plant(member.collection(), id);
        try {
            photos.take(
                    member.collection(),
                    id,
                    form,
                    file.getBytes(),
                    caption.strip().substring(0, Math.min(200, caption.strip().length())));
        } catch (PhotoService.Unusable problem) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            fill(model, plant);
            model.addAttribute("photoProblem", String.valueOf(problem.getMessage()));
            model.addAttribute("caption", caption);
            return "collection/plant";
        }
        return "redirect:/plants/" + id + "#photos";
    }

    @GetMapping("/photos/{id}")
    ResponseEntity<byte[]> photo(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id) {
        Photo photo = photos.photo(member.collection(), id);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(photo.mediaType()))
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(photo.bytes());
    }
}
