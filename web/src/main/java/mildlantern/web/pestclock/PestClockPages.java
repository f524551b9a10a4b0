package mildlantern.web.pestclock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.DisorderId;
import mildlantern.message.MessageKey;
import mildlantern.pest.Aim;
import mildlantern.pest.Application;
import mildlantern.pest.Conditions;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.PestDay;
import mildlantern.pest.Pests;
import mildlantern.pest.Plan;
import mildlantern.pest.Search;
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

    /** A dial, for what is said of a number that it cannot be. */
    enum Dial implements MessageKey {
        TEMPERATURE,
        COVERAGE,
        MISSED,
        INTERVAL,
        USES
    }

    /** What was asked, as it stands in the address; what is missing is chosen by the clock. */
    record Asked(
            DisorderId pest,
            double celsius,
            double coverage,
            OptionalDouble missed,
            Aim aim,
            Optional<String> means,
            Optional<Integer> interval,
            Optional<Integer> uses,
            OptionalDouble counted) {}

    /** Something to choose. */
    record Choice(String id, String words, boolean chosen) {}

    /** The dial of warmth in the reader's degrees: what stands beside it, and how a turn of it is shown. */
    record Warmth(String shown, String unit, double times, double plus) {
        static Warmth of(double celsius) {
            Unit own = Units.of(Unit.Of.TEMPERATURE);
            return new Warmth(
                    Units.shown(celsius, Unit.Of.TEMPERATURE),
                    " " + Wording.of(own),
                    own.amount(1) - own.amount(0),
                    own.amount(0));
        }
    }

    /** A line of the table of intervals. */
    record IntervalLine(int days, String uses, String left, String risk, boolean ends, boolean best, boolean chosen) {}

    /** What stands on the dials that every pest has. */
    record Board(
            DisorderId pest,
            String name,
            List<Choice> pests,
            double celsius,
            Warmth warmth,
            int coverage,
            int missed,
            Aim aim,
            List<Choice> aims,
            String counted,
            String unit) {}

    /** The whole page. */
    record Page(
            Board board,
            List<Choice> means,
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
        double celsius = Limits.require(Dial.TEMPERATURE, asked.celsius(), 5, 38, "°C");
        double coverage = Limits.require(Dial.COVERAGE, asked.coverage(), 0, 100, "%") / 100;
        double usual = asked.aim() == Aim.ERADICATE ? CourseComposer.REFUGE * 100 : 0;
        double missed = Limits.require(Dial.MISSED, asked.missed().orElse(usual), 0, 20, "%") / 100;
        double start = asked.counted().isPresent() && asked.counted().getAsDouble() > 0
                ? PestClock.startFor(table, celsius, Math.min(asked.counted().getAsDouble(), 1e6))
                : table.start();
        PestClock clock =
                new PestClock(table, new Conditions(celsius, OptionalDouble.empty(), coverage, start, missed));
        List<Means> against = treatments.against(table.id());
        Optional<Means> means = against.stream()
                .filter(one -> asked.means().filter(one.id()::equals).isPresent())
                .findFirst()
                .or(() ->
                        against.stream().filter(one -> one.id().equals("soap")).findFirst())
                .or(() -> against.stream().findFirst());
        Board board = new Board(
                table.id(),
                name(table.id()),
                pestChoices(table.id()),
                celsius,
                Warmth.of(celsius),
                (int) Math.round(coverage * 100),
                (int) Math.round(missed * 100),
                asked.aim(),
                aims(asked.aim()),
                asked.counted().isPresent() ? Limits.plain(asked.counted().getAsDouble()) : "",
                table.unit());
        return means.map(one -> treated(table, clock, board, asked, against, one))
                .orElseGet(() -> untreated(table, clock, board));
    }

    private Page treated(LifeTable table, PestClock clock, Board board, Asked asked, List<Means> against, Means means) {
        Effect effect = treatments.effect(means, table);
        Range allowed = means.intervalAgainst(table.id());
        int longest = (int) Math.max(allowed.high(), Math.min(14, 2 * allowed.high()));
        List<Effect> each = Stream.concat(
                        washBefore(means, against).stream().map(wash -> treatments.effect(wash, table)),
                        Stream.of(effect))
                .toList();
        Search search = clock.search(
                each,
                (int) allowed.low(),
                Math.min(longest, (int) allowed.low() + 12),
                means.pace().mostUses(),
                asked.aim());
        Search.At best = search.best().orElseGet(() -> search.byInterval().get(0));
        int interval = (int) Limits.require(Dial.INTERVAL, asked.interval().orElse(best.interval()), 1, 60, "");
        int uses = (int) Limits.require(
                Dial.USES, asked.uses().orElse(Math.max(1, best.plan().applications())), 1, 20, "");
        List<Application> course = new ArrayList<>();
        for (int i = 0; i < uses; i++) {
            course.add(new Application(i * interval, each));
        }
        Plan plan = clock.fewest(List.of(), course, List.of(), asked.aim());
        boolean reached = plan.reached() && plan.applications() <= uses;
        double risk = clock.riskAfter(course);
        double moving = clock.movingAfter(course);
        int days = Math.max(LEAST_DAYS, Math.min(MOST_DAYS, (uses - 1) * interval + 21));
        List<PestDay> run = clock.run(course, days);
        List<PestDay> none = clock.run(List.of(), days);
        List<PestDay> once = clock.run(List.of(new Application(0, each)), days);
        ClockDrawing drawing = new ClockDrawing(run, none);
        List<ClockDrawing.Use> drawn = course.stream()
                .map(Application::day)
                .map(day -> new ClockDrawing.Use(drawing.x(day), Wording.say("pestclock.pages.day", means.name(), day)))
                .toList();
        return new Page(
                board,
                against.stream()
                        .map(one -> new Choice(one.id(), one.name(), one.equals(means)))
                        .toList(),
                interval,
                new Range(1, Math.max(21, allowed.high())),
                uses,
                Math.max(12, means.pace().mostUses()),
                drawing.draw(clock.stageNames(), none, once, drawn),
                PestClockWords.words(table, clock, board.celsius(), means, effect, each, washBefore(means, against)),
                PestClockWords.verdict(uses, interval, asked.aim(), moving, risk, reached, means, best),
                reached,
                PestClockWords.lines(search, best, interval),
                clock.stageNames());
    }

    private static Page untreated(LifeTable table, PestClock clock, Board board) {
        List<PestDay> none = clock.run(List.of(), LEAST_DAYS);
        return new Page(
                board,
                List.of(),
                1,
                new Range(1, 21),
                1,
                12,
                new ClockDrawing(none, none).draw(clock.stageNames(), none, none, List.of()),
                PestClockWords.growth(table, clock, board.celsius()),
                Wording.say("pestclock.pages.nothing-grower-can-use"),
                false,
                List.of(),
                clock.stageNames());
    }

    /** The wash that goes before every spray of a means, where one does. */
    private static Optional<Means> washBefore(Means means, List<Means> against) {
        return against.stream()
                .filter(Means::wash)
                .filter(wash -> !wash.equals(means) && means.way() == Means.Way.SPRAY)
                .findFirst();
    }

    private static List<Choice> aims(Aim chosen) {
        return Arrays.stream(Aim.values())
                .map(aim -> new Choice(aim.name(), Wording.of(aim), aim == chosen))
                .toList();
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
}
