package mildlantern.web.treatment;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;
import mildlantern.web.platform.Reply;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The pest clock: what a pest does at this temperature, under this course against none. All that was chosen stands in the address. */
@Controller
class PestClockController {
    private final PestClockPages pages;

    PestClockController(PestClockPages pages) {
        this.pages = pages;
    }

    /** The dials as they stand in the address: texts, so that what cannot be understood is shown. */
    record Dials(
            DisorderId pest,
            String celsius,
            String coverage,
            Optional<String> means,
            Optional<String> interval,
            Optional<String> uses,
            String counted) {
        Dials {
            pest = Objects.requireNonNullElse(pest, new DisorderId("spider-mites"));
            celsius = Objects.requireNonNullElse(celsius, "21");
            coverage = Objects.requireNonNullElse(coverage, "90");
            counted = Objects.requireNonNullElse(counted, "");
        }
    }

    @GetMapping("/pest-clock")
    String clock(Dials dials, Reply reply) {
        PestClockPages.Asked asked;
        Optional<String> problem = Optional.empty();
        try {
            asked = new PestClockPages.Asked(
                    dials.pest(),
                    number(dials.celsius(), "temperature"),
                    number(dials.coverage(), "coverage"),
                    dials.means(),
                    dials.interval().filter(text -> !text.isBlank()).map(text -> (int) number(text, "interval")),
                    dials.uses().filter(text -> !text.isBlank()).map(text -> (int) number(text, "uses")),
                    dials.counted().isBlank()
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(number(dials.counted(), "count")));
            reply.put("page", pages.page(asked));
        } catch (IllegalArgumentException e) {
            problem = Optional.of(
                    Wording.say("treatment.pest-clock-controller.was-not-understood-shown", e.getMessage()));
            reply.put(
                    "page",
                    pages.page(new PestClockPages.Asked(
                            dials.pest(),
                            21,
                            90,
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            OptionalDouble.empty())));
        }
        reply.put("problem", problem);
        if (!reply.fragment()) {
            return "treatment/clock";
        }
        // A dial keeps the form, which holds the focus; another pest or means has other dials.
        if ("turned".equals(reply.asked("X-Dial")) && problem.isEmpty()) {
            return "treatment/clock :: result(page=${page})";
        }
        reply.header("HX-Retarget", "#board");
        return "treatment/clock :: board(page=${page},problem=${problem})";
    }

    private static double number(String text, String what) {
        try {
            return Numbers.read(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(what + ": " + e.getMessage(), e);
        }
    }
}
