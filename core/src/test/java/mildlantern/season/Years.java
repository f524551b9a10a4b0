package mildlantern.season;

import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;

/** What kinds want at each time of their year, for the tests of all rooms. */
public final class Years {
    public static final PlantKnowledge PLANTS = PlantKnowledge.load();
    public static final YearKnowledge KNOWLEDGE = YearKnowledge.load(PLANTS);

    private Years() {}

    public static Wants wants(Profile kind, Phase phase) {
        return KNOWLEDGE.wants(kind, phase, true);
    }

    public static Wants wants(String kind, Phase phase) {
        return wants(PLANTS.profile(kind).orElseThrow(), phase);
    }

    public static Wants growing(Profile kind) {
        return wants(kind, Phase.GROWING);
    }
}
