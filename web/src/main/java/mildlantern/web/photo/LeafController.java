package mildlantern.web.photo;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.log.LogEntry;
import mildlantern.nutrition.LeafOnPhoto.Tap;
import mildlantern.nutrition.LeafOnPhoto;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.PlainNumbers;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.routine.RecordWriter;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The newest leaf, measured on a photo with a coin or label beside it, or with a ruler. */
@Controller
class LeafController {
    private static final int TAPS = 8;

    private final Plants plants;
    private final PhotoService photos;
    private final RecordWriter log;
    private final Clock clock;

    LeafController(Plants plants, PhotoService photos, RecordWriter log, Clock clock) {
        this.plants = plants;
        this.photos = photos;
        this.log = log;
        this.clock = clock;
    }

    @GetMapping("/plants/{id}/leaf")
    String show(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam Optional<PhotoId> photo,
            Model model) {
        Plant plant = plants.plant(member.collection(), id);
        model.addAttribute("plantId", id);
        model.addAttribute("plantName", plant.name());
        model.addAttribute("here", plant.stop());
        model.addAttribute(
                "photo",
                photo.map(it -> photos.photo(member.collection(), it).id()).orElse(null));
        model.addAttribute("form", FormKey.fresh());
        return "photo/leaf";
    }

    @PostMapping("/plants/{id}/leaf")
    String keep(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam Optional<PhotoId> photo,
            @RequestParam(defaultValue = "") String length,
            @RequestParam(defaultValue = "") String known,
            @RequestParam(defaultValue = "") List<Double> taps,
            HttpServletResponse response,
            Model model) {
        try {
            double cm = length.isBlank() ? onPhoto(known, taps) : number(length, "the length");
            log.write(
                    member.collection(),
                    id,
                    form,
                    LocalDate.now(clock),
                    List.of(RecordWriter.Line.of(new LogEntry.NewLeaf(Math.rint(cm * 10) / 10))));
        } catch (IllegalArgumentException e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("problem", "Nothing was written down: " + e.getMessage() + ".");
            model.addAttribute("length", length);
            model.addAttribute("known", known);
            return show(member, id, photo, model);
        }
        return "redirect:/plants/" + id;
    }

    private static double onPhoto(String known, List<Double> taps) {
        if (taps.size() != TAPS) {
            throw new IllegalArgumentException(
                    "tap both edges of the coin or label and both ends of the leaf, or type the length");
        }
        return LeafOnPhoto.lengthCm(
                number(known, "the known width"),
                new Tap(taps.get(0), taps.get(1)),
                new Tap(taps.get(2), taps.get(3)),
                new Tap(taps.get(4), taps.get(5)),
                new Tap(taps.get(6), taps.get(7)));
    }

    private static double number(String typed, String what) {
        try {
            return PlainNumbers.read(typed);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    what + " must be a number, as in 14.2; you wrote '" + typed.strip() + "'");
        }
    }
}
