package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.care.Change;
import mildlantern.care.Experience;
import mildlantern.care.Subject;
import mildlantern.outcome.Compared;
import mildlantern.outcome.Promised;
import mildlantern.outcome.Verdict;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Words what changes brought: of one plant, and of the collection. */
@Service
@Transactional(readOnly = true)
class OutcomePages {
    private static final int CLOSED_SHOWN = 40;

    /** Nothing is certain. */
    private static final long MOST_SURE = 99;

    private static final DayFormat DAY = DayFormat.SHORT;

    private final CareChangeRows changes;
    private final Outcomes outcomes;
    private final OutcomeWords words;
    private final Experiences experiences;
    private final TreatmentResults treatments;
    private final PlannedTaskRows tasks;
    private final Plants plants;
    private final Clock clock;

    OutcomePages(
            CareChangeRows changes,
            Outcomes outcomes,
            OutcomeWords words,
            Experiences experiences,
            TreatmentResults treatments,
            PlannedTaskRows tasks,
            Plants plants,
            Clock clock) {
        this.changes = changes;
        this.outcomes = outcomes;
        this.words = words;
        this.experiences = experiences;
        this.treatments = treatments;
        this.tasks = tasks;
        this.plants = plants;
        this.clock = clock;
    }

    /** The change that runs on a plant, as far as it can be judged today. */
    Optional<OutcomeViews.Running> running(CareService.House house, Subject subject) {
        return outcomes.running(house.collection(), subject.plant().id()).map(change -> {
            List<CarePromise> promised =
                    outcomes.promises(house.collection(), List.of(change)).getOrDefault(change.id(), List.of());
            Map<Promised, Compared> compared = outcomes.effects(house, subject, change, promised).figures().stream()
                    .collect(Collectors.toMap(
                            Compared::promised, Function.identity(), (one, other) -> one, LinkedHashMap::new));
            Optional<LocalDate> look = Optional.ofNullable(
                    looks(house.collection(), List.of(change)).get(change.id()));
            return new OutcomeViews.Running(
                    change.plan(),
                    change.words(),
                    DAY.format(change.beganOn()),
                    look.map(DAY::format).orElse(""),
                    ready(look),
                    subject.here().id().equals(change.to()),
                    Stream.concat(
                                    promised.stream().map(CarePromise::promised),
                                    compared.keySet().stream().filter(Promised::isNothing))
                            .map(one -> row(one, Optional.ofNullable(compared.get(one))))
                            .toList(),
                    outcomes.byLeaves(change)
                            .map(it -> Wording.say("care.outcome-pages.leaves", Wording.of(it)))
                            .orElse(""),
                    FormKey.fresh());
        });
    }

    /** The days of the looks at some changes, by change. */
    private Map<UUID, LocalDate> looks(CollectionId collection, List<CareChange> of) {
        Map<BatchId, List<PlannedTask>> byPlan = tasks
                .findByCollectionAndPlanInAndKind(
                        collection, of.stream().map(CareChange::plan).toList(), PlannedTask.Kind.LOOK)
                .stream()
                .collect(Collectors.groupingBy(PlannedTask::plan));
        Map<UUID, LocalDate> days = new HashMap<>();
        for (CareChange change : of) {
            byPlan.getOrDefault(change.plan(), List.of()).stream()
                    .filter(task -> task.plant().equals(change.plant()))
                    .map(PlannedTask::onDay)
                    .max(Comparator.naturalOrder())
                    .ifPresent(day -> days.put(change.id(), day));
        }
        return days;
    }

    private boolean ready(Optional<LocalDate> look) {
        return look.filter(day -> day.isAfter(LocalDate.now(clock))).isEmpty();
    }

    private static OutcomeViews.Row row(Promised promised, Optional<Compared> compared) {
        return new OutcomeViews.Row(
                OutcomeWords.need(promised.kind()),
                OutcomeWords.figure(promised.kind(), promised.before()),
                promised.isNothing()
                        ? Wording.say("care.outcome-pages.no-change")
                        : OutcomeWords.figure(promised.kind(), promised.promised()),
                compared.map(it -> OutcomeWords.figure(promised.kind(), it.now().value()))
                        .orElse(""),
                compared.map(it -> OutcomeWords.figure(promised.kind(), it.without()))
                        .orElse(""),
                compared.map(it -> it.verdict() == Verdict.CANNOT_TELL
                                ? Wording.of(it.verdict())
                                : Wording.say(
                                        "care.outcome-pages.sure",
                                        Wording.of(it.verdict()),
                                        Math.min(MOST_SURE, Math.round(it.sure() * 100))))
                        .orElseGet(() -> Wording.say("care.outcome-pages.not-read")),
                compared.map(it -> it.verdict().name()).orElse(Verdict.CANNOT_TELL.name()));
    }

    OutcomeViews.All all(CollectionId collection) {
        Map<PlantId, Plant> byId =
                plants.plants(collection).stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        List<CareChange> closed = here(collection, CareChange.State.JUDGED, byId)
                .limit(CLOSED_SHOWN)
                .toList();
        Map<UUID, List<CarePromise>> promised = outcomes.promises(collection, closed);
        List<CareChange> running =
                here(collection, CareChange.State.RUNNING, byId).toList();
        Map<UUID, LocalDate> looks = looks(collection, running);
        Experience experience = experiences.of(collection);
        List<TreatmentResults.Ended> treated = treatments.ended(collection).stream()
                .filter(course -> byId.containsKey(course.plant()))
                .toList();
        return new OutcomeViews.All(
                running.stream()
                        .map(change -> coming(change, Optional.ofNullable(looks.get(change.id())), byId))
                        .sorted(Comparator.comparing(OutcomeViews.Coming::ready).reversed())
                        .toList(),
                Stream.concat(
                                closed.stream()
                                        .map(change -> Map.entry(
                                                change.beganOn(),
                                                closed(change, byId, promised.getOrDefault(change.id(), List.of())))),
                                treated.stream().map(course -> Map.entry(course.began(), closed(course, byId))))
                        .sorted(Map.Entry.<LocalDate, OutcomeViews.Closed>comparingByKey()
                                .reversed())
                        .limit(CLOSED_SHOWN)
                        .map(Map.Entry::getValue)
                        .toList(),
                learned(collection, experience),
                Math.round(experience.weight()),
                treatments.lessons(collection));
    }

    private Stream<CareChange> here(CollectionId collection, CareChange.State state, Map<PlantId, Plant> byId) {
        return changes.findByCollectionAndStateOrderByBeganOnDesc(collection, state).stream()
                .filter(change -> byId.containsKey(change.plant()));
    }

    private OutcomeViews.Coming coming(CareChange change, Optional<LocalDate> look, Map<PlantId, Plant> byId) {
        return new OutcomeViews.Coming(
                change.plant(),
                Objects.requireNonNull(byId.get(change.plant())).name(),
                change.words(),
                look.map(DAY::format).orElse(""),
                ready(look));
    }

    private OutcomeViews.Closed closed(CareChange change, Map<PlantId, Plant> byId, List<CarePromise> promised) {
        Verdict verdict = change.verdict().orElseThrow();
        return new OutcomeViews.Closed(
                change.plant(),
                Objects.requireNonNull(byId.get(change.plant())).name(),
                change.words(),
                DAY.format(change.beganOn()),
                Wording.of(verdict),
                verdict.name(),
                words.why(promised, change.said()));
    }

    private static OutcomeViews.Closed closed(TreatmentResults.Ended course, Map<PlantId, Plant> byId) {
        return new OutcomeViews.Closed(
                course.plant(),
                Objects.requireNonNull(byId.get(course.plant())).name(),
                course.words(),
                DAY.format(course.began()),
                Wording.of(course.verdict()),
                course.verdict().name(),
                course.why());
    }

    private List<OutcomeViews.Learned> learned(CollectionId collection, Experience experience) {
        Map<String, Map<Change.Kind, List<Experience.Case>>> alike = experience.cases().stream()
                .collect(Collectors.groupingBy(
                        Experience.Case::plantKind, HashMap::new, Collectors.groupingBy(Experience.Case::change)));
        return alike.values().stream()
                .flatMap(byChange -> byChange.values().stream())
                .map(cases -> learned(collection, experience, cases))
                .sorted(Comparator.comparing(OutcomeViews.Learned::kindName).thenComparing(OutcomeViews.Learned::kind))
                .toList();
    }

    private OutcomeViews.Learned learned(CollectionId collection, Experience experience, List<Experience.Case> cases) {
        Experience.Case first = cases.get(0);
        return new OutcomeViews.Learned(
                first.plantKind(),
                plants.kind(collection, first.plantKind()).map(Profile::name).orElse(first.plantKind()),
                first.change(),
                OutcomeWords.sort(first.change()),
                (int) cases.stream().filter(it -> it.helped() > 0).count(),
                cases.size(),
                Limits.tenths(experience.book() * cases.size()),
                Math.round(100 * experience.factor(first.plantKind(), first.change(), Optional.empty())));
    }
}
