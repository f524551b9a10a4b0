package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mildlantern.diagnosis.Comparison;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.plant.PlantRecord;
import mildlantern.round.RoundPlanner;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Hold;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plant.PlatePictures;
import mildlantern.web.plate.Plate;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.Records;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the pages of a case together: what is known, weighed and worded. Changes nothing. */
@Service
@Transactional(readOnly = true)
class CasePages {
    private static final int LOOKS_SHOWN = 3;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);

    private final CaseBook book;
    private final Plants plants;
    private final Records records;
    private final Stops stops;
    private final CareSheets careSheets;
    private final PlatePictures plates;
    private final Panels panels;
    private final Trials trials;
    private final TreatmentKnowledge treatments;
    private final Clock clock;

    CasePages(
            CaseBook book,
            Plants plants,
            Records records,
            Stops stops,
            CareSheets careSheets,
            PlatePictures plates,
            Panels panels,
            Trials trials,
            TreatmentKnowledge treatments,
            Clock clock) {
        this.book = book;
        this.plants = plants;
        this.records = records;
        this.stops = stops;
        this.careSheets = careSheets;
        this.plates = plates;
        this.panels = panels;
        this.trials = trials;
        this.treatments = treatments;
        this.clock = clock;
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
                pinned(plate, latest),
                latest.stream()
                        .filter(answer -> !answer.skipped())
                        .map(this::found)
                        .toList(),
                book.infestedNeighbours(plant).stream()
                        .map(neighbour -> "%s, beside it, %s %s"
                                .formatted(
                                        neighbour.name(),
                                        neighbour.now() ? "has" : "had lately",
                                        neighbour.pest().toLowerCase(Locale.ROOT)))
                        .toList(),
                Ladder.rungs(differential, pins, panel.isPresent() ? 4 : 5, looking && panel.isEmpty()),
                Ladder.percent(differential.allWell()),
                Ladder.verdict(differential),
                looking && panel.isEmpty() ? looks(differential, latest) : List.of(),
                panel,
                trialBoxes(troubleCase),
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
                        "Paused until " + DAY.format(troubleCase.pausedUntil()) + ".",
                        Optional.of("take it up again"),
                        Optional.empty()));
            case MERGED ->
                Optional.of(new CaseViews.Turn(
                        "Merged: what was seen here went over to the other case.",
                        Optional.empty(),
                        Optional.ofNullable(troubleCase.mergedInto())));
            case CLOSED -> {
                Optional<CaseId> other = book.openBeside(troubleCase);
                String how = Optional.ofNullable(troubleCase.outcome())
                        .map(TroubleCase.Outcome::words)
                        .orElse("no outcome given");
                String lesson = Optional.ofNullable(troubleCase.lesson())
                        .filter(text -> !text.isBlank())
                        .map(text -> " Learned: " + text)
                        .orElse("");
                yield Optional.of(new CaseViews.Turn(
                        "Closed " + ago(troubleCase.closedOn()) + ", " + book.causeName(troubleCase) + ": " + how + "."
                                + lesson,
                        Optional.of(other.isPresent() ? "merge into the open case" : "reopen"),
                        other));
            }
        };
    }

    private String subtitle(Plant plant, PlantRecord record, TroubleCase troubleCase) {
        String medium = record.pot().medium().map(m -> " in " + m.name()).orElse("");
        String opened = "case opened " + ago(troubleCase.openedOn());
        String look = troubleCase.visit() > 1 ? ", look " + troubleCase.visit() : "";
        return record.profile().name() + medium + " · "
                + stops.stop(plant.collection(), plant.stop()).name() + " · " + opened + look;
    }

    private String ago(LocalDate day) {
        return RoundPlanner.ago(ChronoUnit.DAYS.between(day, LocalDate.now(clock)));
    }

    private static List<Plate.Pin> pinned(Plate plate, List<CaseAnswer> latest) {
        return plate.pins(latest.stream()
                .filter(answer -> !answer.skipped() && answer.part() != Part.WHOLE)
                .map(answer -> new Plate.Found(answer.pin(), answer.part()))
                .toList());
    }

    private CaseViews.Found found(CaseAnswer answer) {
        Finding finding = book.finding(answer.finding());
        return new CaseViews.Found(
                answer.pin(),
                answer.finding(),
                words(finding, answer.state()),
                !Finding.ABSENT.equals(answer.state()),
                Words.id(answer.part()));
    }

    private static List<CaseViews.LookCard> looks(Differential differential, List<CaseAnswer> latest) {
        Set<FindingId> skipped = new LinkedHashSet<>();
        latest.stream().filter(CaseAnswer::skipped).forEach(answer -> skipped.add(answer.finding()));
        return Ladder.looks(differential.nextLooks(LOOKS_SHOWN, skipped));
    }

    private List<CaseViews.TrialBox> trialBoxes(TroubleCase troubleCase) {
        if (troubleCase.state() != TroubleCase.State.TRIAL) {
            return List.of();
        }
        List<CaseViews.TrialBox> boxes = new ArrayList<>();
        for (CaseTrial running : book.running(troubleCase.collection(), troubleCase.id())) {
            Trial trial = trials.find(running.trial()).orElseThrow();
            long left = ChronoUnit.DAYS.between(LocalDate.now(clock), running.lookAgainOn());
            String when = left > 1
                    ? "in " + left + " days"
                    : left == 1 ? "tomorrow" : left == 0 ? "today" : ago(running.lookAgainOn());
            boxes.add(new CaseViews.TrialBox(
                    book.causeOf(troubleCase, running),
                    trial.name(),
                    trial.instruction(),
                    trial.expectation(),
                    running.holds().stream().map(Hold::words).toList(),
                    running.startedOn(),
                    running.lookAgainOn(),
                    when,
                    left <= 0,
                    trial.caution()));
        }
        return boxes;
    }

    CaseViews.LookAgainPage lookAgainPage(CollectionId collection, CaseId caseId) {
        TroubleCase troubleCase = book.find(collection, caseId);
        troubleCase.onTrial();
        Plant plant = plants.plant(collection, troubleCase.plant());
        List<CaseAnswer> latest = book.latestAnswers(troubleCase);
        Plate plate = plates.of(plant);
        List<CaseViews.AgainRow> rows = new ArrayList<>();
        for (FindingId findingId : toAskAgain(troubleCase, latest)) {
            Finding finding = book.finding(findingId);
            Optional<CaseAnswer> before = latest.stream()
                    .filter(answer -> answer.finding().equals(findingId) && !answer.skipped())
                    .findFirst();
            rows.add(new CaseViews.AgainRow(
                    findingId,
                    Words.id(before.map(CaseAnswer::part).orElse(Ladder.part(finding))),
                    finding.look(),
                    before.map(CaseAnswer::pin).orElse(0),
                    before.map(answer -> words(finding, answer.state())).orElse("not looked at"),
                    Panels.withSkip(finding, Optional.empty())));
        }
        return new CaseViews.LookAgainPage(
                caseId,
                troubleCase.version(),
                plant.name(),
                trialBoxes(troubleCase),
                plate,
                pinned(plate, latest),
                rows);
    }

    /** What was found, and what the trial wants rechecked; of what was not there, only what the trial names. */
    private Set<FindingId> toAskAgain(TroubleCase troubleCase, List<CaseAnswer> latest) {
        Set<FindingId> ask = new LinkedHashSet<>();
        for (CaseAnswer answer : latest) {
            if (!answer.skipped() && !Finding.ABSENT.equals(answer.state()) && !comparesNothing(answer.finding())) {
                ask.add(answer.finding());
            }
        }
        book.running(troubleCase.collection(), troubleCase.id())
                .forEach(running -> trials.find(running.trial()).ifPresent(trial -> ask.addAll(trial.recheck())));
        return ask;
    }

    /** Where, how fast and what it once did: nothing that a second look could compare. */
    private boolean comparesNothing(FindingId findingId) {
        Finding finding = book.finding(findingId);
        return finding.best().isEmpty() && finding.parts().contains(Part.WHOLE);
    }

    CaseViews.ClosePage closePage(CollectionId collection, CaseId caseId) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Plant plant = plants.plant(collection, troubleCase.plant());
        Optional<CaseTrial> latest = book.latestTrial(collection, caseId);
        Optional<Comparison> comparison = latest.filter(CaseTrial::finished).map(finished -> book.compare(troubleCase));
        boolean better = comparison
                .filter(compared -> compared.verdict() == Comparison.Verdict.BETTER)
                .isPresent();
        Optional<Trial> trial = latest.flatMap(running -> trials.find(running.trial()));
        List<CaseViews.CareOption> care = new ArrayList<>();
        if (troubleCase.state() == TroubleCase.State.TRIAL) {
            book.running(collection, caseId)
                    .forEach(running -> trials.find(running.trial())
                            .ifPresent(made ->
                                    care.addAll(care(plant, book.causeOf(troubleCase, running), made, better))));
        }
        return new CaseViews.ClosePage(
                caseId,
                troubleCase.version(),
                plant.id(),
                plant.name(),
                comparison.map(CasePages::compared),
                book.causeName(troubleCase),
                outcomes(better, latest.isPresent()),
                List.copyOf(care),
                comparison.isPresent() && troubleCase.state() == TroubleCase.State.TRIAL,
                troubleCase.state() == TroubleCase.State.LOOKING,
                LocalDate.now(clock).plusDays(trial.map(Trial::lookAgainDays).orElse(7)));
    }

    private static CaseViews.Compared compared(Comparison comparison) {
        return new CaseViews.Compared(
                comparison.verdict().words(),
                Words.id(comparison.verdict()),
                comparison.verdict().follows(),
                comparison.changes().stream()
                        .map(change -> new CaseViews.Line(
                                change.before().words(),
                                change.after().words(),
                                change.verdict().words(),
                                Words.id(change.verdict())))
                        .toList());
    }

    private static List<CaseViews.OutcomeOption> outcomes(boolean better, boolean tried) {
        List<CaseViews.OutcomeOption> options = new ArrayList<>();
        for (TroubleCase.Outcome outcome : TroubleCase.Outcome.values()) {
            boolean chosen = outcome == (better ? TroubleCase.Outcome.RIGHT_GUESS : TroubleCase.Outcome.NEVER_KNOWN);
            if (tried || outcome != TroubleCase.Outcome.RIGHT_GUESS) {
                options.add(new CaseViews.OutcomeOption(outcome.name(), outcome.words(), chosen));
            }
        }
        return options;
    }

    private List<CaseViews.CareOption> care(Plant plant, String cause, Trial trial, boolean better) {
        Map<CareSetting, List<CareEntry>> sheet = careSheets.careSheet(plant);
        String reason = "%s: %s".formatted(cause, better ? "better after \"" + trial.name() + "\"" : trial.name());
        List<CaseViews.CareOption> options = new ArrayList<>();
        trial.care().forEach((setting, text) -> {
            String before = sheet.getOrDefault(setting, List.of()).stream()
                    .findFirst()
                    .map(CareEntry::text)
                    .orElse("nothing written yet");
            if (!before.equals(text)) {
                options.add(new CaseViews.CareOption(setting.name(), setting.words(), before, text, reason, better));
            }
        });
        return options;
    }

    /** A state in words; what was passed over has none of its own. */
    static String words(Finding finding, String state) {
        return finding.state(state).map(Finding.State::words).orElse("passed over");
    }
}
