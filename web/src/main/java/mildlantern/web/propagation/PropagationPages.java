package mildlantern.web.propagation;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.propagation.Propagation;
import mildlantern.propagation.Recipe;
import mildlantern.propagation.Way;
import mildlantern.quantity.Temperature;
import mildlantern.web.plant.Kinds;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.task.HandPages;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How a plant is multiplied, on which days, and what came of it here. */
@Service
@Transactional(readOnly = true)
class PropagationPages {
    private final Plants plants;
    private final PlantKnowledge knowledge;
    private final Kinds kinds;
    private final Propagation propagation;
    private final PropagationService service;
    private final HandPages hands;
    private final YearBook years;
    private final Stops stops;
    private final Clock clock;

    PropagationPages(
            Plants plants,
            PlantKnowledge knowledge,
            Kinds kinds,
            Propagation propagation,
            PropagationService service,
            HandPages hands,
            YearBook years,
            Stops stops,
            Clock clock) {
        this.plants = plants;
        this.knowledge = knowledge;
        this.kinds = kinds;
        this.propagation = propagation;
        this.service = service;
        this.hands = hands;
        this.years = years;
        this.stops = stops;
        this.clock = clock;
    }

    /** A way to choose. */
    record Choice(String id, String words, boolean chosen) {}

    /** A step with its day. */
    record Dated(String day, String words) {}

    /** How the plant itself was made, while it roots. */
    record Self(String words, List<Dated> next) {}

    /** The page of one plant. */
    record Page(
            PlantId plant,
            String name,
            Optional<Self> self,
            List<Choice> ways,
            List<Choice> others,
            String way,
            boolean callus,
            String title,
            List<String> words,
            List<Dated> steps,
            List<String> troubles,
            Optional<String> not,
            Optional<String> against,
            Optional<String> season,
            String success,
            List<Stop> stops,
            String here,
            int count,
            String stem,
            List<NewPlantDrawing.Stroke> strokes,
            FormKey form) {}

    /**
     * The page of one plant.
     *
     * @param asked the way; empty for the usual one
     */
    Page page(CollectionId collection, PlantId id, Optional<Way> asked, int count, double stemCm) {
        Plant plant = plants.plant(collection, id);
        Profile kind = plants.profile(plant);
        Recipe recipe = asked.flatMap(way -> propagation.recipe(kind, way))
                .orElse(propagation.ways(kind).get(0));
        LocalDate today = LocalDate.now(clock);
        LocalDate best = propagation.best(recipe, today, years.seasons(plant));
        PropagationService.Success here = service.successes(collection)
                .getOrDefault(
                        new PropagationService.KindAndWay(kind.id(), recipe.way()), PropagationService.Success.NONE);
        return new Page(
                id,
                plant.name(),
                service.of(plant).map(rooting -> self(plant, rooting)),
                propagation.ways(kind).stream()
                        .map(one -> new Choice(one.way().name(), Wording.of(one.way()), one.way() == recipe.way()))
                        .toList(),
                Arrays.stream(Way.values())
                        .filter(way -> propagation.recipe(kind, way).isEmpty())
                        .map(way -> new Choice(way.name(), Wording.of(way), false))
                        .toList(),
                recipe.way().name(),
                recipe.callus(),
                Wording.of(recipe.way()),
                words(recipe),
                propagation.steps(recipe, stemCm, today).stream()
                        .map(step -> new Dated(DayFormat.WEEKDAY.format(step.day()), Wording.of(step.what())))
                        .toList(),
                troubles(recipe),
                propagation.not(kind).isEmpty()
                        ? Optional.empty()
                        : Optional.of(Wording.say(
                                "propagation.new.not",
                                Wording.listed(propagation.not(kind).stream()
                                        .map(Wording::of)
                                        .toList()))),
                service.against(plant),
                best.equals(today)
                        ? Optional.empty()
                        : Optional.of(Wording.say("propagation.new.season", DayFormat.YEAR.format(best))),
                Wording.say(
                        "propagation.new.success",
                        here.rooted(),
                        here.rooted() + here.failed(),
                        Math.round(recipe.takes() * 100),
                        Math.round(propagation.expected(recipe, here.rooted(), here.failed()) * 100)),
                stops.walk(collection),
                plant.stop().toString(),
                count,
                Units.number(stemCm, Unit.Of.LENGTH),
                NewPlantDrawing.of(recipe.way()),
                FormKey.fresh());
    }

    private Self self(Plant plant, Rooting rooting) {
        return new Self(
                Wording.say(
                        "propagation.new.self",
                        Wording.of(rooting.way()),
                        DayFormat.YEAR.format(rooting.madeOn()),
                        plant.mother() == null
                                ? ""
                                : plants.find(plant.collection(), plant.mother())
                                        .map(Plant::name)
                                        .orElse("")),
                hands.of(plant).stream()
                        .map(line -> new Dated(line.day(), line.words()))
                        .toList());
    }

    private List<String> words(Recipe recipe) {
        List<String> words = new ArrayList<>();
        words.add(Wording.say("propagation.new.how", recipe.way().name()));
        recipe.lengthCm()
                .ifPresent(length -> words.add(Wording.say(
                        "propagation.new.length",
                        Units.number(length.low(), Unit.Of.LENGTH),
                        Units.shown(length.high(), Unit.Of.LENGTH))));
        if (recipe.size() > 0) {
            words.add(Wording.say("propagation.new.size", Math.round(recipe.size() * 100)));
        }
        recipe.parts()
                .ifPresent(parts -> words.add(
                        Wording.say("propagation.new.parts", recipe.way().name(), parts)));
        if (recipe.callus()) {
            words.add(Wording.say("propagation.new.callus"));
        }
        words.add(
                recipe.medium().equals(Recipe.WATER)
                        ? Wording.say("propagation.new.in-water")
                        : Wording.say(
                                "propagation.new.medium",
                                knowledge
                                        .medium(recipe.medium())
                                        .map(Medium::name)
                                        .orElse(recipe.medium())));
        if (recipe.cover()) {
            words.add(Wording.say("propagation.new.cover"));
        }
        words.add(Wording.say("propagation.new.tool"));
        return List.copyOf(words);
    }

    /** A new plant's own small troubles: what they look like and what is done. */
    private List<String> troubles(Recipe recipe) {
        List<String> troubles = new ArrayList<>();
        troubles.add(Wording.say("propagation.trouble.wilts", recipe.cover()));
        troubles.add(
                recipe.medium().equals(Recipe.WATER)
                        ? Wording.say("propagation.trouble.slime")
                        : Wording.say("propagation.trouble.rots", recipe.callus()));
        if (recipe.cover()) {
            troubles.add(Wording.say("propagation.trouble.mould"));
        }
        troubles.add(Wording.say(
                "propagation.trouble.no-roots",
                new Temperature(propagation.footCelsius().low()),
                new Temperature(propagation.footCelsius().high())));
        if (recipe.way() == Way.SEED) {
            troubles.add(Wording.say("propagation.trouble.fall"));
        }
        return List.copyOf(troubles);
    }

    /** A plant that still roots. */
    record Rooted(PlantId plant, String name, String way, String made, String mother, String next) {}

    /** How many grew on. */
    record Tally(String kind, String way, int rooted, int failed, String expected) {}

    /** All new plants of a house. */
    record All(List<Rooted> rooting, List<Tally> tallies) {}

    /** What roots, and what grew on. */
    All all(CollectionId collection) {
        List<Rooted> rooting = service.rooting(collection).entrySet().stream()
                .sorted(Comparator.comparing(
                        (Map.Entry<Plant, Rooting> one) -> one.getValue().madeOn()))
                .map(one -> {
                    Plant plant = one.getKey();
                    Self self = self(plant, one.getValue());
                    return new Rooted(
                            plant.id(),
                            plant.name(),
                            Wording.of(one.getValue().way()),
                            DayFormat.YEAR.format(one.getValue().madeOn()),
                            plant.mother() == null
                                    ? ""
                                    : plants.find(collection, plant.mother())
                                            .map(Plant::name)
                                            .orElse(""),
                            self.next().stream()
                                    .findFirst()
                                    .map(next -> Wording.say("propagation.all.next", next.day(), next.words()))
                                    .orElse(""));
                })
                .toList();
        List<Tally> tallies = service.successes(collection).entrySet().stream()
                .flatMap(one -> kinds
                        .find(collection, one.getKey().kind())
                        .flatMap(kind -> propagation
                                .recipe(kind, one.getKey().way())
                                .map(recipe -> tally(kind, recipe, one.getValue())))
                        .stream())
                .sorted(Comparator.comparing(Tally::kind).thenComparing(Tally::way))
                .toList();
        return new All(rooting, tallies);
    }

    private Tally tally(Profile kind, Recipe recipe, PropagationService.Success here) {
        return new Tally(
                kind.name(),
                Wording.of(recipe.way()),
                here.rooted(),
                here.failed(),
                Wording.say(
                        "propagation.all.percent",
                        Math.round(propagation.expected(recipe, here.rooted(), here.failed()) * 100)));
    }
}
