package mildlantern.web.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import mildlantern.plant.Brightness;
import mildlantern.plant.SprayKind;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.Means;
import mildlantern.treatment.Situation;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.Happening;
import mildlantern.web.collection.HappeningKind;
import mildlantern.web.collection.Plant;
import mildlantern.web.collection.StopNow;
import mildlantern.web.collection.StopStates;
import mildlantern.web.collection.UpkeepRows;
import org.springframework.stereotype.Component;

/** Puts together what decides on a course: the plant, its place, and what was used on it in the last year. */
@Component
class Situations {
    /** Where nothing was measured, a living room's. */
    private static final double USUAL_CELSIUS = 20;

    private static final int SEASON_DAYS = 365;

    /** What an entry of the record says was sprayed, as a means. */
    private static final Map<SprayKind, String> MEANS = Map.of(
            SprayKind.SOAP, "soap",
            SprayKind.OIL, "oil",
            SprayKind.ALCOHOL, "alcohol-swab",
            SprayKind.COPPER, "copper",
            SprayKind.FUNGICIDE, "contact-fungicide",
            SprayKind.SYSTEMIC, "systemic-insecticide",
            SprayKind.DETERGENT, "household-detergent");

    private final CollectionService collections;
    private final StopStates states;
    private final UpkeepRows upkeep;
    private final TreatmentKnowledge knowledge;
    private final CourseRepositories.Courses courses;
    private final CourseRepositories.Steps steps;
    private final CourseRepositories.Products products;

    Situations(
            CollectionService collections,
            StopStates states,
            UpkeepRows upkeep,
            TreatmentKnowledge knowledge,
            CourseRepositories.Courses courses,
            CourseRepositories.Steps steps,
            CourseRepositories.Products products) {
        this.collections = collections;
        this.states = states;
        this.upkeep = upkeep;
        this.knowledge = knowledge;
        this.courses = courses;
        this.steps = steps;
        this.products = products;
    }

    /** The kind of spray that the record knows a means as. */
    static Optional<SprayKind> sprayKind(String means) {
        if (means.equals("systemic-fungicide") || means.equals("sulphur")) {
            return Optional.of(SprayKind.FUNGICIDE);
        }
        return MEANS.entrySet().stream()
                .filter(entry -> entry.getValue().equals(means))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** Mean temperature at a stop, °C. */
    static double celsius(StopNow now) {
        Optional<Double> day = now.dayCelsius();
        Optional<Double> night = now.nightCelsius();
        return day.isPresent() && night.isPresent()
                ? (day.get() + night.get()) / 2
                : day.or(() -> night).orElse(USUAL_CELSIUS);
    }

    Situation of(Plant plant, LocalDate today) {
        StopNow now = states.of(collections.stop(plant.collection(), plant.stop()));
        boolean thirsty = upkeep.of(plant.collection(), plant.id())
                .flatMap(row -> row.upkeep().water())
                .filter(check -> check.early().isBefore(today))
                .isPresent();
        return new Situation(
                collections.profile(plant),
                plant.flowers() > 0,
                thirsty,
                celsius(now),
                now.humidityPercent().map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                now.brightness().filter(Brightness.DIRECT::equals).isPresent(),
                Set.of(),
                uses(plant, today));
    }

    private List<Situation.Use> uses(Plant plant, LocalDate today) {
        List<Situation.Use> uses = new ArrayList<>();
        List<UUID> earlier =
                courses.findByCollectionAndPlantOrderByStartedOnDesc(plant.collection(), plant.id()).stream()
                        .map(StoredCourse::id)
                        .toList();
        List<StoredStep> done = earlier.isEmpty()
                ? List.of()
                : steps.findByCollectionAndCourseInAndState(plant.collection(), earlier, StoredStep.State.DONE);
        done.stream()
                .filter(StoredStep::uses)
                .forEach(step -> use(step.means(), step.doneOn()).ifPresent(uses::add));
        // Steps of courses wrote entries of their own; only what was written by hand is added.
        List<UUID> batches = done.stream().map(StoredStep::batch).toList();
        for (Happening row : collections.happenings(plant, today.minusDays(SEASON_DAYS))) {
            if (row.kind() == HappeningKind.SPRAYED && row.spray() != null && !batches.contains(row.batch())) {
                use(MEANS.getOrDefault(row.spray(), ""), row.onDay()).ifPresent(uses::add);
            }
        }
        return List.copyOf(uses);
    }

    private Optional<Situation.Use> use(String means, LocalDate on) {
        return knowledge.find(means).map(one -> use(one, on));
    }

    private static Situation.Use use(Means one, LocalDate on) {
        return new Situation.Use(one.id(), on, one.group(), one.product());
    }

    CourseComposer.Request request(
            Plant plant,
            String disorder,
            Style style,
            LocalDate from,
            LocalDate today,
            boolean severe,
            OptionalDouble counted,
            double coverage) {
        return new CourseComposer.Request(
                disorder,
                of(plant, today),
                style,
                from,
                severe,
                counted,
                coverage,
                products.of(plant.collection()).stream().map(OwnProduct::label).toList());
    }
}
