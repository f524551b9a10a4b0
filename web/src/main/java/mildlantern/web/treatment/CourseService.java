package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Contact;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.Routine;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Starts courses, writes down what became of their steps, and plans anew what follows. */
@Service
@Transactional
class CourseService {
    private final CourseRepositories.Courses courses;
    private final CourseRepositories.Steps steps;
    private final CourseRepositories.Contacts contacts;
    private final CaseTroubles cases;
    private final Plants plants;
    private final CareSheets careSheets;
    private final Routine routine;
    private final CourseComposer composer;
    private final Situations situations;
    private final Outbreaks outbreaks;
    private final Quarantine quarantine;
    private final WrittenForms forms;
    private final Clock clock;
    private final CourseBook courseBook;
    private final TreatmentKnowledge knowledge;

    CourseService(
            CourseRepositories.Courses courses,
            CourseRepositories.Steps steps,
            CourseRepositories.Contacts contacts,
            CaseTroubles cases,
            Plants plants,
            CareSheets careSheets,
            Routine routine,
            CourseComposer composer,
            Situations situations,
            Outbreaks outbreaks,
            Quarantine quarantine,
            WrittenForms forms,
            Clock clock,
            CourseBook courseBook,
            TreatmentKnowledge knowledge) {
        this.courses = courses;
        this.steps = steps;
        this.contacts = contacts;
        this.cases = cases;
        this.plants = plants;
        this.careSheets = careSheets;
        this.routine = routine;
        this.composer = composer;
        this.situations = situations;
        this.outbreaks = outbreaks;
        this.quarantine = quarantine;
        this.forms = forms;
        this.clock = clock;
        this.courseBook = courseBook;
        this.knowledge = knowledge;
    }

    /**
     * What a course is wanted for.
     *
     * @param style the house style for this course
     * @param aim what it is to reach
     * @param cause id of the decided cause it is against
     * @param severe whether many leaves or the growing point are taken
     * @param counted how many were counted
     */
    record Wanted(Style style, Aim aim, DisorderId cause, boolean severe, OptionalDouble counted) {}

    /** Composes without storing. */
    @Transactional(readOnly = true)
    public Course compose(CollectionId collection, Plant plant, Wanted wanted) {
        LocalDate today = LocalDate.now(clock);
        return composer.compose(situations.request(plant, today, today, wanted, List.of()));
    }

    /**
     * Starts a course for a case, once.
     *
     * @return its id, or that of the one that runs already
     */
    public CourseId start(CollectionId collection, CaseId caseId, FormKey form, Wanted wanted) {
        CaseTroubles.Decided decided = cases.decided(collection, caseId);
        return routine.change(collection, List.of(decided.plant()), () -> {
            Optional<StoredCourse> already = courseBook.running(collection, caseId);
            return already.isPresent() || !forms.firstTime(collection, form)
                    ? already.map(StoredCourse::id).orElseThrow(() -> new NotHere("course"))
                    : start(collection, caseId, decided, wanted);
        });
    }

    private CourseId start(CollectionId collection, CaseId caseId, CaseTroubles.Decided decided, Wanted wanted) {
        if (!decided.causes().contains(wanted.cause())) {
            throw new IllegalArgumentException("the case was not decided for '" + wanted.cause() + "'");
        }
        Plant plant = plants.plant(collection, decided.plant());
        Course course = compose(collection, plant, wanted);
        StoredCourse stored = courses.save(new StoredCourse(
                collection,
                caseId,
                plant.id(),
                course,
                wanted.severe(),
                wanted.counted().isPresent() ? wanted.counted().getAsDouble() : null,
                CourseComposer.USUAL_COVERAGE,
                outbreaks.since(plant, wanted.cause(), wanted.counted(), decided.openedOn())));
        course.steps().forEach(step -> steps.save(new StoredStep(stored, step)));
        // Whom it touched is known only as long as it stands where it stood.
        outbreaks.contacts(stored).stream()
                .filter(contact -> contact.nearness() == Quarantine.Nearness.TOUCHING)
                .forEach(contact -> contacts.save(new ContactLook(stored, contact)));
        return stored.id();
    }

    /**
     * Something new was found: standing alone starts again, and so does the course, from the first day on which it may be used again.
     *
     * @param counted how many
     */
    public void found(CollectionId collection, CourseId courseId, FormKey form, OptionalDouble counted) {
        courseBook.onCourse(collection, courseId, course -> {
            boolean runs = forms.firstTime(collection, form) && course.state() == StoredCourse.State.RUNNING;
            if (runs) {
                found(course, counted);
            }
            return runs;
        });
    }

    /** A find asks for further uses, of another means where one serves, from the first day on which it may be used. */
    void found(StoredCourse course, OptionalDouble counted) {
        LocalDate today = LocalDate.now(clock);
        course.found(today, counted.isPresent() ? counted.getAsDouble() : null);
        List<StoredStep> all = steps.of(course.collection(), course.id());
        List<StoredStep> used = all.stream()
                .filter(step -> step.state() == StoredStep.State.DONE && step.uses())
                .toList();
        LocalDate from = used.stream()
                .filter(step -> step.phase() != Course.Phase.CLEAN)
                .map(step -> step.doneOn()
                        .plusDays(knowledge
                                .find(String.valueOf(step.means()))
                                .map(means -> (int)
                                        means.intervalAgainst(course.disorder()).low())
                                .orElse(1)))
                .max(Comparator.naturalOrder())
                .map(day -> CourseTicks.later(day, today))
                .orElse(today);
        Plant plant = plants.plant(course.collection(), course.plant());
        List<String> failed = used.stream()
                .map(step -> String.valueOf(step.means()))
                .distinct()
                .toList();
        Course anew = composer.compose(situations.request(
                plant,
                from,
                from,
                new Wanted(course.style(), course.aim(), course.disorder(), course.severe(), counted),
                failed));
        all.stream().filter(step -> step.state() == StoredStep.State.PLANNED).forEach(steps::delete);
        anew.steps().stream()
                .filter(step -> step.phase() != Course.Phase.ISOLATE
                        && step.phase() != Course.Phase.ANTS
                        && step.phase() != Course.Phase.TEST)
                .forEach(step -> steps.save(new StoredStep(course, step)));
        course.planned(anew);
    }

    /** Puts a look at the plants that may have caught it on the round. */
    public int askContacts(CollectionId collection, CourseId courseId, FormKey form) {
        return courseBook.onCourse(
                collection, courseId, course -> forms.firstTime(collection, form) ? askContacts(course) : 0);
    }

    private int askContacts(StoredCourse course) {
        Map<PlantId, ContactLook> noted = contacts.findByCollectionAndCourse(course.collection(), course.id()).stream()
                .collect(Collectors.toMap(ContactLook::plant, look -> look));
        int asked = 0;
        for (Contact contact : outbreaks.contacts(course)) {
            if (quarantine.worthALook(contact)) {
                ContactLook look = Optional.ofNullable(noted.get(contact.plant()))
                        .orElseGet(() -> contacts.save(new ContactLook(course, contact)));
                asked += look.askedOn().isEmpty() ? 1 : 0;
                look.ask(LocalDate.now(clock));
            }
        }
        return asked;
    }

    /** Ends a course before its time: another follows, or none. */
    public void end(CollectionId collection, CourseId courseId, FormKey form) {
        courseBook.onCourse(collection, courseId, course -> {
            boolean runs = forms.firstTime(collection, form) && course.state() == StoredCourse.State.RUNNING;
            if (runs) {
                course.end(StoredCourse.State.ENDED, LocalDate.now(clock));
            }
            return runs;
        });
    }

    /** Writes what was learned into the care sheets of the plant and of those that stood near it. */
    public int adjust(CollectionId collection, CourseId courseId, FormKey form) {
        return courseBook.onCourse(
                collection, courseId, course -> forms.firstTime(collection, form) ? adjust(course) : 0);
    }

    private int adjust(StoredCourse course) {
        CollectionId collection = course.collection();
        LocalDate today = LocalDate.now(clock);
        String name = outbreaks.causeName(course.disorder());
        Plant plant = plants.plant(collection, course.plant());
        List<CareEntry> entries = new ArrayList<>();
        entries.add(entry(
                plant,
                course,
                CareSetting.FEEDING,
                quarantine.care("feed-again"),
                Wording.say("treatment.course-service.back-after", name),
                today));
        entries.add(entry(
                plant,
                course,
                CareSetting.HEALTH,
                quarantine.care("treated"),
                Wording.say("treatment.course-service.had", name),
                today));
        for (ContactLook look : contacts.findByCollectionAndCourse(collection, course.id())) {
            if (look.nearness() != Quarantine.Nearness.ROOM) {
                Plant neighbour = plants.plant(collection, look.plant());
                entries.add(entry(
                        neighbour,
                        course,
                        CareSetting.HEALTH,
                        quarantine.care("near"),
                        Wording.say("treatment.course-service.stood-which-had", plant.name(), name),
                        today));
            }
        }
        entries.forEach(careSheets::store);
        return entries.size();
    }

    private CareEntry entry(
            Plant plant, StoredCourse course, CareSetting setting, String text, String reason, LocalDate since) {
        return new CareEntry(plant, course.troubleCase(), setting, text, reason, since, OffsetDateTime.now(clock));
    }
}
