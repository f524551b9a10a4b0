package mildlantern.web.treatment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Conditions;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.PestDay;
import mildlantern.pest.Pests;
import mildlantern.pest.Plan;
import mildlantern.pest.Search;
import mildlantern.pest.Stage;
import mildlantern.pest.StageKind;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.Means;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.platform.NotHere;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;

/** Works out what the pest clock shows for one choice of pest, temperature, coverage, means, interval and uses. */
@Service
class PestClockPages {
    private static final int LEAST_DAYS = 42;
    private static final int MOST_DAYS = 120;

    private final Pests pests;
    private final TreatmentKnowledge treatments;
    private final Diagnosis diagnosis;

    PestClockPages(Pests pests, TreatmentKnowledge treatments, Diagnosis diagnosis) {
        this.pests = pests;
        this.treatments = treatments;
        this.diagnosis = diagnosis;
    }

    /** What was asked, as it stands in the address; what is missing is chosen by the clock. */
    record Asked(
            DisorderId pest,
            double celsius,
            double coverage,
            Optional<String> means,
            Optional<Integer> interval,
            Optional<Integer> uses,
            OptionalDouble counted) {}

    /** Something to choose. */
    record Choice(String id, String words, boolean chosen) {}

    /** A line of the table of intervals. */
    record IntervalLine(int days, String uses, String risk, boolean ends, boolean best, boolean chosen) {}

    /** The whole page. */
    record Page(
            DisorderId pest,
            String name,
            List<Choice> pests,
            List<Choice> means,
            double celsius,
            int coverage,
            String counted,
            String unit,
            int interval,
            Range intervals,
            int uses,
            int mostUses,
            ClockDrawing.Picture picture,
            List<String> words,
            String verdict,
            boolean ends,
            List<IntervalLine> lines,
            List<String> stages) {}

    Page page(Asked asked) {
        LifeTable table = pests.find(asked.pest()).orElseThrow(() -> new NotHere("pest"));
        double celsius = Limits.require("temperature", asked.celsius(), 5, 38, "°C");
        double coverage = Limits.require("coverage", asked.coverage(), 0, 100, "%") / 100;
        double start = asked.counted().isPresent() && asked.counted().getAsDouble() > 0
                ? PestClock.startFor(table, celsius, Math.min(asked.counted().getAsDouble(), 1e6))
                : table.start();
        PestClock clock = new PestClock(table, new Conditions(celsius, coverage, start));
        List<Means> against = treatments.against(table.id());
        Optional<Means> means = against.stream()
                .filter(one -> asked.means().filter(one.id()::equals).isPresent())
                .findFirst()
                .or(() ->
                        against.stream().filter(one -> one.id().equals("soap")).findFirst())
                .or(() -> against.stream().findFirst());
        return means.map(one -> treated(table, clock, celsius, coverage, asked, against, one))
                .orElseGet(() -> untreated(table, clock, celsius, coverage, asked));
    }

    private Page treated(
            LifeTable table,
            PestClock clock,
            double celsius,
            double coverage,
            Asked asked,
            List<Means> against,
            Means means) {
        Effect effect = treatments.effect(means, table);
        Range allowed = means.intervalAgainst(table.id());
        int longest = (int) Math.max(allowed.high(), Math.min(14, 2 * allowed.high()));
        Search search = clock.search(
                effect,
                (int) allowed.low(),
                Math.min(longest, (int) allowed.low() + 12),
                means.mostUses(),
                CourseComposer.RISK);
        Plan best = search.best().orElseGet(() -> search.byInterval().get(0));
        int interval = (int) Limits.require("interval", asked.interval().orElse(best.intervalDays()), 1, 60, "days");
        int uses = (int) Limits.require("uses", asked.uses().orElse(best.applications()), 1, 20, "");
        Map<Integer, Effect> course = new LinkedHashMap<>();
        for (int i = 0; i < uses; i++) {
            course.put(i * interval, effect);
        }
        double risk = clock.riskAfter(course);
        int days = Math.max(LEAST_DAYS, Math.min(MOST_DAYS, (uses - 1) * interval + 21));
        List<PestDay> run = clock.run(course, days);
        List<PestDay> none = clock.run(Map.of(), days);
        List<PestDay> once = clock.run(Map.of(0, effect), days);
        ClockDrawing drawing = new ClockDrawing(run, none);
        List<ClockDrawing.Use> drawn = course.keySet().stream()
                .map(day -> new ClockDrawing.Use(
                        drawing.x(day), Wording.say("treatment.pest-clock-pages.day", means.name(), day)))
                .toList();
        return new Page(
                table.id(),
                name(table.id()),
                pestChoices(table.id()),
                against.stream()
                        .map(one -> new Choice(one.id(), one.name(), one.equals(means)))
                        .toList(),
                celsius,
                (int) Math.round(coverage * 100),
                asked.counted().isPresent() ? Limits.plain(asked.counted().getAsDouble()) : "",
                table.unit(),
                interval,
                new Range(1, Math.max(21, allowed.high())),
                uses,
                Math.max(12, means.mostUses()),
                drawing.draw(clock.stageNames(), none, once, drawn),
                words(table, clock, celsius, means, effect),
                verdict(uses, interval, risk, means, best),
                risk < CourseComposer.RISK,
                lines(search, best, interval),
                clock.stageNames());
    }

    private Page untreated(LifeTable table, PestClock clock, double celsius, double coverage, Asked asked) {
        List<PestDay> none = clock.run(Map.of(), LEAST_DAYS);
        return new Page(
                table.id(),
                name(table.id()),
                pestChoices(table.id()),
                List.of(),
                celsius,
                (int) Math.round(coverage * 100),
                asked.counted().isPresent() ? Limits.plain(asked.counted().getAsDouble()) : "",
                table.unit(),
                1,
                new Range(1, 21),
                1,
                12,
                new ClockDrawing(none, none).draw(clock.stageNames(), none, none, List.of()),
                growth(table, clock, celsius),
                Wording.say("treatment.pest-clock-pages.nothing-grower-can-use"),
                false,
                List.of(),
                clock.stageNames());
    }

    private String name(DisorderId id) {
        return diagnosis.knowledge().disorder(id).map(Disorder::name).orElse(id.value());
    }

    private List<Choice> pestChoices(DisorderId chosen) {
        return pests.all().stream()
                .map(one ->
                        new Choice(one.id().value(), name(one.id()), one.id().equals(chosen)))
                .toList();
    }

    private static List<String> growth(LifeTable table, PestClock clock, double celsius) {
        List<String> words = new ArrayList<>();
        OptionalDouble doubling = clock.doublingDays();
        words.add(
                doubling.isPresent()
                        ? Wording.say(
                                "treatment.pest-clock-pages.numbers-double-every-without",
                                Units.shown(celsius, Unit.Of.TEMPERATURE),
                                days(doubling.getAsDouble()))
                        : Wording.say(
                                "treatment.pest-clock-pages.numbers-do-not-grow",
                                Units.shown(celsius, Unit.Of.TEMPERATURE)));
        OptionalDouble grown = table.daysToAdult(celsius);
        grown.ifPresent(days -> words.add(Wording.say(
                "treatment.pest-clock-pages.from-egg-adult-takes",
                table.stages().get(0).kind() == StageKind.EGG,
                days(days))));
        clock.firstNoticed()
                .ifPresent(range -> words.add(Wording.say(
                        "treatment.pest-clock-pages.when-first-noticed-has",
                        Math.round(range.low()),
                        Math.round(range.high()))));
        return words;
    }

    private static List<String> words(LifeTable table, PestClock clock, double celsius, Means means, Effect effect) {
        List<String> words = new ArrayList<>(growth(table, clock, celsius));
        List<String> spared = new ArrayList<>();
        for (int i = 0; i < table.stages().size(); i++) {
            Stage stage = table.stages().get(i);
            double daily = 1 - Math.pow(1 - effect.daily().get(i).middle(), effect.lastsDays());
            if (Math.max(effect.atOnce().get(i).middle(), daily) < 0.3 && !spared.contains(stage.name())) {
                spared.add(stage.name());
            }
        }
        if (!spared.isEmpty()) {
            words.add(Wording.say(
                    "treatment.pest-clock-pages.hardly-reached-by-they", means.name(), Wording.listed(spared)));
        }
        words.add(Wording.say(
                "treatment.pest-clock-pages.one-use-alone-leaves", percent(clock.riskAfter(Map.of(0, effect)))));
        return words;
    }

    private static String verdict(int uses, int interval, double risk, Means means, Plan best) {
        String what = uses == 1
                ? Wording.say("treatment.pest-clock-pages.one-use", means.name())
                : Wording.say("treatment.pest-clock-pages.uses-every", uses, means.name(), days(interval));
        String chance = Wording.say("treatment.pest-clock-pages.chance-any-left", percent(risk));
        if (risk < CourseComposer.RISK) {
            return what + ": " + chance;
        }
        return what + ": " + chance
                + (best.ends()
                        ? Wording.say(
                                "treatment.pest-clock-pages.uses-every-would",
                                best.applications(),
                                days(best.intervalDays()))
                        : Wording.say("treatment.pest-clock-pages.no-number-uses-allowed"));
    }

    private static List<IntervalLine> lines(Search search, Plan best, int chosen) {
        return search.byInterval().stream()
                .map(plan -> new IntervalLine(
                        plan.intervalDays(),
                        plan.ends()
                                ? String.valueOf(plan.applications())
                                : Wording.say("treatment.pest-clock-pages.not", plan.applications()),
                        percent(plan.risk()),
                        plan.ends(),
                        plan.equals(best) && plan.ends(),
                        plan.intervalDays() == chosen))
                .toList();
    }

    static String percent(double share) {
        return CourseComposer.percent(share);
    }

    private static String days(double days) {
        String number = days < 10 && Math.abs(days - Math.rint(days)) > 0.05
                ? String.format(Locale.ROOT, "%.1f", days)
                : String.valueOf(Math.round(days));
        return number.equals("1") ? "1 day" : Wording.say("treatment.pest-clock-pages.days", number);
    }
}
