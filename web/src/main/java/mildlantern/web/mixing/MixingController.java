package mildlantern.web.mixing;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.SignedIn;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The bench: a page a calculator, whose inputs stand in the address; the same address answers with JSON when asked for it. */
@Controller
class MixingController {
    private final Calculators calculators;
    private final StopBatch batches;

    MixingController(Calculators calculators, StopBatch batches) {
        this.calculators = calculators;
        this.batches = batches;
    }

    /** What a calculator was asked and what it answers. */
    record Reckoned(
            Calculator calculator,
            Map<String, String> inputs,
            Map<String, String> problems,
            Calculator.Answer answer) {}

    @GetMapping("/mixing")
    String bench() {
        return "redirect:/mixing/dilution";
    }

    @GetMapping(path = "/mixing/{id}", produces = MediaType.TEXT_HTML_VALUE)
    String page(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request,
            Model model) {
        Calculator calculator = find(member, id);
        model.addAttribute("all", all(member));
        model.addAttribute("page", reckon(calculator, typed));
        return request.getHeader("HX-Request") == null ? "mixing/bench" : "mixing/bench :: answer(page=${page})";
    }

    @GetMapping(path = "/mixing/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> json(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable String id,
            @RequestParam Map<String, String> typed) {
        Calculator calculator = find(member, id);
        for (String name : typed.keySet()) {
            if (calculator.fields().stream().noneMatch(field -> field.name().equals(name))) {
                return problem(Map.of(name, "This calculator has no such input."));
            }
        }
        Reckoned reckoned = reckon(calculator, typed);
        if (!reckoned.problems().isEmpty()) {
            return problem(reckoned.problems());
        }
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("calculator", calculator.id());
        body.put("inputs", reckoned.inputs());
        body.put(
                "results",
                reckoned.answer().lines().stream().map(MixingController::line).toList());
        body.put("warnings", reckoned.answer().warnings());
        body.put("bottle", reckoned.answer().bottle());
        return ResponseEntity.ok(body);
    }

    private static Map<String, Object> line(Calculator.Line line) {
        Map<String, Object> shown = new LinkedHashMap<>();
        shown.put("name", line.name());
        shown.put("value", line.value());
        shown.put("unit", line.unit());
        line.measured().ifPresent(words -> shown.put("measured", words));
        return shown;
    }

    private static ResponseEntity<Object> problem(Map<String, String> problems) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_CONTENT, "Some inputs cannot be reckoned with; see 'errors'.");
        detail.setTitle("Wrong input");
        detail.setProperty(
                "errors",
                problems.entrySet().stream()
                        .map(one -> Map.of("field", one.getKey(), "message", one.getValue()))
                        .toList());
        return ResponseEntity.unprocessableContent()
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }

    /** The addresses, inputs and answers, in the OpenAPI format. */
    @GetMapping(path = "/mixing/openapi.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Map<String, Object>> openApi(@AuthenticationPrincipal SignedIn member) {
        return ResponseEntity.ok(OpenApi.describe(all(member)));
    }

    private List<Calculator> all(SignedIn member) {
        List<Calculator> all = new ArrayList<>(calculators.all());
        all.add(batches.calculator(member.collection()));
        return all;
    }

    private Calculator find(SignedIn member, String id) {
        return all(member).stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere("calculator"));
    }

    private static Reckoned reckon(Calculator calculator, Map<String, String> typed) {
        Given given = new Given(calculator, typed);
        Calculator.Answer answer = given.problems().isEmpty()
                ? calculator.reckons().reckon(given)
                : new Calculator.Answer(List.of(), List.of(), List.of());
        return new Reckoned(calculator, given.values(), given.problems(), answer);
    }
}
