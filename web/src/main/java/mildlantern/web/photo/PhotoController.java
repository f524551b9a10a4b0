package mildlantern.web.photo;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Photos of plants, and two days side by side. */
@Controller
class PhotoController {
    private final PhotoService photos;
    private final Plants plants;

    PhotoController(PhotoService photos, Plants plants) {
        this.photos = photos;
        this.plants = plants;
    }

    @GetMapping("/photos/{id}")
    ResponseEntity<byte[]> photo(@AuthenticationPrincipal SignedIn member, @PathVariable PhotoId id) {
        Photo photo = photos.photo(member.collection(), id);
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(photo.bytes());
    }

    @GetMapping("/photos/{id}/small")
    ResponseEntity<byte[]> small(@AuthenticationPrincipal SignedIn member, @PathVariable PhotoId id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate())
                .body(photos.small(member.collection(), id));
    }

    /** A photo to choose. */
    record Choice(PhotoId id, LocalDate day, String caption) {}

    /** Two photos that were chosen. */
    record Pair(Optional<PhotoId> left, Optional<PhotoId> right) {}

    /** Two photos of a plant in one frame, with a slider between them; the oldest and the latest where none were chosen. */
    @GetMapping("/plants/{plant}/photos")
    String compare(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId plant, Pair pair, Reply reply) {
        Plant of = plants.plant(member.collection(), plant);
        List<Choice> all = photos.of(of).stream()
                .map(photo -> new Choice(photo.id(), photo.day(), photo.caption()))
                .toList();
        if (all.isEmpty()) {
            return "redirect:/plants/" + plant + "#photos";
        }
        Choice later = find(all, pair.right()).orElse(all.get(0));
        Choice earlier = find(all, pair.left())
                .orElseGet(() -> all.stream()
                        .filter(choice -> !choice.id().equals(later.id()))
                        .reduce((a, b) -> b)
                        .orElse(later));
        reply.put("plantName", of.name());
        reply.put("plantId", of.id());
        reply.put("here", of.stop());
        reply.put("all", all);
        reply.put("earlier", earlier);
        reply.put("later", later);
        return "photo/photos";
    }

    private static Optional<Choice> find(List<Choice> all, Optional<PhotoId> id) {
        return id.flatMap(wanted ->
                all.stream().filter(choice -> choice.id().equals(wanted)).findFirst());
    }
}
