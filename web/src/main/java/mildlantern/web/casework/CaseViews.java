package mildlantern.web.casework;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.plate.Plate;

/** What the templates of cases show. Sentences are finished here; the templates compute nothing. */
final class CaseViews {
    private CaseViews() {}

    /** The case page: plate, ladder, next looks or the trial. */
    record Board(
            UUID id,
            long version,
            UUID plant,
            String name,
            String subtitle,
            boolean looking,
            Plate plate,
            List<Plate.Pin> pins,
            List<Found> found,
            List<Rung> ladder,
            String allWell,
            boolean urgent,
            List<LookCard> looks,
            Optional<PartPanel> panel,
            Optional<TrialBox> trial) {}

    /** A finding of this case. */
    record Found(int pin, String finding, String words, boolean seen, String part) {}

    /** A cause on the ladder. */
    record Rung(
            String id,
            String name,
            String summary,
            String percent,
            int bar,
            String kind,
            String kindWords,
            List<Tag> tags,
            List<Said> speaksFor,
            List<Said> against) {}

    /** A mark on a rung. */
    record Tag(String words, boolean bright) {}

    /** A fact that speaks for or against; the pin is 0 where it comes from the record. */
    record Said(String sentence, int pin) {}

    /** A look worth taking. */
    record LookCard(
            String finding,
            String part,
            String instruction,
            String price,
            List<Choice> choices,
            List<Effect> effects) {}

    /** What an answer would do to a cause. */
    record Effect(String answer, String shift, double size) {}

    /** An answer that can be given, in a word for its button and in full. */
    record Choice(String state, String words, String full, String key, boolean chosen) {}

    /** The findings of a part that was touched. */
    record PartPanel(String part, String words, List<Row> rows) {}

    /** One finding to answer. */
    record Row(String finding, String label, int pin, List<Choice> choices) {}

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
            Optional<String> caution) {}

    /** Deciding on a cause and choosing a trial. */
    record DecidePage(
            UUID id,
            long version,
            String name,
            List<CauseOption> causes,
            CauseOption chosen,
            List<TrialOption> trials,
            LocalDate today) {}

    /** A cause that can be decided on. */
    record CauseOption(
            String id,
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
            List<String> holds,
            LocalDate lookAgain,
            int days,
            Optional<String> caution) {}

    /** Looking again: each finding beside last time's answer. */
    record LookAgainPage(
            UUID id,
            long version,
            String name,
            TrialBox trial,
            Plate plate,
            List<Plate.Pin> pins,
            List<AgainRow> rows) {}

    /** A finding asked again. */
    record AgainRow(String finding, String part, String instruction, int pin, String before, List<Choice> choices) {}

    /** Closing, after a look again or without. */
    record ClosePage(
            UUID id,
            long version,
            UUID plant,
            String name,
            Optional<Compared> compared,
            String cause,
            List<OutcomeOption> outcomes,
            List<CareOption> care,
            boolean mayGoOn,
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
