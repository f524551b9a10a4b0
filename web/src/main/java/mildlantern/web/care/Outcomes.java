package mildlantern.web.care;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import mildlantern.care.Figure;
import mildlantern.care.Need;
import mildlantern.care.Subject;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.outcome.Compared;
import mildlantern.outcome.Effects;
import mildlantern.outcome.Leaves;
import mildlantern.outcome.OutcomeJudge;
import mildlantern.outcome.Promised;
import mildlantern.outcome.Seen;
import mildlantern.outcome.Verdict;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts what a change was to bring, and what was read since, before the core. */
@Component
@Transactional(readOnly = true)
class Outcomes {
    private final CareChangeRows changes;
    private final CarePromiseRows promises;
    private final CareService care;
    private final Plants plants;
    private final LogBook logBook;
    private final OutcomeJudge judge;

    Outcomes(
            CareChangeRows changes,
            CarePromiseRows promises,
            CareService care,
            Plants plants,
            LogBook logBook,
            OutcomeJudge judge) {
        this.changes = changes;
        this.promises = promises;
        this.care = care;
        this.plants = plants;
        this.logBook = logBook;
        this.judge = judge;
    }

    /** The change of a plant that nobody has looked at yet. */
    Optional<CareChange> running(CollectionId collection, PlantId plant) {
        return changes.findByCollectionAndPlantOrderByBeganOnDesc(collection, plant).stream()
                .filter(change -> change.state() == CareChange.State.RUNNING)
                .findFirst();
    }

    /** What changes were to bring, and brought, by change; in the order of needs. */
    Map<UUID, List<CarePromise>> promises(CollectionId collection, List<CareChange> of) {
        return promises
                .findByCollectionAndChangeIn(
                        collection, of.stream().map(CareChange::id).toList())
                .stream()
                .sorted(Comparator.comparing(promise -> promise.promised().kind()))
                .collect(Collectors.groupingBy(CarePromise::change));
    }

    /** What a move of a plant promises. */
    List<Promised> ofMove(CareService.House house, Subject subject, StopId to) {
        List<Need> there = care.needsAt(house, subject, to);
        return Promised.ofMove(
                care.needs(house, subject),
                there,
                kind -> elsewhere(house, both(subject.here().id(), to), kind));
    }

    /** What another change of a plant promises. */
    List<Promised> of(CareService.House house, Subject subject, Set<Need.Kind> answers) {
        return Promised.of(
                care.needs(house, subject),
                answers,
                kind -> elsewhere(house, Set.of(subject.here().id()), kind));
    }

    /** The stops that a change touches; one where the plant stays. */
    private static Set<StopId> both(StopId from, StopId to) {
        return from.equals(to) ? Set.of(from) : Set.of(from, to);
    }

    private static OptionalDouble elsewhere(CareService.House house, Set<StopId> touched, Need.Kind kind) {
        return house.spots().stream()
                .filter(spot -> !touched.contains(spot.id()))
                .flatMap(spot -> spot.gives().of(kind).stream())
                .mapToDouble(Figure::value)
                .average();
    }

    /**
     * What a change brought, as far as it can be read today; nothing of a plant that does not stand where it was to go. What a move took, too: the stop that
     * the plant left is still there to be read.
     */
    Effects effects(CareService.House house, Subject subject, CareChange change, List<CarePromise> promised) {
        if (!subject.here().id().equals(change.to())) {
            return Effects.NONE;
        }
        List<Compared> compared = new ArrayList<>(compared(house, subject, change, promised));
        boolean moved = !change.from().equals(change.to()) && house.stops().containsKey(change.from());
        if (!moved) {
            return new Effects(List.copyOf(compared), 0);
        }
        List<Need> without = care.needsAt(house, subject, change.from());
        List<Need> now = care.needsAt(house, subject, change.to());
        compared.addAll(judge.worsened(
                without,
                now,
                promised.stream().map(one -> one.promised().kind()).collect(Collectors.toSet())));
        return Effects.of(compared, without, now);
    }

    private List<Compared> compared(
            CareService.House house, Subject subject, CareChange change, List<CarePromise> promised) {
        Map<Need.Kind, Need> now =
                care.needs(house, subject).stream().collect(Collectors.toMap(Need::kind, need -> need));
        List<Compared> compared = new ArrayList<>();
        for (CarePromise promise : promised) {
            Need need = now.get(promise.promised().kind());
            if (need != null) {
                compared.add(judge.compare(promise.promised(), seen(house, change, need)));
            }
        }
        return List.copyOf(compared);
    }

    private static Seen seen(CareService.House house, CareChange change, Need need) {
        boolean moved = !change.from().equals(change.to());
        Optional<Figure> left = house.spots().stream()
                .filter(spot -> moved && spot.id().equals(change.from()))
                .findFirst()
                .flatMap(spot -> spot.gives().of(need.kind()));
        return new Seen(need.gets(), left, elsewhere(house, both(change.from(), change.to()), need.kind()));
    }

    /** What the leaves say that came since a change began, against neighbours of the kind. */
    Optional<Verdict> byLeaves(CareChange change) {
        List<LogLine> lines = logBook.ofKinds(
                change.collection(), Set.of(LogKind.NEW_LEAF), change.beganOn().minusDays(judge.leavesBeforeDays()));
        Set<PlantId> alike = plants.plants(change.collection()).stream()
                .filter(plant -> plants.profile(plant).id().equals(change.plantKind())
                        && !plant.id().equals(change.plant()))
                .map(Plant::id)
                .collect(Collectors.toSet());
        return judge.byLeaves(
                leaves(lines, change.beganOn(), change.plant()::equals),
                leaves(lines, change.beganOn(), alike::contains));
    }

    private static Leaves leaves(List<LogLine> lines, LocalDate began, Predicate<PlantId> whose) {
        Map<Boolean, List<Double>> since = lines.stream()
                .filter(line -> whose.test(line.plant()))
                .flatMap(line -> line.as(LogEntry.NewLeaf.class).stream()
                        .map(leaf -> Map.entry(!line.onDay().isBefore(began), leaf.lengthCm())))
                .collect(Collectors.partitioningBy(
                        Map.Entry::getKey, Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
        return new Leaves(Objects.requireNonNull(since.get(false)), Objects.requireNonNull(since.get(true)));
    }
}
