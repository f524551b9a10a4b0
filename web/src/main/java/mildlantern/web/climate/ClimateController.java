package mildlantern.web.climate;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import mildlantern.web.calculator.Desk;
import mildlantern.web.words.Wording;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The air and light desk. */
@Controller
class ClimateController {
    private final ClimateCalculators calculators;

    ClimateController(ClimateCalculators calculators) {
        this.calculators = calculators;
    }

    @GetMapping("/desk")
    String desk() {
        return "redirect:/desk/window";
    }

    @GetMapping("/desk/{id}")
    Object answer(@PathVariable String id, @RequestParam Map<String, String> typed, HttpServletRequest request) {
        return all().answer(id, typed, request);
    }

    @GetMapping("/desk/openapi.json")
    ResponseEntity<Map<String, Object>> openApi() {
        return all().openApi();
    }

    private Desk all() {
        return new Desk(
                Wording.say("climate.climate-controller.air-light-desk"),
                "/desk",
                Wording.say("climate.climate-controller.calculated-from-typical-figures"),
                calculators.all());
    }
}
