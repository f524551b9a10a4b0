package mildlantern.web.arrival;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.arrival.Journey;
import mildlantern.arrival.Journeys;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.PlantId;
import mildlantern.potting.PotDeed;
import mildlantern.potting.PotWork;
import mildlantern.quantity.Temperature;
import mildlantern.quarantine.IsolationClock;
import mildlantern.quarantine.Quarantine;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.potting.PotStates;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The path of a new plant on one page: what is done of it, and what comes next. */
@Service
@Transactional
class ArrivalPages {
    private final Plants plants;
    private final Stops stops;
    private final YearBook years;
    private final LogBook logBook;
    private final Journeys journeys;
    private final Quarantine quarantine;
    private final PotStates pots;
    private final PotWork potWork;
    private final RecordWriter log;
    private final Clock clock;

    ArrivalPages(
            Plants plants,
            Stops stops,
            YearBook years,
            LogBook logBook,
            Journeys journeys,
            Quarantine quarantine,
            PotStates pots,
            PotWork potWork,
            RecordWriter log,
            Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.years = years;
        this.logBook = logBook;
        this.journeys = journeys;
        this.quarantine = quarantine;
        this.pots = pots;
        this.potWork = potWork;
        this.log = log;
        this.clock = clock;
    }

    /**
     * The page of a plant.
     *
     * @param felt what it went through, where its way was told
     * @param chilled whether the record has that already
     * @param stands where it stands
     * @param alone whether that is a stop where plants stand alone
     * @param aloneStop where it could stand alone, or blank
     * @param pot what is done at its pot, and when
     */
    record Page(
            PlantId plant,
            String name,
            String came,
            List<String> felt,
            boolean harmed,
            boolean told,
            boolean looked,
            boolean alone,
            String stands,
            String aloneStop,
            String aloneUntil,
            boolean aloneOver,
            String pot,
            int noFeedDays,
            StopId stop,
            FormKey form) {}

    @Transactional(readOnly = true)
    public Page page(CollectionId collection, PlantId id, Optional<Journey> journey) {
        Plant plant = plants.plant(collection, id);
        Stop stop = stops.stop(collection, plant.stop());
        LocalDate came = came(plant);
        List<LogLine> since = logBook.entries(plant, came);
        IsolationClock alone = quarantine.arrival(came);
        Optional<Journeys.Felt> felt = journey.map(way -> journeys.felt(plants.profile(plant), way));
        PotDeed deed = potWork.decide(
                plants.profile(plant),
                pots.of(plant, PotStates.Seen.NOTHING),
                LocalDate.now(clock),
                years.seasons(plant));
        return new Page(
                id,
                plant.name(),
                DayFormat.YEAR.format(came),
                felt.map(ArrivalPages::words).orElse(List.of()),
                felt.filter(one -> one.harm() != Journeys.Harm.NONE).isPresent(),
                since.stream()
                        .anyMatch(row -> row.kind() == LogKind.of(EventKind.CHILLED)
                                || row.words()
                                        .filter(Wording.say("arrival.path.wrote-unharmed")::equals)
                                        .isPresent()),
                since.stream().anyMatch(row -> row.kind() == LogKind.LOOKED),
                stop.isolation(),
                stop.name(),
                stops.walk(collection).stream()
                        .filter(Stop::isolation)
                        .findFirst()
                        .map(Stop::name)
                        .orElse("empty"),
                alone.until().map(DayFormat.YEAR::format).orElse(""),
                alone.until().filter(day -> day.isBefore(LocalDate.now(clock))).isPresent(),
                pot(deed, alone),
                deed.after().feedDays(),
                plant.stop(),
                FormKey.fresh());
    }

    private LocalDate came(Plant plant) {
        return Optional.ofNullable(plant.acquiredOn()).orElseGet(() -> LocalDate.now(clock));
    }

    private static List<String> words(Journeys.Felt felt) {
        List<String> words = new ArrayList<>();
        words.add(Wording.of(felt.harm()));
        words.add(Wording.say(
                "arrival.path.felt",
                felt.hot(),
                new Temperature(Math.round(felt.reached())),
                new Temperature(Math.round(felt.limit())),
                Math.round(felt.minutes())));
        return List.copyOf(words);
    }

    /** The first repotting: not while it stands alone, but for what rots. */
    private String pot(PotDeed deed, IsolationClock alone) {
        LocalDate today = LocalDate.now(clock);
        LocalDate free = alone.until().filter(today::isBefore).orElse(today);
        if (!deed.deed().repots()) {
            return Wording.say("arrival.path.pot-fine", DayFormat.YEAR.format(free));
        }
        LocalDate first = deed.from().filter(day -> day.isAfter(free)).orElse(free);
        return Wording.say("arrival.path.pot", DayFormat.YEAR.format(first), Wording.of(deed.because()));
    }

    /** Writes down what its way did to it, once; a chill becomes evidence on the day it came. */
    void travelled(CollectionId collection, PlantId id, FormKey form, Journey journey) {
        Plant plant = plants.plant(collection, id);
        Journeys.Felt felt = journeys.felt(plants.profile(plant), journey);
        RecordWriter.Line line = felt.harm().chilled()
                ? new RecordWriter.Line(
                        new LogEntry.Befell(EventKind.CHILLED, OptionalDouble.empty(), OptionalDouble.empty()),
                        Wording.say("arrival.path.wrote-chilled", new Temperature(Math.round(felt.reached()))))
                : new RecordWriter.Line(
                        new LogEntry.Noted(),
                        felt.harm() == Journeys.Harm.NONE
                                ? Wording.say("arrival.path.wrote-unharmed")
                                : Wording.say("arrival.path.wrote-hot", new Temperature(Math.round(felt.reached()))));
        log.write(collection, id, form, came(plant), List.of(line));
    }
}
