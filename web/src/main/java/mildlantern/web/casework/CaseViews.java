package mildlantern.web.casework;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantId;
import mildlantern.web.plate.Plate;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Stop;
import mildlantern.web.words.Wording;

/** What the templates of cases show. Sentences are finished here; the templates compute nothing. */
final class CaseViews {
    private CaseViews() {}

    /** The case page: plate, ladder, next looks or the trial. */
    record Board(
            CaseId id,
            long version,
            PlantId plant,
            String name,
            String subtitle,
            String state,
            boolean looking,
            Optional<Turn> turn,
            Plate plate,
            List<Plate.Pin> pins,
            List<Found> found,
            List<String> fromRecord,
            List<LadderViews.Branch> ladder,
            String allWell,
            Optional<Verdict> verdict,
            List<LookCard> looks,
            Optional<Panel> panel,
            List<TrialBox> trials,
            boolean treatable,
            FormKey form) {
        /** From so many findings on, the plate makes room for them. */
        private static final int MANY = 5;

        /** How the page is laid out, in the terms of its style sheet. */
        public String layout() {
            String stage = panel.isPresent() ? "touched" : looking ? "looking" : "settled";
            return found.size() >= MANY ? Wording.say("casework.case-views.many", stage) : stage;
        }
    }

    /** What became of a case that is not under work, and how it goes on. */
    record Turn(String words, Optional<String> press, Optional<CaseId> other) {}

    /** What the ladder comes to, in a sentence or two. */
    record Verdict(String standing, String lead, String words) {}

    /** A finding of this case. */
    record Found(int pin, FindingId finding, String words, boolean seen, String part) {}

    /** A look worth taking. */
    record LookCard(
            FindingId finding,
            String part,
            String instruction,
            Optional<String> asked,
            String price,
            List<Choice> choices,
            List<Effect> effects) {}

    /** What an answer would do to a cause. */
    record Effect(String answer, String shift, double size) {}

    /** An answer that can be given, in a word for its button and in full. */
    record Choice(String state, String words, String full, String key, boolean chosen) {}

    /**
     * Findings to answer, because a part was touched, words were typed or the grower recalls.
     *
     * @param part id of the part touched; the whole plant for a search
     * @param query what was typed; empty for a part
     * @param title what the panel asks
     * @param rows findings to answer, the likeliest first
     * @param more further ones, less likely
     * @param shared what their drawings have in common, as SVG
     * @param recalls what may have happened lately, where that is asked
     */
    record Panel(
            String part,
            String query,
            String title,
            List<Row> rows,
            List<Row> more,
            String shared,
            List<RecallRow> recalls) {
        /** Whether something of what is folded was answered. */
        public boolean unfolded() {
            return more.stream().anyMatch(row -> row.choices().stream().anyMatch(Choice::chosen));
        }
    }

    /**
     * One finding to answer.
     *
     * @param drawing what is looked for, as SVG; empty where each state has its own
     * @param drawings what each state looks like, as SVG; empty for a yes/no finding
     */
    record Row(
            FindingId finding,
            String part,
            String label,
            int pin,
            String drawing,
            Map<String, String> drawings,
            List<Choice> choices) {}

    /** Something that may have happened lately; known is what the record says of it. */
    record RecallRow(String kind, FormKey form, String label, Optional<String> known, List<Choice> choices) {}

    /** The trial under way. */
    record TrialBox(
            String cause,
            String name,
            String instruction,
            String expectation,
            List<String> holds,
            LocalDate started,
            LocalDate lookAgain,
            String when,
            boolean due,
            Optional<String> caution,
            Step step) {}

    /**
     * What is to be done for a trial.
     *
     * @param number which trial of its case
     * @param asked whether there is anything to tick: waiting is not
     * @param does what is asked for when it is ticked: a pot and a medium, a stop, or nothing
     * @param done when it was done
     * @param pot the pot that it stands in, as typed in a field; media and stops to choose from
     * @param medium what it usually grows in
     */
    record Step(
            int number,
            boolean asked,
            Does does,
            Optional<LocalDate> done,
            FormKey form,
            String pot,
            String medium,
            List<Medium> media,
            List<Stop> stops) {}

    /** What a step changes of a plant. */
    enum Does {
        REPOT,
        MOVE,
        OTHER
    }

    /** Deciding on a cause and choosing a trial. */
    record DecidePage(
            CaseId id,
            long version,
            String name,
            List<CauseOption> causes,
            CauseOption chosen,
            List<TrialOption> trials,
            List<OtherCause> others,
            Optional<SecondCause> second,
            List<String> counsel,
            LocalDate today) {}

    /** A further strong cause: whether it can be treated beside the first, and why. */
    record OtherCause(CauseOption cause, boolean possible, String words) {}

    /** A second cause that could be treated beside the first, with its trials. */
    record SecondCause(CauseOption cause, List<SecondTrial> trials) {}

    /** A trial for the second cause, and how it goes with each trial of the first. */
    record SecondTrial(TrialOption trial, boolean possible, List<Beside> beside) {}

    /** How two trials go together. */
    record Beside(String first, boolean apart, String words) {}

    /** A cause that can be decided on. */
    record CauseOption(
            DisorderId id,
            String name,
            String summary,
            String percent,
            boolean chosen,
            boolean first,
            String watch,
            Optional<String> caution,
            String recovers) {}

    /** A trial that can be chosen. */
    record TrialOption(
            String id,
            String name,
            String instruction,
            String expectation,
            String promise,
            List<String> holds,
            LocalDate lookAgain,
            int days,
            Optional<String> caution) {}

    /** Looking again: each finding beside last time's answer. */
    record LookAgainPage(
            CaseId id,
            long version,
            String name,
            List<TrialBox> trials,
            Plate plate,
            List<Plate.Pin> pins,
            List<AgainRow> rows) {}

    /** A finding asked again. */
    record AgainRow(FindingId finding, String part, String instruction, int pin, String before, List<Choice> choices) {}

    /** How opinion moved: one line a cause, one step an answer. */
    record StoryPage(
            CaseId id,
            String name,
            String subtitle,
            List<StoryLine> lines,
            List<StoryStep> steps,
            double width,
            double height) {}

    /** The line of one cause through all answers. */
    record StoryLine(String cause, String kind, String path, double labelX, double labelY, String last) {}

    /** What was answered, and who led after it. */
    record StoryStep(int number, double x, LocalDate day, String answered, String leader, String percent) {}

    /** Closing, after a look again or without. */
    record ClosePage(
            CaseId id,
            long version,
            PlantId plant,
            String name,
            Optional<Compared> compared,
            String cause,
            List<OutcomeOption> outcomes,
            List<CareOption> care,
            boolean mayGoOn,
            boolean mayPause,
            LocalDate goOnUntil) {}

    /** How the look again compares. */
    record Compared(String verdict, String verdictClass, String follows, List<Line> lines) {}

    /** A finding then and now. */
    record Line(String then, String now, String verdict, String verdictClass) {}

    /** How a case can end. */
    record OutcomeOption(String id, String words, boolean chosen) {}

    /** A line of the care sheet that may change. */
    record CareOption(String setting, String words, String before, String text, String reason, boolean chosen) {}
}
