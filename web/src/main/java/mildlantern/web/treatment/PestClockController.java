package mildlantern.web.treatment;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.web.platform.PlainNumbers;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The pest clock: what a pest does at this temperature, under this course against none. All that was chosen stands in the address. */
@Controller
class PestClockController {
    private final PestClockPages pages;

    PestClockController(PestClockPages pages) {
        this.pages = pages;
    }

    @GetMapping("/pest-clock")
    String clock(
            @RequestParam(defaultValue = "spider-mites") String pest,
            @RequestParam(defaultValue = "21") String celsius,
            @RequestParam(defaultValue = "90") String coverage,
            @RequestParam Optional<String> means,
            @RequestParam Optional<String> interval,
            @RequestParam Optional<String> uses,
            @RequestParam(defaultValue = "") String counted,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        PestClockPages.Asked asked;
        Optional<String> problem = Optional.empty();
        try {
            asked = new PestClockPages.Asked(
                    pest,
                    number(celsius, "temperature"),
                    number(coverage, "coverage"),
                    means,
                    interval.filter(text -> !text.isBlank()).map(text -> (int) number(text, "interval")),
                    uses.filter(text -> !text.isBlank()).map(text -> (int) number(text, "uses")),
                    counted.isBlank() ? OptionalDouble.empty() : OptionalDouble.of(number(counted, "count")));
            model.addAttribute("page", pages.page(asked));
        } catch (IllegalArgumentException e) {
            problem = Optional.of(
                    "This was not understood: " + e.getMessage() + ". Shown is the clock as it stands without it.");
            model.addAttribute(
                    "page",
                    pages.page(new PestClockPages.Asked(
                            pest,
                            21,
                            90,
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            OptionalDouble.empty())));
        }
        model.addAttribute("problem", problem);
        if (request.getHeader("HX-Request") == null) {
            return "treatment/clock";
        }
        // A dial keeps the form, which holds the focus; another pest or means has other dials.
        if ("turned".equals(request.getHeader("X-Dial")) && problem.isEmpty()) {
            return "treatment/clock :: result(page=${page})";
        }
        response.setHeader("HX-Retarget", "#board");
        return "treatment/clock :: board(page=${page},problem=${problem})";
    }

    private static double number(String text, String what) {
        try {
            return PlainNumbers.read(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(what + " '" + text + "' is no number", e);
        }
    }
}
