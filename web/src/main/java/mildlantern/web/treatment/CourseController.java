package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.treatment.Style;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.PlainNumbers;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Houses;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Choosing a course, doing it step by step, and letting the plant go again. */
@Controller
class CourseController {
    private static final double MOST_COUNTED = 1_000_000;

    private final CourseService courses;
    private final CoursePages pages;
    private final Houses houses;
    private final Clock clock;

    CourseController(CourseService courses, CoursePages pages, Houses houses, Clock clock) {
        this.courses = courses;
        this.pages = pages;
        this.houses = houses;
        this.clock = clock;
    }

    /** The course of a case: the one that runs, or the choice of one. */
    @GetMapping("/cases/{id}/course")
    String choose(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam Optional<Style> style,
            @RequestParam Optional<String> cause,
            @RequestParam(defaultValue = "false") boolean severe,
            @RequestParam(defaultValue = "") String counted,
            Model model) {
        Optional<StoredCourse> running = courses.running(member.collection(), id);
        if (running.isPresent()) {
            return "redirect:/courses/" + running.get().id();
        }
        Optional<String> problem = wrongCount(counted);
        model.addAttribute("problem", problem);
        model.addAttribute("typedCount", counted);
        model.addAttribute(
                "page",
                pages.choice(
                        member.collection(),
                        id,
                        style,
                        cause,
                        severe,
                        problem.isPresent() ? OptionalDouble.empty() : count(counted)));
        return "treatment/choose";
    }

    private static Optional<String> wrongCount(String counted) {
        if (counted.isBlank()) {
            return Optional.empty();
        }
        try {
            double number = PlainNumbers.read(counted);
            return number >= 0 && number <= MOST_COUNTED
                    ? Optional.empty()
                    : Optional.of("Between 0 and 1 000 000; you wrote " + counted.strip() + ".");
        } catch (NumberFormatException e) {
            return Optional.of("'" + counted.strip() + "' is no number.");
        }
    }

    private static OptionalDouble count(String counted) {
        return counted.isBlank() ? OptionalDouble.empty() : OptionalDouble.of(PlainNumbers.read(counted));
    }

    @PostMapping("/cases/{id}/course")
    String start(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CaseId id,
            @RequestParam FormKey form,
            @RequestParam Style style,
            @RequestParam String cause,
            @RequestParam(defaultValue = "false") boolean severe,
            @RequestParam(defaultValue = "") String counted,
            @RequestParam(defaultValue = "false") boolean house) {
        if (house) {
            houses.prefer(member.collection(), style);
        }
        OptionalDouble number = wrongCount(counted).isPresent() ? OptionalDouble.empty() : count(counted);
        CourseId course =
                courses.start(member.collection(), id, form, new CourseService.Wanted(style, cause, severe, number));
        return "redirect:/courses/" + course;
    }

    @GetMapping("/courses/{id}")
    String course(@AuthenticationPrincipal SignedIn member, @PathVariable CourseId id, Model model) {
        CoursePages.CoursePage page = pages.page(member.collection(), id);
        model.addAttribute("page", page);
        model.addAttribute("here", page.stop());
        return "treatment/course";
    }

    /** What became of a step. */
    @PostMapping("/courses/{id}/steps/{step}")
    String tick(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CourseId id,
            @PathVariable StepId step,
            @RequestParam FormKey form,
            @RequestParam StoredStep.State how,
            @RequestParam Optional<LocalDate> on) {
        courses.tick(member.collection(), id, step, form, how, on.orElse(LocalDate.now(clock)));
        return "redirect:/courses/" + id;
    }

    @PostMapping("/courses/{id}/steps/{step}/take-back")
    String takeBack(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CourseId id,
            @PathVariable StepId step,
            RedirectAttributes said) {
        try {
            courses.takeBack(member.collection(), id, step);
        } catch (RecordWriter.CannotTakeBack e) {
            said.addFlashAttribute("problem", e.getMessage());
        }
        return "redirect:/courses/" + id;
    }

    /** Something new was found on it. */
    @PostMapping("/courses/{id}/found")
    String found(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CourseId id,
            @RequestParam FormKey form,
            @RequestParam(defaultValue = "") String counted,
            RedirectAttributes said) {
        Optional<String> problem = wrongCount(counted);
        if (problem.isPresent()) {
            said.addFlashAttribute("problem", problem.get() + " Nothing was written down.");
            said.addFlashAttribute("typedCount", counted);
        } else {
            courses.found(member.collection(), id, form, count(counted));
        }
        return "redirect:/courses/" + id;
    }

    /** Looks at all who may have caught it go on the round. */
    @PostMapping("/courses/{id}/contacts")
    String contacts(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CourseId id,
            @RequestParam FormKey form,
            RedirectAttributes said) {
        int asked = courses.askContacts(member.collection(), id, form);
        said.addFlashAttribute(
                "told", asked == 1 ? "One look was put on the round." : asked + " looks were put on the round.");
        return "redirect:/courses/" + id + "#contacts";
    }

    @PostMapping("/courses/{id}/end")
    String end(@AuthenticationPrincipal SignedIn member, @PathVariable CourseId id, @RequestParam FormKey form) {
        courses.end(member.collection(), id, form);
        return "redirect:/courses/" + id;
    }

    /** What was learned goes into the care sheets. */
    @PostMapping("/courses/{id}/care")
    String care(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CourseId id,
            @RequestParam FormKey form,
            RedirectAttributes said) {
        int lines = courses.adjust(member.collection(), id, form);
        said.addFlashAttribute("told", lines + " lines were added to care sheets, each with its reason.");
        return "redirect:/courses/" + id;
    }
}
