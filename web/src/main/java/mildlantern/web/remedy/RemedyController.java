package mildlantern.web.remedy;

import java.util.Optional;
import mildlantern.remedy.Differences;
import mildlantern.web.platform.Reply;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of what growers have at hand. */
@Controller
class RemedyController {
    private final RemedyCards cards;
    private final Differences differences;

    RemedyController(RemedyCards cards, Differences differences) {
        this.cards = cards;
        this.differences = differences;
    }

    @GetMapping("/remedies")
    String remedies(@RequestParam Optional<String> q, Reply reply) {
        String typed = q.orElse("").strip();
        reply.put("q", typed);
        reply.put("cards", cards.search(typed));
        reply.put("differs", differences.all());
        return "remedy/remedies";
    }
}
