package mildlantern.web.care;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.place.StopId;
import mildlantern.plan.Dials;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The house as one plan, with its dials. */
@Controller
class HousePlanController {
    private static final int MOST_MOVES = 9999;

    private final HousePlanPages pages;
    private final CareWriter writer;

    HousePlanController(HousePlanPages pages, CareWriter writer) {
        this.pages = pages;
        this.writer = writer;
    }

    @GetMapping("/care/plan")
    String plan(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam(defaultValue = "") String moves,
            @RequestParam(defaultValue = "false") boolean noLamps,
            @RequestParam(defaultValue = "false") boolean noMoney,
            @RequestParam(defaultValue = "") List<PlantId> pin,
            @RequestParam(defaultValue = "") List<StopId> bare,
            Reply reply) {
        Optional<Integer> most = most(moves);
        boolean wrong = !moves.isBlank() && most.isEmpty();
        if (wrong) {
            reply.wrong();
        }
        reply.put("problem", wrong ? Wording.say("care.house-plan-controller.moves-wrong", MOST_MOVES) : "");
        boolean fits = pages.planned(member.collection());
        reply.put("fits", fits);
        reply.put("form", FormKey.fresh());
        HousePlanViews.Dialled dialled = new HousePlanViews.Dialled(moves, !noLamps, !noMoney, pin, bare);
        reply.put(
                "page",
                fits
                        ? pages.page(
                                member.collection(),
                                new Dials(
                                        most.orElse(MOST_MOVES), !noLamps, !noMoney, Set.copyOf(pin), Set.copyOf(bare)),
                                dialled)
                        : null);
        return "care/house-plan";
    }

    /**
     * Accepts what the page showed.
     *
     * @param carry plants and stops in turn, in the order of the page, each as "plant stop"
     */
    @PostMapping("/care/plan")
    String accept(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam FormKey form,
            @RequestParam(defaultValue = "") List<String> carry,
            Reply reply) {
        int onTheirWay = writer.acceptPlan(member.collection(), form, pages.carried(member.collection(), carry));
        reply.next("told", Wording.say("care.house-plan-controller.accepted", onTheirWay));
        return "redirect:/care/plan";
    }

    private static Optional<Integer> most(String typed) {
        return typed.strip().matches("[0-9]{1,4}") ? Optional.of(Integer.parseInt(typed.strip())) : Optional.empty();
    }
}
