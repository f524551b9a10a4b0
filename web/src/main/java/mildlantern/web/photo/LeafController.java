package mildlantern.web.photo;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mildlantern.log.LogEntry;
import mildlantern.nutrition.LeafOnPhoto;
import mildlantern.nutrition.LeafOnPhoto.Tap;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
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
            Reply reply) {
        Plant plant = plants.plant(member.collection(), id);
        reply.put("plantId", id);
        reply.put("plantName", plant.name());
        reply.put("here", plant.stop());
        reply.put(
                "photo",
                photo.map(it -> photos.photo(member.collection(), it).id()).orElse(null));
        reply.put("form", FormKey.fresh());
        return "photo/leaf";
    }

    /**
     * A leaf that was measured: by its length, or on a photo.
     *
     * @param length as typed, cm
     * @param known width of what lies beside it, as typed, cm
     * @param taps edges of that and ends of the leaf, two numbers each
     */
    record Measured(@NotNull FormKey form, Optional<PhotoId> photo, String length, String known, List<Double> taps) {
        Measured {
            length = Objects.requireNonNullElse(length, "");
            known = Objects.requireNonNullElse(known, "");
            taps = Objects.requireNonNullElse(taps, List.of());
        }
    }

    @PostMapping("/plants/{id}/leaf")
    @ForRole(Role.HELPER)
    String keep(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, @Valid Measured leaf, Reply reply) {
        try {
            double cm = leaf.length().isBlank()
                    ? onPhoto(leaf.known(), leaf.taps())
                    : number(leaf.length(), Wording.say("photo.leaf-controller.length"));
            log.write(
                    member.collection(),
                    id,
                    leaf.form(),
                    LocalDate.now(clock),
                    List.of(RecordWriter.Line.of(new LogEntry.NewLeaf(Math.rint(cm * 10) / 10))));
        } catch (IllegalArgumentException e) {
            reply.wrong();
            reply.put("problem", Wording.say("photo.leaf-controller.nothing-was-saved", e.getMessage()));
            reply.put("length", leaf.length());
            reply.put("known", leaf.known());
            return show(member, id, leaf.photo(), reply);
        }
        return "redirect:/plants/" + id;
    }

    private static double onPhoto(String known, List<Double> taps) {
        if (taps.size() != TAPS) {
            throw new IllegalArgumentException(
                    "tap both edges of the coin or label and both ends of the leaf, or type the length");
        }
        return LeafOnPhoto.lengthCm(
                number(known, Wording.say("photo.leaf-controller.known-width")),
                new Tap(taps.get(0), taps.get(1)),
                new Tap(taps.get(2), taps.get(3)),
                new Tap(taps.get(4), taps.get(5)),
                new Tap(taps.get(6), taps.get(7)));
    }

    private static double number(String typed, String what) {
        try {
            return Numbers.read(typed);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(what + ": " + e.getMessage(), e);
        }
    }
}
