package mildlantern.web.collection;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.SignedIn;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** A plant's page: its plate, its strip of time, its care sheet, its needs beside what its stop gives, its record. */
@Controller
class PlantController {
    static final int USUAL_DAYS = 120;

    private final PlantPages pages;
    private final CollectionService collections;
    private final PlatePictures plates;
    private final Clock clock;

    PlantController(PlantPages pages, CollectionService collections, PlatePictures plates, Clock clock) {
        this.pages = pages;
        this.collections = collections;
        this.plates = plates;
        this.clock = clock;
    }

    @GetMapping("/plants/{id}")
    String show(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id, Model model) {
        PlantViews.PlantPage page = pages.page(member.collection(), id);
        model.addAttribute("page", page);
        model.addAttribute("here", page.stopId());
        model.addAttribute("quickPlant", id);
        model.addAttribute("strip", pages.strip(member.collection(), id, USUAL_DAYS, LocalDate.now(clock)));
        return "collection/plant";
    }

    /** The strip alone, with another length or end. */
    @GetMapping("/plants/{id}/strip")
    String strip(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "120") int days,
            @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) Optional<LocalDate> end,
            HttpServletRequest request,
            Model model) {
        model.addAttribute("strip", pages.strip(member.collection(), id, days, end.orElse(LocalDate.now(clock))));
        if (request.getHeader("HX-Request") != null) {
            return "collection/strip :: strip(page=${strip})";
        }
        PlantViews.PlantPage page = pages.page(member.collection(), id);
        model.addAttribute("page", page);
        model.addAttribute("here", page.stopId());
        model.addAttribute("quickPlant", id);
        return "collection/plant";
    }

    @GetMapping(value = "/plants/{id}/plate.svg", produces = "image/svg+xml")
    ResponseEntity<String> plate(@AuthenticationPrincipal SignedIn member, @PathVariable UUID id) {
        String picture = plates.of(collections.plant(member.collection(), id)).picture();
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofMinutes(10)).cachePrivate())
                .body(picture);
    }
}
