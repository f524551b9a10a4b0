package mildlantern.web.year;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.season.PlantYear;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The year of the whole collection: who rests where and until when. */
@Service
@Transactional(readOnly = true)
class HousePages {
    /** What is wrong stands first, then what turns soonest. */
    private static final int SHOWN = 400;

    private final Plants plants;
    private final Stops stops;
    private final YearBook years;
    private final Clock clock;

    HousePages(Plants plants, Stops stops, YearBook years, Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.years = years;
        this.clock = clock;
    }

    /**
     * The page.
     *
     * @param counts how many plants are in each phase, in words
     */
    record Page(
            List<Group> groups, List<YearDrawing.Month> months, double today, List<String> counts, int all, int left) {}

    /** Plants in one phase. */
    record Group(String phase, String words, List<Line> lines) {}

    /** A plant. */
    record Line(
            PlantId plant,
            String name,
            String kind,
            StopId stop,
            String stopName,
            String next,
            Optional<String> rest,
            boolean wrong,
            List<YearDrawing.Band> bands) {}

    Page page(CollectionId collection) {
        List<Plant> all = plants.plants(collection);
        Map<PlantId, PlantYear> told = years.house(collection).of(all);
        Map<StopId, String> names = stops.walk(collection).stream().collect(Collectors.toMap(Stop::id, Stop::name));
        YearDrawing drawing = new YearDrawing(LocalDate.now(clock), Wording.reader());
        Map<Phase, List<Plant>> byPhase = all.stream()
                .sorted(Comparator.comparing((Plant plant) -> !wrong(year(told, plant)))
                        .thenComparing(plant -> YearSays.daysToNext(year(told, plant)))
                        .thenComparing(Plant::name))
                .limit(SHOWN)
                .collect(Collectors.groupingBy(
                        plant -> year(told, plant).phase(), () -> new EnumMap<>(Phase.class), Collectors.toList()));
        List<Phase> order = List.of(Phase.COOL_REST, Phase.DRY_REST, Phase.SPIKING, Phase.SLOW, Phase.GROWING);
        Function<Plant, Line> line = plant -> {
            PlantYear year = year(told, plant);
            return new Line(
                    plant.id(),
                    plant.name(),
                    plants.profile(plant).name(),
                    plant.stop(),
                    names.getOrDefault(plant.stop(), ""),
                    YearSays.next(year),
                    YearSays.brief(year),
                    wrong(year),
                    drawing.bands(year));
        };
        List<Group> groups = order.stream()
                .filter(byPhase::containsKey)
                .map(phase -> new Group(
                        YearDrawing.id(phase),
                        Wording.of(phase),
                        Objects.requireNonNull(byPhase.get(phase)).stream()
                                .map(line)
                                .toList()))
                .toList();
        return new Page(
                groups,
                drawing.months(),
                drawing.todayX(),
                groups.stream()
                        .map(group ->
                                Wording.say("year.house.count", group.lines().size(), group.words()))
                        .toList(),
                all.size(),
                Math.max(0, all.size() - SHOWN));
    }

    private static PlantYear year(Map<PlantId, PlantYear> told, Plant plant) {
        return Objects.requireNonNull(told.get(plant.id()));
    }

    private static boolean wrong(PlantYear year) {
        return YearPages.WRONG.contains(year.rest());
    }
}
