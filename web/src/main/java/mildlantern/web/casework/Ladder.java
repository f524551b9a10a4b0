package mildlantern.web.casework;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mildlantern.diagnosis.Cause;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Explanation;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.NextLook;
import mildlantern.diagnosis.Overturn;
import mildlantern.diagnosis.Part;
import mildlantern.diagnosis.Reason;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.web.words.Wording;

/** Words a differential for the ladder and the next looks. */
final class Ladder {
    private static final int MOST_RUNGS = 5;
    private static final int FEWEST_RUNGS = 3;
    private static final double SHOWN_FROM = 0.04;
    private static final int EFFECTS = 2;
    /**
     * How many facts are said for and against a cause: all of them at once for the first; for the others two of each, and the rest
     * on request, so that the page keeps to one screen.
     */
    private static final int FACTS_FOR = 4;

    private static final int FACTS_AGAINST = 3;
    private static final int FEWER_FOR = 2;
    private static final int FEWER_AGAINST = 2;
    private static final int LEADERS = 1;

    /** A fact is said if it moves the odds by at least a fifth. */
    private static final double SAID_FROM = Math.log(1.2);

    /** A fact that only works through other causes is said if it at least halves or doubles the odds. */
    private static final double ELSEWHERE_FROM = Math.log(2);

    private Ladder() {}

    /**
     * @param pins finding id to its pin
     * @param looking whether looks can still be taken, and so an answer could overturn a cause
     */
    static List<LadderViews.Rung> rungs(
            Differential differential, Map<FindingId, Integer> pins, int most, boolean looking) {
        List<LadderViews.Rung> rungs = new ArrayList<>();
        for (Cause cause : differential.ladder()) {
            boolean shown = cause.probability() >= SHOWN_FROM || rungs.size() < FEWEST_RUNGS;
            if (!shown || rungs.size() >= Math.min(most, MOST_RUNGS)) {
                break;
            }
            DisorderId id = cause.disorder().id();
            Optional<Overturn> overturn = looking ? differential.overturning(id) : Optional.empty();
            rungs.add(rung(cause, differential.explain(id), overturn, pins, rungs.size() < LEADERS));
        }
        return rungs;
    }

    /** The rungs, those of one group that cannot be told apart yet on one branch. */
    static List<LadderViews.Branch> branches(Differential differential, List<LadderViews.Rung> rungs) {
        return differential.tree().of(differential.ladder().subList(0, rungs.size())).stream()
                .map(branch -> new LadderViews.Branch(
                        branch.group(),
                        branch.members().stream()
                                .map(cause -> Wording.say(
                                        "casework.ladder.may-be",
                                        cause.disorder().name().toLowerCase(Locale.ROOT),
                                        percent(cause.probability())))
                                .collect(Collectors.joining(", ")),
                        percent(branch.probability()),
                        bar(branch.probability()),
                        branch.members().stream()
                                .flatMap(cause -> rungs.stream()
                                        .filter(rung -> rung.id()
                                                .equals(cause.disorder().id())))
                                .toList()))
                .toList();
    }

    private static int bar(double probability) {
        return (int) Math.round(probability * 100);
    }

    private static LadderViews.Rung rung(
            Cause cause,
            Explanation explanation,
            Optional<Overturn> overturn,
            Map<FindingId, Integer> pins,
            boolean leads) {
        Disorder disorder = cause.disorder();
        List<LadderViews.Said> speaksFor = said(explanation.strongestFor(FACTS_FOR, SAID_FROM), pins);
        List<LadderViews.Said> against = said(explanation.strongestAgainst(FACTS_AGAINST, SAID_FROM), pins);
        int atOnceFor = leads ? FACTS_FOR : FEWER_FOR;
        int atOnceAgainst = leads ? FACTS_AGAINST : FEWER_AGAINST;
        return new LadderViews.Rung(
                disorder.id(),
                disorder.name(),
                disorder.summary(),
                percent(cause.probability()),
                bar(cause.probability()),
                Words.id(disorder.kind()),
                Wording.of(disorder.kind()),
                tags(disorder.nature()),
                speaksFor.stream().limit(atOnceFor).toList(),
                against.stream().limit(atOnceAgainst).toList(),
                speaksFor.stream().skip(atOnceFor).toList(),
                against.stream().skip(atOnceAgainst).toList(),
                overturn.map(Ladder::words));
    }

    private static String words(Overturn overturn) {
        return "%s: %s → %s %%"
                .formatted(overturn.state().words(), percent(overturn.before()), percent(overturn.after()));
    }

    private static List<LadderViews.Said> said(List<Reason> reasons, Map<FindingId, Integer> pins) {
        return reasons.stream()
                .filter(reason -> reason.direct() || Math.abs(reason.weight()) >= ELSEWHERE_FROM)
                .map(reason -> new LadderViews.Said(
                        reason.direct()
                                ? reason.sentence()
                                : Wording.say("casework.ladder.which-has-another-cause", reason.sentence()),
                        reason.finding().map(id -> pins.getOrDefault(id, 0)).orElse(0)))
                .toList();
    }

    /** What it comes to, where there is something to say. */
    static Optional<CaseViews.Verdict> verdict(Differential differential) {
        Disorder first = differential.ladder().get(0).disorder();
        return switch (differential.standing()) {
            case ACT_TODAY ->
                Optional.of(new CaseViews.Verdict(
                        "act",
                        Wording.say("casework.ladder.act-today"),
                        Wording.say("casework.ladder.may-contagious-may-kill")));
            case ALL_WELL ->
                Optional.of(new CaseViews.Verdict(
                        "well",
                        Wording.say("casework.ladder.most-likely-nothing-wrong"),
                        Wording.say(
                                "casework.ladder.no-treatment",
                                (first.nature().harmless()
                                        ? Wording.say("casework.ladder.warning-signs", first.summary(), first.watch())
                                        : Wording.say("casework.ladder.what-you-saw-normal")))));
            case UNEXPLAINED ->
                Optional.of(new CaseViews.Verdict(
                        "unexplained",
                        Wording.say("casework.ladder.none-causes-explains"),
                        Wording.say(
                                "casework.ladder.leave-case-open-look",
                                Wording.listed(differential.unexplained().stream()
                                        .map(finding -> finding.states().get(0).words())
                                        .toList()))));
            case OPEN -> Optional.empty();
        };
    }

    private static List<LadderViews.Tag> tags(Disorder.Nature nature) {
        List<LadderViews.Tag> tags = new ArrayList<>();
        if (nature.harmless()) {
            tags.add(new LadderViews.Tag(Wording.say("casework.ladder.harmless"), false));
            return tags;
        }
        switch (nature.urgency()) {
            case TODAY -> tags.add(new LadderViews.Tag(Wording.say("casework.ladder.act-today-2"), true));
            case WEEK -> tags.add(new LadderViews.Tag(Wording.say("casework.ladder.act-week"), true));
            case CALM -> tags.add(new LadderViews.Tag(Wording.say("casework.ladder.no-hurry"), false));
        }
        if (nature.catching()) {
            tags.add(new LadderViews.Tag(Wording.say("casework.ladder.contagious"), true));
        }
        tags.add(new LadderViews.Tag(
                switch (nature.undone()) {
                    case YES -> Wording.say("casework.ladder.recovers");
                    case IN_NEW_GROWTH -> Wording.say("casework.ladder.recovers-new-growth");
                    case NEVER -> Wording.say("casework.ladder.old-marks-remain");
                },
                false));
        return tags;
    }

    /** A probability as the ladder says it. */
    static String percent(double probability) {
        double percent = probability * 100;
        return percent < 1
                ? Wording.say("casework.ladder.under-1")
                : percent > 99 ? Wording.say("casework.ladder.over-99") : Long.toString(Math.round(percent));
    }

    static List<CaseViews.LookCard> looks(List<NextLook> looks) {
        return looks.stream().map(Ladder::look).toList();
    }

    private static CaseViews.LookCard look(NextLook look) {
        Finding finding = look.finding();
        List<CaseViews.Choice> choices = choices(finding, Optional.empty()).stream()
                .map(choice -> finding.yesNo()
                        ? new CaseViews.Choice(
                                choice.state(), yesOrNo(choice.state()), choice.full(), choice.key(), choice.chosen())
                        : choice)
                .toList();
        List<CaseViews.Effect> effects = look.answers().stream()
                .flatMap(answer -> effect(finding, answer).stream())
                .sorted(Comparator.comparingDouble(CaseViews.Effect::size).reversed())
                .limit(EFFECTS)
                .toList();
        return new CaseViews.LookCard(
                finding.id(),
                Words.id(finding.parts().get(0)),
                finding.look(),
                finding.yesNo() ? Optional.of(finding.states().get(0).words()) : Optional.empty(),
                price(finding),
                choices,
                effects);
    }

    /** The answers to a finding, in its own order, each with its key. */
    static List<CaseViews.Choice> choices(Finding finding, Optional<String> chosen) {
        List<CaseViews.Choice> choices = new ArrayList<>();
        int key = 1;
        for (Finding.State state : finding.states()) {
            choices.add(new CaseViews.Choice(
                    state.id(),
                    answerWords(finding, state),
                    state.words(),
                    finding.yesNo() ? (state.id().equals(Finding.PRESENT) ? "s" : "n") : Integer.toString(key++),
                    chosen.filter(state.id()::equals).isPresent()));
        }
        return choices;
    }

    private static String yesOrNo(String state) {
        return state.equals(Finding.PRESENT) ? Wording.say("casework.ladder.yes") : Wording.say("casework.ladder.no");
    }

    private static String answerWords(Finding finding, Finding.State state) {
        return !finding.yesNo()
                ? Words.spoken(state.id())
                : state.id().equals(Finding.PRESENT)
                        ? Wording.say("casework.ladder.seen")
                        : Wording.say("casework.ladder.not-there");
    }

    /** The largest shift that an answer would bring to the first causes, in words. */
    private static Optional<CaseViews.Effect> effect(Finding finding, NextLook.Answer answer) {
        return answer.shifts().stream()
                .max(Comparator.comparingDouble(Ladder::size))
                .filter(shift -> size(shift) >= 0.01)
                .map(shift -> new CaseViews.Effect(
                        finding.yesNo() ? yesOrNo(answer.state().id()) : answerWords(finding, answer.state()),
                        "%s %s → %s %%"
                                .formatted(shift.disorder().name(), percent(shift.before()), percent(shift.after())),
                        size(shift)));
    }

    private static double size(NextLook.Shift shift) {
        return Math.abs(shift.after() - shift.before());
    }

    private static String price(Finding finding) {
        String time = finding.minutes() < 0.4
                ? Wording.say("casework.ladder.a-moment")
                : finding.minutes() < 0.8
                        ? Wording.say("casework.ladder.half-minute")
                        : finding.minutes() < 1.5
                                ? Wording.say("casework.ladder.a-minute")
                                : Wording.say("casework.ladder.minutes", Math.round(finding.minutes()));
        String stress = finding.stress() == 0
                ? Wording.say("casework.ladder.no-harm")
                : finding.stress() < 1
                        ? Wording.say("casework.ladder.little-hard-plant")
                        : Wording.say("casework.ladder.hard-plant");
        return String.format(Locale.ROOT, "%s, %s", time, stress);
    }

    static Part part(Finding finding) {
        return finding.parts().get(0);
    }
}
