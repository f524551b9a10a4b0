package mildlantern.web.care;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.care.Figure;
import mildlantern.care.PotGives;
import mildlantern.nutrition.PotAccount;
import mildlantern.nutrition.Waters;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.stop.StopKind;
import org.springframework.stereotype.Component;

/** Puts what a plant gets from its pot before the core: how often it is watered, with what, and what is in the pot. */
@Component
class PotsGive {
    private static final int ENOUGH_READINGS = 3;

    private final Plants plants;
    private final PotAccount account;
    private final Waters waters;

    PotsGive(Plants plants, PotAccount account, Waters waters) {
        this.plants = plants;
        this.account = account;
        this.waters = waters;
    }

    /** @param record what was noted of the plant; without it its rhythm and its food are not known */
    PotGives of(CareService.House house, Plant plant, Optional<PlantRecord> record) {
        Profile profile = this.plants.profile(plant);
        Optional<PlantRecord.PotFood> food = record.flatMap(it -> it.feeding().pot());
        Optional<PlantRecord.Drying> drying = record.flatMap(it -> it.watering().drying());
        return new PotGives(
                // Outdoors the rain waters too, and the days between cans say nothing.
                record.filter(it -> outdoors(house, plant)).isPresent()
                        ? OptionalDouble.empty()
                        : record.map(it -> it.watering().intervalDays()).orElse(OptionalDouble.empty()),
                drying.map(it -> OptionalDouble.of(it.cycleDays())).orElse(OptionalDouble.empty()),
                drying.map(PlantRecord.Drying::spread).orElse(0.0),
                drying.filter(it -> it.measured() && it.observed() >= ENOUGH_READINGS)
                        .isPresent(),
                Optional.ofNullable(plant.waterSource())
                        .map(source -> Figure.of(waters.dissolvedMg(house.water(source)), source)),
                Optional.ofNullable(plant.waterSource()).map(house::water),
                food.map(it -> OptionalDouble.of(it.nitrogen())).orElse(OptionalDouble.empty()),
                account.hungryBelow(),
                food.map(it -> OptionalDouble.of(it.conductivity())).orElse(OptionalDouble.empty()),
                account.saltyAbove(profile.water()),
                OptionalDouble.of(plant.acrossCm()));
    }

    private static boolean outdoors(CareService.House house, Plant plant) {
        return Objects.requireNonNull(house.stops().get(plant.stop())).kind() == StopKind.OUTDOORS;
    }
}
