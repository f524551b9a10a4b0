package mildlantern.web.treatment;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.treatment.Style;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.role.ForRole;
import mildlantern.web.role.Role;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.stop.Houses;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Choosing a course, doing it step by step, and letting the plant go again. */
@Controller
class CourseController {
    private static final double MOST_COUNTED = 1_000_000;

    private final CourseService courses;
    private final CoursePages pages;
    private final CourseChoicePages choices;
    private final Houses houses;
    private final Clock clock;
    private final CourseBook book;
    private final CourseTicks ticks;

    CourseController(
            CourseService courses,
            CoursePages pages,
            CourseChoicePages choices,
            Houses houses,
            Clock clock,
            CourseBook book,
            CourseTicks ticks) {
        this.courses = courses;
        this.pages = pages;
        this.choices = choices;
        this.houses = houses;
        this.clock = clock;
        this.book = book;
        this.ticks = ticks;
    }

    /** Which course is looked at before one is chosen. */
    record Choice(
            Optional<Style> style,
            Optional<Aim> aim,
            Optional<DisorderId> cause,
            @Nullable Boolean severe,
            String counted) {
        Choice {
            counted = Objects.requireNonNullElse(counted, "");
        }

        boolean isSevere() {
            return Boolean.TRUE.equals(severe);
        }
    }

    /** The course that was chosen, and whether the house treats like that from now on. */
    record Start(
            @NotNull FormKey form,
            @NotNull Style style,
            @Nullable Aim aim,
            @NotNull DisorderId cause,
            @Nullable Boolean severe,
            String counted,
            @Nullable Boolean house) {
        Start {
            counted = Objects.requireNonNullElse(counted, "");
        }
    }

    /** What became of a step, and on which day. */
    record Tick(
            @NotNull CourseId id,
            @NotNull StepId step,
            @NotNull FormKey form,
            @NotNull StoredStep.State how,
            Optional<LocalDate> on,
            String counted,
            String number) {
        Tick {
            counted = Objects.requireNonNullElse(counted, "");
            number = Objects.requireNonNullElse(number, "");
        }

        /** How many were counted. What is typed wins: Enter presses the first button, and that one says none. */
        String count() {
            return number.isBlank() ? counted : number;
        }
    }

    /** How many were found anew. */
    record Found(@NotNull CourseId id, @NotNull FormKey form, String counted) {
        Found {
            counted = Objects.requireNonNullElse(counted, "");
        }
    }

    /** The course of a case: the one that runs, or the choice of one. */
    @GetMapping("/cases/{id}/course")
    String choose(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, Choice choice, Reply reply) {
        Optional<StoredCourse> running = book.running(member.collection(), id);
        if (running.isPresent()) {
            return "redirect:/courses/" + running.get().id();
        }
        Optional<String> problem = wrongCount(choice.counted());
        reply.put("problem", problem);
        reply.put("typedCount", choice.counted());
        reply.put(
                "page",
                choices.choice(
                        member.collection(),
                        id,
                        choice.style(),
                        choice.aim(),
                        choice.cause(),
                        choice.isSevere(),
                        problem.isPresent() ? OptionalDouble.empty() : count(choice.counted())));
        return "treatment/choose";
    }

    private static Optional<String> wrongCount(String counted) {
        if (counted.isBlank()) {
            return Optional.empty();
        }
        try {
            double number = Numbers.read(counted);
            return number >= 0 && number <= MOST_COUNTED
                    ? Optional.empty()
                    : Optional.of(Wording.say("treatment.course-controller.between-0-1-000", counted.strip()));
        } catch (NumberFormatException e) {
            return Optional.of(String.valueOf(e.getMessage()));
        }
    }

    private static OptionalDouble count(String counted) {
        return counted.isBlank() ? OptionalDouble.empty() : OptionalDouble.of(Numbers.read(counted));
    }

    @PostMapping("/cases/{id}/course")
    String start(@AuthenticationPrincipal SignedIn member, @PathVariable CaseId id, @Valid Start start) {
        if (Boolean.TRUE.equals(start.house())) {
            houses.prefer(member.collection(), start.style());
            Optional.ofNullable(start.aim()).ifPresent(aim -> houses.aims(member.collection(), aim));
        }
        OptionalDouble number =
                wrongCount(start.counted()).isPresent() ? OptionalDouble.empty() : count(start.counted());
        CourseId course = courses.start(
                member.collection(),
                id,
                start.form(),
                new CourseService.Wanted(
                        start.style(),
                        Optional.ofNullable(start.aim()).orElseGet(() -> houses.aim(member.collection())),
                        start.cause(),
                        Boolean.TRUE.equals(start.severe()),
                        number));
        return "redirect:/courses/" + course;
    }

    @GetMapping("/courses/{id}")
    String course(@AuthenticationPrincipal SignedIn member, @PathVariable CourseId id, Reply reply) {
        CourseViews.CoursePage page = pages.page(member.collection(), id);
        reply.put("page", page);
        reply.put("here", page.stop());
        return "treatment/course";
    }

    /** What became of a step. */
    @PostMapping("/courses/{id}/steps/{step}")
    @ForRole(Role.HELPER)
    String tick(@AuthenticationPrincipal SignedIn member, @Valid Tick tick, Reply reply) {
        Optional<String> problem = wrongCount(tick.count());
        if (problem.isPresent()) {
            reply.next("problem", Wording.say("treatment.course-controller.nothing-was-saved", problem.get()));
            return "redirect:/courses/" + tick.id();
        }
        Optional<String> not = ticks.tick(
                member.collection(),
                tick.id(),
                tick.step(),
                tick.form(),
                tick.how(),
                tick.on().orElse(LocalDate.now(clock)),
                count(tick.count()));
        not.ifPresent(why -> reply.next("problem", why));
        return "redirect:/courses/" + tick.id();
    }

    @PostMapping("/courses/{id}/steps/{step}/take-back")
    @ForRole(Role.HELPER)
    String takeBack(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CourseId id,
            @PathVariable StepId step,
            Reply reply) {
        try {
            ticks.takeBack(member.collection(), id, step);
        } catch (TakeBack.CannotTakeBack e) {
            reply.next("problem", String.valueOf(e.getMessage()));
        }
        return "redirect:/courses/" + id;
    }

    /** Something new was found on it. */
    @PostMapping("/courses/{id}/found")
    @ForRole(Role.HELPER)
    String found(@AuthenticationPrincipal SignedIn member, @Valid Found found, Reply reply) {
        Optional<String> problem = wrongCount(found.counted());
        if (problem.isPresent()) {
            reply.next("problem", Wording.say("treatment.course-controller.nothing-was-saved", problem.get()));
            reply.next("typedCount", found.counted());
        } else {
            courses.found(member.collection(), found.id(), found.form(), count(found.counted()));
        }
        return "redirect:/courses/" + found.id();
    }

    /** Looks at all who may have caught it go on the round. */
    @PostMapping("/courses/{id}/contacts")
    String contacts(
            @AuthenticationPrincipal SignedIn member,
            @PathVariable CourseId id,
            @RequestParam FormKey form,
            Reply reply) {
        int asked = courses.askContacts(member.collection(), id, form);
        reply.next(
                "told",
                asked == 1
                        ? Wording.say("treatment.course-controller.one-look-was-put")
                        : Wording.say("treatment.course-controller.looks-were-put-round", asked));
        return "redirect:/courses/" + id + "#contacts";
    }

    /** Forgets what the counts of this house taught. */
    @PostMapping("/courses/{id}/forget")
    String forget(@AuthenticationPrincipal SignedIn member, @PathVariable CourseId id) {
        houses.learnsAnew(member.collection());
        return "redirect:/courses/" + id;
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
            Reply reply) {
        int lines = courses.adjust(member.collection(), id, form);
        reply.next("told", Wording.say("treatment.course-controller.lines-were-added-care", lines));
        return "redirect:/courses/" + id;
    }
}
