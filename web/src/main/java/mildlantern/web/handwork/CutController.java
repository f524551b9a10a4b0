package mildlantern.web.handwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.handwork.CutAim;
import mildlantern.handwork.CutState;
import mildlantern.handwork.Wood;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Cutting a plant back, step by step. */
@Controller
class CutController {
    private final CutPages pages;

    CutController(CutPages pages) {
        this.pages = pages;
    }

    /**
     * What was chosen.
     *
     * @param twig the tests of a twig from its tip down, g for green and b for brown
     * @param roots whether living roots were found
     * @param said whether anything was chosen yet: before, the plant's own counts say whether it flowers
     */
    record Chosen(
            @Nullable CutAim aim,
            @Nullable String twig,
            @Nullable Boolean roots,
            CutState.@Nullable Part part,
            @Nullable Boolean flowering,
            @Nullable Boolean said) {}

    @GetMapping("/plants/{id}/cut")
    String ask(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Chosen chosen, Reply reply) {
        reply.put("page", pages.page(member.collection(), id, read(member.collection(), id, chosen)));
        return "handwork/cut";
    }

    @PostMapping("/plants/{id}/cut")
    String done(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            Chosen chosen) {
        pages.done(member.collection(), id, form, read(member.collection(), id, chosen));
        return "redirect:/plants/" + id;
    }

    @PostMapping("/plants/{id}/cut/plan")
    String plan(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            Chosen chosen) {
        pages.plan(member.collection(), id, form, read(member.collection(), id, chosen));
        return "redirect:/hands";
    }

    private CutPages.Asked read(CollectionId collection, PlantId id, Chosen chosen) {
        return new CutPages.Asked(
                pages.aim(collection, id, Optional.ofNullable(chosen.aim())),
                twig(chosen.twig()),
                Optional.ofNullable(chosen.roots()),
                Optional.ofNullable(chosen.part()).orElse(CutState.Part.GREEN_BARE),
                Boolean.TRUE.equals(chosen.said())
                        ? Boolean.TRUE.equals(chosen.flowering())
                        : pages.flowering(collection, id));
    }

    /** The tests as letters; what is no test ends them. */
    private List<Wood> twig(@Nullable String letters) {
        List<Wood> twig = new ArrayList<>();
        for (char letter : (letters == null ? "" : letters).toCharArray()) {
            boolean over = twig.contains(Wood.GREEN) || twig.size() == pages.tests();
            if (over || letter != 'g' && letter != 'b') {
                break;
            }
            twig.add(letter == 'g' ? Wood.GREEN : Wood.BROWN);
        }
        return twig;
    }
}
