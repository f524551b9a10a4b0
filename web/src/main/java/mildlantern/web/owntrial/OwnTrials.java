package mildlantern.web.owntrial;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.comparison.Comparison;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Trials of one's own: begun, measured, and told apart from chance. */
@Service
@Transactional
class OwnTrials {
    private final OwnTrialRows.Trials trials;
    private final OwnTrialRows.Plants compared;
    private final Plants plants;
    private final HandTasks tasks;
    private final WrittenForms forms;
    private final Clock clock;

    OwnTrials(
            OwnTrialRows.Trials trials,
            OwnTrialRows.Plants compared,
            Plants plants,
            HandTasks tasks,
            WrittenForms forms,
            Clock clock) {
        this.trials = trials;
        this.compared = compared;
        this.plants = plants;
        this.tasks = tasks;
        this.forms = forms;
        this.clock = clock;
    }

    /** A plant in a trial: which, in which group, and what was measured. */
    record Member(PlantId plant, boolean inB, double atStart) {}

    /** A plant of a trial as its page shows it. */
    record Line(PlantId plant, String name, boolean inB, String way, String start, String end) {}

    /** A trial as its page shows it. */
    record Shown(
            UUID id,
            String wayA,
            String wayB,
            String measure,
            String days,
            boolean due,
            boolean over,
            List<Line> lines,
            String expects,
            Optional<String> mixed,
            List<String> result,
            FormKey form) {}

    /** A kind of which the house has two plants or more. */
    record KindChoice(String id, String name, int plants, boolean chosen) {}

    /** A plant that can take part. */
    record Candidate(PlantId plant, String name) {}

    /** The kinds that can be compared. */
    @Transactional(readOnly = true)
    public List<KindChoice> kinds(CollectionId collection, String chosen) {
        Map<String, List<Plant>> byKind = new LinkedHashMap<>();
        plants.plants(collection).stream()
                .filter(Plant::alive)
                .forEach(plant -> byKind.computeIfAbsent(plant.profile(), kind -> new ArrayList<>())
                        .add(plant));
        return byKind.values().stream()
                .filter(some -> some.size() > 1)
                .map(some -> new KindChoice(
                        some.get(0).profile(),
                        plants.profile(some.get(0)).name(),
                        some.size(),
                        some.get(0).profile().equals(chosen)))
                .sorted(Comparator.comparing(KindChoice::name))
                .toList();
    }

    /** The plants of a kind that can take part. */
    @Transactional(readOnly = true)
    public List<Candidate> candidates(CollectionId collection, String kind) {
        return plants.plants(collection).stream()
                .filter(plant -> plant.alive() && plant.profile().equals(kind))
                .sorted(Comparator.comparing(Plant::name))
                .limit(Comparison.MOST)
                .map(plant -> new Candidate(plant.id(), plant.name()))
                .toList();
    }

    /** All trials, the latest first. */
    @Transactional(readOnly = true)
    public List<Shown> all(CollectionId collection) {
        return trials.findByCollectionOrderByStartedOnDesc(collection).stream()
                .map(this::shown)
                .toList();
    }

    private Shown shown(OwnTrial trial) {
        List<Compared> rows = compared.findByCollectionAndTrial(trial.collection(), trial.id());
        Map<PlantId, Plant> named =
                plants
                        .plants(
                                trial.collection(),
                                rows.stream().map(Compared::plant).toList())
                        .stream()
                        .collect(Collectors.toMap(Plant::id, Function.identity()));
        boolean over =
                !rows.isEmpty() && rows.stream().allMatch(row -> row.atEnd().isPresent());
        LocalDate today = LocalDate.now(clock);
        return new Shown(
                trial.id(),
                trial.way(false),
                trial.way(true),
                Wording.of(trial.measure()),
                Wording.say(
                        "owntrial.all.days",
                        DayFormat.YEAR.format(trial.startedOn()),
                        DayFormat.YEAR.format(trial.lookOn())),
                !over && !trial.lookOn().isAfter(today),
                over,
                rows.stream()
                        .map(row -> new Line(
                                row.plant(),
                                Optional.ofNullable(named.get(row.plant()))
                                        .map(Plant::name)
                                        .orElse(""),
                                row.inB(),
                                trial.way(row.inB()),
                                Limits.plain(row.atStart()),
                                row.atEnd().map(Limits::plain).orElse("")))
                        .sorted(Comparator.comparing(Line::inB).thenComparing(Line::name))
                        .toList(),
                expects(rows),
                mixed(rows, named),
                over ? result(trial, rows) : List.of(),
                FormKey.fresh());
    }

    /** What so many plants can tell at all. */
    private static String expects(List<Compared> rows) {
        int b = (int) rows.stream().filter(Compared::inB).count();
        int a = rows.size() - b;
        return Wording.say(
                "owntrial.all.expects",
                Math.round(100 * Comparison.leastChance(Math.max(1, a), Math.max(1, b))),
                a,
                b,
                Comparison.plantsNeeded());
    }

    /** What else differs between the groups: then nobody can tell which of the differences did it. */
    private static Optional<String> mixed(List<Compared> rows, Map<PlantId, Plant> named) {
        List<String> also = new ArrayList<>();
        differs(
                rows,
                named,
                plant -> plant.medium() == null ? "" : plant.medium(),
                Wording.say("owntrial.also.medium"),
                also);
        differs(rows, named, plant -> plant.potKind().name(), Wording.say("owntrial.also.pot"), also);
        differs(rows, named, plant -> plant.stage().name(), Wording.say("owntrial.also.stage"), also);
        return also.isEmpty()
                ? Optional.empty()
                : Optional.of(Wording.say("owntrial.also.different", Wording.listed(also)));
    }

    private static void differs(
            List<Compared> rows,
            Map<PlantId, Plant> named,
            Function<Plant, String> what,
            String words,
            List<String> also) {
        Map<Boolean, Set<String>> groups = rows.stream()
                .filter(row -> named.containsKey(row.plant()))
                .collect(Collectors.groupingBy(
                        Compared::inB,
                        Collectors.mapping(
                                row -> what.apply(Optional.ofNullable(named.get(row.plant()))
                                        .orElseThrow()),
                                Collectors.toCollection(HashSet::new))));
        if (new HashSet<>(groups.values()).size() > 1) {
            also.add(words);
        }
    }

    private static List<String> result(OwnTrial trial, List<Compared> rows) {
        List<Double> a = gains(rows, false);
        List<Double> b = gains(rows, true);
        Comparison.Result result = Comparison.of(a, b);
        return List.of(
                Wording.say(
                        "owntrial.result.means",
                        trial.way(false),
                        Limits.tenths(result.meanA()),
                        trial.way(true),
                        Limits.tenths(result.meanB())),
                Wording.say(
                        "owntrial.result.verdict",
                        result.verdict().name(),
                        Math.round(100 * result.chance()),
                        Comparison.plantsNeeded(),
                        result.meanA() > result.meanB() ? trial.way(false) : trial.way(true)));
    }

    private static List<Double> gains(List<Compared> rows, boolean b) {
        return rows.stream()
                .filter(row -> row.inB() == b)
                .map(row -> row.atEnd().orElseThrow() - row.atStart())
                .toList();
    }

    /**
     * Begins a trial, once.
     *
     * @throws IllegalArgumentException if a group is empty, or the plants are not of one kind
     */
    void begin(
            CollectionId collection,
            FormKey form,
            String wayA,
            String wayB,
            Measure measure,
            LocalDate lookOn,
            List<Member> members) {
        List<Plant> taking =
                plants.plants(collection, members.stream().map(Member::plant).toList());
        boolean both =
                members.stream().anyMatch(Member::inB) && !members.stream().allMatch(Member::inB);
        boolean alike = taking.size() == members.size()
                && taking.stream().map(Plant::profile).distinct().count() == 1;
        if (!both || !alike || members.size() > Comparison.MOST) {
            throw new IllegalArgumentException(Wording.say("owntrial.new.both-groups", Comparison.MOST));
        }
        if (forms.firstTime(collection, form)) {
            OwnTrial trial = trials.save(new OwnTrial(collection, wayA, wayB, measure, LocalDate.now(clock), lookOn));
            members.forEach(one -> compared.save(new Compared(trial, one.plant(), one.inB(), one.atStart())));
            tasks.plan(taking.get(0), HandTask.COMPARE, lookOn, new BatchId(trial.id()));
        }
    }

    /** The plants of a trial. */
    @Transactional(readOnly = true)
    public List<PlantId> members(CollectionId collection, UUID id) {
        return compared.findByCollectionAndTrial(collection, id).stream()
                .map(Compared::plant)
                .toList();
    }

    /**
     * Writes down what was measured at the end; what is missing stays open.
     *
     * @throws NotHere if the collection has no such trial
     */
    void measured(CollectionId collection, UUID id, FormKey form, Map<PlantId, Double> ends) {
        OwnTrial trial = trials.findByCollectionAndId(collection, id).orElseThrow(() -> new NotHere("trial"));
        if (!forms.firstTime(collection, form)) {
            return;
        }
        List<Compared> rows = compared.findByCollectionAndTrial(collection, trial.id());
        rows.forEach(row -> Optional.ofNullable(ends.get(row.plant())).ifPresent(row::ends));
        if (rows.stream().allMatch(row -> row.atEnd().isPresent())) {
            tasks.drop(collection, new BatchId(trial.id()));
        }
    }
}
