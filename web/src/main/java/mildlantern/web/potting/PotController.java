package mildlantern.web.potting;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.potting.PotDeed;
import mildlantern.potting.PotSign;
import mildlantern.potting.Roots;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Entered;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The pot of a plant: leave it, or repot. */
@Controller
class PotController {
    static final double LEAST_CM = 2;
    static final double MOST_CM = 200;

    private final PotPages pages;
    private final PlantKnowledge knowledge;

    PotController(PotPages pages, PlantKnowledge knowledge) {
        this.pages = pages;
        this.knowledge = knowledge;
    }

    /**
     * What was chosen.
     *
     * @param said whether anything was chosen yet: before, the plant's own counts say whether it flowers
     */
    record Chosen(
            @Nullable Roots roots,
            @Nullable List<PotSign> signs,
            @Nullable Boolean flowering,
            @Nullable Boolean said) {
        PotStates.Seen seen() {
            Set<PotSign> shown = EnumSet.noneOf(PotSign.class);
            if (signs != null) {
                shown.addAll(signs);
            }
            return new PotStates.Seen(
                    Optional.ofNullable(roots).orElse(Roots.NOT_SEEN),
                    shown,
                    Boolean.TRUE.equals(said) ? Optional.of(Boolean.TRUE.equals(flowering)) : Optional.empty());
        }
    }

    @GetMapping("/plants/{id}/pot")
    String ask(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Chosen chosen, Reply reply) {
        reply.put("page", pages.page(member.collection(), id, chosen.seen()));
        return "potting/pot";
    }

    /** What was ticked. */
    record Ticked(
            PotDeed.@Nullable Deed deed,
            @Nullable String diameter,
            @Nullable String medium,
            @Nullable Boolean dead,
            @Nullable Boolean trimmed,
            @Nullable Boolean washed) {}

    @PostMapping("/plants/{id}/pot")
    String done(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            Chosen chosen,
            Ticked ticked,
            Reply reply) {
        PotPages.Done done;
        try {
            done = read(ticked);
        } catch (IllegalArgumentException e) {
            reply.wrong().put("problem", Wording.why(e)).put("ticked", ticked);
            return ask(member, id, chosen, reply);
        }
        pages.done(member.collection(), id, form, chosen.seen(), done);
        return "redirect:/plants/" + id;
    }

    private PotPages.Done read(Ticked ticked) {
        boolean told = ticked.diameter() != null && !ticked.diameter().isBlank();
        double across = Entered.amount(
                ticked.diameter(), LEAST_CM, LEAST_CM, MOST_CM, Unit.Of.LENGTH, Wording.say("potting.pot.diameter"));
        return new PotPages.Done(
                Optional.ofNullable(ticked.deed()).orElse(PotDeed.Deed.FRESH),
                told ? OptionalDouble.of(across) : OptionalDouble.empty(),
                Optional.ofNullable(ticked.medium())
                        .filter(id -> knowledge.medium(id).isPresent()),
                Boolean.TRUE.equals(ticked.dead()),
                Boolean.TRUE.equals(ticked.trimmed()),
                Boolean.TRUE.equals(ticked.washed()));
    }

    @PostMapping("/plants/{id}/pot/plan")
    String plan(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            Chosen chosen) {
        pages.plan(member.collection(), id, form, chosen.seen());
        return "redirect:/hands";
    }
}
