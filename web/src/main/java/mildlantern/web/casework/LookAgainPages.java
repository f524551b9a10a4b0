package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.diagnosis.Comparison;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.treatment.CareSetting;
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
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pages of the look again and of closing: what is asked once more, what it compares to, and what may be learned. */
@Service
@Transactional(readOnly = true)
class LookAgainPages {
    private final CaseBook book;
    private final Plants plants;
    private final CareSheets careSheets;
    private final PlatePictures plates;
    private final Trials trials;
    private final Clock clock;
    private final TrialBoxes boxes;

    LookAgainPages(
            CaseBook book,
            Plants plants,
            CareSheets careSheets,
            PlatePictures plates,
            Trials trials,
            Clock clock,
            TrialBoxes boxes) {
        this.book = book;
        this.plants = plants;
        this.careSheets = careSheets;
        this.plates = plates;
        this.trials = trials;
        this.clock = clock;
        this.boxes = boxes;
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
                    before.map(answer -> TrialBoxes.words(finding, answer.state()))
                            .orElse(Wording.say("casework.look-again-pages.not-looked")),
                    Panels.withSkip(finding, Optional.empty())));
        }
        return new CaseViews.LookAgainPage(
                caseId,
                troubleCase.version(),
                plant.name(),
                boxes.trialBoxes(troubleCase),
                plate,
                TrialBoxes.pinned(plate, latest),
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
                            .ifPresent(made -> care.addAll(care(
                                    plant,
                                    book.causeOf(troubleCase, running),
                                    made.on(plants.profile(plant)),
                                    better))));
        }
        return new CaseViews.ClosePage(
                caseId,
                troubleCase.version(),
                plant.id(),
                plant.name(),
                comparison.map(LookAgainPages::compared),
                book.causeName(troubleCase),
                outcomes(better, latest.isPresent()),
                List.copyOf(care),
                comparison.isPresent() && troubleCase.state() == TroubleCase.State.TRIAL,
                troubleCase.state() == TroubleCase.State.LOOKING,
                LocalDate.now(clock).plusDays(trial.map(Trial::lookAgainDays).orElse(7)));
    }

    private static CaseViews.Compared compared(Comparison comparison) {
        return new CaseViews.Compared(
                Wording.of(comparison.verdict()),
                Words.id(comparison.verdict()),
                Wording.say(comparison.verdict().key() + ".follows"),
                comparison.changes().stream()
                        .map(change -> new CaseViews.Line(
                                change.before().words(),
                                change.after().words(),
                                Wording.of(change.verdict()),
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
        String reason = "%s: %s"
                .formatted(
                        cause,
                        better ? Wording.say("casework.look-again-pages.better-after", trial.name()) : trial.name());
        List<CaseViews.CareOption> options = new ArrayList<>();
        trial.care().forEach((setting, text) -> {
            String before = sheet.getOrDefault(setting, List.of()).stream()
                    .findFirst()
                    .map(CareEntry::text)
                    .orElse(Wording.say("casework.look-again-pages.nothing-written-yet"));
            if (!before.equals(text)) {
                options.add(
                        new CaseViews.CareOption(setting.name(), Wording.of(setting), before, text, reason, better));
            }
        });
        return options;
    }
}
