package mildlantern.web.keeping;

import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** The bin: deleting plants and stops, and restoring them. */
@Controller
class BinController {
    private static final String PAGE = "redirect:/bin";

    private final Bin bin;
    private final Stops stops;

    BinController(Bin bin, Stops stops) {
        this.bin = bin;
        this.stops = stops;
    }

    @GetMapping("/bin")
    String page(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("plants", bin.plants(member.collection()));
        reply.put("stops", bin.stops(member.collection()));
        reply.put("days", Bin.DAYS);
        return "keeping/bin";
    }

    @PostMapping("/plants/{id}/delete")
    @ForRole(Role.OWNER)
    String deletePlant(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Reply reply) {
        bin.delete(member.collection(), id);
        reply.next("told", Wording.say("keeping.bin.deleted", Bin.DAYS));
        return PAGE;
    }

    @PostMapping("/bin/plants/{id}")
    String restorePlant(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id) {
        bin.restore(member.collection(), id);
        return "redirect:/plants/" + id;
    }

    @PostMapping("/stops/{id}/delete")
    @ForRole(Role.OWNER)
    String deleteStop(@AuthenticationPrincipal SignedIn member, @PathVariable StopId id, Reply reply) {
        boolean deleted = bin.delete(member.collection(), id);
        reply.next(
                "told",
                deleted ? Wording.say("keeping.bin.deleted", Bin.DAYS) : Wording.say("keeping.bin.stop-not-empty"));
        return deleted ? PAGE : "redirect:/stops/" + id;
    }

    @PostMapping("/bin/stops/{id}")
    String restoreStop(@AuthenticationPrincipal SignedIn member, @PathVariable StopId id) {
        bin.restore(member.collection(), stops.stop(member.collection(), id));
        return "redirect:/?stop=" + id;
    }
}
