package mildlantern.web.round;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.houseplan.SetupTasks;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.TakeBack;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The round, which is the first page: what is due at a stop, and one press to write down what was done. */
@Controller
class RoundController {
    private final RoundService rounds;
    private final Presses presses;
    private final RoundSummary summaries;
    private final TakeBack takeBack;
    private final PaperRound paper;
    private final SetupTasks setups;

    RoundController(
            RoundService rounds,
            Presses presses,
            RoundSummary summaries,
            TakeBack takeBack,
            PaperRound paper,
            SetupTasks setups) {
        this.rounds = rounds;
        this.presses = presses;
        this.summaries = summaries;
        this.takeBack = takeBack;
        this.paper = paper;
        this.setups = setups;
    }

    @GetMapping("/")
    String round(@AuthenticationPrincipal SignedIn member, @RequestParam Optional<StopId> stop, Reply reply) {
        // The frame has worked out the day already, for the walk.
        DueToday today = today(member, reply);
        var page = rounds.round(today, stop);
        if (page.isEmpty()) {
            return "round/empty";
        }
        reply.put("page", page.get());
        reply.put("here", page.get().stop());
        reply.put("byHand", rounds.byHand(today, page.get().stop()));
        reply.put("setUp", setups.waitingAt(member.collection(), page.get().stop()));
        return "round/round";
    }

    @PostMapping("/round/deeds")
    @ForRole(Role.HELPER)
    String deed(@AuthenticationPrincipal SignedIn member, @Valid Press press, Reply reply) {
        Optional<String> problem = presses.write(member.collection(), press);
        if (!reply.fragment()) {
            problem.ifPresent(words -> reply.next("pressProblem", words).next("pressed", press.ml()));
            return press.back().equals("plant")
                    ? "redirect:/plants/" + press.plant()
                    : "redirect:/?stop=" + press.stop();
        }
        return slip(member, press.plant(), press.stop(), press.markOnPlan(), problem.orElse(""), reply);
    }

    /** Which slip is meant: of which plant, at which stop, with which number on the plan. */
    record SlipInSight(
            @NotNull PlantId plant,
            @NotNull StopId stop,
            @Nullable Integer mark) {
        int markOnPlan() {
            return mark == null ? 0 : mark;
        }
    }

    /** A slip that came into sight. */
    @GetMapping("/round/slips/{plant}")
    String inSight(@AuthenticationPrincipal SignedIn member, @Valid SlipInSight asked, Reply reply) {
        reply.put("slip", rounds.slip(rounds.today(member.collection()), asked.plant(), asked.markOnPlan(), ""));
        reply.put("stop", asked.stop());
        return "round/slip :: slip(slip=${slip},stop=${stop},now=${false})";
    }

    private String slip(SignedIn member, PlantId plant, StopId stop, int mark, String problem, Reply reply) {
        DueToday today = rounds.today(member.collection());
        reply.put("slip", rounds.slip(today, plant, mark, problem));
        reply.put("stop", stop);
        // What the rest of the page counts has changed with the deed.
        reply.put("round", rounds.counts(today, stop));
        reply.put(
                "line",
                rounds.walk(today).stream()
                        .filter(line -> line.id().equals(stop))
                        .findFirst()
                        .orElseThrow());
        return "round/slip :: answered(slip=${slip},stop=${stop},round=${round},line=${line})";
    }

    /** Takes back an entry that was pressed on a slip. */
    @PostMapping("/round/take-back")
    @ForRole(Role.HELPER)
    String takeBack(
            @AuthenticationPrincipal SignedIn member,
            @Valid SlipInSight slip,
            @RequestParam EntryId entry,
            Reply reply) {
        String problem = "";
        try {
            takeBack.entry(member.collection(), entry);
        } catch (TakeBack.CannotTakeBack e) {
            problem = String.valueOf(e.getMessage());
        }
        return !reply.fragment()
                ? "redirect:/?stop=" + slip.stop()
                : slip(member, slip.plant(), slip.stop(), slip.markOnPlan(), problem, reply);
    }

    /** What is due today; worked out once for a page and its frame. */
    private DueToday today(SignedIn member, Reply reply) {
        return reply.get(FrameAdvice.FRAME) instanceof FrameAdvice.FrameSource frame
                ? frame.today()
                : rounds.today(member.collection());
    }

    /** What the day came to. */
    @GetMapping("/round/summary")
    String summary(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("page", summaries.summary(member.collection(), today(member, reply)));
        return "round/summary";
    }

    /** The round on paper. */
    @GetMapping("/round/paper")
    String paper(@AuthenticationPrincipal SignedIn member, Reply reply) {
        reply.put("sheet", paper.sheet(member.collection(), member.collectionName()));
        return "round/paper";
    }
}
