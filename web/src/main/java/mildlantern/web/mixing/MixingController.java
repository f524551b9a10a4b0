package mildlantern.web.mixing;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Desk;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.words.Wording;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The mixing bench. */
@Controller
class MixingController {
    private final Calculators calculators;
    private final WaterCalculators waters;
    private final StopBatch batches;

    MixingController(Calculators calculators, WaterCalculators waters, StopBatch batches) {
        this.calculators = calculators;
        this.waters = waters;
        this.batches = batches;
    }

    @GetMapping("/mixing")
    String bench() {
        return "redirect:/mixing/dilution";
    }

    @GetMapping("/mixing/{id}")
    Object answer(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request) {
        return desk(member).answer(id, typed, request);
    }

    @GetMapping("/mixing/openapi.json")
    ResponseEntity<Map<String, Object>> openApi(@AuthenticationPrincipal SignedIn member) {
        return desk(member).openApi();
    }

    private Desk desk(SignedIn member) {
        List<Calculator<?>> all = new ArrayList<>(calculators.all());
        all.addAll(waters.all());
        all.add(batches.calculator(member.collection()));
        return new Desk(
                Wording.say("mixing.mixing-controller.mixing-bench"),
                "/mixing",
                Wording.say("mixing.mixing-controller.products-label-local-rules"),
                List.copyOf(all));
    }
}
