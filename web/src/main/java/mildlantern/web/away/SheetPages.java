package mildlantern.web.away;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import mildlantern.away.AwayPlan;
import mildlantern.away.Measure;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterWant;
import mildlantern.quantity.Volume;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sheet for a helper, for paper and phone. */
@Service
@Transactional(readOnly = true)
class SheetPages {
    private final Absences absences;
    private final Plants plants;
    private final Stops stops;
    private final Houses houses;
    private final WaterBook water;

    SheetPages(Absences absences, Plants plants, Stops stops, Houses houses, WaterBook water) {
        this.absences = absences;
        this.plants = plants;
        this.stops = stops;
        this.houses = houses;
        this.water = water;
    }

    /** What a helper reads. */
    record Sheet(
            String house,
            String title,
            Optional<String> note,
            List<SheetDay> days,
            List<String> dry,
            List<String> rainOnly,
            boolean trays,
            boolean orchids) {}

    /** A helper's day, stop by stop. */
    record SheetDay(String day, List<SheetStop> stops) {}

    /** A stop of a helper's day. */
    record SheetStop(String stop, List<SheetLine> lines) {}

    /** What a plant gets. */
    record SheetLine(String name, String kind, String how) {}

    Optional<Sheet> sheet(CollectionId collection) {
        return absences.open(collection).map(absence -> sheet(collection, absence));
    }

    private Sheet sheet(CollectionId collection, Absence absence) {
        Known known = Known.of(plants, stops, collection);
        AwayPlan plan = absences.plan(absence);
        Absence.Dates dates = absence.dates();
        List<Plant> watered = plan.visits().stream()
                .flatMap(visit -> visit.portions().stream())
                .map(portion -> known.plants().get(portion.plant()))
                .filter(Objects::nonNull)
                .distinct()
                .sorted(known.order())
                .toList();
        return new Sheet(
                houses.named(collection),
                title(dates),
                Optional.ofNullable(dates.note()),
                plan.visits().stream().map(visit -> day(known, visit)).toList(),
                plan.lines().stream()
                        .filter(line -> line.measure() == Measure.KEPT_DRY)
                        .map(line -> known.plants().get(line.plant()))
                        .filter(Objects::nonNull)
                        .sorted(known.order())
                        .map(plant -> named(known, plant))
                        .toList(),
                watered.stream()
                        .filter(plant -> plants.profile(plant).water() == WaterWant.MINERAL_FREE)
                        .map(plant -> named(known, plant))
                        .toList(),
                watered.stream().anyMatch(plant -> water.tray(plant, plants.profile(plant))),
                watered.stream().anyMatch(plant -> plants.profile(plant).form() == GrowthForm.SINGLE_CROWN_ORCHID));
    }

    private static String named(Known known, Plant plant) {
        return Wording.say("away.sheet.named", plant.name(), known.stop(plant));
    }

    private SheetDay day(Known known, AwayPlan.Visit visit) {
        Map<PlantId, Integer> ml =
                visit.portions().stream().collect(Collectors.toMap(AwayPlan.Portion::plant, AwayPlan.Portion::ml));
        List<Plant> those = known.plants().values().stream()
                .filter(plant -> ml.containsKey(plant.id()))
                .sorted(known.order())
                .toList();
        return new SheetDay(
                DayFormat.LONG_WEEKDAY.format(visit.day()),
                known.walk().stream()
                        .map(stop -> new SheetStop(
                                stop.name(),
                                those.stream()
                                        .filter(plant -> plant.stop().equals(stop.id()))
                                        .map(plant -> new SheetLine(
                                                plant.name(),
                                                plants.profile(plant).name(),
                                                how(plant, Objects.requireNonNull(ml.get(plant.id())))))
                                        .toList()))
                        .filter(stop -> !stop.lines().isEmpty())
                        .toList());
    }

    private String how(Plant plant, int ml) {
        if (water.tray(plant, plants.profile(plant))) {
            return Wording.say("away.sheet.tray", new Volume(ml));
        }
        return plant.potKind() == PotKind.MOUNT
                ? Wording.say("away.sheet.dip")
                : Wording.say("away.sheet.pour", new Volume(ml));
    }

    private static String title(Absence.Dates dates) {
        String from = DayFormat.LONG.format(dates.leaves());
        String until = DayFormat.LONG.format(dates.back());
        return dates.helper() == null
                ? Wording.say("away.sheet.title", from, until)
                : Wording.say("away.sheet.title-for", from, until, dates.helper());
    }
}
