package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.care.Change;
import mildlantern.care.Changes;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.StepPlanner;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.TaskId;
import mildlantern.web.routine.Records;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.jspecify.annotations.Nullable;
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
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.UK);

    private final CareService care;
    private final Plants plants;
    private final Records records;
    private final Stops stops;
    private final PlannedTasks errands;
    private final Clock clock;

    CarePages(CareService care, Plants plants, Records records, Stops stops, PlannedTasks errands, Clock clock) {
        this.care = care;
        this.plants = plants;
        this.records = records;
        this.stops = stops;
        this.errands = errands;
        this.clock = clock;
    }

    /** The page of one plant. */
    record Page(
            PlantId plant,
            String name,
            String kind,
            StopId stop,
            String stopName,
            List<Row> needs,
            Optional<Proposal> best,
            List<Proposal> others,
            List<Place> places,
            List<Step> plan,
            List<String> looks,
            String held,
            FormKey form) {}

    /**
     * A need, drawn.
     *
     * @param from x of the lower end of what it wants
     * @param width of what it wants
     * @param low x of the lowest it got; likewise the highest, and the mark of the mean
     */
    record Row(
            String what,
            String words,
            String gets,
            String said,
            boolean off,
            double from,
            double width,
            double low,
            double high,
            double mark,
            List<Tick> ticks) {}

    /** A figure under a bar. */
    record Tick(double x, String words) {}

    /** A change with its costs, and the steps where it moves. */
    record Proposal(
            String kind,
            String words,
            String reason,
            String cost,
            String others,
            @Nullable StopId stop,
            List<Step> steps,
            List<String> warnings) {}

    /** A step in words. */
    record Step(
            String day,
            String words,
            boolean today,
            @Nullable TaskId errand) {}

    /** A stop that was held against its needs. */
    record Place(StopId stop, String name, boolean here, String fits, String room) {}

    /** The page of the collection. */
    record All(List<Line> lines, int shown, int fitting, int all, boolean read, FormKey form) {}

    /** A plant that goes short. */
    record Line(PlantId plant, String name, String kind, String stop, String said, double missed, String change) {}

    Page page(CollectionId collection, PlantId id) {
        Plant plant = this.plants.plant(collection, id);
        CareService.House house = care.house(collection, this.plants.plants(collection));
        Changes.Subject subject = care.subject(house, plant, Optional.of(records.record(plant)));
        List<Need> needs = care.needs(house, subject);
        List<PlannedTask> open = errands.running(collection, id);
        // While a change runs, nothing else is changed.
        List<Proposal> proposals = (open.isEmpty() ? care.weigh(house, subject) : List.<Change>of())
                .stream().map(change -> proposal(house, subject, change)).toList();
        List<StopReading> readings = stops
                .readingsSince(collection, LocalDate.now(clock).minusDays(DAYS_BACK))
                .stream()
                .filter(reading ->
                        reading.stop().equals(plant.stop()) && reading.origin() == StopReading.Origin.MEASURED)
                .toList();
        return new Page(
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
                        .filter(errand -> errand.kind() == PlannedTask.Kind.MOVE)
                        .map(this::step)
                        .toList(),
                open.stream()
                        .filter(errand -> errand.kind() == PlannedTask.Kind.LOOK)
                        .map(errand -> DAY.format(errand.onDay()) + ": " + errand.words())
                        .toList(),
                LogWords.holds(house.holds().getOrDefault(id, Set.of())),
                FormKey.fresh());
    }

    private Step step(PlannedTask errand) {
        return new Step(
                DAY.format(errand.onDay()), errand.words(), !errand.onDay().isAfter(LocalDate.now(clock)), errand.id());
    }

    private Proposal proposal(CareService.House house, Changes.Subject subject, Change change) {
        Optional<StepPlanner.Plan> plan = change.stop().flatMap(to -> care.steps(house, subject, to));
        return new Proposal(
                change.kind().name(),
                change.words(),
                change.reason(),
                change.cost(),
                change.helped(),
                change.stop().orElse(null),
                plan.map(it -> it.steps().stream()
                                .map(step -> new Step(DAY.format(step.on()), step.words() + light(step), false, null))
                                .toList())
                        .orElse(List.of()),
                plan.map(StepPlanner.Plan::warnings).orElse(List.of()));
    }

    private static String light(StepPlanner.Step step) {
        return " About %s mol/m² a day.".formatted(Limits.tenths(step.light()));
    }

    private List<Place> places(CareService.House house, Changes.Subject subject) {
        return care.places(house, subject).stream()
                .limit(PLACES_SHOWN)
                .map(suits -> new Place(
                        suits.spot().id(),
                        suits.spot().name(),
                        suits.spot().id().equals(subject.here().id()),
                        Needs.worst(suits.needs()).map(Need::words).orElse("all it needs"),
                        suits.displaces()
                                .map(name -> "full; " + name + " would make room")
                                .orElse("")))
                .toList();
    }

    private Row row(Need need, List<StopReading> readings) {
        double wantedHigh = need.kind() == Need.Kind.NIGHT
                ? Math.max(need.wanted().low(), need.gets().spread().high()) + 6
                : need.wanted().high();
        double low = Math.min(need.wanted().low(), need.gets().spread().low());
        double high = Math.max(wantedHigh, need.gets().spread().high());
        double pad = Math.max((high - low) * 0.12, 0.4);
        boolean fromZero = need.kind() != Need.Kind.NIGHT && need.kind() != Need.Kind.DAY;
        double begin = fromZero ? Math.max(0, low - pad) : low - pad;
        double end = high + pad;
        double scale = WIDTH / (end - begin);
        double from = (Math.max(begin, need.wanted().low()) - begin) * scale;
        double width = (wantedHigh - Math.max(begin, need.wanted().low())) * scale;
        List<Tick> ticks = new ArrayList<>();
        if (need.wanted().low() > begin) {
            ticks.add(new Tick(from, Limits.tenths(need.wanted().low())));
        }
        if (need.kind() != Need.Kind.NIGHT) {
            ticks.add(new Tick(from + width, Limits.tenths(wantedHigh)));
        }
        boolean off = need.standing() != Need.Standing.FITS;
        return new Row(
                need.kind().words(),
                need.kind() == Need.Kind.NIGHT
                        ? "%s °C or more".formatted(Limits.plain(need.wanted().low()))
                        : "%s to %s %s"
                                .formatted(
                                        Limits.tenths(need.wanted().low()),
                                        Limits.tenths(need.wanted().high()),
                                        need.kind().unit()),
                "%s %s, %s"
                        .formatted(
                                Limits.tenths(need.gets().value()),
                                need.kind().unit(),
                                need.gets().from()),
                off ? need.words() + since(need, readings) : "fits",
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
                : days >= DAYS_BACK - 1 ? " So for six weeks and more." : " So for %d days on end.".formatted(days);
    }

    All all(CollectionId collection) {
        List<Plant> plants = this.plants.plants(collection);
        CareService.House house = care.house(collection, plants);
        List<Line> lines = new ArrayList<>();
        int fitting = 0;
        for (Plant plant : plants) {
            Changes.Subject subject = care.subject(house, plant, Optional.empty());
            List<Need> needs = care.needs(house, subject);
            Optional<Need> worst = Needs.worst(needs);
            if (worst.isEmpty()) {
                fitting++;
                continue;
            }
            lines.add(new Line(
                    plant.id(),
                    plant.name(),
                    subject.plant().profile().name(),
                    subject.here().name(),
                    worst.get().words(),
                    Needs.missed(needs),
                    ""));
        }
        lines.sort(Comparator.comparingDouble(Line::missed).reversed());
        Map<PlantId, Plant> byId = plants.stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        List<Line> shown = lines.stream()
                .limit(SHOWN)
                .map(line -> withChange(house, line, Objects.requireNonNull(byId.get(line.plant()))))
                .toList();
        return new All(
                shown,
                shown.size(),
                fitting,
                plants.size(),
                house.gives().values().stream().anyMatch(gives -> gives.light().isPresent()),
                FormKey.fresh());
    }

    private Line withChange(CareService.House house, Line line, Plant plant) {
        Changes.Subject subject = care.subject(house, plant, Optional.empty());
        String change = care.weigh(house, subject).stream()
                .findFirst()
                .map(it -> it.words() + " (" + it.cost() + ")")
                .orElse("nothing at hand is worth its trouble");
        return new Line(line.plant(), line.name(), line.kind(), line.stop(), line.said(), line.missed(), change);
    }
}
