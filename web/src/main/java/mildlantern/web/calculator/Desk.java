package mildlantern.web.calculator;

import jakarta.servlet.http.HttpServletRequest;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import mildlantern.web.platform.NotHere;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.ModelAndView;

/**
 * Several calculators under one address: a page each, whose inputs stand in the address; the same address answers with JSON when asked for it.
 *
 * @param name of the desk
 * @param root its address
 * @param fine what is said at its foot
 * @param all its calculators
 */
public record Desk(String name, String root, String fine, List<Calculator<?>> all) {
    private static final Pattern COURSE = Pattern.compile("/courses/[0-9a-f-]{36}");

    /** What is wrong with an input, as the problem document tells it. */
    private record Wrong(String field, String message) {}

    /**
     * Answers as it was asked: a page, its changed part, or JSON.
     *
     * @throws NotHere if there is no such calculator
     */
    public Object answer(String id, Map<String, String> typed, HttpServletRequest request) {
        Calculator<?> calculator = all.stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere("calculator"));
        if (wantsJson(request)) {
            return Wording.inMetric(() -> json(calculator, typed));
        }
        boolean part = request.getHeader("HX-Request") != null;
        return new ModelAndView(part ? "calculator/bench :: answer(page=${page})" : "calculator/bench")
                .addObject("desk", this)
                .addObject("back", back(typed))
                .addObject("page", calculator.reckon(typed));
    }

    /** The addresses, inputs and answers, in the OpenAPI format. */
    public ResponseEntity<Map<String, Object>> openApi() {
        return Wording.inMetric(() -> ResponseEntity.ok(OpenApi.describe(this)));
    }

    /** The treatment plan from which one came, so that one gets back to it. */
    private static @Nullable String back(Map<String, String> typed) {
        String back = typed.getOrDefault("back", "");
        return COURSE.matcher(back).matches() ? back : null;
    }

    /** A browser names pages first; what names JSON and no page wants JSON. */
    private static boolean wantsJson(HttpServletRequest request) {
        String accept =
                Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT)).orElse("");
        return accept.contains("json") && !accept.contains(MediaType.TEXT_HTML_VALUE);
    }

    private static ResponseEntity<Object> json(Calculator<?> calculator, Map<String, String> typed) {
        for (String name : typed.keySet()) {
            if (calculator.fields().stream().noneMatch(field -> field.name().equals(name))) {
                return problem(Map.of(name, Wording.say("calculator.desk.calculator-has-no-such")));
            }
        }
        Calculator.Reckoned reckoned = calculator.reckon(typed);
        if (!reckoned.problems().isEmpty()) {
            return problem(reckoned.problems());
        }
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("calculator", calculator.id());
        body.put("inputs", reckoned.inputs());
        body.put("results", reckoned.answer().lines().stream().map(Desk::line).toList());
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
                HttpStatus.UNPROCESSABLE_CONTENT, Wording.say("calculator.desk.some-inputs-are-wrong"));
        detail.setTitle(Wording.say("calculator.desk.wrong-input"));
        detail.setProperty(
                "errors",
                problems.entrySet().stream()
                        .map(one -> new Wrong(one.getKey(), one.getValue()))
                        .toList());
        return ResponseEntity.unprocessableContent()
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }
}
