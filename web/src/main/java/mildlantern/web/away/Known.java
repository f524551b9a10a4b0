package mildlantern.web.away;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;

/** The collection's plants by their ids, and its stops in the order of the walk. */
record Known(Map<PlantId, Plant> plants, List<Stop> walk) {
    static Known of(Plants plants, Stops stops, CollectionId collection) {
        return new Known(
                plants.plants(collection).stream()
                        .filter(Plant::alive)
                        .collect(Collectors.toMap(Plant::id, Function.identity())),
                stops.walk(collection));
    }

    /** The name of the stop where a plant stands. */
    String stop(Plant plant) {
        return walk.stream()
                .filter(it -> it.id().equals(plant.stop()))
                .map(Stop::name)
                .findFirst()
                .orElse("");
    }

    private int place(StopId stop) {
        return walk.stream().map(Stop::id).toList().indexOf(stop);
    }

    /** In the order of the walk. */
    Comparator<Plant> order() {
        return Comparator.comparingInt((Plant plant) -> place(plant.stop())).thenComparingInt(Plant::placeOnStop);
    }
}
