package mildlantern.web.casework;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.diagnosis.Comparison.Verdict;
import mildlantern.knowledge.DisorderId;
import mildlantern.plant.PlantId;
import mildlantern.round.CareSchedule;
import mildlantern.round.PlantToday;
import mildlantern.treatment.Hold;
import mildlantern.treatment.Trials;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Troubles;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Open cases and what must wait because of them, for the round and the pages of plants. */
@Service
@Transactional(readOnly = true)
public class CaseTroubles implements Troubles {
    private static final List<TroubleCase.State> STATES = Arrays.stream(TroubleCase.State.values())
            .filter(TroubleCase.State::open)
            .toList();

    private static final DayFormat DAY = DayFormat.LONG;

    private final CaseRepositories.Cases cases;
    private final CaseRepositories.CaseTrials caseTrials;
    private final CaseBook book;
    private final Trials trials;

    CaseTroubles(CaseRepositories.Cases cases, CaseRepositories.CaseTrials caseTrials, CaseBook book, Trials trials) {
        this.cases = cases;
        this.caseTrials = caseTrials;
        this.book = book;
        this.trials = trials;
    }

    /** Plants whose running trial asks for a repotting that was not done yet. */
    public Set<PlantId> toRepot(CollectionId collection) {
        Map<CaseId, PlantId> plantOf = cases.findByCollectionAndStateIn(collection, STATES).stream()
                .collect(Collectors.toMap(TroubleCase::id, TroubleCase::plant));
        return caseTrials.running(collection).stream()
                .filter(running -> running.doneOn() == null && plantOf.containsKey(running.troubleCase()))
                .filter(running -> trials.find(running.trial())
                        .filter(trial -> trial.does().contains(Hold.REPOT))
                        .isPresent())
                .map(running -> plantOf.get(running.troubleCase()))
                .collect(Collectors.toSet());
    }

    /**
     * What is open in a collection.
     *
     * @param troubles the open cases by plant, as the round needs them
     * @param holds what must wait, by plant
     * @param catching plants that have something catching: its cause was decided on, and the case is still open
     */
    public record Open(
            Map<PlantId, PlantToday.Trouble> troubles, Map<PlantId, Set<Hold>> holds, Set<PlantId> catching) {
        /** Whether something must wait on a plant. */
        public boolean held(PlantId plant, Hold hold) {
            return holds.getOrDefault(plant, Set.of()).contains(hold);
        }

        /** Whether a case is open on a plant. */
        public boolean on(PlantId plant) {
            return troubles.containsKey(plant);
        }

        /** The day of each work that its routine asks for, as its case lets it. */
        public Map<CareSchedule.Work, LocalDate> days(PlantId plant, CareSchedule schedule) {
            return schedule.days(on(plant), held(plant, Hold.FEED));
        }
    }

    /** All open cases, read once. */
    public Open open(CollectionId collection) {
        List<TroubleCase> open = cases.findByCollectionAndStateIn(collection, STATES);
        List<CaseTrial> running = open.isEmpty() ? List.of() : caseTrials.running(collection);
        return new Open(
                troubles(open, running),
                holds(open, running),
                open.stream().filter(book::catching).map(TroubleCase::plant).collect(Collectors.toSet()));
    }

    private static Map<PlantId, PlantToday.Trouble> troubles(List<TroubleCase> open, List<CaseTrial> running) {
        Map<CaseId, LocalDate> lookAgain = new LinkedHashMap<>();
        running.stream()
                .filter(trial -> !trial.beside())
                .forEach(trial -> lookAgain.put(trial.troubleCase(), trial.lookAgainOn()));
        Map<PlantId, PlantToday.Trouble> troubles = new LinkedHashMap<>();
        for (TroubleCase one : open) {
            troubles.put(
                    one.plant(),
                    new PlantToday.Trouble(
                            one.openedOn(),
                            one.state() == TroubleCase.State.TRIAL
                                    ? Optional.ofNullable(lookAgain.get(one.id()))
                                    : Optional.empty(),
                            Optional.ofNullable(one.pausedUntil())));
        }
        return troubles;
    }

    private static Map<PlantId, Set<Hold>> holds(List<TroubleCase> open, List<CaseTrial> running) {
        Map<CaseId, PlantId> plantOf = open.stream().collect(Collectors.toMap(TroubleCase::id, TroubleCase::plant));
        Map<PlantId, Set<Hold>> holds = new LinkedHashMap<>();
        for (CaseTrial trial : running) {
            PlantId plant = plantOf.get(trial.troubleCase());
            if (plant != null) {
                // A later trial lets go of the one before; what runs beside it adds its own.
                Set<Hold> held = EnumSet.noneOf(Hold.class);
                if (trial.beside()) {
                    held.addAll(holds.getOrDefault(plant, Set.of()));
                }
                held.addAll(trial.holds());
                holds.put(plant, held);
            }
        }
        return holds;
    }

    /**
     * A case as far as its treatment goes.
     *
     * @param id its id
     * @param plant the plant
     * @param openedOn its first day
     * @param causes ids of the decided causes, the first one first; empty while none is decided
     * @param open whether it is still under work
     */
    public record Decided(CaseId id, PlantId plant, LocalDate openedOn, List<DisorderId> causes, boolean open) {}

    /** A trial of which something was said when it was looked at again. */
    public record Tried(PlantId plant, String trial, Verdict verdict) {}

    /** Trials of which something was said, without those that were forgotten. */
    public List<Tried> tried(CollectionId collection) {
        return caseTrials.tried(collection);
    }

    /** What came of some trials on some plants moves no proposal any more. */
    @Transactional
    public void forgetTried(CollectionId collection, Set<String> ids, Set<PlantId> plants) {
        caseTrials.tried(collection, ids, plants).forEach(CaseTrial::forget);
    }

    /** One case, with what was decided. */
    public Decided decided(CollectionId collection, CaseId caseId) {
        return decided(book.find(collection, caseId));
    }

    /** All open cases with a decided cause. */
    public List<Decided> decided(CollectionId collection) {
        return cases.findByCollectionAndStateIn(collection, STATES).stream()
                .map(CaseTroubles::decided)
                .filter(one -> !one.causes().isEmpty())
                .toList();
    }

    private static Decided decided(TroubleCase one) {
        return new Decided(
                one.id(),
                one.plant(),
                one.openedOn(),
                Stream.of(Optional.ofNullable(one.decidedCause()), Optional.ofNullable(one.secondCause()))
                        .flatMap(Optional::stream)
                        .toList(),
                one.state().open());
    }

    @Override
    public Set<Hold> holds(Plant plant) {
        List<TroubleCase> open =
                cases.findByCollectionAndPlantOrderByOpenedOnDesc(plant.collection(), plant.id()).stream()
                        .filter(one -> one.state() == TroubleCase.State.TRIAL)
                        .toList();
        return open.isEmpty()
                ? Set.of()
                : holds(open, caseTrials.running(plant.collection())).getOrDefault(plant.id(), Set.of());
    }

    @Override
    public List<Trouble> of(Plant plant) {
        return cases.findByCollectionAndPlantOrderByOpenedOnDesc(plant.collection(), plant.id()).stream()
                .map(troubleCase -> new Trouble(
                        troubleCase.id(),
                        troubleCase.openedOn(),
                        Optional.ofNullable(troubleCase.closedOn()),
                        summary(troubleCase),
                        troubleCase.state().open()))
                .toList();
    }

    private String summary(TroubleCase troubleCase) {
        return switch (troubleCase.state()) {
            case LOOKING -> Wording.say("casework.case-troubles.under-work-no-cause");
            case PAUSED -> Wording.say("casework.case-troubles.paused-until", DAY.format(troubleCase.pausedUntil()));
            case MERGED -> Wording.say("casework.case-troubles.merged-into-another-case");
            case TRIAL -> Wording.say("casework.case-troubles.trial-under-way", book.causeName(troubleCase));
            case CLOSED ->
                book.causeName(troubleCase) + ": "
                        + Optional.ofNullable(troubleCase.outcome())
                                .map(TroubleCase.Outcome::words)
                                .orElse(Wording.say("casework.case-troubles.closed"));
        };
    }
}
