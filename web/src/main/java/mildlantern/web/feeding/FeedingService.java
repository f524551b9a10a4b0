package mildlantern.web.feeding;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.log.LogEntry;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.FeedProduct;
import mildlantern.nutrition.SlowRelease;
import mildlantern.nutrition.WaterReason;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Hold;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Today's feeds as few mixes, each made at once for all plants that get it. */
@Service
@Transactional(readOnly = true)
class FeedingService {
    private final Plants plants;
    private final Stops stops;
    private final Houses houses;
    private final Schedules schedule;
    private final CaseTroubles troubles;
    private final RecordWriter log;
    private final Routine routine;
    private final WrittenForms forms;
    private final FeedPlan feeds;
    private final SlowRelease slow;
    private final FeedingRows.Feeds ownFeeds;
    private final Clock clock;
    private final WaterLines waterLines;
    private final FeedMixes feedMixes;

    FeedingService(
            Plants plants,
            Stops stops,
            Houses houses,
            Schedules schedule,
            CaseTroubles troubles,
            RecordWriter log,
            Routine routine,
            WrittenForms forms,
            FeedPlan feeds,
            SlowRelease slow,
            FeedingRows.Feeds ownFeeds,
            Clock clock,
            WaterLines waterLines,
            FeedMixes feedMixes) {
        this.plants = plants;
        this.stops = stops;
        this.houses = houses;
        this.schedule = schedule;
        this.troubles = troubles;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.feeds = feeds;
        this.slow = slow;
        this.ownFeeds = ownFeeds;
        this.clock = clock;
        this.waterLines = waterLines;
        this.feedMixes = feedMixes;
    }

    /** All feeds that can be chosen: those that are commonly sold, and the house's own. */
    List<FeedProduct> products(CollectionId collection) {
        List<FeedProduct> all = new ArrayList<>();
        ownFeeds.findByCollectionOrderByName(collection).forEach(feed -> all.add(feed.product()));
        all.addAll(feeds.products());
        return all;
    }

    private FeedProduct chosen(CollectionId collection) {
        String id = houses.feed(collection).orElse(feeds.usual().id());
        return products(collection).stream()
                .filter(product -> product.id().equals(id))
                .findFirst()
                .orElseGet(feeds::usual);
    }

    FeedingViews.Page page(CollectionId collection) {
        FeedProduct chosen = chosen(collection);
        List<Plant> plants = this.plants.plants(collection);
        Map<StopId, String> stops =
                this.stops.walk(collection).stream().collect(Collectors.toMap(Stop::id, Stop::name));
        List<FeedMixes.Due> due = feedMixes.due(collection, plants);
        List<FeedingViews.Mix> mixes = new ArrayList<>();
        FeedMixes.mixes(due).forEach((key, group) -> mixes.add(feedMixes.mix(collection, key, group, chosen, stops)));
        return new FeedingViews.Page(
                List.copyOf(mixes),
                held(collection, plants),
                products(collection).stream()
                        .filter(product -> product.form() != FeedProduct.Form.GRANULES
                                && product.label().nitrogen() > 0
                                && product.lopsided().isEmpty())
                        .map(product -> new FeedingViews.Choice(
                                product.id(), product.name(), product.id().equals(chosen.id())))
                        .toList(),
                chosen.name(),
                chosen.wanting().stream().map(Wording::of).toList(),
                granules(collection),
                waterLines.waterLines(collection, plants),
                Wording.of(WaterReason.STANDING),
                FormKey.fresh());
    }

    private List<String> held(CollectionId collection, List<Plant> plants) {
        CaseTroubles.Open open = troubles.open(collection);
        Set<PlantId> due = schedule.feedDue(collection, LocalDate.now(clock)).stream()
                .map(ScheduleRow::plant)
                .collect(Collectors.toSet());
        return plants.stream()
                .filter(plant -> due.contains(plant.id())
                        && (open.troubles().containsKey(plant.id())
                                || open.holds()
                                        .getOrDefault(plant.id(), Set.of())
                                        .contains(Hold.FEED)))
                .map(Plant::name)
                .toList();
    }

    /** Until when granules that are laid today would last. */
    private Optional<String> granules(CollectionId collection) {
        return products(collection).stream()
                .filter(product -> product.form() == FeedProduct.Form.GRANULES)
                .findFirst()
                .map(product -> {
                    LocalDate today = LocalDate.now(clock);
                    LocalDate end = slow.usedUp(product.months(), today, day -> 21, 800);
                    LocalDate warm = slow.usedUp(product.months(), today, day -> 26, 800);
                    String grams = feeds.gramsOnSquareMetre(product)
                            .map(gramsPer -> Wording.say("feeding.feeding-service.g-m-medium", Limits.plain(gramsPer)))
                            .orElse("");
                    return Wording.say(
                            "feeding.feeding-service.if-applied-today-would",
                            product.name(),
                            WaterLines.DAY.format(end),
                            WaterLines.DAY.format(warm),
                            grams);
                });
    }

    /** Chooses the feed that is mixed; an unknown one is left aside. */
    @Transactional
    void choose(CollectionId collection, String id) {
        if (products(collection).stream().anyMatch(product -> product.id().equals(id))) {
            houses.feedWith(collection, id);
        }
    }

    /** Writes down that the plants of a mix were fed, but for those left out; once a form. */
    @Transactional
    Optional<BatchId> fed(CollectionId collection, FormKey form, String key, Set<PlantId> plants) {
        return routine.change(collection, plants, () -> {
            // Whoever was quicker has fed them: what is due is read under the lock.
            List<FeedMixes.Due> group = FeedMixes.mixes(feedMixes.due(collection, this.plants.plants(collection)))
                    .getOrDefault(key, List.of())
                    .stream()
                    .filter(one -> plants.contains(one.plant().id()))
                    .toList();
            if (group.isEmpty() || !forms.firstTime(collection, form)) {
                return Optional.<BatchId>empty();
            }
            FeedProduct chosen = chosen(collection);
            BatchId batch = BatchId.fresh();
            LocalDate today = LocalDate.now(clock);
            for (FeedMixes.Due one : group) {
                LogEntry entry = one.feed().way() == FeedPlan.Way.ROOTS
                        ? new LogEntry.Fed(
                                Optional.of(chosen.name()),
                                OptionalDouble.of(one.feed().mgNitrogen()))
                        : new LogEntry.TrapFed(
                                OptionalInt.of(one.feed().counts()),
                                OptionalDouble.of(one.feed().mgNitrogen()));
                log.write(
                        collection, one.plant().id(), today, List.of(RecordWriter.Line.of(entry)), Optional.of(batch));
            }
            return Optional.of(batch);
        });
    }

    boolean stored(CollectionId collection, FormKey form) {
        return forms.stored(collection, form);
    }

    boolean named(CollectionId collection, String name) {
        return ownFeeds.existsByCollectionAndName(collection, name);
    }

    @Transactional
    void keep(OwnFeed feed) {
        ownFeeds.save(feed);
    }
}
