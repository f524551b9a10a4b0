package mildlantern.web.collection;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.BodyLimits;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.Spooled;
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
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartFile;

/** Photos of plants: taking them in, showing them, and two days side by side. */
@Controller
class PhotoController {
    private static final int LONGEST_CAPTION = 200;

    private final PhotoService photos;
    private final PlantPages pages;
    private final CollectionService collections;
    private final Clock clock;

    PhotoController(PhotoService photos, PlantPages pages, CollectionService collections, Clock clock) {
        this.photos = photos;
        this.pages = pages;
        this.collections = collections;
        this.clock = clock;
    }

    @PostMapping("/plants/{id}/photos")
    String take(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @RequestParam UUID form,
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
            PlantViews.PlantPage page = pages.page(member.collection(), id);
            model.addAttribute("page", page);
            model.addAttribute("here", page.stopId());
            model.addAttribute("quickPlant", id);
            model.addAttribute(
                    "strip", pages.strip(member.collection(), id, PlantController.USUAL_DAYS, LocalDate.now(clock)));
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
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(photo.bytes());
    }

    @GetMapping("/photos/{id}/small")
    ResponseEntity<byte[]> small(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(photos.small(member.collection(), id));
    }

    /** A photo to choose. */
    record Choice(UUID id, LocalDate day, String caption) {}

    /** Two photos of a plant in one frame, with a slider between them; the oldest and the latest where none were chosen. */
    @GetMapping("/plants/{plant}/photos")
    String compare(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID plant,
            @RequestParam Optional<UUID> left,
            @RequestParam Optional<UUID> right,
            Model model) {
        Plant of = collections.plant(member.collection(), plant);
        List<Choice> all = photos.of(of).stream()
                .map(photo -> new Choice(photo.getId(), photo.getTakenOn(), photo.getCaption()))
                .toList();
        if (all.isEmpty()) {
            return "redirect:/plants/" + plant + "#photos";
        }
        Choice later = find(all, right).orElse(all.get(0));
        Choice earlier = find(all, left)
                .orElseGet(() -> all.stream()
                        .filter(choice -> !choice.id().equals(later.id()))
                        .reduce((a, b) -> b)
                        .orElse(later));
        model.addAttribute("plantName", of.name());
        model.addAttribute("plantId", of.id());
        model.addAttribute("here", of.stop());
        model.addAttribute("all", all);
        model.addAttribute("earlier", earlier);
        model.addAttribute("later", later);
        return "collection/photos";
    }

    private static Optional<Choice> find(List<Choice> all, Optional<UUID> id) {
        return id.flatMap(wanted ->
                all.stream().filter(choice -> choice.id().equals(wanted)).findFirst());
    }
}
