package mildlantern.web.handwork;

import java.util.Optional;
import mildlantern.handwork.Damage;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Entered;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A damaged leaf: keep, trim or take off. */
@Controller
class LeafWorkController {
    private static final int MOST_LEAVES = 5000;

    private final LeafWorkPages pages;

    LeafWorkController(LeafWorkPages pages) {
        this.pages = pages;
    }

    /** The form as it was typed. */
    record Typed(
            @Nullable Damage damage,
            @Nullable String green,
            @Nullable String alike,
            @Nullable String leaves,
            @Nullable Boolean spreading,
            @Nullable Boolean shooting) {}

    @GetMapping("/plants/{id}/trim")
    String ask(@AuthenticationPrincipal SignedIn member, @PathVariable PlantId id, Typed typed, Reply reply) {
        Optional<String> problem = Optional.empty();
        LeafWorkPages.Asked asked;
        try {
            asked = read(member.collection(), id, typed);
        } catch (IllegalArgumentException e) {
            problem = Optional.of(Wording.say("handwork.leaf.not-understood", Wording.why(e)));
            asked = read(member.collection(), id, new Typed(typed.damage(), null, null, null, null, null));
        }
        reply.put("page", pages.page(member.collection(), id, asked));
        reply.put("problem", problem);
        reply.put("typed", typed);
        return "handwork/leaf";
    }

    @PostMapping("/plants/{id}/trim")
    String done(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable PlantId id,
            @RequestParam FormKey form,
            Typed typed,
            Reply reply) {
        LeafWorkPages.Asked asked;
        try {
            asked = read(member.collection(), id, typed);
        } catch (IllegalArgumentException e) {
            reply.wrong();
            return ask(member, id, typed, reply);
        }
        pages.done(member.collection(), id, form, asked);
        return "redirect:/plants/" + id;
    }

    private LeafWorkPages.Asked read(CollectionId collection, PlantId id, Typed typed) {
        int alike = Entered.whole(typed.alike(), 1, 1, MOST_LEAVES, Wording.say("handwork.leaf.alike"));
        return new LeafWorkPages.Asked(
                Optional.ofNullable(typed.damage()).orElse(Damage.DRY_TIP),
                Entered.whole(typed.green(), 80, 0, 100, Wording.say("handwork.leaf.green")),
                alike,
                Entered.whole(
                        typed.leaves(),
                        pages.leaves(collection, id),
                        0,
                        MOST_LEAVES,
                        Wording.say("handwork.leaf.leaves")),
                Boolean.TRUE.equals(typed.spreading()),
                Boolean.TRUE.equals(typed.shooting()));
    }
}
