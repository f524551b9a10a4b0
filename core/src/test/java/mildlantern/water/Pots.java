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
    static final Climate GOOD_LIGHT = new Climate(new VapourPressureDeficit(1), new DailyLight(10));
    static final Climate ROOM =
            WATER.climate(OptionalDouble.of(21), OptionalDouble.of(50), Brightness.MEDIUM, OptionalDouble.of(5), 1);

    private Pots() {}

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
