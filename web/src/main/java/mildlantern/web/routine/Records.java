package mildlantern.web.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.nutrition.PotAccount;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopNow;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts what is stored of a plant into the core's record of it, as of today. */
@Component
public class Records {
    private static final double DAYS_A_MONTH = 365.25 / 12;

    /** Usual days between waterings are taken from this many of the latest ones. */
    private static final int WATERINGS_FOR_PACE = 6;

    private final PlantKnowledge knowledge;
    private final Plants plants;
    private final Stops stops;
    private final LogBook logBook;
    private final Schedules schedules;
    private final Houses houses;
    private final FoodBook food;
    private final PotAccount account;
    private final YearBook years;
    private final StopStates states;
    private final Clock clock;

    Records(
            PlantKnowledge knowledge,
            Plants plants,
            Stops stops,
            LogBook logBook,
            Schedules schedules,
            Houses houses,
            FoodBook food,
            PotAccount account,
            YearBook years,
            StopStates states,
            Clock clock) {
        this.knowledge = knowledge;
        this.plants = plants;
        this.stops = stops;
        this.logBook = logBook;
        this.schedules = schedules;
        this.houses = houses;
        this.food = food;
        this.account = account;
        this.years = years;
        this.states = states;
        this.clock = clock;
    }

    /** What is known of a plant today, for the core. */
    @Transactional(readOnly = true)
    public PlantRecord record(Plant plant) {
        return read(
                plant,
                stops.stop(plant.collection(), plant.stop()),
                logBook.entries(plant),
                schedules.of(plant.collection(), plant.id()));
    }

    /**
     * @param happenings what happened to the plant, the latest first
     * @param schedule what was reckoned of its pot
     */
    private PlantRecord read(Plant plant, Stop stop, List<LogLine> happenings, Optional<ScheduleRow> schedule) {
        LocalDate today = LocalDate.now(clock);
        return new PlantRecord(
                plants.profile(plant),
                Optional.of(plant.stage()),
                Optional.of(houses.season(plant.collection(), today)),
                Optional.of(years.wants(plant)),
                place(stop, states.of(stop)),
                watering(plant, happenings, schedule, today),
                new PlantRecord.Pot(
                        since(plant.pottedOn(), today, DAYS_A_MONTH),
                        Optional.ofNullable(plant.medium()).flatMap(knowledge::medium)),
                new PlantRecord.Feeding(
                        since(latest(happenings, LogKind.FED), today, 1),
                        Optional.ofNullable(plant.feedStrength()),
                        pot(plant, happenings, today)),
                happenings.stream()
                        .flatMap(happening -> event(happening, today))
                        .toList(),
                since(plant.bloomSince(), today, 1));
    }

    private Optional<PlantRecord.PotFood> pot(Plant plant, List<LogLine> happenings, LocalDate today) {
        return food.balance(plant, plants.profile(plant), happenings, today)
                .map(balance -> new PlantRecord.PotFood(
                        balance.nitrogenPerLitre(),
                        account.hungryBelow(),
                        balance.conductivity(),
                        account.saltyAbove(plants.profile(plant).water())));
    }

    PlantRecord.Place place(Stop stop, StopNow now) {
        return new PlantRecord.Place(
                now.brightness(),
                now.humidityPercent().map(RelativeHumidity::new),
                now.dayCelsius().map(Temperature::new),
                now.nightCelsius().map(Temperature::new),
                stop.wetHours() == null ? OptionalDouble.empty() : OptionalDouble.of(stop.wetHours()),
                Optional.of(stop.near()),
                Optional.ofNullable(stop.crowded()),
                Optional.ofNullable(stop.air()),
                now.lightMol().map(OptionalDouble::of).orElse(OptionalDouble.empty()));
    }

    private static PlantRecord.Watering watering(
            Plant plant, List<LogLine> happenings, Optional<ScheduleRow> schedule, LocalDate today) {
        List<LocalDate> watered = happenings.stream()
                .filter(happening -> happening.kind() == LogKind.WATERED)
                .map(LogLine::onDay)
                .distinct()
                .limit(WATERINGS_FOR_PACE)
                .toList();
        OptionalDouble pace = watered.size() < 2
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(
                        0.5,
                        (double) ChronoUnit.DAYS.between(watered.get(watered.size() - 1), watered.get(0))
                                / (watered.size() - 1)));
        return new PlantRecord.Watering(
                since(watered.isEmpty() ? null : watered.get(0), today, 1),
                pace,
                Optional.ofNullable(plant.waterSource()),
                Optional.empty(),
                Optional.ofNullable(plant.overTop()),
                Optional.ofNullable(plant.outerPot()),
                Optional.ofNullable(plant.drainHoles()),
                schedule.flatMap(ScheduleRow::drying));
    }

    private static Stream<PlantRecord.Event> event(LogLine line, LocalDate today) {
        Optional<LogEntry.Moved> moved = line.as(LogEntry.Moved.class);
        Optional<LogEntry.Befell> befell = line.as(LogEntry.Befell.class);
        return line.kind().event().stream()
                .map(kind -> new PlantRecord.Event(
                        kind,
                        Math.max(0, ChronoUnit.DAYS.between(line.onDay(), today)),
                        moved.map(LogEntry.Moved::temperatureStep)
                                .or(() -> befell.map(LogEntry.Befell::temperatureStep))
                                .orElse(OptionalDouble.empty()),
                        moved.map(LogEntry.Moved::lightRatio)
                                .or(() -> befell.map(LogEntry.Befell::lightRatio))
                                .orElse(OptionalDouble.empty()),
                        line.as(LogEntry.Treated.class).flatMap(LogEntry.Treated::with)));
    }

    private static @Nullable LocalDate latest(List<LogLine> happenings, LogKind kind) {
        return happenings.stream()
                .filter(happening -> happening.kind() == kind)
                .map(LogLine::onDay)
                .findFirst()
                .orElse(null);
    }

    private static OptionalDouble since(@Nullable LocalDate day, LocalDate today, double daysAUnit) {
        return day == null
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(0, ChronoUnit.DAYS.between(day, today) / daysAUnit));
    }
}
