package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Finding;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.plant.PlantRecord;
import mildlantern.round.DueTime;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.PlatePictures;
import mildlantern.web.plate.Plate;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.Records;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the pages of a case together: what is known, weighed and worded. Changes nothing. */
@Service
@Transactional(readOnly = true)
class CasePages {
    private static final int LOOKS_SHOWN = 3;

    private static final DayFormat DAY = DayFormat.LONG;

    private final CaseBook book;
    private final Plants plants;
    private final Records records;
    private final Stops stops;
    private final PlatePictures plates;
    private final Panels panels;
    private final TreatmentKnowledge treatments;
    private final Clock clock;
    private final TrialBoxes trialBoxes;

    CasePages(
            CaseBook book,
            Plants plants,
            Records records,
            Stops stops,
            PlatePictures plates,
            Panels panels,
            TreatmentKnowledge treatments,
            Clock clock,
            TrialBoxes trialBoxes) {
        this.book = book;
        this.plants = plants;
        this.records = records;
        this.stops = stops;
        this.plates = plates;
        this.panels = panels;
        this.treatments = treatments;
        this.clock = clock;
        this.trialBoxes = trialBoxes;
    }

    /** The case page; with a panel for what is asked. */
    CaseViews.Board board(CollectionId collection, CaseId caseId, Panels.Asked asked) {
        return board(collection, caseId, asked, Optional.empty());
    }

    /** The same, where what can be the matter was worked out already. */
    CaseViews.Board board(CollectionId collection, CaseId caseId, Panels.Asked asked, Optional<Differential> opinion) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Plant plant = plants.plant(collection, troubleCase.plant());
        PlantRecord record = records.record(plant);
        List<CaseAnswer> latest = book.latestAnswers(troubleCase);
        Map<FindingId, Integer> pins = new LinkedHashMap<>();
        latest.stream().filter(answer -> !answer.skipped()).forEach(answer -> pins.put(answer.finding(), answer.pin()));
        Differential differential = opinion.orElseGet(() -> book.differential(troubleCase, plant, record));
        boolean looking = troubleCase.state() == TroubleCase.State.LOOKING;
        Optional<CaseViews.Panel> panel =
                looking ? panels.panel(asked, troubleCase, plant, record, plates.of(plant), latest) : Optional.empty();
        Plate plate = plates.of(plant);
        return new CaseViews.Board(
                troubleCase.id(),
                troubleCase.version(),
                plant.id(),
                plant.name(),
                subtitle(plant, record, troubleCase),
                Words.id(troubleCase.state()),
                looking,
                turn(troubleCase),
                plate,
                TrialBoxes.pinned(plate, latest),
                latest.stream()
                        .filter(answer -> !answer.skipped())
                        .map(this::found)
                        .toList(),
                book.infestedNeighbours(plant).stream()
                        .map(neighbour -> Wording.say(
                                "casework.case-pages.beside-has",
                                neighbour.name(),
                                neighbour.now(),
                                neighbour.pest().toLowerCase(Locale.ROOT)))
                        .toList(),
                Ladder.branches(
                        differential,
                        Ladder.rungs(differential, pins, panel.isPresent() ? 4 : 5, looking && panel.isEmpty())),
                Ladder.percent(differential.allWell()),
                Ladder.verdict(differential),
                looking && panel.isEmpty() ? looks(differential, latest) : List.of(),
                panel,
                trialBoxes.trialBoxes(troubleCase),
                treatable(troubleCase),
                FormKey.fresh());
    }

    /** Whether a course can be composed against what was decided. */
    private boolean treatable(TroubleCase troubleCase) {
        return troubleCase.state() == TroubleCase.State.TRIAL
                && Stream.of(
                                Optional.ofNullable(troubleCase.decidedCause()),
                                Optional.ofNullable(troubleCase.secondCause()))
                        .flatMap(Optional::stream)
                        .anyMatch(treatments::treats);
    }

    /** What became of a case that is not under work. */
    private Optional<CaseViews.Turn> turn(TroubleCase troubleCase) {
        return switch (troubleCase.state()) {
            case LOOKING, TRIAL -> Optional.empty();
            case PAUSED ->
                Optional.of(new CaseViews.Turn(
                        Wording.say("casework.case-pages.paused-until", DAY.format(troubleCase.pausedUntil())),
                        Optional.of(Wording.say("casework.case-pages.take-up-again")),
                        Optional.empty()));
            case MERGED ->
                Optional.of(new CaseViews.Turn(
                        Wording.say("casework.case-pages.merged-what-was-seen"),
                        Optional.empty(),
                        Optional.ofNullable(troubleCase.mergedInto())));
            case CLOSED -> {
                Optional<CaseId> other = book.openBeside(troubleCase);
                String how = Optional.ofNullable(troubleCase.outcome())
                        .map(TroubleCase.Outcome::words)
                        .orElse(Wording.say("casework.case-pages.no-outcome-given"));
                String lesson = Optional.ofNullable(troubleCase.lesson())
                        .filter(text -> !text.isBlank())
                        .map(text -> Wording.say("casework.case-pages.learned", text))
                        .orElse("");
                yield Optional.of(new CaseViews.Turn(
                        Wording.say(
                                "casework.case-pages.closed",
                                ago(troubleCase.closedOn()),
                                book.causeName(troubleCase),
                                how,
                                lesson),
                        Optional.of(
                                other.isPresent() ? Wording.say("casework.case-pages.merge-into-open-case") : "reopen"),
                        other));
            }
        };
    }

    private String subtitle(Plant plant, PlantRecord record, TroubleCase troubleCase) {
        String medium = record.pot()
                .medium()
                .map(m -> Wording.say("casework.case-pages.in", m.name()))
                .orElse("");
        String opened = Wording.say("casework.case-pages.case-opened", ago(troubleCase.openedOn()));
        String look = troubleCase.visit() > 1 ? Wording.say("casework.case-pages.look", troubleCase.visit()) : "";
        return record.profile().name() + medium + " · "
                + stops.stop(plant.collection(), plant.stop()).name() + " · " + opened + look;
    }

    private String ago(LocalDate day) {
        return Wording.of(DueTime.ago(ChronoUnit.DAYS.between(day, LocalDate.now(clock))));
    }

    private CaseViews.Found found(CaseAnswer answer) {
        Finding finding = book.finding(answer.finding());
        return new CaseViews.Found(
                answer.pin(),
                answer.finding(),
                TrialBoxes.words(finding, answer.state()),
                !Finding.ABSENT.equals(answer.state()),
                Words.id(answer.part()));
    }

    private static List<CaseViews.LookCard> looks(Differential differential, List<CaseAnswer> latest) {
        Set<FindingId> skipped = new LinkedHashSet<>();
        latest.stream().filter(CaseAnswer::skipped).forEach(answer -> skipped.add(answer.finding()));
        return Ladder.looks(differential.nextLooks(LOOKS_SHOWN, skipped));
    }
}
