package mildlantern.web.houseplan;

import java.util.List;
import java.util.Optional;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.platform.TaskId;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.stop.Stop;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The house as one plan, with its dials. */
@Controller
class HousePlanController {
    private final HousePlanPages pages;
    private final PlanAcceptance acceptance;
    private final SetupTasks setups;
    private final PlanWorks works;
    private final PlanWorker worker;

    HousePlanController(
            HousePlanPages pages, PlanAcceptance acceptance, SetupTasks setups, PlanWorks works, PlanWorker worker) {
        this.pages = pages;
        this.acceptance = acceptance;
        this.setups = setups;
        this.works = works;
        this.worker = worker;
    }

    @GetMapping("/care/plan")
    String plan(@AuthenticationPrincipal SignedIn member, PlanForm asked, Reply reply) {
        PlanDials dials = asked.dials();
        if (dials.movesWrong() || dials.priceWrong()) {
            reply.wrong();
        }
        reply.put(
                "problem",
                dials.movesWrong()
                        ? Wording.say("houseplan.house-plan-controller.moves-wrong", PlanDials.MOST_MOVES)
                        : "");
        reply.put("priceProblem", dials.priceWrong() ? Wording.say("houseplan.house-plan-controller.price-wrong") : "");
        boolean fits = pages.planned(member.collection());
        reply.put("fits", fits);
        reply.put("form", FormKey.fresh());
        reply.put("dials", dials);
        reply.put(
                "work",
                fits
                        ? new HousePlanViews.Work(false, "", Optional.of(pages.page(member.collection(), dials)))
                        : pages.work(member.collection(), dials));
        return "houseplan/plan";
    }

    /** Asks for the plan of a house that is too large to be planned while one waits. */
    @PostMapping("/care/plan/work")
    String ask(@AuthenticationPrincipal SignedIn member, PlanForm asked, Reply reply) {
        if (asked.dials().movesWrong() || asked.dials().priceWrong()) {
            return plan(member, asked, reply);
        }
        works.ask(member.collection(), asked.dials().dials());
        worker.wake();
        return "redirect:" + asked.dials().address();
    }

    /**
     * Accepts what the page showed.
     *
     * @param carry plants and stops in turn, in the order of the page, each as "plant stop"
     * @param put what is set up, each as "stop what amount"
     * @param soft plants that are to get softer water
     */
    @PostMapping("/care/plan")
    String accept(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam FormKey form,
            @RequestParam(defaultValue = "") List<String> carry,
            @RequestParam(defaultValue = "") List<String> put,
            @RequestParam(defaultValue = "") List<String> soft,
            Reply reply) {
        PlanAcceptance.Begun begun =
                acceptance.accept(member.collection(), form, new PlanAcceptance.Sent(carry, put, soft));
        reply.next(
                "told",
                begun.nothing()
                        ? Wording.say("houseplan.house-plan-controller.nothing-begun")
                        : Wording.say(
                                "houseplan.house-plan-controller.accepted",
                                begun.moves(),
                                begun.setups(),
                                begun.softer()));
        return "redirect:/care/plan";
    }

    /** Something was set up: what the stop gives with it is to be read next. */
    @PostMapping("/care/plan/set-up/{task}/done")
    @ForRole(Role.HELPER)
    String done(@AuthenticationPrincipal SignedIn member, @PathVariable TaskId task, Reply reply) {
        Stop stop = setups.done(member.collection(), task);
        reply.next("told", Wording.say("houseplan.house-plan-controller.set-up", stop.name()));
        return "redirect:/stops/" + stop.id();
    }

    /** Something is not set up after all. */
    @PostMapping("/care/plan/set-up/{task}/drop")
    String drop(@AuthenticationPrincipal SignedIn member, @PathVariable TaskId task) {
        setups.drop(member.collection(), task);
        return "redirect:/care/plan";
    }
}
