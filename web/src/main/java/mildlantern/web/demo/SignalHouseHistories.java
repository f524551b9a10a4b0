package mildlantern.web.demo;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import mildlantern.log.Logged;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Profile;
import mildlantern.water.MadeUpHistory;
import mildlantern.water.WaterKnowledge;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.WaterBook;
import org.springframework.stereotype.Component;

/** Fourteen months of waterings, feeds and looks for every plant, made up by the product's own models from a fixed seed. */
@Component
class SignalHouseHistories {
    /** Share of the equinox sun from which a keeper feeds. */
    private static final double GROWS = 0.5;

    private final Plants plants;
    private final RecordWriter log;
    private final WaterBook waterBook;
    private final WaterKnowledge water;
    private final EntityManager entities;

    SignalHouseHistories(
            Plants plants, RecordWriter log, WaterBook waterBook, WaterKnowledge water, EntityManager entities) {
        this.plants = plants;
        this.log = log;
        this.waterBook = waterBook;
        this.water = water;
        this.entities = entities;
    }

    /** Writes the history of each plant from one day until the day before another, or until its keeper forgot it. */
    void write(List<Kept> kept, CollectionId collection, LocalDate begin, LocalDate today, long seed) {
        MadeUpHistory histories = new MadeUpHistory(water);
        WaterBook.Climates climates = waterBook.climates(collection);
        for (Kept one : kept) {
            Plant plant = one.plant();
            // Of its own, so that what befalls one plant does not change the others' histories.
            Random chance = new Random(seed + plant.name().hashCode());
            Profile profile = plants.profile(plant);
            LocalDate from = Optional.ofNullable(plant.acquiredOn())
                    .filter(came -> came.isAfter(begin))
                    .map(came -> came.plusDays(1))
                    .orElse(begin);
            for (Logged logged : histories.of(
                    waterBook.pot(plant, profile),
                    manner(one, chance),
                    day -> climates.at(plant.stop(), day),
                    day -> climates.house().days().sun().share(day) >= GROWS,
                    from,
                    today.minusDays(one.told().seenDaysAgo().orElse(1)),
                    chance)) {
                log.add(plant, logged.day(), RecordWriter.Line.of(logged.entry()), Optional.empty());
            }
            letGo();
        }
    }

    /** What was written so far is stored and let go; each question would else be held against all of it. */
    void letGo() {
        entities.flush();
        entities.clear();
    }

    private static MadeUpHistory.Manner manner(Kept one, Random chance) {
        boolean fed = one.told().feed() != FeedStrength.NONE;
        return new MadeUpHistory.Manner(
                one.told().thirst(),
                one.told().waterEveryDays().map(OptionalDouble::of).orElse(OptionalDouble.empty()),
                one.alone() ? 1 : 9,
                fed ? OptionalDouble.of(16) : OptionalDouble.empty(),
                0.25 + 0.5 * chance.nextDouble(),
                one.told().water());
    }

    /** A plant, what the story tells of it, and whether it stands in isolation. */
    record Kept(Plant plant, SignalHouseStory.Pot told, boolean alone) {}
}
