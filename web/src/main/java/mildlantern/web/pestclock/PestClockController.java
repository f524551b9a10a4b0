package mildlantern.web.pestclock;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.web.platform.Reply;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The pest clock: what a pest does at this temperature, under this course against none. All that was chosen stands in the address. */
@Controller
class PestClockController {
    private final PestClockPages pages;

    PestClockController(PestClockPages pages) {
        this.pages = pages;
    }

    /** The dials as they stand in the address: texts, so that what cannot be understood is shown. Another aim than there was has its own share that is missed. */
    record Dials(
            DisorderId pest,
            String celsius,
            String coverage,
            String missed,
            @Nullable Aim aim,
            String was,
            Optional<String> means,
            Optional<String> interval,
            Optional<String> uses,
            String counted) {
        Dials {
            pest = Objects.requireNonNullElse(pest, new DisorderId("spider-mites"));
            celsius = Objects.requireNonNullElse(celsius, "21");
            coverage = Objects.requireNonNullElse(coverage, "90");
            aim = Objects.requireNonNullElse(aim, Aim.CONTROL);
            was = Objects.requireNonNullElse(was, "");
            boolean otherAim = !was.isEmpty() && !was.equals(aim.name());
            missed = otherAim ? "" : Objects.requireNonNullElse(missed, "");
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
                    number(dials.celsius(), PestClockPages.Dial.TEMPERATURE),
                    number(dials.coverage(), PestClockPages.Dial.COVERAGE),
                    dials.missed().isBlank()
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(number(dials.missed(), PestClockPages.Dial.MISSED)),
                    Objects.requireNonNull(dials.aim()),
                    dials.means(),
                    dials.interval().filter(text -> !text.isBlank()).map(text ->
                            (int) number(text, PestClockPages.Dial.INTERVAL)),
                    dials.uses().filter(text -> !text.isBlank()).map(text ->
                            (int) number(text, PestClockPages.Dial.USES)),
                    dials.counted().isBlank()
                            ? OptionalDouble.empty()
                            : OptionalDouble.of(Numbers.read(dials.counted())));
            reply.put("page", pages.page(asked));
        } catch (IllegalArgumentException e) {
            problem = Optional.of(Wording.say("pestclock.controller.was-not-understood-shown", Wording.why(e)));
            reply.put(
                    "page",
                    pages.page(new PestClockPages.Asked(
                            dials.pest(),
                            21,
                            90,
                            OptionalDouble.empty(),
                            Aim.CONTROL,
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            OptionalDouble.empty())));
        }
        reply.put("problem", problem);
        if (!reply.fragment()) {
            return "pestclock/clock";
        }
        // A dial keeps the form, which holds the focus; another pest or means has other dials.
        if ("turned".equals(reply.asked("X-Dial")) && problem.isEmpty()) {
            return "pestclock/clock :: result(page=${page})";
        }
        reply.header("HX-Retarget", "#board");
        return "pestclock/clock :: board(page=${page},problem=${problem})";
    }

    private static double number(String text, PestClockPages.Dial dial) {
        try {
            return Numbers.read(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(Wording.of(dial) + ": " + e.getMessage(), e);
        }
    }
}
