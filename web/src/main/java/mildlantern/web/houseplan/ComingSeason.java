package mildlantern.web.houseplan;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.care.CareOrigin;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.place.StopId;
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
record ComingSeason(CareService.House house, YearKnowledge years) implements SeasonAhead.Coming {
    @Override
    public Gives gives(StopId stop, LocalDate day) {
        Gives now = house.spot(stop).gives();
        return new Gives(
                now.light().flatMap(light -> figure(house.days().light(stop, day))),
                now.humidity(),
                now.byDay().flatMap(warm -> figure(house.days().day(stop, day))),
                now.night()
                        .filter(night -> !night.atLeaf())
                        .flatMap(night -> figure(house.days().night(stop, day))));
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
