package mildlantern.web.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.log.Wetness;
import mildlantern.nutrition.FedPlant;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.NextFeed;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.round.CareSchedule;
import mildlantern.round.LastDone;
import mildlantern.round.Load;
import mildlantern.round.RoundPlanner;
import mildlantern.season.PlantYear;
import mildlantern.water.WaterEstimate;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Works out from its log when a plant's routine is due, and stores that; asked by {@link Routine} alone, which holds the lock. */
@Component
class Scheduler {
    /** How far back the log is read: long enough to learn a slow plant's thirst, short enough for a quick press. */
    static final int DAYS_BACK = 180;

    private static final int TELL_AGAIN = 10;

    private final LogBook logBook;
    private final Plants plants;
    private final WaterBook waterBook;
    private final Schedules schedules;
    private final RoundPlanner planner;
    private final FeedPlan feeds;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Scheduler(
            LogBook logBook,
            Plants plants,
            WaterBook waterBook,
            Schedules schedules,
            RoundPlanner planner,
            FeedPlan feeds,
            ApplicationEventPublisher events,
            Clock clock) {
        this.logBook = logBook;
        this.plants = plants;
        this.waterBook = waterBook;
        this.schedules = schedules;
        this.planner = planner;
        this.feeds = feeds;
        this.events = events;
        this.clock = clock;
    }

    private void reckon(
            Plant plant,
            List<LogLine> log,
            Optional<ScheduleRow> before,
            WaterBook.Climates climates,
            PlantYear year,
            Load load) {
        LocalDate today = LocalDate.now(clock);
        Profile profile = plants.profile(plant);
        WaterEstimate estimate = waterBook.estimate(plant, profile, log, climates, year);
        boolean tray = waterBook.tray(plant, profile);
        Optional<NextFeed> feed = feed(plant, profile, log, year.wants(), climates.outdoors(plant.stop()), today);
        CareSchedule schedule = planner.plan(
                year.wants(),
                estimate.outlook(),
                tray,
                last(plant, log),
                feed.map(NextFeed::days),
                today,
                before.map(ScheduleRow::schedule),
                load);
        schedules.store(
                plant.collection(),
                ScheduleRow.of(plant, today, schedule, estimate.outlook(), tray, feed, turnsOn(year, today)));
    }

    /** What it had may turn its year sooner than what is to be expected says: it is looked at every few weeks in any case. */
    private static LocalDate turnsOn(PlantYear year, LocalDate today) {
        LocalDate soon = today.plusDays(TELL_AGAIN);
        return year.next().map(PlantYear.Stretch::from).filter(soon::isAfter).orElse(soon);
    }

    /** Its next feed; none where its kind rests, or its grower gives it none at the roots. */
    private Optional<NextFeed> feed(
            Plant plant, Profile profile, List<LogLine> log, Wants wants, boolean outdoors, LocalDate today) {
        List<Long> fed = log.stream()
                .filter(row -> row.kind() == LogKind.FED || row.kind() == LogKind.TRAP_FED)
                .map(row -> Math.max(0, ChronoUnit.DAYS.between(row.onDay(), today)))
                .toList();
        FedPlant counted = new FedPlant(plant.leaves(), plant.growths(), plant.stage(), plant.acrossCm(), outdoors);
        return feeds.next(profile, wants, feeds.known(counted, fed), planner.feedDays())
                .filter(next -> plant.feedStrength() != FeedStrength.NONE || next.way() != FeedPlan.Way.ROOTS);
    }

    /** Works some plants of a collection out anew, reading what they depend on once. */
    @Transactional(propagation = Propagation.MANDATORY)
    void reckon(CollectionId collection, List<Plant> some) {
        LocalDate today = LocalDate.now(clock);
        WaterBook.Climates climates = waterBook.climates(collection);
        Map<PlantId, ScheduleRow> before = new HashMap<>(
                schedules.of(collection, some.stream().map(Plant::id).toList()));
        Map<PlantId, List<LogLine>> logs =
                logBook.entries(collection, some.stream().map(Plant::id).toList(), today.minusDays(DAYS_BACK));
        // A plant alone is levelled against the others' work; several are, as they come, against what is planned so
        // far.
        Load load =
                schedules.load(collection, some.size() == 1 ? some.get(0).id() : new PlantId(new UUID(0, 0)), today);
        Map<PlantId, PlantYear> years = some.size() == 1
                ? Map.of(some.get(0).id(), climates.house().of(some.get(0)))
                : climates.house().of(some);
        events.publishEvent(
                new Reckoned(collection, some.stream().filter(Plant::alive).toList(), years));
        for (Plant plant : some) {
            if (plant.alive()) {
                reckon(
                        plant,
                        logs.getOrDefault(plant.id(), List.of()),
                        Optional.ofNullable(before.get(plant.id())),
                        climates,
                        Objects.requireNonNull(years.get(plant.id())),
                        load);
            } else {
                schedules.forget(collection, plant.id());
            }
        }
    }

    private static LastDone last(Plant plant, List<LogLine> log) {
        return new LastDone(
                latest(log, LogKind.WATERED),
                log.stream()
                        .filter(line -> line.as(LogEntry.Probed.class)
                                .filter(probe -> probe.bottom() != Wetness.DRY)
                                .isPresent())
                        .map(LogLine::onDay)
                        .max(LocalDate::compareTo),
                latest(log, LogKind.LOOKED),
                later(latest(log, LogKind.FED), latest(log, LogKind.TRAP_FED)),
                Optional.ofNullable(plant.pottedOn()),
                latest(log, LogKind.PUT_OFF));
    }

    private static Optional<LocalDate> later(Optional<LocalDate> one, Optional<LocalDate> other) {
        return Stream.concat(one.stream(), other.stream()).max(LocalDate::compareTo);
    }

    private static Optional<LocalDate> latest(List<LogLine> log, LogKind kind) {
        return log.stream()
                .filter(row -> row.kind() == kind)
                .map(LogLine::onDay)
                .max(LocalDate::compareTo);
    }
}
