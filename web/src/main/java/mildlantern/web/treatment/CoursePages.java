package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.place.StopId;
import mildlantern.quarantine.Contact;
import mildlantern.quarantine.IsolationClock;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.Course;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the pages of a course: the choice between the styles, the course itself, and who may have caught it. */
@Service
@Transactional(readOnly = true)
class CoursePages {
    static final DayFormat DAY = DayFormat.WEEKDAY;

    private final CourseRepositories.Steps steps;
    private final CourseRepositories.Contacts asked;
    private final Plants plants;
    private final Stops stops;
    private final Outbreaks outbreaks;
    private final Quarantine quarantine;
    private final Pests pests;
    private final Clock clock;
    private final StepLines stepLines;
    private final ContactPages contactPages;
    private final CourseChoicePages choices;
    private final CourseBook book;
    private final CourseOutlooks outlooks;
    private final Situations situations;
    private final TreatmentKnowledge knowledge;

    CoursePages(
            CourseRepositories.Steps steps,
            CourseRepositories.Contacts asked,
            Plants plants,
            Stops stops,
            Outbreaks outbreaks,
            Quarantine quarantine,
            Pests pests,
            Clock clock,
            StepLines stepLines,
            ContactPages contactPages,
            CourseChoicePages choices,
            CourseBook book,
            CourseOutlooks outlooks,
            Situations situations,
            TreatmentKnowledge knowledge) {
        this.steps = steps;
        this.asked = asked;
        this.plants = plants;
        this.stops = stops;
        this.outbreaks = outbreaks;
        this.quarantine = quarantine;
        this.pests = pests;
        this.clock = clock;
        this.stepLines = stepLines;
        this.contactPages = contactPages;
        this.choices = choices;
        this.book = book;
        this.outlooks = outlooks;
        this.situations = situations;
        this.knowledge = knowledge;
    }

    CourseViews.CoursePage page(CollectionId collection, CourseId id) {
        StoredCourse course = book.find(collection, id);
        Plant plant = this.plants.plant(collection, course.plant());
        List<StoredStep> all = steps.of(collection, id).stream()
                .sorted(Comparator.comparing(StoredStep::onDay).thenComparing(StoredStep::phase))
                .toList();
        Course plan = course.with(all.stream().map(StoredStep::step).toList(), knowledge);
        LocalDate today = LocalDate.now(clock);
        boolean running = course.state() == StoredCourse.State.RUNNING;
        boolean catching = outbreaks.isolates(course.disorder());
        Optional<CourseOutlooks.Said> outlook = outlooks.of(course, plant, all, today);
        List<CourseViews.StepLine> steps = all.stream()
                .map(step -> stepLines.line(
                        Optional.of(step),
                        step.step(),
                        plant,
                        course.disorder(),
                        outlook.flatMap(said -> said.expects(step.step()))))
                .toList();
        List<ContactLook> looks = asked.findByCollectionAndCourse(collection, id).stream()
                .filter(look -> look.askedOn().isPresent())
                .toList();
        List<Contact> contacts = running && catching ? outbreaks.contacts(course) : List.of();
        Map<StopId, Stop> stops =
                this.stops.walk(collection).stream().collect(Collectors.toMap(Stop::id, stop -> stop));
        List<CourseViews.ContactLine> lines = contactPages.contactLines(course, contacts, looks, stops);
        return new CourseViews.CoursePage(
                id,
                course.troubleCase(),
                plant.id(),
                plant.name(),
                plant.stop(),
                outbreaks.causeName(course.disorder()),
                Wording.of(course.style()) + " · " + Wording.of(course.aim()),
                switch (course.state()) {
                    case RUNNING -> Wording.say("treatment.course-pages.running-since", DAY.format(course.startedOn()));
                    case ENDED -> Wording.say("treatment.course-pages.ended", DAY.format(course.endedOn()));
                    case RELEASED -> Wording.say("treatment.course-pages.released", DAY.format(course.endedOn()));
                },
                running,
                running ? steps.stream().filter(CourseViews.StepLine::due).findFirst() : Optional.empty(),
                steps,
                choices.said(plan, plant),
                running ? choices.better(course, plant, plan, all, today) : Optional.empty(),
                plan.cost().filter(cost -> running).map(CoursePages::cost),
                plan.noCure().map(Wording::of),
                choices.weighed(plan, situations.request(course, plant, today, List.of())),
                outlook.flatMap(said -> outlooks.picture(course, said, all, today)),
                outlook.flatMap(CourseOutlooks.Said::worse).filter(words -> running),
                outlooks.learned(course, plant, today),
                catching ? Optional.of(alone(course, all, plant, stops)) : Optional.empty(),
                lines,
                contacts.stream()
                        .filter(quarantine::worthALook)
                        .allMatch(one ->
                                looks.stream().anyMatch(look -> look.plant().equals(one.plant()))),
                catching && running ? contactPages.map(course, lines, stops) : List.of(),
                catching && running ? Optional.of(contactPages.curve(course)) : Optional.empty(),
                catching ? DAY.format(course.thereSince()) : "",
                pests.find(course.disorder()).map(LifeTable::unit).orElse(""),
                catching ? quarantine.cleaning(plant.name(), course.disorder()) : List.of(),
                FormKey.fresh());
    }

    private static String cost(Course.Cost cost) {
        boolean saves = cost.uses() < 0 || cost.days() < 0;
        return saves
                ? Wording.say("treatment.course-pages.cost-saves", Math.abs(cost.uses()), Math.abs(cost.days()))
                : Wording.say("treatment.course-pages.cost", cost.uses(), cost.days());
    }

    private CourseViews.AloneBox alone(
            StoredCourse course, List<StoredStep> steps, Plant plant, Map<StopId, Stop> stops) {
        LocalDate today = LocalDate.now(clock);
        IsolationClock box = outbreaks.clock(course, steps);
        long whole = box.until()
                .map(day -> ChronoUnit.DAYS.between(course.startedOn(), day))
                .orElse(0L);
        long gone = ChronoUnit.DAYS.between(course.startedOn(), today);
        Stop stop = stops.get(plant.stop());
        return new CourseViews.AloneBox(
                box.until().map(DAY::format),
                box.until().filter(day -> !today.isBefore(day)).isPresent(),
                whole <= 0 ? 0 : (int) Math.max(0, Math.min(100, 100 * gone / whole)),
                Wording.of(box.reason()),
                stop != null && stop.isolation());
    }
}
