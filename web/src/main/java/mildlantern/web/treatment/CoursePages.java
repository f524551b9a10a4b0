package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Words;
import mildlantern.log.LogKind;
import mildlantern.mixing.Batch;
import mildlantern.mixing.Rate;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.Means;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.SvgNumbers;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the pages of a course: the choice between the styles, the course itself, and who may have caught it. */
@Service
@Transactional(readOnly = true)
class CoursePages {
    private static final int CURVE_WIDTH = 340;
    private static final int CURVE_FOOT = 48;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    private final CourseService service;
    private final CourseRepositories.Steps steps;
    private final CourseRepositories.Contacts asked;
    private final CaseTroubles cases;
    private final Plants plants;
    private final Stops stops;
    private final LogBook logBook;
    private final StopStates states;
    private final Houses houses;
    private final Outbreaks outbreaks;
    private final Quarantine quarantine;
    private final TreatmentKnowledge knowledge;
    private final CourseComposer composer;
    private final Pests pests;
    private final WaterBook water;
    private final Clock clock;

    CoursePages(
            CourseService service,
            CourseRepositories.Steps steps,
            CourseRepositories.Contacts asked,
            CaseTroubles cases,
            Plants plants,
            Stops stops,
            LogBook logBook,
            StopStates states,
            Houses houses,
            Outbreaks outbreaks,
            Quarantine quarantine,
            TreatmentKnowledge knowledge,
            CourseComposer composer,
            Pests pests,
            WaterBook water,
            Clock clock) {
        this.service = service;
        this.steps = steps;
        this.asked = asked;
        this.cases = cases;
        this.plants = plants;
        this.stops = stops;
        this.logBook = logBook;
        this.states = states;
        this.houses = houses;
        this.outbreaks = outbreaks;
        this.quarantine = quarantine;
        this.knowledge = knowledge;
        this.composer = composer;
        this.pests = pests;
        this.water = water;
        this.clock = clock;
    }

    /** A style to choose. */
    record StyleTab(String id, String words, String meaning, boolean chosen, boolean house) {}

    /** A cause to treat. */
    record CauseTab(DisorderId id, String name, boolean chosen) {}

    /** One step as it is shown. */
    record StepLine(
            StepId id,
            FormKey form,
            String day,
            String phase,
            String phaseWords,
            String what,
            List<String> terms,
            String state,
            String stateWords,
            boolean due,
            boolean planned,
            String late,
            Optional<String> mix) {}

    /** A means that was thought of. */
    record WeighedLine(String name, boolean chosen, String why) {}

    /** What the clock says, in sentences. */
    record Said(boolean ends, String lead, List<String> words, String clockAddress) {}

    /** The choice of a course. */
    record ChoicePage(
            CaseId caseId,
            PlantId plant,
            String plantName,
            DisorderId cause,
            String causeName,
            List<CauseTab> causes,
            List<StyleTab> styles,
            String style,
            boolean pest,
            boolean severe,
            String counted,
            String unit,
            List<StepLine> steps,
            Optional<Said> said,
            List<WeighedLine> weighed,
            Optional<String> noCure,
            FormKey form) {}

    /** Standing alone. */
    record AloneBox(int day, int days, String until, int left, String reason, boolean alone) {}

    /** One who may have caught it. */
    record ContactLine(
            PlantId plant,
            String name,
            String stop,
            String nearness,
            String days,
            int percent,
            String state,
            boolean found) {}

    /** A plant of the outbreak on the map of a stop. */
    record MapPot(PlantId plant, String name, double x, double y, double radius, String role) {}

    /** A stop on the map. */
    record MapStop(String name, double width, double depth, List<MapPot> pots) {}

    /** How many plants were known to have it, day by day. */
    record Curve(String path, String from, String words) {}

    /** A running or ended course. */
    record CoursePage(
            CourseId id,
            CaseId caseId,
            PlantId plant,
            String plantName,
            StopId stop,
            String causeName,
            String style,
            String state,
            boolean running,
            List<StepLine> steps,
            Optional<Said> said,
            Optional<String> cost,
            Optional<String> noCure,
            List<WeighedLine> weighed,
            Optional<AloneBox> alone,
            List<ContactLine> contacts,
            boolean allAsked,
            List<MapStop> map,
            Optional<Curve> curve,
            String since,
            String unit,
            List<String> clean,
            FormKey form) {}

    /** Whether a course can be composed for a decided case. */
    boolean treats(DisorderId cause) {
        return composer.treats(cause);
    }

    ChoicePage choice(
            CollectionId collection,
            CaseId caseId,
            Optional<Style> style,
            Optional<DisorderId> cause,
            boolean severe,
            OptionalDouble counted) {
        CaseTroubles.Decided decided = cases.decided(collection, caseId);
        if (decided.causes().isEmpty()) {
            throw new NotHere("decided case");
        }
        DisorderId against =
                cause.filter(decided.causes()::contains).orElse(decided.causes().get(0));
        Style house = houses.style(collection);
        Style chosen = style.orElse(house);
        Plant plant = this.plants.plant(collection, decided.plant());
        Optional<LifeTable> pest = pests.find(against);
        Optional<Course> course = treats(against)
                ? Optional.of(
                        service.compose(collection, plant, new CourseService.Wanted(chosen, against, severe, counted)))
                : Optional.empty();
        return new ChoicePage(
                caseId,
                plant.id(),
                plant.name(),
                against,
                outbreaks.causeName(against),
                decided.causes().stream()
                        .map(id -> new CauseTab(id, outbreaks.causeName(id), id.equals(against)))
                        .toList(),
                Arrays.stream(Style.values())
                        .map(one -> new StyleTab(one.name(), one.words(), one.meaning(), one == chosen, one == house))
                        .toList(),
                chosen.name(),
                pest.isPresent(),
                severe,
                counted.isPresent() ? Limits.plain(counted.getAsDouble()) : "",
                pest.map(LifeTable::unit).orElse(""),
                course.map(it -> it.steps().stream()
                                .map(step -> line(Optional.empty(), step, plant))
                                .toList())
                        .orElse(List.of()),
                course.flatMap(it -> said(it, plant)),
                course.map(CoursePages::weighed).orElse(List.of()),
                course.map(Course::noCure)
                        .orElse(
                                Optional.of(
                                        "Against this the one change of the trial is the treatment; there is no course of doses.")),
                FormKey.fresh());
    }

    private static List<WeighedLine> weighed(Course course) {
        return course.weighed().stream()
                .map(one -> new WeighedLine(one.name(), one.chosen(), withoutName(one)))
                .toList();
    }

    /** A reason that begins with the name is said after it. */
    private static String withoutName(Course.Weighed one) {
        boolean named = one.why().toLowerCase(Locale.ROOT).startsWith(one.name().toLowerCase(Locale.ROOT) + " ");
        return named ? one.why().substring(one.name().length() + 1) : one.why();
    }

    private Optional<Said> said(Course course, Plant plant) {
        return course.forecast().map(forecast -> {
            List<String> words = new ArrayList<>();
            forecast.doublingDays()
                    .ifPresent(days -> words.add(
                            "Untreated, its numbers double every " + Math.max(1, Math.round(days)) + " days here."));
            words.add("One use alone would leave a chance of " + CourseComposer.percent(forecast.riskOfOne())
                    + " that any is left; as many uses, " + forecast.slowInterval() + " days apart, "
                    + CourseComposer.percent(forecast.riskSlow()) + ".");
            forecast.longestHidden().ifPresent(stage -> words.add("Out of reach meanwhile: " + stage + "."));
            double celsius = Situations.celsius(states.of(this.stops.stop(plant.collection(), plant.stop())));
            String lead = (forecast.ends() ? "Ends it" : "Does not end it by itself") + ": "
                    + CourseComposer.percent(forecast.risk()) + " chance that any is left after "
                    + (forecast.applications() == 1 ? "one use" : forecast.applications() + " uses") + ".";
            String first = course.choice().uses().isEmpty()
                    ? ""
                    : "&means=" + course.choice().uses().get(0);
            return new Said(
                    forecast.ends(),
                    lead,
                    words,
                    "/pest-clock?pest=" + course.disorder() + "&celsius=" + Math.round(celsius) + first + "&interval="
                            + course.choice().intervalDays() + "&uses=" + Math.min(20, forecast.applications()));
        });
    }

    private StepLine line(Optional<StoredStep> stored, Course.Step step, Plant plant) {
        LocalDate today = LocalDate.now(clock);
        StoredStep.State state = stored.map(StoredStep::state).orElse(StoredStep.State.PLANNED);
        boolean planned = state == StoredStep.State.PLANNED;
        long late = ChronoUnit.DAYS.between(step.on(), today);
        String stateWords = stored.filter(one ->
                        one.state() == StoredStep.State.DONE && !one.onDay().equals(one.doneOn()))
                .map(one -> "done on " + DAY.format(one.doneOn()))
                .orElse(state.words());
        return new StepLine(
                stored.map(StoredStep::id).orElseGet(StepId::fresh),
                FormKey.fresh(),
                DAY.format(step.on()),
                step.phase().name().toLowerCase(Locale.ROOT),
                step.phase().words(),
                step.what(),
                step.terms(),
                state.name(),
                stateWords,
                stored.isPresent() && planned && late >= 0,
                planned,
                stored.isPresent() && planned && late > 0 ? (late == 1 ? "a day late" : late + " days late") : "",
                step.phase() == Course.Phase.ACT || step.phase() == Course.Phase.REPEAT
                        ? mix(step, plant)
                        : Optional.empty());
    }

    /** Where on the mixing bench this plant's dose is mixed. */
    private Optional<String> mix(Course.Step step, Plant plant) {
        return step.means()
                .flatMap(knowledge::find)
                .filter(one -> one.way() == Means.Way.SPRAY)
                .flatMap(Means::rate)
                .map(rate -> {
                    double spray = Batch.of(List.of(Batch.spray(water.leafSquareCm(plant, this.plants.profile(plant)))))
                            .millilitres();
                    return "/mixing/dilution?product=" + step.means().orElse("") + "&amount="
                            + Limits.plain(rate.amount()) + "&measure="
                            + Words.id(rate.measure()) + "&carrier=" + Words.id(rate.carrier())
                            + "&volume=" + Math.round(spray) + most(rate);
                });
    }

    private static String most(Rate rate) {
        return "&most=" + Limits.plain(rate.amount());
    }

    CoursePage page(CollectionId collection, CourseId id) {
        StoredCourse course = service.find(collection, id);
        Plant plant = this.plants.plant(collection, course.plant());
        List<StoredStep> all = steps.of(collection, id).stream()
                .sorted(Comparator.comparing(StoredStep::onDay).thenComparing(StoredStep::phase))
                .toList();
        Course plan = course.with(all.stream().map(StoredStep::step).toList());
        boolean running = course.state() == StoredCourse.State.RUNNING;
        boolean catching = outbreaks.catching(course.disorder());
        List<ContactLook> looks = asked.findByCollectionAndCourse(collection, id).stream()
                .filter(look -> look.askedOn().isPresent())
                .toList();
        List<Quarantine.Contact> contacts = running && catching ? outbreaks.contacts(course) : List.of();
        Map<StopId, Stop> stops =
                this.stops.walk(collection).stream().collect(Collectors.toMap(Stop::id, stop -> stop));
        List<ContactLine> lines = contactLines(course, contacts, looks, stops);
        return new CoursePage(
                id,
                course.troubleCase(),
                plant.id(),
                plant.name(),
                plant.stop(),
                outbreaks.causeName(course.disorder()),
                course.style().words(),
                switch (course.state()) {
                    case RUNNING -> "running since " + DAY.format(course.startedOn());
                    case ENDED -> "ended on " + DAY.format(course.endedOn());
                    case RELEASED -> "released on " + DAY.format(course.endedOn());
                },
                running,
                all.stream()
                        .map(step -> line(Optional.of(step), step.step(), plant))
                        .toList(),
                said(plan, plant),
                plan.cost().filter(words -> running),
                plan.noCure(),
                weighed(plan),
                catching ? Optional.of(alone(course, plant, stops)) : Optional.empty(),
                lines,
                contacts.stream()
                        .filter(quarantine::worthALook)
                        .allMatch(one ->
                                looks.stream().anyMatch(look -> look.plant().equals(one.plant()))),
                catching && running ? map(course, lines, stops) : List.of(),
                catching && running ? Optional.of(curve(course)) : Optional.empty(),
                catching ? DAY.format(course.thereSince()) : "",
                pests.find(course.disorder()).map(LifeTable::unit).orElse(""),
                catching ? quarantine.cleaning(plant.name(), course.disorder()) : List.of(),
                FormKey.fresh());
    }

    private AloneBox alone(StoredCourse course, Plant plant, Map<StopId, Stop> stops) {
        LocalDate today = LocalDate.now(clock);
        Quarantine.Clock box = outbreaks.clock(course);
        int day = (int) Math.min(box.days(), ChronoUnit.DAYS.between(box.from(), today) + 1);
        Stop stop = stops.get(plant.stop());
        return new AloneBox(
                day,
                box.days(),
                DAY.format(box.until()),
                box.left(today),
                box.reason(),
                stop != null && stop.isolation());
    }

    private List<ContactLine> contactLines(
            StoredCourse course, List<Quarantine.Contact> contacts, List<ContactLook> looks, Map<StopId, Stop> stops) {
        Map<PlantId, Plant> plants =
                this.plants
                        .plants(
                                course.collection(),
                                contacts.stream().map(Quarantine.Contact::plant).toList())
                        .stream()
                        .collect(Collectors.toMap(Plant::id, plant -> plant));
        Set<PlantId> infested = outbreaks.sameTrouble(course).stream()
                .map(CaseTroubles.Decided::plant)
                .collect(Collectors.toSet());
        List<ContactLine> lines = new ArrayList<>();
        for (Quarantine.Contact contact : contacts) {
            Plant plant = plants.get(contact.plant());
            if (plant == null || !plant.alive()) {
                continue;
            }
            boolean found = infested.contains(plant.id());
            Optional<ContactLook> look =
                    looks.stream().filter(one -> one.plant().equals(plant.id())).findFirst();
            boolean looked = look.isPresent()
                    && !found
                    && lookedSince(plant, look.get().askedOn().orElse(LocalDate.MAX));
            String state = found
                    ? "has it too"
                    : looked
                            ? "looked at, fine"
                            : look.isPresent()
                                    ? "on the round"
                                    : quarantine.worthALook(contact) ? "not asked yet" : "usual round";
            Stop stop = stops.get(plant.stop());
            lines.add(new ContactLine(
                    plant.id(),
                    plant.name(),
                    stop == null || contact.nearness() != Quarantine.Nearness.ROOM ? "" : stop.name(),
                    contact.nearness().words(),
                    CourseDues.days(contact.days()),
                    (int) Math.max(1, Math.round(100 * contact.risk())),
                    state,
                    found));
        }
        return lines;
    }

    private boolean lookedSince(Plant plant, LocalDate day) {
        return logBook.entries(plant, day).stream().anyMatch(row -> row.kind() == LogKind.LOOKED);
    }

    /** The stops on which the outbreak stands, to scale, each pot by what is known of it. */
    private List<MapStop> map(StoredCourse course, List<ContactLine> lines, Map<StopId, Stop> stops) {
        Map<PlantId, ContactLine> near = lines.stream()
                .filter(line -> !line.nearness().equals(Quarantine.Nearness.ROOM.words()) || line.found())
                .collect(Collectors.toMap(ContactLine::plant, line -> line, (one, other) -> one, LinkedHashMap::new));
        List<PlantId> ids = new ArrayList<>(near.keySet());
        ids.add(course.plant());
        Map<StopId, List<Plant>> byStop = this.plants.plants(course.collection(), ids).stream()
                .filter(Plant::alive)
                .collect(Collectors.groupingBy(Plant::stop, LinkedHashMap::new, Collectors.toList()));
        Map<PlantId, Quarantine.Spot> spots =
                outbreaks.spots(course.collection(), this.plants.plants(course.collection()));
        List<MapStop> map = new ArrayList<>();
        for (Stop stop : stops.values().stream()
                .sorted(Comparator.comparingInt(Stop::position))
                .toList()) {
            List<MapPot> pots = new ArrayList<>();
            for (Plant plant : byStop.getOrDefault(stop.id(), List.of())) {
                Quarantine.Spot spot = spots.get(plant.id());
                if (spot != null) {
                    ContactLine line = near.get(plant.id());
                    String role = plant.id().equals(course.plant()) || (line != null && line.found())
                            ? "has-it"
                            : line != null && line.state().equals("looked at, fine") ? "fine" : "near";
                    pots.add(new MapPot(plant.id(), plant.name(), spot.xCm(), spot.yCm(), spot.radiusCm(), role));
                }
            }
            if (!pots.isEmpty()) {
                map.add(new MapStop(stop.name(), stop.widthCm(), stop.depthCm(), pots));
            }
        }
        return map;
    }

    private Curve curve(StoredCourse course) {
        LocalDate today = LocalDate.now(clock);
        List<LocalDate> found = new ArrayList<>(outbreaks.sameTrouble(course).stream()
                .map(CaseTroubles.Decided::openedOn)
                .toList());
        found.add(cases.decided(course.collection(), course.troubleCase()).openedOn());
        found.sort(Comparator.naturalOrder());
        LocalDate from = found.get(0);
        double days = Math.max(1, ChronoUnit.DAYS.between(from, today));
        StringBuilder path = new StringBuilder("M").append(SvgNumbers.point(2, CURVE_FOOT));
        for (int i = 0; i < found.size(); i++) {
            double x = 2 + (CURVE_WIDTH - 4) * ChronoUnit.DAYS.between(from, found.get(i)) / days;
            path.append("H")
                    .append(Math.round(x))
                    .append("V")
                    .append(Math.round(CURVE_FOOT - (CURVE_FOOT - 18.0) * (i + 1) / found.size()));
        }
        path.append("H").append(CURVE_WIDTH - 2);
        return new Curve(
                path.toString(),
                DAY.format(from),
                found.size() == 1 ? "1 plant has it" : found.size() + " plants have it");
    }
}
