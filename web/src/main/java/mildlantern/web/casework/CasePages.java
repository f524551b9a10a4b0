package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import mildlantern.diagnosis.Cause;
import mildlantern.diagnosis.Comparison;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.NextLook;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.Words;
import mildlantern.plant.PlantRecord;
import mildlantern.round.RoundPlanner;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Hold;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.collection.CareEntry;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.Plant;
import mildlantern.web.collection.PlatePictures;
import mildlantern.web.plate.Plate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the pages of a case together: what is known, weighed and worded. Changes nothing. */
@Service
@Transactional(readOnly = true)
class CasePages {
    private static final int LOOKS_SHOWN = 3;

    /** Some looks were skipped and are left out: ask for more than are shown. */
    private static final int LOOKS_ASKED = 12;

    private static final int CAUSES_TO_DECIDE_ON = 6;

    private final CaseBook book;
    private final CollectionService collections;
    private final PlatePictures plates;
    private final Diagnosis diagnosis;
    private final Trials trials;
    private final Clock clock;

    CasePages(
            CaseBook book,
            CollectionService collections,
            PlatePictures plates,
            Diagnosis diagnosis,
            Trials trials,
            Clock clock) {
        this.book = book;
        this.collections = collections;
        this.plates = plates;
        this.diagnosis = diagnosis;
        this.trials = trials;
        this.clock = clock;
    }

    /** The case page; with a part, the findings of that part as well. */
    CaseViews.Board board(UUID collection, UUID caseId, Optional<Part> touched) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Plant plant = collections.plant(collection, troubleCase.plant());
        PlantRecord record = collections.record(plant);
        List<CaseAnswer> latest = book.latestAnswers(troubleCase);
        Map<String, Integer> pins = new LinkedHashMap<>();
        latest.stream().filter(answer -> !answer.skipped()).forEach(answer -> pins.put(answer.finding(), answer.pin()));
        Differential differential = diagnosis.consider(record, book.evidence(troubleCase, troubleCase.visit()));
        boolean looking = troubleCase.state() == TroubleCase.State.LOOKING;
        Plate plate = plates.of(plant);
        return new CaseViews.Board(
                troubleCase.id(),
                troubleCase.version(),
                plant.id(),
                plant.name(),
                subtitle(plant, record, troubleCase),
                looking,
                plate,
                pinned(plate, latest),
                latest.stream()
                        .filter(answer -> !answer.skipped())
                        .map(this::found)
                        .toList(),
                Ladder.rungs(differential, pins, touched.isPresent() ? 4 : 5),
                Ladder.percent(differential.allWell()),
                differential.actNow(),
                looking && touched.isEmpty() ? looks(differential, latest) : List.of(),
                looking ? touched.map(part -> panel(part, record, plate, latest)) : Optional.empty(),
                trialBox(troubleCase));
    }

    private String subtitle(Plant plant, PlantRecord record, TroubleCase troubleCase) {
        String medium = record.pot().medium().map(m -> " in " + m.name()).orElse("");
        String opened = "case opened " + ago(troubleCase.openedOn());
        String look = troubleCase.visit() > 1 ? ", look " + troubleCase.visit() : "";
        return record.profile().name() + medium + " · "
                + collections.stop(plant.collection(), plant.stop()).name() + " · " + opened + look;
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
        Set<String> skipped = new LinkedHashSet<>();
        latest.stream().filter(CaseAnswer::skipped).forEach(answer -> skipped.add(answer.finding()));
        List<NextLook> looks = differential.nextLooks(LOOKS_ASKED).stream()
                .filter(look -> !skipped.contains(look.finding().id()))
                .limit(LOOKS_SHOWN)
                .toList();
        return Ladder.looks(looks);
    }

    private CaseViews.PartPanel panel(Part part, PlantRecord record, Plate plate, List<CaseAnswer> latest) {
        Map<String, CaseAnswer> byFinding = new LinkedHashMap<>();
        latest.forEach(answer -> byFinding.put(answer.finding(), answer));
        List<CaseViews.Row> rows = new ArrayList<>();
        for (Finding finding : diagnosis.knowledge().findings()) {
            if (finding.appliesTo(record) && shownOn(finding, part, plate)) {
                Optional<CaseAnswer> answer = Optional.ofNullable(byFinding.get(finding.id()));
                rows.add(new CaseViews.Row(
                        finding.id(),
                        finding.yesNo() ? finding.states().get(0).words() : finding.look(),
                        answer.filter(a -> !a.skipped()).map(CaseAnswer::pin).orElse(0),
                        choices(finding, answer.map(CaseAnswer::state))));
            }
        }
        return new CaseViews.PartPanel(Words.id(part), part.words(), rows);
    }

    /** Findings of parts that this plate does not show are asked on the whole plant. */
    private static boolean shownOn(Finding finding, Part part, Plate plate) {
        if (finding.parts().contains(part)) {
            return true;
        }
        return part == Part.WHOLE
                && finding.parts().stream()
                        .noneMatch(on -> plate.layers().stream().anyMatch(layer -> layer.part() == on));
    }

    private static List<CaseViews.Choice> choices(Finding finding, Optional<String> chosen) {
        List<CaseViews.Choice> choices = new ArrayList<>(Ladder.choices(finding, chosen));
        choices.add(new CaseViews.Choice(
                CaseAnswer.SKIPPED,
                "skip",
                "skip",
                "k",
                chosen.filter(CaseAnswer.SKIPPED::equals).isPresent()));
        return choices;
    }

    CaseViews.DecidePage decidePage(UUID collection, UUID caseId, Optional<String> causeId) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Plant plant = collections.plant(collection, troubleCase.plant());
        Differential differential = book.differential(troubleCase);
        List<Cause> ladder = differential.ladder();
        Cause chosen = causeId.flatMap(id -> ladder.stream()
                        .filter(cause -> cause.disorder().id().equals(id))
                        .findFirst())
                .orElse(ladder.get(0));
        List<Cause> shown = new ArrayList<>(ladder.subList(0, Math.min(CAUSES_TO_DECIDE_ON, ladder.size())));
        if (!shown.contains(chosen)) {
            shown.add(chosen);
        }
        LocalDate today = LocalDate.now(clock);
        return new CaseViews.DecidePage(
                caseId,
                troubleCase.version(),
                plant.name(),
                shown.stream()
                        .map(cause -> option(cause, chosen, ladder.get(0)))
                        .toList(),
                option(chosen, chosen, ladder.get(0)),
                chosen.disorder().trials().stream()
                        .map(id -> trial(trials.find(id).orElseThrow(), today))
                        .toList(),
                today);
    }

    private static CaseViews.CauseOption option(Cause cause, Cause chosen, Cause first) {
        Disorder disorder = cause.disorder();
        return new CaseViews.CauseOption(
                disorder.id(),
                disorder.name(),
                disorder.summary(),
                Ladder.percent(cause.probability()),
                cause.equals(chosen),
                cause.equals(first),
                disorder.watch(),
                disorder.caution(),
                disorder.nature().recovers());
    }

    private static CaseViews.TrialOption trial(Trial trial, LocalDate today) {
        return new CaseViews.TrialOption(
                trial.id(),
                trial.name(),
                trial.instruction(),
                trial.expectation(),
                trial.holds().stream().map(Hold::words).toList(),
                today.plusDays(trial.lookAgainDays()),
                trial.lookAgainDays(),
                trial.caution());
    }

    private Optional<CaseViews.TrialBox> trialBox(TroubleCase troubleCase) {
        if (troubleCase.state() != TroubleCase.State.TRIAL) {
            return Optional.empty();
        }
        return book.latestTrial(troubleCase.collection(), troubleCase.id()).map(running -> {
            Trial trial = trials.find(running.trial()).orElseThrow();
            long left = ChronoUnit.DAYS.between(LocalDate.now(clock), running.lookAgainOn());
            String when = left > 1
                    ? "in " + left + " days"
                    : left == 1 ? "tomorrow" : left == 0 ? "today" : ago(running.lookAgainOn());
            return new CaseViews.TrialBox(
                    book.causeName(troubleCase),
                    trial.name(),
                    trial.instruction(),
                    trial.expectation(),
                    running.holds().stream().map(Hold::words).toList(),
                    running.startedOn(),
                    running.lookAgainOn(),
                    when,
                    left <= 0,
                    trial.caution());
        });
    }

    CaseViews.LookAgainPage lookAgainPage(UUID collection, UUID caseId) {
        TroubleCase troubleCase = CaseService.inTrial(book.find(collection, caseId));
        Plant plant = collections.plant(collection, troubleCase.plant());
        List<CaseAnswer> latest = book.latestAnswers(troubleCase);
        Plate plate = plates.of(plant);
        List<CaseViews.AgainRow> rows = new ArrayList<>();
        for (String findingId : toAskAgain(troubleCase, latest)) {
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
                    choices(finding, Optional.empty())));
        }
        return new CaseViews.LookAgainPage(
                caseId,
                troubleCase.version(),
                plant.name(),
                trialBox(troubleCase).orElseThrow(),
                plate,
                pinned(plate, latest),
                rows);
    }

    /** What was found, and what the trial wants rechecked; of what was not there, only what the trial names. */
    private Set<String> toAskAgain(TroubleCase troubleCase, List<CaseAnswer> latest) {
        Set<String> ask = new LinkedHashSet<>();
        for (CaseAnswer answer : latest) {
            if (!answer.skipped() && !Finding.ABSENT.equals(answer.state()) && !comparesNothing(answer.finding())) {
                ask.add(answer.finding());
            }
        }
        book.latestTrial(troubleCase.collection(), troubleCase.id())
                .flatMap(running -> trials.find(running.trial()))
                .ifPresent(trial -> ask.addAll(trial.recheck()));
        return ask;
    }

    /** Where, how fast and what it once did: nothing that a second look could compare. */
    private boolean comparesNothing(String findingId) {
        Finding finding = book.finding(findingId);
        return finding.best().isEmpty() && finding.parts().contains(Part.WHOLE);
    }

    CaseViews.ClosePage closePage(UUID collection, UUID caseId) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Plant plant = collections.plant(collection, troubleCase.plant());
        Optional<CaseTrial> latest = book.latestTrial(collection, caseId);
        Optional<Comparison> comparison = latest.filter(CaseTrial::finished).map(finished -> book.compare(troubleCase));
        boolean better = comparison
                .filter(compared -> compared.verdict() == Comparison.Verdict.BETTER)
                .isPresent();
        Optional<Trial> trial = latest.flatMap(running -> trials.find(running.trial()));
        return new CaseViews.ClosePage(
                caseId,
                troubleCase.version(),
                plant.id(),
                plant.name(),
                comparison.map(CasePages::compared),
                book.causeName(troubleCase),
                outcomes(better, latest.isPresent()),
                trial.map(t -> care(plant, troubleCase, t, better)).orElse(List.of()),
                comparison.isPresent() && troubleCase.state() == TroubleCase.State.TRIAL,
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

    private List<CaseViews.CareOption> care(Plant plant, TroubleCase troubleCase, Trial trial, boolean better) {
        Map<CareSetting, List<CareEntry>> sheet = collections.careSheet(plant);
        String reason = "%s: %s"
                .formatted(
                        book.causeName(troubleCase), better ? "better after \"" + trial.name() + "\"" : trial.name());
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
