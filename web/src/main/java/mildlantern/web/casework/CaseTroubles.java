package mildlantern.web.casework;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import mildlantern.round.PlantToday;
import mildlantern.treatment.Hold;
import mildlantern.web.collection.Plant;
import mildlantern.web.collection.Troubles;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Open cases and what must wait because of them, for the round and the pages of plants. */
@Service
@Transactional(readOnly = true)
public class CaseTroubles implements Troubles {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);

    private final CaseRepositories.Cases cases;
    private final CaseRepositories.CaseTrials caseTrials;
    private final CaseBook book;

    CaseTroubles(CaseRepositories.Cases cases, CaseRepositories.CaseTrials caseTrials, CaseBook book) {
        this.cases = cases;
        this.caseTrials = caseTrials;
        this.book = book;
    }

    /** The open cases by plant, as the round needs them. */
    public Map<UUID, PlantToday.Trouble> openTroubles(UUID collection) {
        Map<UUID, LocalDate> lookAgain = new LinkedHashMap<>();
        caseTrials.running(collection).stream()
                .filter(trial -> !trial.beside())
                .forEach(trial -> lookAgain.put(trial.troubleCase(), trial.lookAgainOn()));
        Map<UUID, PlantToday.Trouble> troubles = new LinkedHashMap<>();
        for (TroubleCase open : open(collection)) {
            troubles.put(
                    open.plant(),
                    new PlantToday.Trouble(
                            open.openedOn(),
                            open.state() == TroubleCase.State.TRIAL
                                    ? Optional.ofNullable(lookAgain.get(open.id()))
                                    : Optional.empty(),
                            Optional.ofNullable(open.pausedUntil())));
        }
        return troubles;
    }

    /** What must wait, by plant, in words. */
    public Map<UUID, List<String>> allHolds(UUID collection) {
        Map<UUID, UUID> plantOf = new LinkedHashMap<>();
        open(collection).forEach(open -> plantOf.put(open.id(), open.plant()));
        Map<UUID, List<String>> holds = new LinkedHashMap<>();
        for (CaseTrial trial : caseTrials.running(collection)) {
            UUID plant = plantOf.get(trial.troubleCase());
            if (plant != null) {
                // A later trial lets go of the one before; what runs beside it adds its own.
                List<String> words = new ArrayList<>(trial.beside() ? holds.getOrDefault(plant, List.of()) : List.of());
                trial.holds().stream()
                        .map(Hold::words)
                        .filter(hold -> !words.contains(hold))
                        .forEach(words::add);
                holds.put(plant, words);
            }
        }
        return holds;
    }

    /** Plants that have something catching: its cause was decided on, and the case is still open. */
    public Set<UUID> catching(UUID collection) {
        return open(collection).stream()
                .filter(book::catching)
                .map(TroubleCase::plant)
                .collect(Collectors.toSet());
    }

    private List<TroubleCase> open(UUID collection) {
        return cases.findByCollectionAndStateIn(
                collection,
                Arrays.stream(TroubleCase.State.values())
                        .filter(TroubleCase.State::open)
                        .toList());
    }

    @Override
    public List<String> holds(Plant plant) {
        return allHolds(plant.collection()).getOrDefault(plant.id(), List.of());
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
            case LOOKING -> "under work, no cause decided on yet";
            case PAUSED -> "paused until " + DAY.format(troubleCase.pausedUntil());
            case MERGED -> "merged into another case";
            case TRIAL -> book.causeName(troubleCase) + ", trial under way";
            case CLOSED ->
                book.causeName(troubleCase) + ": "
                        + Optional.ofNullable(troubleCase.outcome())
                                .map(TroubleCase.Outcome::words)
                                .orElse("closed");
        };
    }
}
