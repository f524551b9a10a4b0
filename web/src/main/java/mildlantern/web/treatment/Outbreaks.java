package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.DisorderId;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.pest.Conditions;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Pests;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.Contact;
import mildlantern.quarantine.IsolationClock;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.Standing;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who may have caught what a plant has: since when it can have been there, who stood near, and who has it by now. */
@Service
@Transactional(readOnly = true)
class Outbreaks {
    /** A stay that began before the record. */
    private static final LocalDate EVER = LocalDate.of(1970, 1, 1);

    private final Plants plants;
    private final Stops stops;
    private final StopStates states;
    private final CaseTroubles cases;
    private final CourseRepositories.Contacts contacts;
    private final Quarantine quarantine;
    private final Pests pests;
    private final Diagnosis diagnosis;
    private final LogBook logBook;
    private final Clock clock;

    Outbreaks(
            Plants plants,
            Stops stops,
            StopStates states,
            CaseTroubles cases,
            CourseRepositories.Contacts contacts,
            Quarantine quarantine,
            Pests pests,
            Diagnosis diagnosis,
            LogBook logBook,
            Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.states = states;
        this.cases = cases;
        this.contacts = contacts;
        this.quarantine = quarantine;
        this.pests = pests;
        this.diagnosis = diagnosis;
        this.logBook = logBook;
        this.clock = clock;
    }

    String causeName(DisorderId disorder) {
        return diagnosis.knowledge().disorder(disorder).map(Disorder::name).orElse(disorder.value());
    }

    /** Whether a plant that has it is kept apart: not for what comes from the room or the garden. */
    boolean isolates(DisorderId disorder) {
        return catching(disorder) && pests.find(disorder).map(LifeTable::alone).orElse(true);
    }

    boolean catching(DisorderId disorder) {
        return diagnosis
                .knowledge()
                .disorder(disorder)
                .map(cause -> cause.nature().catching())
                .orElse(false);
    }

    /**
     * The clock of standing alone of a course: its own release, where it plans one, so that there is one date everywhere.
     *
     * @param steps all steps of the course
     */
    IsolationClock clock(StoredCourse course, List<StoredStep> steps) {
        Plant plant = this.plants.plant(course.collection(), course.plant());
        double celsius = Situations.celsius(states.of(stops.stop(course.collection(), plant.stop())));
        LocalDate last = Stream.concat(
                        Stream.of(course.lastFind()),
                        steps.stream()
                                .filter(step -> step.uses() && step.state() != StoredStep.State.MISSED)
                                .map(step -> step.doneOn() == null ? step.onDay() : step.doneOn()))
                .max(Comparator.naturalOrder())
                .orElse(course.lastFind());
        IsolationClock clock = quarantine.clock(
                last, Optional.of(course.disorder()), celsius, steps.stream().anyMatch(StoredStep::uses));
        return steps.stream()
                .filter(step -> step.phase() == Course.Phase.RELEASE && step.state() == StoredStep.State.PLANNED)
                .map(StoredStep::onDay)
                .findFirst()
                .map(clock::until)
                .orElse(clock);
    }

    /**
     * The first day on which it can have been there: what the pest clock reckons back from the finding, for as many as were counted.
     *
     * @param opened the day of the first finding
     */
    LocalDate since(Plant plant, DisorderId disorder, OptionalDouble counted, LocalDate opened) {
        Optional<LifeTable> pest = pests.find(disorder);
        if (pest.isEmpty()) {
            return opened.minusDays(quarantine.unseenDays());
        }
        double celsius = Situations.celsius(states.of(stops.stop(plant.collection(), plant.stop())));
        double noticed = Math.max(pest.get().seenFrom(), counted.orElse(0));
        double days = new PestClock(
                        pest.get(),
                        new Conditions(
                                celsius,
                                CourseComposer.USUAL_COVERAGE,
                                pest.get().start()))
                .thereSince(noticed)
                .high();
        LocalDate acquired = Optional.ofNullable(plant.acquiredOn()).orElse(EVER);
        LocalDate since = opened.minusDays((long) days);
        return since.isBefore(acquired) ? acquired : since;
    }

    /** Who may have caught it, the likeliest first. */
    List<Contact> contacts(StoredCourse course) {
        CollectionId collection = course.collection();
        if (!catching(course.disorder())) {
            return List.of();
        }
        LocalDate today = LocalDate.now(clock);
        LocalDate since = course.thereSince();
        List<Plant> plants = this.plants.plants(collection);
        Map<PlantId, Quarantine.Spot> spots = spots(collection, plants);
        Set<PlantId> touched = contacts.findByCollectionAndCourse(collection, course.id()).stream()
                .filter(look -> look.nearness() == Quarantine.Nearness.TOUCHING)
                .map(ContactLook::plant)
                .collect(Collectors.toSet());
        Set<PlantId> hosts = diagnosis.knowledge().disorder(course.disorder()).stream()
                .flatMap(cause -> plants.stream().filter(plant -> cause.mayBefall(this.plants.profile(plant))))
                .map(Plant::id)
                .collect(Collectors.toSet());
        return quarantine.contacts(new Quarantine.Meeting(
                course.plant(),
                course.disorder(),
                since,
                today,
                stays(collection, plants, since, today),
                spots,
                touched,
                cut(collection, course.plant(), since),
                hosts));
    }

    /** Plants that were cut or potted since then, if the one that has it was: with the same tools, for all that is known. */
    private Set<PlantId> cut(CollectionId collection, PlantId source, LocalDate since) {
        Set<PlantId> cut = Stream.of(LogKind.PRUNED, LogKind.REPOTTED, LogKind.SPLIT)
                .flatMap(kind -> logBook.ofKind(collection, kind, since).stream())
                .map(LogLine::plant)
                .collect(Collectors.toSet());
        return cut.contains(source) ? cut : Set.of();
    }

    /** Where every pot stands on its stop's plan, cm. */
    Map<PlantId, Quarantine.Spot> spots(CollectionId collection, List<Plant> plants) {
        Map<StopId, List<Plant>> byStop = plants.stream().collect(Collectors.groupingBy(Plant::stop));
        Map<PlantId, Quarantine.Spot> spots = new HashMap<>();
        stops.walk(collection)
                .forEach(stop -> Standing.at(stop, byStop.getOrDefault(stop.id(), List.of()))
                        .forEach(pot -> spots.put(pot.id(), new Quarantine.Spot(pot.x(), pot.y(), pot.radius()))));
        return spots;
    }

    private record Move(PlantId plant, LocalDate on, StopId from) {}

    /** Where each plant stood, back to the day asked for: from where it stands now, move by move. */
    private List<Quarantine.Stay> stays(CollectionId collection, List<Plant> plants, LocalDate since, LocalDate today) {
        Map<PlantId, List<Move>> moves = logBook.ofKind(collection, LogKind.MOVED, since).stream()
                .flatMap(line -> line
                        .as(LogEntry.Moved.class)
                        .flatMap(LogEntry.Moved::from)
                        .map(from -> new Move(line.plant(), line.onDay(), from))
                        .stream())
                .collect(Collectors.groupingBy(Move::plant, LinkedHashMap::new, Collectors.toList()));
        Set<StopId> outdoors = stops.walk(collection).stream()
                .filter(stop -> stop.kind() == StopKind.OUTDOORS)
                .map(Stop::id)
                .collect(Collectors.toSet());
        Map<PlantId, LocalDate> entered = logBook.ofKind(collection, LogKind.ARRIVED, EVER).stream()
                .collect(Collectors.toMap(
                        LogLine::plant, LogLine::onDay, (one, other) -> one.isBefore(other) ? one : other));
        List<Quarantine.Stay> stays = new ArrayList<>();
        for (Plant plant : plants) {
            StopId stop = plant.stop();
            LocalDate until = today;
            for (Move move : moves.getOrDefault(plant.id(), List.of())) {
                stays.add(new Quarantine.Stay(plant.id(), stop, outdoors.contains(stop), move.on(), until));
                stop = move.from();
                until = move.on();
            }
            // Of a plant whose coming nobody noted, nothing is known before it was entered.
            LocalDate from = Optional.ofNullable(plant.acquiredOn()).orElse(entered.getOrDefault(plant.id(), EVER));
            if (!from.isAfter(until)) {
                stays.add(new Quarantine.Stay(plant.id(), stop, outdoors.contains(stop), from, until));
            }
        }
        return stays;
    }

    /** Open cases of other plants that were decided for the same cause: one outbreak. */
    List<CaseTroubles.Decided> sameTrouble(StoredCourse course) {
        return cases.decided(course.collection()).stream()
                .filter(one -> one.causes().contains(course.disorder()))
                .filter(one -> !one.plant().equals(course.plant()))
                .toList();
    }
}
