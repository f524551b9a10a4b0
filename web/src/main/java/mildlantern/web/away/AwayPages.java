package mildlantern.web.away;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.away.AwayPlan;
import mildlantern.away.AwayPlanner;
import mildlantern.away.Measure;
import mildlantern.away.Waterer;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Volume;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Percent;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The plan, for reading. */
@Service
@Transactional(readOnly = true)
class AwayPages {
    private final Absences absences;
    private final AwayPlanner planner;
    private final Plants plants;
    private final Stops stops;
    private final Clock clock;

    AwayPages(Absences absences, AwayPlanner planner, Plants plants, Stops stops, Clock clock) {
        this.absences = absences;
        this.planner = planner;
        this.plants = plants;
        this.stops = stops;
        this.clock = clock;
    }

    /**
     * The plan.
     *
     * @param planned whether there is one
     * @param old when it was made, where that is not today and nothing was done yet
     * @param left whether what is done before is done
     * @param gone whether the first day away has come
     */
    record Page(
            boolean planned,
            String title,
            String summary,
            Optional<String> old,
            boolean left,
            boolean gone,
            List<Todo> todos,
            List<Day> visits,
            List<Line> lines,
            int fine) {
        static final Page NONE =
                new Page(false, "", "", Optional.empty(), false, false, List.of(), List.of(), List.of(), 0);
    }

    /** One thing to do before, with the plants it is done to. */
    record Todo(String what, String why, List<Named> plants) {}

    /** A plant, with a word to it where there is one. */
    record Named(PlantId plant, String name, String word) {}

    /** A day on which somebody comes. */
    record Day(String day, String plants) {}

    /** A plant that runs dry. */
    record Line(PlantId plant, String name, String kind, String when, String harm, String harmLeft, boolean danger) {}

    Page page(CollectionId collection) {
        return absences.open(collection)
                .map(absence -> page(collection, absence))
                .orElse(Page.NONE);
    }

    private Page page(CollectionId collection, Absence absence) {
        LocalDate today = LocalDate.now(clock);
        Known known = Known.of(plants, stops, collection);
        AwayPlan plan = absences.plan(absence);
        Absence.Dates dates = absence.dates();
        List<AwayPlan.Line> lines = plan.lines().stream()
                .filter(line -> known.plants().containsKey(line.plant()))
                .toList();
        List<AwayPlan.Line> dry = lines.stream()
                .filter(line -> line.wantsOn().isBefore(dates.back()) && line.measure() != Measure.KEPT_DRY)
                .toList();
        long danger = lines.stream().filter(planner::endangers).count();
        boolean old = absence.leftOn().isEmpty() && !absence.plannedOn().equals(today);
        return new Page(
                true,
                Wording.say(
                        "away.page.title-of",
                        DayFormat.LONG.format(dates.leaves()),
                        DayFormat.LONG.format(dates.back()),
                        ChronoUnit.DAYS.between(dates.leaves(), dates.back())),
                Wording.say("away.page.summary", dry.size(), danger),
                old ? Optional.of(DayFormat.SHORT.format(absence.plannedOn())) : Optional.empty(),
                absence.leftOn().isPresent(),
                absence.gone(today),
                todos(known, lines, dates),
                plan.visits().stream()
                        .map(visit -> new Day(
                                DayFormat.WEEKDAY.format(visit.day()),
                                Wording.say("away.page.plants", visit.portions().size())))
                        .toList(),
                dry.stream().map(line -> line(known, line, dates.who())).toList(),
                lines.size() - dry.size());
    }

    private Line line(Known known, AwayPlan.Line line, Waterer who) {
        Plant plant = Objects.requireNonNull(known.plants().get(line.plant()));
        return new Line(
                plant.id(),
                plant.name(),
                plants.profile(plant).name() + ", " + known.stop(plant),
                line.wantsFrom().equals(line.wantsOn())
                        ? DayFormat.SHORT.format(line.wantsOn())
                        : Wording.say(
                                "away.page.when",
                                DayFormat.SHORT.format(line.wantsOn()),
                                DayFormat.SHORT.format(line.wantsFrom())),
                Percent.of(line.harmAsItIs()),
                after(line, who),
                planner.endangers(line));
    }

    private List<Todo> todos(Known known, List<AwayPlan.Line> lines, Absence.Dates dates) {
        String day = DayFormat.WEEKDAY.format(dates.leaves());
        return Stream.of(
                        todo(
                                known,
                                lines,
                                line -> line.measure().soaked(),
                                n -> Wording.say("away.todo.soak", day, n),
                                Wording.say("away.todo.soak-how")),
                        todo(
                                known,
                                lines,
                                line -> line.measure() == Measure.SHADE,
                                n -> Wording.say("away.todo.shade", n),
                                Wording.say("away.todo.shade-how")),
                        todo(
                                known,
                                lines,
                                line -> line.measure() == Measure.GROUP,
                                n -> Wording.say("away.todo.group", n),
                                Wording.say("away.todo.group-how")),
                        todo(
                                known,
                                lines,
                                line -> line.measure() == Measure.RESERVOIR,
                                n -> Wording.say("away.todo.reservoir", n),
                                Wording.say("away.todo.reservoir-how")),
                        todo(
                                known,
                                lines,
                                line -> line.helped() && dates.who() != Waterer.HELPER,
                                n -> Wording.say("away.todo.ask", n),
                                Wording.say("away.todo.ask-how")),
                        todo(
                                known,
                                lines,
                                line -> line.measure() == Measure.KEPT_DRY,
                                n -> Wording.say("away.todo.keep-dry", n),
                                Wording.say("away.todo.keep-dry-how")))
                .flatMap(Optional::stream)
                .toList();
    }

    private static String after(AwayPlan.Line line, Waterer who) {
        if (!line.helped()) {
            return Percent.of(line.harm());
        }
        return who == Waterer.HELPER ? Wording.say("away.page.watered") : Wording.say("away.page.helper-needed");
    }

    private static Optional<Todo> todo(
            Known known,
            List<AwayPlan.Line> lines,
            Predicate<AwayPlan.Line> those,
            IntFunction<String> what,
            String how) {
        Map<PlantId, AwayPlan.Line> of =
                lines.stream().filter(those).collect(Collectors.toMap(AwayPlan.Line::plant, Function.identity()));
        if (of.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Todo(
                what.apply(of.size()),
                how,
                known.plants().values().stream()
                        .filter(plant -> of.containsKey(plant.id()))
                        .sorted(known.order())
                        .map(plant ->
                                new Named(plant.id(), plant.name(), amount(Objects.requireNonNull(of.get(plant.id())))))
                        .toList()));
    }

    private static String amount(AwayPlan.Line line) {
        return line.reservoirMl() == 0 ? "" : Wording.say("away.page.about", new Volume(line.reservoirMl()));
    }
}
