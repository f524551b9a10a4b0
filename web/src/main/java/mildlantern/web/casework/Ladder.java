package mildlantern.web.casework;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mildlantern.diagnosis.Cause;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Explanation;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.NextLook;
import mildlantern.diagnosis.Part;
import mildlantern.diagnosis.Reason;
import mildlantern.knowledge.Words;

/** Words a differential for the ladder and the next looks. */
final class Ladder {
    private static final int MOST_RUNGS = 5;
    private static final int FEWEST_RUNGS = 3;
    private static final double SHOWN_FROM = 0.04;
    private static final int FACTS_FOR = 3;
    private static final int FACTS_AGAINST = 2;

    /** A fact is said if it moves the odds by at least a fifth. */
    private static final double SAID_FROM = Math.log(1.2);

    private static final Map<Disorder.Kind, String> KINDS = Map.of(
            Disorder.Kind.NORMAL, "belongs to the plant",
            Disorder.Kind.WATER, "water",
            Disorder.Kind.AIR_AND_TEMPERATURE, "air",
            Disorder.Kind.LIGHT, "light",
            Disorder.Kind.NUTRITION, "food",
            Disorder.Kind.GROWING_POINT, "growing point",
            Disorder.Kind.PEST, "pest",
            Disorder.Kind.DISEASE, "disease",
            Disorder.Kind.INJURY, "injury");

    private Ladder() {}

    /** @param pins finding id to its pin */
    static List<CaseViews.Rung> rungs(Differential differential, Map<String, Integer> pins, int most) {
        List<CaseViews.Rung> rungs = new ArrayList<>();
        for (Cause cause : differential.ladder()) {
            boolean shown = cause.probability() >= SHOWN_FROM || rungs.size() < FEWEST_RUNGS;
            if (!shown || rungs.size() >= Math.min(most, MOST_RUNGS)) {
                break;
            }
            rungs.add(rung(cause, differential.explain(cause.disorder().id()), pins));
        }
        return rungs;
    }

    private static CaseViews.Rung rung(Cause cause, Explanation explanation, Map<String, Integer> pins) {
        Disorder disorder = cause.disorder();
        return new CaseViews.Rung(
                disorder.id(),
                disorder.name(),
                disorder.summary(),
                percent(cause.probability()),
                (int) Math.round(cause.probability() * 100),
                Words.id(disorder.kind()),
                KINDS.getOrDefault(disorder.kind(), ""),
                tags(disorder.nature()),
                said(explanation.strongestFor(FACTS_FOR, SAID_FROM), pins),
                said(explanation.strongestAgainst(FACTS_AGAINST, SAID_FROM), pins));
    }

    private static List<CaseViews.Said> said(List<Reason> reasons, Map<String, Integer> pins) {
        return reasons.stream()
                .map(reason -> new CaseViews.Said(
                        reason.sentence(),
                        reason.finding().map(id -> pins.getOrDefault(id, 0)).orElse(0)))
                .toList();
    }

    private static List<CaseViews.Tag> tags(Disorder.Nature nature) {
        List<CaseViews.Tag> tags = new ArrayList<>();
        if (nature.harmless()) {
            tags.add(new CaseViews.Tag("harmless", false));
            return tags;
        }
        switch (nature.urgency()) {
            case TODAY -> tags.add(new CaseViews.Tag("act today", true));
            case WEEK -> tags.add(new CaseViews.Tag("act this week", true));
            case CALM -> tags.add(new CaseViews.Tag("no hurry", false));
        }
        if (nature.catching()) {
            tags.add(new CaseViews.Tag("catching", true));
        }
        tags.add(new CaseViews.Tag(
                switch (nature.undone()) {
                    case YES -> "recovers";
                    case IN_NEW_GROWTH -> "recovers in new growth";
                    case NEVER -> "marks stay";
                },
                false));
        return tags;
    }

    /** A probability as the ladder says it. */
    static String percent(double probability) {
        double percent = probability * 100;
        return percent < 1 ? "under 1" : percent > 99 ? "over 99" : Long.toString(Math.round(percent));
    }

    static List<CaseViews.LookCard> looks(List<NextLook> looks) {
        return looks.stream().map(Ladder::look).toList();
    }

    private static CaseViews.LookCard look(NextLook look) {
        Finding finding = look.finding();
        List<CaseViews.Choice> choices = new ArrayList<>();
        int key = 1;
        for (NextLook.Answer answer : look.answers()) {
            choices.add(new CaseViews.Choice(
                    answer.state().id(),
                    finding.yesNo()
                            ? yesNoWords(answer.state().id())
                            : answer.state().words(),
                    finding.yesNo() ? yesNoKey(answer.state().id()) : Integer.toString(key++),
                    effect(answer),
                    false));
        }
        return new CaseViews.LookCard(
                finding.id(), Words.id(finding.parts().get(0)), finding.look(), price(finding), choices);
    }

    static String yesNoWords(String state) {
        return Finding.PRESENT.equals(state) ? "yes, seen" : "not there";
    }

    static String yesNoKey(String state) {
        return Finding.PRESENT.equals(state) ? "s" : "n";
    }

    /** The largest shift that an answer would bring, in words. */
    private static String effect(NextLook.Answer answer) {
        return answer.shifts().stream()
                .max(Comparator.comparingDouble(shift -> Math.abs(shift.after() - shift.before())))
                .filter(shift -> Math.abs(shift.after() - shift.before()) >= 0.01)
                .map(shift -> "%s %s → %s %%"
                        .formatted(shift.disorder().name(), percent(shift.before()), percent(shift.after())))
                .orElse("changes little");
    }

    private static String price(Finding finding) {
        String time = finding.minutes() < 0.4
                ? "a moment"
                : finding.minutes() < 0.8
                        ? "half a minute"
                        : finding.minutes() < 1.5 ? "a minute" : Math.round(finding.minutes()) + " minutes";
        String stress = finding.stress() == 0
                ? "no harm"
                : finding.stress() < 1 ? "a little hard on the plant" : "hard on the plant";
        return String.format(Locale.ROOT, "%s, %s", time, stress);
    }

    static Part part(Finding finding) {
        return finding.parts().get(0);
    }
}
