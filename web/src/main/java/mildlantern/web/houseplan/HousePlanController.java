package mildlantern.web.houseplan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.place.StopId;
import mildlantern.plan.Dials;
import mildlantern.plant.PlantId;
import mildlantern.web.care.CareWriter;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** The house as one plan, with its dials. */
@Controller
class HousePlanController {
    private static final int MOST_MOVES = 9999;

    private final HousePlanPages pages;
    private final CareWriter writer;
    private final PlanWorks works;
    private final PlanWorker worker;

    HousePlanController(HousePlanPages pages, CareWriter writer, PlanWorks works, PlanWorker worker) {
        this.pages = pages;
        this.writer = writer;
        this.works = works;
        this.worker = worker;
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
        boolean wrong = !moves.isBlank() && most(moves).isEmpty();
        if (wrong) {
            reply.wrong();
        }
        reply.put("problem", wrong ? Wording.say("houseplan.house-plan-controller.moves-wrong", MOST_MOVES) : "");
        boolean fits = pages.planned(member.collection());
        reply.put("fits", fits);
        reply.put("form", FormKey.fresh());
        HousePlanViews.Dialled dialled = new HousePlanViews.Dialled(moves, !noLamps, !noMoney, pin, bare);
        Dials dials = dials(dialled);
        reply.put("dials", dialled);
        if (fits) {
            reply.put(
                    "work",
                    new HousePlanViews.Work(false, "", Optional.of(pages.page(member.collection(), dials, dialled))));
        } else {
            reply.put("work", pages.work(member.collection(), dials, dialled));
        }
        return "houseplan/plan";
    }

    /** Asks for the plan of a house that is too large to be planned while one waits. */
    @PostMapping("/care/plan/work")
    String ask(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam(defaultValue = "") String moves,
            @RequestParam(defaultValue = "false") boolean noLamps,
            @RequestParam(defaultValue = "false") boolean noMoney,
            @RequestParam(defaultValue = "") List<PlantId> pin,
            @RequestParam(defaultValue = "") List<StopId> bare) {
        works.ask(member.collection(), dials(new HousePlanViews.Dialled(moves, !noLamps, !noMoney, pin, bare)));
        worker.wake();
        return "redirect:"
                + UriComponentsBuilder.fromPath("/care/plan")
                        .queryParam("moves", moves)
                        .queryParam("noLamps", noLamps)
                        .queryParam("noMoney", noMoney)
                        .queryParam("pin", pin)
                        .queryParam("bare", bare)
                        .encode()
                        .toUriString();
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
        reply.next("told", Wording.say("houseplan.house-plan-controller.accepted", onTheirWay));
        return "redirect:/care/plan";
    }

    private static Dials dials(HousePlanViews.Dialled dialled) {
        return new Dials(
                most(dialled.mostMoves()).orElse(MOST_MOVES),
                dialled.lamps(),
                dialled.money(),
                Set.copyOf(dialled.pin()),
                Set.copyOf(dialled.bare()));
    }

    private static Optional<Integer> most(String typed) {
        return typed.strip().matches("[0-9]{1,4}") ? Optional.of(Integer.parseInt(typed.strip())) : Optional.empty();
    }
}
