package mildlantern.web.houseplan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mildlantern.care.CareOrigin;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.place.StopId;
import mildlantern.plan.Fitting;
import mildlantern.plan.HousePlanner;
import mildlantern.plan.SeasonAhead;
import mildlantern.plant.PlantId;
import mildlantern.plant.Wants;
import mildlantern.season.PlantYear;
import mildlantern.season.YearKnowledge;
import mildlantern.web.care.CareService;

/**
 * What stops are expected to give on days to come, and plants to want by their year. Light goes by the sun, warmth as a year before or as lately; how cold
 * leaves get at the glass is not foretold, and neither is the moisture of the air, which stays as it is.
 */
record ComingSeason(CareService.House house, YearKnowledge years, Map<StopId, Fitting> countedOn, HousePlanner planner)
        implements SeasonAhead.Coming {
    @Override
    public Gives gives(StopId stop, LocalDate day) {
        Gives now = house.spot(stop).gives();
        Gives then = new Gives(
                now.light().flatMap(light -> figure(house.days().light(stop, day))),
                now.humidity(),
                now.byDay().flatMap(warm -> figure(house.days().day(stop, day))),
                now.night()
                        .filter(night -> !night.atLeaf())
                        .flatMap(night -> figure(house.days().night(stop, day))));
        return planner.gives(then, countedOn.getOrDefault(stop, Fitting.NONE));
    }

    /**
     * What a plan that is made today goes by: the light of some weeks on the mean, and outdoors the coldest of their nights. Indoors a heating holds them.
     *
     * @param outdoors whether the stop has no roof
     */
    Gives goneBy(StopId stop, boolean outdoors, LocalDate today) {
        Gives now = planner.gives(house.spot(stop).gives(), countedOn.getOrDefault(stop, Fitting.NONE));
        List<Gives> weeks = IntStream.rangeClosed(0, planner.weeksOfLight())
                .mapToObj(week -> gives(stop, today.plusWeeks(week)))
                .toList();
        double first = weeks.get(0).light().map(Figure::value).orElse(0.0);
        double mean = weeks.stream()
                .flatMap(week -> week.light().stream())
                .mapToDouble(Figure::value)
                .average()
                .orElse(0);
        Optional<Figure> light = now.light()
                .map(figure ->
                        first > 0 && mean > 0 ? Figure.of(figure.value() * mean / first, CareOrigin.EXPECTED) : figure);
        Optional<Figure> night = outdoors
                ? Stream.concat(now.night().stream(), weeks.stream().flatMap(week -> week.night().stream()))
                        .min(Comparator.comparingDouble(Figure::value))
                : now.night();
        return new Gives(light, now.humidity(), now.byDay(), night);
    }

    private static Optional<Figure> figure(OptionalDouble value) {
        return value.isPresent() ? Optional.of(Figure.of(value.getAsDouble(), CareOrigin.EXPECTED)) : Optional.empty();
    }

    @Override
    public Wants wants(PlantId plant, LocalDate day) {
        PlantYear year = Objects.requireNonNull(house.years().get(plant));
        return years.wants(year.kind(), year.at(day).phase(), false);
    }
}
