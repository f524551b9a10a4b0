package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.care.Change;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.StepPlanner;
import mildlantern.care.Subject;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.Records;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pages of care: of one plant, and of the whole collection. */
@Service
@Transactional(readOnly = true)
class CarePages {
    private static final double WIDTH = 190;
    private static final int DAYS_BACK = 45;
    private static final int SHOWN = 60;
    private static final int PLACES_SHOWN = 6;
    private static final DayFormat DAY = DayFormat.SHORT;

    private final CareService care;
    private final Plants plants;
    private final Records records;
    private final Stops stops;
    private final PlannedTasks tasks;
    private final OutcomePages outcomes;
    private final Clock clock;

    CarePages(
            CareService care,
            Plants plants,
            Records records,
            Stops stops,
            PlannedTasks tasks,
            OutcomePages outcomes,
            Clock clock) {
        this.care = care;
        this.plants = plants;
        this.records = records;
        this.stops = stops;
        this.tasks = tasks;
        this.outcomes = outcomes;
        this.clock = clock;
    }

    CareViews.Page page(CollectionId collection, PlantId id) {
        Plant plant = this.plants.plant(collection, id);
        CareService.House house = care.house(collection, this.plants.plants(collection));
        Subject subject = care.subject(house, plant, Optional.of(records.record(plant)));
        List<Need> needs = care.needs(house, subject);
        List<PlannedTask> open = tasks.running(collection, id);
        // While a change runs, nothing else is changed.
        List<CareViews.Proposal> proposals = (open.isEmpty() ? care.weigh(house, subject) : List.<Change>of())
                .stream().map(change -> proposal(house, subject, change)).toList();
        List<StopReading> readings = stops
                .readingsSince(collection, LocalDate.now(clock).minusDays(DAYS_BACK))
                .stream()
                .filter(reading ->
                        reading.stop().equals(plant.stop()) && reading.origin() == StopReading.Origin.MEASURED)
                .toList();
        return new CareViews.Page(
                id,
                plant.name(),
                subject.plant().profile().name(),
                plant.stop(),
                subject.here().name(),
                needs.stream().map(need -> row(need, readings)).toList(),
                proposals.stream().findFirst(),
                proposals.stream().skip(1).limit(4).toList(),
                places(house, subject),
                open.stream()
                        .filter(task -> task.kind() == PlannedTask.Kind.MOVE)
                        .map(this::step)
                        .toList(),
                open.stream()
                        .filter(task -> task.kind() == PlannedTask.Kind.LOOK)
                        .map(task -> DAY.format(task.onDay()) + ": " + task.words())
                        .toList(),
                outcomes.running(house, subject),
                LogWords.holds(house.holds().getOrDefault(id, Set.of())),
                FormKey.fresh());
    }

    private CareViews.Step step(PlannedTask task) {
        return new CareViews.Step(
                DAY.format(task.onDay()), task.words(), !task.onDay().isAfter(LocalDate.now(clock)), task.id());
    }

    private CareViews.Proposal proposal(CareService.House house, Subject subject, Change change) {
        Optional<StepPlanner.Plan> plan = change.stop().flatMap(to -> care.steps(house, subject, to));
        return new CareViews.Proposal(
                change.kind().name(),
                Wording.of(change.words()),
                Wording.of(change.reason()),
                Wording.of(change.cost()),
                Wording.of(change.helped()),
                change.stop().orElse(null),
                plan.map(it -> it.steps().stream()
                                .map(step -> new CareViews.Step(
                                        DAY.format(step.on()), Wording.of(step.words()) + light(step), false, null))
                                .toList())
                        .orElse(List.of()),
                plan.map(it -> it.warnings().stream().map(Wording::of).toList()).orElse(List.of()));
    }

    private static String light(StepPlanner.Step step) {
        return Wording.say("care.care-pages.about-mol-m-day", Limits.tenths(step.light()));
    }

    private List<CareViews.Place> places(CareService.House house, Subject subject) {
        return care.places(house, subject).stream()
                .limit(PLACES_SHOWN)
                .map(suits -> new CareViews.Place(
                        suits.spot().id(),
                        suits.spot().name(),
                        suits.spot().id().equals(subject.here().id()),
                        Needs.worst(suits.needs())
                                .flatMap(Need::missed)
                                .map(Wording::of)
                                .orElse(Wording.say("care.care-pages.all-needs")),
                        suits.displaces()
                                .map(name -> Wording.say("care.care-pages.full-would-make-room", name))
                                .orElse("")))
                .toList();
    }

    private CareViews.Row row(Need need, List<StopReading> readings) {
        double wantedHigh = need.wanted().high();
        double low = Math.min(need.wanted().low(), need.gets().spread().low());
        double high = Math.max(wantedHigh, need.gets().spread().high());
        double pad = Math.max((high - low) * 0.12, 0.4);
        boolean fromZero = need.kind() != Need.Kind.NIGHT && need.kind() != Need.Kind.DAY;
        double begin = fromZero ? Math.max(0, low - pad) : low - pad;
        double end = high + pad;
        double scale = WIDTH / (end - begin);
        double from = (Math.max(begin, need.wanted().low()) - begin) * scale;
        double width = (wantedHigh - Math.max(begin, need.wanted().low())) * scale;
        List<CareViews.Tick> ticks = new ArrayList<>();
        if (need.wanted().low() > begin) {
            ticks.add(new CareViews.Tick(
                    from, OutcomeWords.figure(need.kind(), need.wanted().low())));
        }
        ticks.add(new CareViews.Tick(from + width, OutcomeWords.figure(need.kind(), wantedHigh)));
        boolean off = need.standing() != Need.Standing.FITS;
        return new CareViews.Row(
                Wording.of(need.kind()),
                Wording.say(
                        "care.care-pages.to",
                        OutcomeWords.figure(need.kind(), need.wanted().low()),
                        OutcomeWords.amount(need.kind(), need.wanted().high())),
                Wording.say(
                        "care.care-pages.gets",
                        OutcomeWords.amount(need.kind(), need.gets().value()),
                        Wording.of(need.gets().from())),
                off
                        ? Wording.of(need.missed().orElseThrow()) + since(need, readings)
                        : need.wanted().contains(need.gets().value())
                                ? Wording.say("care.care-pages.fits")
                                : Wording.say("care.care-pages.near-enough"),
                off,
                from,
                width,
                (need.gets().spread().low() - begin) * scale,
                (need.gets().spread().high() - begin) * scale,
                (need.gets().value() - begin) * scale,
                List.copyOf(ticks));
    }

    /** For how many days on end it has been so. */
    private static String since(Need need, List<StopReading> readings) {
        int days = 0;
        for (int i = readings.size() - 1; i >= 0; i--) {
            Double value = switch (need.kind()) {
                case LIGHT -> readings.get(i).dailyLight();
                case HUMIDITY -> readings.get(i).humidityPercent();
                case DAY -> readings.get(i).dayCelsius();
                case NIGHT -> readings.get(i).nightCelsius();
                default -> null;
            };
            if (value == null || need.wanted().contains(value)) {
                break;
            }
            days++;
        }
        return days < 2
                ? ""
                : days >= DAYS_BACK - 1
                        ? Wording.say("care.care-pages.more-than-six-weeks")
                        : Wording.say("care.care-pages.days-row", days);
    }

    CareViews.All all(CollectionId collection) {
        List<Plant> plants = this.plants.plants(collection);
        CareService.House house = care.house(collection, plants);
        List<CareViews.Line> lines = new ArrayList<>();
        int fitting = 0;
        for (Plant plant : plants) {
            Subject subject = care.subject(house, plant, Optional.empty());
            List<Need> needs = care.needs(house, subject);
            Optional<Need> worst = Needs.worst(needs);
            if (worst.isEmpty()) {
                fitting++;
                continue;
            }
            lines.add(new CareViews.Line(
                    plant.id(),
                    plant.name(),
                    subject.plant().profile().name(),
                    subject.here().name(),
                    Wording.of(worst.get().missed().orElseThrow()),
                    Needs.missed(needs),
                    ""));
        }
        lines.sort(Comparator.comparingDouble(CareViews.Line::missed).reversed());
        Map<PlantId, Plant> byId = plants.stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        List<CareViews.Line> shown = lines.stream()
                .limit(SHOWN)
                .map(line -> withChange(house, line, Objects.requireNonNull(byId.get(line.plant()))))
                .toList();
        return new CareViews.All(
                shown,
                shown.size(),
                fitting,
                plants.size(),
                house.gives().values().stream().anyMatch(gives -> gives.light().isPresent()),
                FormKey.fresh());
    }

    private CareViews.Line withChange(CareService.House house, CareViews.Line line, Plant plant) {
        Subject subject = care.subject(house, plant, Optional.empty());
        Optional<Need> worst = Needs.worst(care.needs(house, subject));
        String change = care.weigh(house, subject).stream()
                .filter(it ->
                        worst.filter(need -> it.answers().contains(need.kind())).isPresent())
                .findFirst()
                .map(it -> Wording.say("care.care-pages.change-and-cost", it.words(), it.cost()))
                .orElse(Wording.say("care.care-pages.no-change-worth-effort"));
        return new CareViews.Line(
                line.plant(), line.name(), line.kind(), line.stop(), line.said(), line.missed(), change);
    }
}
