package mildlantern.web.reference;

import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The pages of the reference. */
@Controller
@RequestMapping("/reference")
class ReferenceController {
    private final ReferenceSearch search;
    private final CausePages causes;
    private final SignPages signs;
    private final MeansPages means;

    ReferenceController(ReferenceSearch search, CausePages causes, SignPages signs, MeansPages means) {
        this.search = search;
        this.causes = causes;
        this.signs = signs;
        this.means = means;
    }

    @GetMapping
    String reference(@RequestParam(defaultValue = "") String q, Reply reply) {
        reply.put("q", q.strip());
        reply.put("page", search.page(q.strip()));
        return "reference/reference";
    }

    @GetMapping("/causes/{id}")
    String cause(@AuthenticationPrincipal SignedIn member, @PathVariable String id, Reply reply) {
        reply.put("page", causes.page(member.collection(), new DisorderId(id)).orElseThrow(() -> new NotHere("cause")));
        return "reference/cause";
    }

    @GetMapping("/signs/{id}")
    String sign(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable String id,
            @RequestParam Optional<PlantId> plant,
            @RequestParam Optional<String> kind,
            Reply reply) {
        return signOf("reference/sign", member, id, plant, kind, reply);
    }

    /** The same without a page round it, to be opened over the one that is shown. */
    @GetMapping("/signs/{id}/large")
    String large(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable String id,
            @RequestParam Optional<PlantId> plant,
            Reply reply) {
        return signOf("reference/sign-body :: large", member, id, plant, Optional.empty(), reply);
    }

    private String signOf(
            String view, SignedIn member, String id, Optional<PlantId> plant, Optional<String> kind, Reply reply) {
        reply.put(
                "page",
                signs.page(member.collection(), new FindingId(id), plant, kind).orElseThrow(() -> new NotHere("sign")));
        return view;
    }

    @GetMapping("/means/{id}")
    String means(@PathVariable String id, Reply reply) {
        reply.put("page", means.page(id).orElseThrow(() -> new NotHere("means")));
        return "reference/means";
    }
}
