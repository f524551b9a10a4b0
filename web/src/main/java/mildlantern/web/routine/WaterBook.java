package mildlantern.web.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.log.Logged;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.water.Climate;
import mildlantern.water.PotOfPlant;
import mildlantern.water.Scale;
import mildlantern.water.WaterBalance;
import mildlantern.water.WaterEstimate;
import mildlantern.water.WaterKnowledge;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Maybe;
import mildlantern.web.season.Stood;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.ReadOnDay;
import mildlantern.web.stop.Stop;
import org.springframework.stereotype.Component;

/** Puts a stored plant, its log and the readings of its stops before the core's water balance. */
@Component
public class WaterBook {
    private static final double USUAL_CELSIUS = 21;

    private final PlantKnowledge knowledge;
    private final WaterKnowledge water;
    private final WaterBalance balance;
    private final YearBook years;
    private final Clock clock;

    WaterBook(PlantKnowledge knowledge, WaterKnowledge water, YearBook years, Clock clock) {
        this.knowledge = knowledge;
        this.water = water;
        this.balance = new WaterBalance(water);
        this.years = years;
        this.clock = clock;
    }

    /** The climates of a collection's stops, read as they are asked for. */
    public Climates climates(CollectionId collection) {
        return new Climates(years.house(collection));
    }

    /** What each stop's air and light were, day by day, and the years of the plants there; made for one piece of work, so that each stop is read once. */
    public final class Climates {
        private final YearBook.House house;

        private Climates(YearBook.House house) {
            this.house = house;
        }

        /** The years of the plants. */
        public YearBook.House house() {
            return house;
        }

        public Climate at(StopId stop, LocalDate day) {
            Optional<ReadOnDay> read = house.days().asOf(stop, day);
            return water.climate(
                    read.map(it -> Maybe.number(it.dayCelsius()))
                            .orElseGet(() -> house.days().day(stop, day)),
                    Maybe.number(read.map(ReadOnDay::humidityPercent)
                            .or(() -> house.days().stop(stop).map(Stop::humidityPercent))
                            .orElse(null)),
                    Brightness.MEDIUM,
                    house.days().light(stop, day),
                    house.days().sun().share(day));
        }

        /** Temperature by day at a stop, °C; a usual room's where none was read. */
        double celsius(StopId stop, LocalDate day) {
            return house.days().asOf(stop, day).map(ReadOnDay::dayCelsius).orElse(USUAL_CELSIUS);
        }
    }

    /** The plant and its pot as the water balance sees them, as dry as its kind gets in growth; what is not known is taken to be usual. */
    public PotOfPlant pot(Plant plant, Profile profile) {
        return pot(plant, profile, profile.dryness());
    }

    private PotOfPlant pot(Plant plant, Profile profile, Dryness dryness) {
        Medium medium = Optional.ofNullable(plant.medium())
                .flatMap(knowledge::medium)
                .orElseGet(() -> knowledge.medium(profile.media().get(0)).orElseThrow());
        return new PotOfPlant(
                profile,
                dryness,
                plant.potKind(),
                plant.acrossCm(),
                Maybe.number(plant.potHeightCm()),
                medium,
                plant.leafClass(),
                plant.reservoirMl());
    }

    /** Leaf area of a plant, one side, cm². */
    public double leafSquareCm(Plant plant, Profile profile) {
        return water.leafSquareCm(pot(plant, profile));
    }

    /** Whether what it drinks stands in a tray or reservoir. */
    boolean tray(Plant plant, Profile profile) {
        return water.pot(pot(plant, profile)).reservoirMl() > 0;
    }

    /**
     * Retells what the water in a plant's pot did.
     *
     * @param log its entries, none of them taken back, in any order
     * @param climates the climates of the collection's stops
     * @param wants what it wants at its time of the year
     */
    public WaterEstimate estimate(Plant plant, Profile profile, List<LogLine> log, Climates climates, Wants wants) {
        List<Logged> entries = new ArrayList<>();
        // What was poured into another pot says nothing of this one.
        log.stream()
                .filter(line -> plant.pottedOn() == null || !line.onDay().isBefore(plant.pottedOn()))
                .forEach(line -> entries.add(new Logged(line.onDay(), line.entry())));
        Optional<Scale> scale =
                plant.wetGrams() == null || plant.dryGrams() == null || plant.dryGrams() >= plant.wetGrams()
                        ? Optional.empty()
                        : Optional.of(new Scale(plant.wetGrams(), plant.dryGrams()));
        Stood stood = new Stood(plant, log);
        return balance.estimate(
                pot(plant, profile, wants.dryness()),
                entries,
                scale,
                day -> climates.at(stood.on(day), day),
                LocalDate.now(clock));
    }
}
