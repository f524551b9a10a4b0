package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Evidence;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.FindingSearch;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantRecord;
import mildlantern.quantity.Limits;
import mildlantern.round.DueTime;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plate.Plate;
import mildlantern.web.platform.FormKey;
import mildlantern.web.sign.SignSheet;
import mildlantern.web.sign.Signs;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** The panel of a case page: what can be answered for a touched part, for typed words, or when recalling. */
@Component
class Panels {
    private static final int MATCHES = 8;

    /** Signs that stand open; the others are folded. */
    private static final int OPEN = 8;

    /** Minutes; what takes longer comes after what is seen at once. */
    private static final double A_GLANCE = 3;

    /** What lies further back is not "lately". */
    private static final int LATELY_DAYS = 120;

    /** What growers forget to mention, in the order in which it is worth asking. */
    private static final List<LogKind> RECALLED = List.of(
            LogKind.MOVED,
            LogKind.REPOTTED,
            LogKind.FED,
            LogKind.SPRAYED,
            LogKind.LEFT_ALONE,
            LogKind.CHILLED,
            LogKind.BROUGHT_IN,
            LogKind.PUT_OUT,
            LogKind.SHADE_LOST,
            LogKind.STORM,
            LogKind.HEATING_ON,
            LogKind.ARRIVED);

    private final Diagnosis diagnosis;
    private final FindingSearch search;
    private final LogBook logBook;
    private final CaseRepositories.Recalls recalls;
    private final Signs signs;
    private final Clock clock;

    Panels(
            Diagnosis diagnosis,
            FindingSearch search,
            LogBook logBook,
            CaseRepositories.Recalls recalls,
            Signs signs,
            Clock clock) {
        this.diagnosis = diagnosis;
        this.search = search;
        this.logBook = logBook;
        this.recalls = recalls;
        this.signs = signs;
        this.clock = clock;
    }

    /**
     * What the panel of a case page shows.
     *
     * @param part a part that was touched
     * @param query words that were typed; empty for none
     * @param recall whether the grower recalls what changed lately
     */
    record Asked(Optional<Part> part, String query, boolean recall) {
        static final Asked NOTHING = new Asked(Optional.empty(), "", false);

        static Asked of(Part part) {
            return new Asked(Optional.of(part), "", false);
        }

        boolean anything() {
            return part.isPresent() || !query.isBlank() || recall;
        }
    }

    Optional<CaseViews.Panel> panel(
            Asked asked,
            TroubleCase troubleCase,
            Plant plant,
            PlantRecord record,
            Plate plate,
            List<CaseAnswer> latest) {
        Map<FindingId, CaseAnswer> answers = new LinkedHashMap<>();
        latest.forEach(answer -> answers.put(answer.finding(), answer));
        if (asked.recall()) {
            return Optional.of(new CaseViews.Panel(
                    Words.id(Part.WHOLE),
                    "",
                    Wording.say("casework.panels.what-changed-lately"),
                    List.of(),
                    List.of(),
                    "",
                    recalls(troubleCase, plant)));
        }
        SignSheet sheet = signs.sheet(record.profile());
        if (!asked.query().isBlank()) {
            List<CaseViews.Row> rows = search.find(asked.query(), record, MATCHES).stream()
                    .map(finding -> row(finding, place(finding, plate), answers, sheet))
                    .toList();
            String title = rows.isEmpty()
                    ? Wording.say("casework.panels.no-finding-known-by", asked.query())
                    : Wording.say("casework.panels.do-you-mean-one");
            return Optional.of(new CaseViews.Panel(
                    Words.id(Part.WHOLE), asked.query(), title, rows, List.of(), sheet.shared(), List.of()));
        }
        return asked.part().map(part -> {
            List<Finding> there = likeliestFirst(
                    diagnosis.knowledge().findings().stream()
                            .filter(finding -> finding.appliesTo(record) && shownOn(finding, part, plate))
                            .toList(),
                    record,
                    latest);
            List<CaseViews.Row> rows = there.stream()
                    .map(finding -> row(finding, part, answers, sheet))
                    .toList();
            int open = rows.size() <= OPEN + 1 ? rows.size() : OPEN;
            return new CaseViews.Panel(
                    Words.id(part),
                    "",
                    Wording.say("casework.panels.what-do-you-see", part),
                    rows.subList(0, open),
                    rows.subList(open, rows.size()),
                    sheet.shared(),
                    List.of());
        });
    }

    /** What is seen at once first, by how likely it shows something, as it was before any of them was answered: no row leaves its place while one goes through them. */
    private List<Finding> likeliestFirst(List<Finding> there, PlantRecord record, List<CaseAnswer> latest) {
        Set<FindingId> these = there.stream().map(Finding::id).collect(Collectors.toSet());
        Map<FindingId, String> elsewhere = new LinkedHashMap<>();
        latest.stream()
                .filter(answer -> !answer.skipped() && !these.contains(answer.finding()))
                .forEach(answer -> elsewhere.put(answer.finding(), answer.state()));
        Map<FindingId, Double> showing =
                diagnosis.consider(record, Evidence.of(elsewhere)).showing();
        return there.stream()
                .sorted(Comparator.comparing((Finding finding) -> finding.minutes() > A_GLANCE)
                        .thenComparing(finding -> showing.getOrDefault(finding.id(), 0.0), Comparator.reverseOrder()))
                .toList();
    }

    private CaseViews.Row row(Finding finding, Part part, Map<FindingId, CaseAnswer> answers, SignSheet sheet) {
        Optional<CaseAnswer> answer = Optional.ofNullable(answers.get(finding.id()));
        Map<String, String> drawings = signs.tiles(sheet, finding);
        return new CaseViews.Row(
                finding.id(),
                Words.id(part),
                finding.yesNo() ? finding.states().get(0).words() : finding.look(),
                answer.filter(a -> !a.skipped()).map(CaseAnswer::pin).orElse(0),
                finding.yesNo() ? drawings.getOrDefault(Finding.PRESENT, "") : "",
                finding.yesNo() ? Map.of() : drawings,
                withSkip(finding, answer.map(CaseAnswer::state)));
    }

    static List<CaseViews.Choice> withSkip(Finding finding, Optional<String> chosen) {
        List<CaseViews.Choice> choices = new ArrayList<>(Ladder.choices(finding, chosen));
        choices.add(new CaseViews.Choice(
                CaseAnswer.SKIPPED,
                Wording.say("casework.panels.skip"),
                Wording.say("casework.panels.skip"),
                "k",
                chosen.filter(CaseAnswer.SKIPPED::equals).isPresent()));
        return choices;
    }

    /** Findings of parts that this plate does not show are asked on the whole plant. */
    private static boolean shownOn(Finding finding, Part part, Plate plate) {
        return finding.parts().contains(part)
                || (part == Part.WHOLE && finding.parts().stream().noneMatch(on -> shows(plate, on)));
    }

    private static boolean shows(Plate plate, Part part) {
        return plate.layers().stream().anyMatch(layer -> layer.part() == part);
    }

    /** Where a finding is pinned on a plate: on the first of its parts that is drawn. */
    private static Part place(Finding finding, Plate plate) {
        return finding.parts().stream()
                .filter(part -> shows(plate, part))
                .findFirst()
                .orElse(Part.WHOLE);
    }

    private List<CaseViews.RecallRow> recalls(TroubleCase troubleCase, Plant plant) {
        Map<LogKind, CaseRecall.Answer> said = new LinkedHashMap<>();
        recalls.of(troubleCase.collection(), troubleCase.id())
                .forEach(recall -> said.put(recall.kind(), recall.answer()));
        LocalDate today = LocalDate.now(clock);
        Map<LogKind, LogLine> lately = new LinkedHashMap<>();
        logBook.entries(plant).stream()
                .filter(happening -> ChronoUnit.DAYS.between(happening.onDay(), today) <= LATELY_DAYS)
                .forEach(happening -> lately.putIfAbsent(happening.kind(), happening));
        return RECALLED.stream()
                .map(kind ->
                        recall(kind, Optional.ofNullable(lately.get(kind)), Optional.ofNullable(said.get(kind)), today))
                .toList();
    }

    private static CaseViews.RecallRow recall(
            LogKind kind, Optional<LogLine> known, Optional<CaseRecall.Answer> said, LocalDate today) {
        List<CaseViews.Choice> choices = new ArrayList<>();
        if (known.isPresent()) {
            choices.add(choice(CaseRecall.Answer.RIGHT, Wording.say("casework.panels.right"), "s", said));
            choices.add(choice(CaseRecall.Answer.WEEK, Wording.say("casework.panels.again-week"), "1", said));
        } else {
            choices.add(choice(CaseRecall.Answer.WEEK, Wording.say("casework.panels.week"), "1", said));
            choices.add(choice(CaseRecall.Answer.MONTH, Wording.say("casework.panels.month"), "2", said));
            choices.add(choice(CaseRecall.Answer.NO, "no", "n", said));
        }
        return new CaseViews.RecallRow(
                kind.name(), FormKey.fresh(), LogWords.of(kind), known.map(it -> known(it, today)), choices);
    }

    private static CaseViews.Choice choice(
            CaseRecall.Answer answer, String words, String key, Optional<CaseRecall.Answer> said) {
        return new CaseViews.Choice(
                answer.name(), words, words, key, said.filter(answer::equals).isPresent());
    }

    private static String known(LogLine happening, LocalDate today) {
        List<String> parts = new ArrayList<>();
        parts.add(Wording.of(DueTime.ago(ChronoUnit.DAYS.between(happening.onDay(), today))));
        happening.as(LogEntry.Moved.class).ifPresent(move -> {
            move.temperatureStep().ifPresent(step -> parts.add(LogWords.degrees(step)));
            move.lightRatio()
                    .ifPresent(ratio -> parts.add(Wording.say("casework.panels.times-light", Limits.plain(ratio))));
        });
        happening.as(LogEntry.Befell.class).ifPresent(befell -> {
            befell.temperatureStep().ifPresent(step -> parts.add(LogWords.degrees(step)));
            befell.lightRatio()
                    .ifPresent(ratio -> parts.add(Wording.say("casework.panels.times-light", Limits.plain(ratio))));
        });
        happening.words().filter(text -> !text.isBlank()).ifPresent(parts::add);
        return Wording.say("casework.panels.your-records-say", String.join(", ", parts));
    }
}
