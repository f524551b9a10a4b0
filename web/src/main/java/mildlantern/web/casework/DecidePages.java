package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.diagnosis.Cause;
import mildlantern.diagnosis.DeedOutlook;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Promises;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.Profile;
import mildlantern.season.PlantYear;
import mildlantern.treatment.SideBySide;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.season.YearBook;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts the page together on which a grower decides on a cause and chooses its one trial, or two that can be told apart. */
@Service
@Transactional(readOnly = true)
class DecidePages {
    private static final int CAUSES_TO_DECIDE_ON = 6;
    /** A further cause at least this likely may be treated beside the first. */
    private static final double BESIDE_FROM = 0.25;

    private static final int OTHERS = 3;

    private final CaseBook book;
    private final Plants plants;
    private final Trials trials;
    private final Clock clock;
    private final TrialTerms terms;
    private final YearBook years;

    DecidePages(CaseBook book, Plants plants, Trials trials, Clock clock, TrialTerms terms, YearBook years) {
        this.book = book;
        this.plants = plants;
        this.trials = trials;
        this.clock = clock;
        this.terms = terms;
        this.years = years;
    }

    CaseViews.DecidePage page(
            CollectionId collection, CaseId caseId, Optional<DisorderId> causeId, Optional<DisorderId> alsoId) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Plant plant = plants.plant(collection, troubleCase.plant());
        Profile kind = plants.profile(plant);
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
        List<Cause> others = ladder.stream()
                .filter(cause -> !cause.equals(chosen)
                        && cause.probability() >= BESIDE_FROM
                        && !cause.disorder().nature().harmless())
                .limit(OTHERS)
                .toList();
        Optional<Cause> also = alsoId.flatMap(id -> others.stream()
                .filter(cause -> cause.disorder().id().equals(id))
                .findFirst());
        return new CaseViews.DecidePage(
                caseId,
                troubleCase.version(),
                plant.name(),
                shown.stream()
                        .map(cause -> option(cause, chosen, ladder.get(0)))
                        .toList(),
                option(chosen, chosen, ladder.get(0)),
                inOrder(differential, terms.borne(plant, chosen.disorder())).stream()
                        .map(one -> trial(one.on(kind), today, promise(differential, one)))
                        .toList(),
                others.stream().map(cause -> other(plant, cause, chosen)).toList(),
                also.map(cause -> second(plant, cause, chosen, today)),
                Stream.of(
                                leastRisk(differential, plant, chosen.disorder()),
                                deedChange(differential, kind),
                                Optional.of(Wording.of(differential.waiting())),
                                waits(plant),
                                promises(collection))
                        .flatMap(Optional::stream)
                        .toList(),
                today);
    }

    /** The one that is expected to cost the plant least first. */
    private static List<Trial> inOrder(Differential differential, List<Trial> trials) {
        return trials.stream()
                .sorted(Comparator.comparingDouble(trial -> differential
                        .deeds()
                        .outlook(trial.id())
                        .map(DeedOutlook::cost)
                        .orElse(1.0)))
                .toList();
    }

    /** How likely a trial answers what is the matter, and under which cause it would do harm. */
    private static String promise(Differential differential, Trial trial) {
        return differential
                .deeds()
                .outlook(trial.id())
                .map(it -> Wording.say("casework.decide-pages.answers", Ladder.percent(it.answers()))
                        + it.worstIf()
                                .map(cause -> " "
                                        + Wording.say(
                                                "casework.decide-pages.worse",
                                                cause.name(),
                                                Ladder.percent(it.worse())))
                                .orElse(""))
                .orElse("");
    }

    /** The change that risks least over all causes, where it is none of those for the chosen one. */
    private Optional<String> leastRisk(Differential differential, Plant plant, Disorder chosen) {
        return differential
                .deeds()
                .leastRisk()
                .filter(id -> !chosen.trials().contains(id))
                .flatMap(trials::find)
                .filter(trial -> differential.ladder().stream()
                        .limit(CAUSES_TO_DECIDE_ON)
                        .anyMatch(cause -> terms.borne(plant, cause.disorder()).contains(trial)))
                .map(trial -> Wording.say("casework.decide-pages.least-risk", trial.name()));
    }

    /** The look that would put another change first. */
    private Optional<String> deedChange(Differential differential, Profile kind) {
        return differential
                .deedChange()
                .flatMap(change -> trials.find(change.trial())
                        .map(trial -> Wording.say(
                                "casework.decide-pages.one-look",
                                change.finding().look(),
                                change.state().words(),
                                Ladder.percent(change.chance()),
                                trial.on(kind).name())));
    }

    /** What became of the chances that trials of this collection were started with. */
    private Optional<String> promises(CollectionId collection) {
        Promises promises = book.promises(collection);
        return promises.fit() == Promises.Fit.TOO_FEW
                ? Optional.empty()
                : Optional.of(Wording.say(
                        "casework.decide-pages.promises",
                        promises.made(),
                        Math.round(promises.expected()),
                        promises.helped(),
                        Wording.of(promises.fit())));
    }

    /** What a plant that rests lets expect: nothing new can be seen yet. */
    private Optional<String> waits(Plant plant) {
        PlantYear year = years.of(plant);
        return years.knowledge()
                .newGrowth(year)
                .map(day -> Wording.say(
                        "casework.decide-pages.waits", Wording.of(year.phase()), DayFormat.SHORT.format(day)));
    }

    private CaseViews.SecondCause second(Plant plant, Cause also, Cause chosen, LocalDate today) {
        List<Trial> firsts = terms.borne(plant, chosen.disorder());
        return new CaseViews.SecondCause(
                option(also, chosen, chosen),
                terms.borne(plant, also.disorder()).stream()
                        .map(other -> {
                            List<CaseViews.Beside> beside = firsts.stream()
                                    .map(first -> beside(first, other))
                                    .toList();
                            return new CaseViews.SecondTrial(
                                    trial(other.on(plants.profile(plant)), today, ""),
                                    beside.stream().anyMatch(CaseViews.Beside::apart),
                                    beside);
                        })
                        .toList());
    }

    /** Whether a further cause can be treated beside the chosen one: some trial of each must be told apart from the other. */
    private CaseViews.OtherCause other(Plant plant, Cause cause, Cause chosen) {
        List<CaseViews.Beside> pairs = terms.borne(plant, chosen.disorder()).stream()
                .flatMap(first -> terms.borne(plant, cause.disorder()).stream().map(other -> beside(first, other)))
                .toList();
        boolean possible = pairs.stream().anyMatch(CaseViews.Beside::apart);
        return new CaseViews.OtherCause(
                option(cause, chosen, chosen),
                possible,
                possible ? "" : pairs.get(0).words());
    }

    /** How two trials go together, in a sentence. */
    CaseViews.Beside beside(Trial first, Trial other) {
        SideBySide both = SideBySide.of(first, other);
        String words = switch (both.kind()) {
            case SAME -> Wording.say("casework.decide-pages.change-both-one-trial", first.name());
            case APART ->
                Wording.say(
                        "casework.decide-pages.can-run-together-one",
                        first.name(),
                        signs(first.recheck()),
                        signs(other.recheck()));
            case BLUR -> Wording.say("casework.decide-pages.not-together-both-are", first.name(), signs(both.shared()));
            case CLASH ->
                Wording.say(
                        "casework.decide-pages.not-together-one-needs",
                        first.name(),
                        both.hold().map(Wording::of).orElse("a hold"));
        };
        return new CaseViews.Beside(first.id(), both.kind() == SideBySide.Kind.APART, words);
    }

    private String signs(List<FindingId> findings) {
        return Wording.listed(findings.stream()
                .map(id -> book.finding(id).states().get(0).words())
                .toList());
    }

    /** Why a second trial cannot run beside a first, if it cannot. */
    Optional<String> whyNotBeside(String firstId, String otherId) {
        return trials.find(firstId)
                .flatMap(first -> trials.find(otherId).map(other -> beside(first, other)))
                .filter(both -> !both.apart())
                .map(CaseViews.Beside::words);
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

    private static CaseViews.TrialOption trial(Trial trial, LocalDate today, String promise) {
        return new CaseViews.TrialOption(
                trial.id(),
                trial.name(),
                trial.instruction(),
                trial.expectation(),
                promise,
                trial.holds().stream().map(Wording::of).toList(),
                today.plusDays(trial.lookAgainDays()),
                trial.lookAgainDays(),
                trial.caution());
    }
}
