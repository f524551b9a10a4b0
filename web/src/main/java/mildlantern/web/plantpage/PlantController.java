package mildlantern.web.plantpage;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Quarantine;
import mildlantern.web.edge.BodyLimits;
import mildlantern.web.edge.Spooled;
import mildlantern.web.photo.PhotoService;
import mildlantern.web.photo.Pictures;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.PlatePictures;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.task.HandPages;
import org.jspecify.annotations.Nullable;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartFile;

/** A plant's page: its plate, its strip of time, its care sheet, its needs beside what its stop gives, its record. */
@Controller
class PlantController {
    private static final int USUAL_DAYS = 120;
    private static final int LONGEST_CAPTION = 200;

    private final PlantPages pages;
    private final Plants plants;
    private final PlatePictures plates;
    private final PhotoService photos;
    private final Clock clock;
    private final StripPages strips;
    private final HandPages hands;
    private final Quarantine quarantine;

    PlantController(
            PlantPages pages,
            Plants plants,
            PlatePictures plates,
            PhotoService photos,
            Clock clock,
            StripPages strips,
            HandPages hands,
            Quarantine quarantine) {
        this.pages = pages;
        this.plants = plants;
        this.plates = plates;
        this.photos = photos;
        this.clock = clock;
        this.strips = strips;
        this.hands = hands;
        this.quarantine = quarantine;
    }

    @GetMapping("/plants/{id}")
    String show(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Reply reply) {
        show(member.collection(), id, reply);
        return "plantpage/plant";
    }

    private void show(CollectionId collection, PlantId id, Reply reply) {
        PlantViews.PlantPage page = pages.page(collection, id);
        reply.put("page", page);
        reply.put("here", page.stopId());
        reply.put("quickPlant", id);
        reply.put("strip", strips.strip(collection, id, USUAL_DAYS, LocalDate.now(clock)));
        Plant plant = plants.plant(collection, id);
        reply.put("byHand", hands.of(plant));
        reply.put(
                "arrived",
                plant.alive()
                        && plant.acquiredOn() != null
                        && !plant.acquiredOn().isBefore(LocalDate.now(clock).minusDays(quarantine.arrivalDays())));
    }

    /** How many days the strip shows, and until when. */
    record Stretch(
            @Nullable Integer days,
            @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> end) {
        int length() {
            return days == null ? USUAL_DAYS : days;
        }
    }

    /** The strip alone, with another length or end. */
    @GetMapping("/plants/{id}/strip")
    String strip(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Stretch stretch, Reply reply) {
        reply.put(
                "strip",
                strips.strip(
                        member.collection(), id, stretch.length(), stretch.end().orElse(LocalDate.now(clock))));
        if (reply.fragment()) {
            return "plantpage/strip :: strip(page=${strip})";
        }
        Object strip = reply.get("strip");
        show(member.collection(), id, reply);
        reply.put("strip", strip);
        return "plantpage/plant";
    }

    /** A photo and what it shows. */
    record Taken(@NotNull FormKey form, @NotNull MultipartFile file, String caption) {
        Taken {
            caption = Objects.requireNonNullElse(caption, "");
        }

        String shortCaption() {
            String words = caption.strip();
            return words.substring(0, Math.min(LONGEST_CAPTION, words.length()));
        }
    }

    /** Takes a photo in; one that cannot be used leaves the page as it was, with the reason at the field. */
    @PostMapping("/plants/{id}/photos")
    @ForRole(Role.HELPER)
    String take(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, @Valid Taken taken, Reply reply)
            throws IOException {
        MultipartFile file = taken.file();
        if (file.getSize() > BodyLimits.PHOTO) {
            throw new MaxUploadSizeExceededException(BodyLimits.PHOTO);
        }
        try (Spooled sent = Spooled.of(file)) {
            photos.take(member.collection(), id, taken.form(), sent.path(), taken.shortCaption());
        } catch (Pictures.Unusable problem) {
            reply.wrong();
            show(member.collection(), id, reply);
            reply.put("photoProblem", String.valueOf(problem.getMessage()));
            reply.put("caption", taken.caption());
            return "plantpage/plant";
        }
        return "redirect:/plants/" + id + "#photos";
    }

    @GetMapping(value = "/plants/{id}/plate.svg", produces = "image/svg+xml")
    ResponseEntity<String> plate(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id) {
        String picture = plates.of(plants.plant(member.collection(), id)).picture();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(10)).cachePrivate())
                .body(picture);
    }
}
