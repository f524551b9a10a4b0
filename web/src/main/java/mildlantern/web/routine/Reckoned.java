package mildlantern.web.routine;

import java.util.List;
import java.util.Map;
import mildlantern.plant.PlantId;
import mildlantern.season.PlantYear;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;

/**
 * Plants were worked out anew, in the running transaction and under their lock.
 *
 * @param plants those that are alive
 * @param years the year of each
 */
public record Reckoned(CollectionId collection, List<Plant> plants, Map<PlantId, PlantYear> years) {}
