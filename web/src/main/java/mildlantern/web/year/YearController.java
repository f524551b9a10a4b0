package mildlantern.web.year;

import mildlantern.place.StopId;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The year of a plant, and of the collection. */
@Controller
class YearController {
    private final YearPages pages;
    private final HousePages house;
    private final YearWriter writer;

    YearController(YearPages pages, HousePages house, YearWriter writer) {
        this.pages = pages;
        this.house = house;
        this.writer = writer;
    }

    @GetMapping("/year")
    String all(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("page", house.page(member.collection()));
        return "year/all";
    }

    @GetMapping("/plants/{id}/year")
    String plant(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Reply reply) {
        YearPages.Page page = pages.page(member.collection(), id);
        reply.put("page", page);
        reply.put("here", page.stop());
        reply.put("quickPlant", id);
        reply.put("signs", GrowthSign.values());
        reply.put("phases", Phase.values());
        return "year/plant";
    }

    @PostMapping("/plants/{id}/year/seen")
    @ForRole(Role.HELPER)
    String seen(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam GrowthSign sign) {
        writer.seen(member.collection(), id, form, sign);
        return back(id);
    }

    @PostMapping("/plants/{id}/year/bloom")
    @ForRole(Role.HELPER)
    String bloom(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam boolean opened) {
        writer.bloom(member.collection(), id, form, opened);
        return back(id);
    }

    @PostMapping("/plants/{id}/year/said")
    String said(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam Phase phase) {
        writer.said(member.collection(), id, form, phase);
        return back(id);
    }

    @PostMapping("/plants/{id}/year/move")
    String move(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            @RequestParam StopId to,
            Reply reply) {
        if (!writer.move(member.collection(), id, form, to)) {
            reply.next("told", Wording.say("year.controller.no-way"));
            return back(id);
        }
        return "redirect:/plants/" + id + "/care";
    }

    @PostMapping("/plants/{id}/year/stays")
    String stays(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id) {
        writer.stays(member.collection(), id);
        return back(id);
    }

    private static String back(PlantId id) {
        return "redirect:/plants/" + id + "/year";
    }
}
