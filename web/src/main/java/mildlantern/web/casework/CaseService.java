package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
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
import mildlantern.round.PlantToday;
import mildlantern.round.RoundPlanner;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Hold;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.collection.CareEntry;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.Plant;
import mildlantern.web.collection.PlatePictures;
import mildlantern.web.collection.Troubles;
import mildlantern.web.plate.Plate;
import mildlantern.web.platform.MovedOn;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cases, for the pages: every step is checked against the collection and the state of the case. */
@Service
@Transactional(readOnly = true)
public class CaseService implements Troubles {
    private static final int LOOKS_SHOWN = 3;

    /** Some looks were skipped and are left out: ask for more than are shown. */
    private static final int LOOKS_ASKED = 12;

    private static final int CAUSES_TO_DECIDE_ON = 6;

    private final CaseRepositories.Cases cases;
    private final CaseRepositories.Answers answers;
    private final CaseRepositories.CaseTrials caseTrials;
    private final CaseWriter writer;
    private final CollectionService collections;
    private final PlatePictures plates;
    private final Diagnosis diagnosis;
    private final Trials trials;
    private final WrittenForms forms;
    private final Clock clock;

    CaseService(
            CaseRepositories.Cases cases,
            CaseRepositories.Answers answers,
            CaseRepositories.CaseTrials caseTrials,
            CaseWriter writer,
            CollectionService collections,
            PlatePictures plates,
            Diagnosis diagnosis,
            Trials trials,
            WrittenForms forms,
            Clock clock) {
        this.cases = cases;
        this.answers = answers;
        this.caseTrials = caseTrials;
        this.writer = writer;
        this.collections = collections;
        this.plates = plates;
        this.diagnosis = diagnosis;
        this.trials = trials;
        this.forms = forms;
        this.clock = clock;
    }

    // ------------------------------------------------------------------ opening and looking

    /** Opens a case on a plant, or finds the one that is open: a plant has one at a time. */
    @Transactional
    public UUID open(UUID collection, UUID plantId) {
        Plant plant = collections.plant(collection, plantId);
        return cases.findByCollectionAndPlantOrderByOpenedOnDesc(collection, plantId).stream()
                .filter(troubleCase -> troubleCase.state() != TroubleCase.State.CLOSED)
                .map(TroubleCase::id)
                .findFirst()
                .orElseGet(() -> writer.open(plant, UUID.randomUUID(), LocalDate.now(clock)));
    }

    /** The case page; with a part, the findings of that part as well. */
    CaseViews.Board board(UUID collection, UUID caseId, Optional<Part> touched) {
        TroubleCase troubleCase = find(collection, caseId);
        Plant plant = collections.plant(collection, troubleCase.plant());
        PlantRecord record = collections.record(plant);
        List<CaseAnswer> latest = latestAnswers(troubleCase);
        Map<String, Integer> pins = new LinkedHashMap<>();
        latest.stream().filter(answer -> !answer.skipped()).forEach(answer -> pins.put(answer.finding(), answer.pin()));
        Differential differential = diagnosis.consider(record, writer.evidence(troubleCase, troubleCase.visit()));
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
                looking ? looks(differential, latest) : List.of(),
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

    /** Of each finding the latest answer, by pin. */
    private List<CaseAnswer> latestAnswers(TroubleCase troubleCase) {
        Map<String, CaseAnswer> latest = new LinkedHashMap<>();
        for (CaseAnswer answer : answers.of(troubleCase.collection(), troubleCase.id())) {
            if (!answer.skipped() || !latest.containsKey(answer.finding())) {
                latest.put(answer.finding(), answer);
            }
        }
        return latest.values().stream()
                .sorted(Comparator.comparingInt(CaseAnswer::pin))
                .toList();
    }

    private static List<Plate.Pin> pinned(Plate plate, List<CaseAnswer> latest) {
        return plate.pins(latest.stream()
                .filter(answer -> !answer.skipped() && answer.part() != Part.WHOLE)
                .map(answer -> new Plate.Found(answer.pin(), answer.part()))
                .toList());
    }

    private CaseViews.Found found(CaseAnswer answer) {
        Finding finding = writer.finding(answer.finding());
        return new CaseViews.Found(
                answer.pin(),
                answer.finding(),
                words(finding, answer.state()),
                !Finding.ABSENT.equals(answer.state()),
                Words.id(answer.part()));
    }

    private static String words(Finding finding, String state) {
        return finding.state(state).map(Finding.State::words).orElse("passed over");
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

    /**
     * Stores an answer. Sent twice, it is the same answer.
     *
     * @throws MovedOn if the case has changed since the page was made; the message carries the answer
     */
    @Transactional
    public void answer(UUID collection, UUID caseId, long version, String findingId, String state, Part part) {
        TroubleCase troubleCase = find(collection, caseId);
        Finding finding = diagnosis.knowledge().finding(findingId).orElseThrow(() -> new NotHere("finding"));
        if (!CaseAnswer.SKIPPED.equals(state) && finding.state(state).isEmpty()) {
            throw new NotHere("answer to that finding");
        }
        boolean already = answers.of(collection, caseId).stream()
                .anyMatch(answer -> answer.visit() == troubleCase.visit()
                        && answer.finding().equals(findingId)
                        && answer.state().equals(state));
        if (already) {
            return;
        }
        current(troubleCase, version, words(finding, state));
        if (troubleCase.state() != TroubleCase.State.LOOKING) {
            throw movedOn(troubleCase, words(finding, state));
        }
        writer.answer(collection, caseId, findingId, state, part, LocalDate.now(clock));
    }

    // ------------------------------------------------------------------ deciding

    CaseViews.DecidePage decidePage(UUID collection, UUID caseId, Optional<String> causeId) {
        TroubleCase troubleCase = find(collection, caseId);
        Plant plant = collections.plant(collection, troubleCase.plant());
        Differential differential = writer.differential(troubleCase);
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

    /**
     * What a grower sends when deciding.
     *
     * @param form key of the form
     * @param version version of the case that the page showed
     * @param cause id of the cause
     * @param trial id of the trial
     * @param lookAgainOn the day to look again
     * @param note why; wanted where the ranking is overruled
     */
    record DecisionForm(UUID form, long version, String cause, String trial, LocalDate lookAgainOn, String note) {}

    /** Whether a cause is not the first of the ladder, so that the grower overrules it. */
    boolean overrules(UUID collection, UUID caseId, String causeId) {
        return CaseWriter.overrules(writer.differential(find(collection, caseId)), causeId);
    }

    /** Decides on a cause and starts its trial, once. */
    @Transactional
    public void decide(UUID collection, UUID caseId, DecisionForm decision) {
        TroubleCase troubleCase = find(collection, caseId);
        Disorder disorder = diagnosis.knowledge().disorder(decision.cause()).orElseThrow(() -> new NotHere("cause"));
        Trial trial = trials.find(decision.trial())
                .filter(known -> disorder.trials().contains(known.id()))
                .orElseThrow(() -> new NotHere("trial for that cause"));
        if (!forms.firstTime(collection, decision.form())) {
            return;
        }
        current(troubleCase, decision.version(), decision.note());
        if (troubleCase.state() != TroubleCase.State.LOOKING) {
            throw movedOn(troubleCase, decision.note());
        }
        writer.decide(
                collection,
                caseId,
                disorder,
                trial,
                decision.note(),
                new CaseWriter.Days(LocalDate.now(clock), decision.lookAgainOn()));
    }

    private Optional<CaseViews.TrialBox> trialBox(TroubleCase troubleCase) {
        if (troubleCase.state() != TroubleCase.State.TRIAL) {
            return Optional.empty();
        }
        return writer.latestTrial(troubleCase.collection(), troubleCase.id()).map(running -> {
            Trial trial = trials.find(running.trial()).orElseThrow();
            long left = ChronoUnit.DAYS.between(LocalDate.now(clock), running.lookAgainOn());
            String when = left > 1
                    ? "in " + left + " days"
                    : left == 1 ? "tomorrow" : left == 0 ? "today" : ago(running.lookAgainOn());
            return new CaseViews.TrialBox(
                    causeName(troubleCase),
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

    private String causeName(TroubleCase troubleCase) {
        return Optional.ofNullable(troubleCase.decidedCause())
                .flatMap(diagnosis.knowledge()::disorder)
                .map(Disorder::name)
                .orElse("no cause decided on");
    }

    // ------------------------------------------------------------------ looking again

    CaseViews.LookAgainPage lookAgainPage(UUID collection, UUID caseId) {
        TroubleCase troubleCase = inTrial(collection, caseId);
        Plant plant = collections.plant(collection, troubleCase.plant());
        List<CaseAnswer> latest = latestAnswers(troubleCase);
        Plate plate = plates.of(plant);
        List<CaseViews.AgainRow> rows = new ArrayList<>();
        for (String findingId : toAskAgain(troubleCase, latest)) {
            Finding finding = writer.finding(findingId);
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
        writer.latestTrial(troubleCase.collection(), troubleCase.id())
                .flatMap(running -> trials.find(running.trial()))
                .ifPresent(trial -> ask.addAll(trial.recheck()));
        return ask;
    }

    /** Where, how fast and what it once did: nothing that a second look could compare. */
    private boolean comparesNothing(String findingId) {
        Finding finding = writer.finding(findingId);
        return finding.best().isEmpty() && finding.parts().contains(Part.WHOLE);
    }

    /** Stores a look again and ends the trial with the verdict, once. */
    @Transactional
    public void lookAgain(UUID collection, UUID caseId, UUID form, long version, Map<String, String> states) {
        TroubleCase troubleCase = find(collection, caseId);
        if (!forms.firstTime(collection, form)) {
            return;
        }
        current(troubleCase, version, "");
        if (troubleCase.state() != TroubleCase.State.TRIAL) {
            throw movedOn(troubleCase, "");
        }
        Map<String, Part> parts = new LinkedHashMap<>();
        latestAnswers(troubleCase).forEach(answer -> parts.put(answer.finding(), answer.part()));
        writer.lookAgain(collection, caseId);
        states.forEach((findingId, state) -> {
            Finding finding = diagnosis.knowledge().finding(findingId).orElseThrow(() -> new NotHere("finding"));
            if (finding.state(state).isPresent()) {
                Part part = parts.getOrDefault(findingId, Ladder.part(finding));
                writer.answer(collection, caseId, findingId, state, part, LocalDate.now(clock));
            }
        });
        writer.finish(collection, caseId, LocalDate.now(clock));
    }

    // ------------------------------------------------------------------ closing

    CaseViews.ClosePage closePage(UUID collection, UUID caseId) {
        TroubleCase troubleCase = find(collection, caseId);
        Plant plant = collections.plant(collection, troubleCase.plant());
        Optional<CaseTrial> latest = writer.latestTrial(collection, caseId);
        Optional<Comparison> comparison =
                latest.filter(CaseTrial::finished).map(finished -> writer.compare(troubleCase));
        boolean better = comparison
                .filter(compared -> compared.verdict() == Comparison.Verdict.BETTER)
                .isPresent();
        Optional<Trial> trial = latest.flatMap(running -> trials.find(running.trial()));
        return new CaseViews.ClosePage(
                caseId,
                troubleCase.version(),
                plant.id(),
                plant.name(),
                comparison.map(CaseService::compared),
                causeName(troubleCase),
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
                .formatted(causeName(troubleCase), better ? "better after \"" + trial.name() + "\"" : trial.name());
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

    /**
     * What a grower sends when closing.
     *
     * @param form key of the form
     * @param version version of the case that the page showed
     * @param outcome how it ended
     * @param lesson what was learned
     * @param care lines of the care sheet to change
     */
    record ClosingForm(
            UUID form, long version, String outcome, String lesson, Map<CareSetting, CaseWriter.CareChange> care) {}

    /** Closes a case, once. Returns the plant. */
    @Transactional
    public UUID close(UUID collection, UUID caseId, ClosingForm closing) {
        TroubleCase troubleCase = find(collection, caseId);
        if (forms.firstTime(collection, closing.form())) {
            current(troubleCase, closing.version(), closing.lesson());
            if (troubleCase.state() == TroubleCase.State.CLOSED) {
                throw movedOn(troubleCase, closing.lesson());
            }
            writer.close(collection, caseId, closing.outcome(), closing.lesson(), closing.care(), LocalDate.now(clock));
        }
        return troubleCase.plant();
    }

    /** After a look again: the same trial goes on until another day, once. */
    @Transactional
    public void goOn(UUID collection, UUID caseId, UUID form, long version, LocalDate lookAgainOn) {
        TroubleCase troubleCase = inTrial(collection, caseId);
        if (forms.firstTime(collection, form)) {
            current(troubleCase, version, "");
            CaseTrial latest = writer.latestTrial(collection, caseId).orElseThrow();
            Trial trial = trials.find(latest.trial()).orElseThrow();
            writer.goOn(collection, caseId, trial, LocalDate.now(clock), lookAgainOn);
        }
    }

    /** After a look again: back to the causes, with all that was seen, once. */
    @Transactional
    public void lookFurther(UUID collection, UUID caseId, UUID form, long version) {
        TroubleCase troubleCase = find(collection, caseId);
        if (forms.firstTime(collection, form)) {
            current(troubleCase, version, "");
            if (troubleCase.state() != TroubleCase.State.TRIAL) {
                throw movedOn(troubleCase, "");
            }
            writer.lookFurther(collection, caseId);
        }
    }

    /** The stop at which the plant of a case stands, if the collection has such a case. */
    Optional<UUID> stopOf(UUID collection, UUID caseId) {
        return cases.findByCollectionAndId(collection, caseId)
                .map(troubleCase ->
                        collections.plant(collection, troubleCase.plant()).stop());
    }

    /** Whether the running trial has been looked at again and waits for what follows. */
    boolean waitsForOutcome(UUID collection, UUID caseId) {
        TroubleCase troubleCase = find(collection, caseId);
        return troubleCase.state() == TroubleCase.State.TRIAL
                && writer.latestTrial(collection, caseId)
                        .filter(CaseTrial::finished)
                        .isPresent();
    }

    // ------------------------------------------------------------------ for other features

    /** The open cases by plant, as the round needs them. */
    public Map<UUID, PlantToday.Trouble> openTroubles(UUID collection) {
        Map<UUID, LocalDate> lookAgain = new LinkedHashMap<>();
        caseTrials.running(collection).forEach(trial -> lookAgain.put(trial.troubleCase(), trial.lookAgainOn()));
        Map<UUID, PlantToday.Trouble> troubles = new LinkedHashMap<>();
        for (TroubleCase open : cases.findByCollectionAndStateNot(collection, TroubleCase.State.CLOSED)) {
            troubles.put(
                    open.plant(),
                    new PlantToday.Trouble(
                            open.openedOn(),
                            open.state() == TroubleCase.State.TRIAL
                                    ? Optional.ofNullable(lookAgain.get(open.id()))
                                    : Optional.empty()));
        }
        return troubles;
    }

    /** What must wait, by plant, in words. */
    public Map<UUID, List<String>> allHolds(UUID collection) {
        Map<UUID, UUID> plantOf = new LinkedHashMap<>();
        cases.findByCollectionAndStateNot(collection, TroubleCase.State.CLOSED)
                .forEach(open -> plantOf.put(open.id(), open.plant()));
        Map<UUID, List<String>> holds = new LinkedHashMap<>();
        for (CaseTrial trial : caseTrials.running(collection)) {
            UUID plant = plantOf.get(trial.troubleCase());
            if (plant != null) {
                holds.put(plant, trial.holds().stream().map(Hold::words).toList());
            }
        }
        return holds;
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
                        summary(troubleCase),
                        troubleCase.state() != TroubleCase.State.CLOSED))
                .toList();
    }

    private String summary(TroubleCase troubleCase) {
        return switch (troubleCase.state()) {
            case LOOKING -> "under work, no cause decided on yet";
            case TRIAL -> causeName(troubleCase) + ", trial under way";
            case CLOSED ->
                causeName(troubleCase) + ": "
                        + Optional.ofNullable(troubleCase.outcome())
                                .map(TroubleCase.Outcome::words)
                                .orElse("closed");
        };
    }

    // ------------------------------------------------------------------ guards

    private TroubleCase find(UUID collection, UUID caseId) {
        return cases.findByCollectionAndId(collection, caseId).orElseThrow(() -> new NotHere("case"));
    }

    private TroubleCase inTrial(UUID collection, UUID caseId) {
        TroubleCase troubleCase = find(collection, caseId);
        if (troubleCase.state() != TroubleCase.State.TRIAL) {
            throw movedOn(troubleCase, "");
        }
        return troubleCase;
    }

    private static void current(TroubleCase troubleCase, long version, String typed) {
        if (troubleCase.version() != version) {
            throw movedOn(troubleCase, typed);
        }
    }

    private static MovedOn movedOn(TroubleCase troubleCase, String typed) {
        return new MovedOn(
                "This case has changed since the page was opened, in another window or by somebody else.",
                "/cases/" + troubleCase.id(),
                typed);
    }
}
