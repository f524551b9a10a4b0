package mildlantern.web.potting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Entered;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The potting bench of a week. */
@Controller
class BenchController {
    private static final int MOST = 200;
    private static final Pattern UUID_WORD = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    private final BenchPages pages;
    private final Plants plants;
    private final PlantKnowledge knowledge;

    BenchController(BenchPages pages, Plants plants, PlantKnowledge knowledge) {
        this.pages = pages;
        this.plants = plants;
        this.knowledge = knowledge;
    }

    /** The bench; the address carries what was chosen, a size and a medium for each plant. */
    @GetMapping("/potting")
    String bench(
            @AuthenticationPrincipal SignedIn member, @RequestParam MultiValueMap<String, String> chosen, Reply reply) {
        Map<String, String> problems = new LinkedHashMap<>();
        List<BenchPages.Choice> choices = new ArrayList<>();
        List<PlantId> ids = chosen.getOrDefault("plant", List.of()).stream()
                .filter(word -> UUID_WORD.matcher(word).matches())
                .limit(MOST)
                .map(word -> new PlantId(UUID.fromString(word)))
                .toList();
        plants.plants(member.collection(), ids).forEach(plant -> choices.add(choice(plant, chosen, problems)));
        reply.put("page", pages.page(member.collection(), choices, chosen.containsKey("asked")));
        reply.put("problems", problems);
        reply.put("typed", chosen.toSingleValueMap());
        return "potting/bench";
    }

    private BenchPages.Choice choice(Plant plant, MultiValueMap<String, String> chosen, Map<String, String> problems) {
        double across = plant.acrossCm();
        String typed = chosen.getFirst("size-" + plant.id());
        try {
            across = Entered.amount(
                    typed,
                    across,
                    PotController.LEAST_CM,
                    PotController.MOST_CM,
                    Unit.Of.LENGTH,
                    Wording.say("potting.bench.size-of", plant.name()));
        } catch (IllegalArgumentException e) {
            problems.put(plant.id().toString(), Wording.say("potting.bench.wrong", plant.name(), Wording.why(e)));
        }
        String medium = Optional.ofNullable(chosen.getFirst("medium-" + plant.id()))
                .filter(id -> knowledge.medium(id).isPresent())
                .orElse(Optional.ofNullable(plant.medium())
                        .orElse(plants.profile(plant).usualMedium()));
        return new BenchPages.Choice(plant.id(), across, medium);
    }
}
