package mildlantern.web.mixing;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.SignedIn;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

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

    @GetMapping("/mixing/{id}")
    Object answer(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable String id,
            @RequestParam Map<String, String> typed,
            HttpServletRequest request) {
        Calculator calculator = find(member, id);
        if (wantsJson(request)) {
            return json(calculator, typed);
        }
        boolean part = request.getHeader("HX-Request") != null;
        return new ModelAndView(part ? "mixing/bench :: answer(page=${page})" : "mixing/bench")
                .addObject("all", all(member))
                .addObject("page", reckon(calculator, typed));
    }

    /** A browser names pages first; what names JSON and no page wants JSON. */
    private static boolean wantsJson(HttpServletRequest request) {
        String accept =
                Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT)).orElse("");
        return accept.contains("json") && !accept.contains(MediaType.TEXT_HTML_VALUE);
    }

    private static ResponseEntity<Object> json(Calculator calculator, Map<String, String> typed) {
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
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(body);
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
