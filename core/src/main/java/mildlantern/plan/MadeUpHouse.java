package mildlantern.plan;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import mildlantern.care.CareOrigin;
import mildlantern.care.Changes.Resident;
import mildlantern.care.Experience;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.care.Spot;
import mildlantern.place.StopId;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.season.YearKnowledge;

/** Houses as they might be: sills, shelves, a case, a cold room, and plants of all kinds where they happened to be put. */
public final class MadeUpHouse {
    private static final int STOPS_A_ROOM = 3;

    private final PlantKnowledge plants;
    private final YearKnowledge years;

    public MadeUpHouse(PlantKnowledge plants, YearKnowledge years) {
        this.plants = plants;
        this.years = years;
    }

    /**
     * @param chance the same state of it draws the same house
     * @param winter whether it is winter: kinds that rest are at rest then, and there is less light
     */
    public Household draw(Random chance, int number, int stops, boolean winter) {
        List<Spot> spots = new ArrayList<>();
        for (int s = 0; s < stops; s++) {
            spots.add(spot(chance, s, winter, number / (double) stops));
        }
        List<Profile> kinds = List.copyOf(plants.profiles());
        List<Household.Housed> housed = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            Profile kind = kinds.get(chance.nextInt(kinds.size()));
            Phase phase =
                    winter ? years.of(kind).rest().map(rest -> rest.phase()).orElse(Phase.SLOW) : Phase.GROWING;
            double across = 8 + chance.nextInt(14);
            housed.add(new Household.Housed(
                    new Resident(new PlantId(id("plant", i)), "Plant " + i, kind, years.wants(kind, phase, false)),
                    spots.get(chance.nextInt(stops)).id(),
                    across * across,
                    chance.nextInt(12) == 0,
                    chance.nextInt(15) == 0,
                    0));
        }
        Set<StopId> closed = stops > 4 ? Set.of(spots.get(1).id()) : Set.of();
        Map<StopId, String> rooms = new HashMap<>();
        for (int s = 0; s < stops; s++) {
            if (!spots.get(s).glassCase()) {
                rooms.put(spots.get(s).id(), "room " + s / STOPS_A_ROOM);
            }
        }
        Surroundings around = new Surroundings(rooms, Set.of(), closed, winter ? 2 : 15, false);
        return new Household(housed, spots, around, Experience.none());
    }

    private static Spot spot(Random chance, int number, boolean winter, double plantsAStop) {
        double light = Math.exp(chance.nextDouble() * 3.2) * (winter ? 0.5 : 1.2);
        boolean glassCase = chance.nextInt(6) == 0;
        double day = glassCase ? 22 + chance.nextInt(5) : 13 + chance.nextInt(13);
        double night = day - 2 - chance.nextInt(7);
        double humidity = glassCase ? 70 + chance.nextInt(20) : 30 + chance.nextInt(35);
        double board = 340.0 * plantsAStop * (1 + chance.nextDouble());
        return new Spot(
                new StopId(id("stop", number)),
                "Stop " + number,
                new Gives(
                        Optional.of(Figure.of(light, CareOrigin.WITH_A_LAMP)),
                        Optional.of(Figure.of(humidity, CareOrigin.WITH_A_HUMIDIFIER)),
                        Optional.of(Figure.of(day, CareOrigin.WITH_A_LAMP)),
                        Optional.of(Figure.of(night, CareOrigin.WITH_A_LAMP))),
                List.of(),
                false,
                number == 2,
                number == 3,
                board / 10_000,
                glassCase);
    }

    private static UUID id(String what, int number) {
        return UUID.nameUUIDFromBytes((what + " " + number).getBytes(StandardCharsets.UTF_8));
    }
}
