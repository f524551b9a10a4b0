package mildlantern.water;

import java.util.OptionalDouble;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.quantity.DailyLight;
import mildlantern.quantity.VapourPressureDeficit;

/** Pots that the tests of this room speak of. */
final class Pots {
    static final PlantKnowledge PLANTS = PlantKnowledge.load();
    static final WaterKnowledge WATER = WaterKnowledge.load(PLANTS);
    static final Climate GOOD_LIGHT = Climate.even(new VapourPressureDeficit(1), new DailyLight(10));
    static final Climate ROOM = room(21, 18, 50, 5);

    private Pots() {}

    static Climate room(double day, double night, double humidity, double mol) {
        return WATER.climate(
                new WaterKnowledge.AirRead(
                        OptionalDouble.of(day),
                        OptionalDouble.of(night),
                        OptionalDouble.of(humidity),
                        OptionalDouble.of(mol)),
                Brightness.MEDIUM,
                1);
    }

    /** Days from wet through to wanting water, of a plant of which nothing was learned. */
    static double days(PotOfPlant of, Climate climate) {
        PotWater pot = WATER.pot(of);
        return pot.daysToDry(pot.full(), climate, Math.exp(WATER.usualLogThirst(of.profile())));
    }

    static PotOfPlant plant(String profile, PotKind wall, double diameterCm, String medium) {
        return new PotOfPlant(
                PLANTS.profile(profile).orElseThrow(),
                wall,
                diameterCm,
                OptionalDouble.empty(),
                PLANTS.medium(medium).orElseThrow(),
                LeafClass.USUAL,
                0);
    }

    static PotOfPlant peaceLily() {
        return plant("peace-lily", PotKind.PLASTIC, 15, "peat-mix");
    }
}
