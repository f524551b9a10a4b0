package mildlantern.web.plantpage;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.web.edge.BodyLimits;
import mildlantern.web.edge.Spooled;
import mildlantern.web.photo.PhotoService;
import mildlantern.web.photo.Pictures;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.PlatePictures;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
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

    PlantController(PlantPages pages, Plants plants, PlatePictures plates, PhotoService photos, Clock clock) {
        this.pages = pages;
        this.plants = plants;
        this.plates = plates;
        this.photos = photos;
        this.clock = clock;
    }

    @GetMapping("/plants/{id}")
    String show(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Model model) {
        show(member.collection(), id, model);
        return "plantpage/plant";
    }

    private void show(CollectionId collection, PlantId id, Model model) {
        PlantViews.PlantPage page = pages.page(collection, id);
        model.addAttribute("page", page);
        model.addAttribute("here", page.stopId());
        model.addAttribute("quickPlant", id);
        model.addAttribute("strip", pages.strip(collection, id, USUAL_DAYS, LocalDate.now(clock)));
    }

    /** The strip alone, with another length or end. */
    @GetMapping("/plants/{id}/strip")
    String strip(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam(defaultValue = "120") int days,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> end,
            HttpServletRequest request,
            Model model) {
        model.addAttribute("strip", pages.strip(member.collection(), id, days, end.orElse(LocalDate.now(clock))));
        if (request.getHeader("HX-Request") != null) {
            return "plantpage/strip :: strip(page=${strip})";
        }
        PlantViews.PlantPage page = pages.page(member.collection(), id);
        model.addAttribute("page", page);
        model.addAttribute("here", page.stopId());
        model.addAttribute("quickPlant", id);
        return "plantpage/plant";
    }

    /** Takes a photo in; one that cannot be used leaves the page as it was, with the reason at the field. */
    @PostMapping("/plants/{id}/photos")
    String take(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String caption,
            HttpServletResponse response,
            Model model)
            throws IOException {
        if (file.getSize() > BodyLimits.PHOTO) {
            throw new MaxUploadSizeExceededException(BodyLimits.PHOTO);
        }
        String words = caption.strip();
        try (Spooled sent = Spooled.of(file)) {
            photos.take(
                    member.collection(),
                    id,
                    form,
                    sent.path(),
                    words.substring(0, Math.min(LONGEST_CAPTION, words.length())));
        } catch (Pictures.Unusable problem) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            show(member.collection(), id, model);
            model.addAttribute("photoProblem", String.valueOf(problem.getMessage()));
            model.addAttribute("caption", caption);
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
