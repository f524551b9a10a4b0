package mildlantern.web.collection;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stops, plants and what is written down of them. Every question names the collection it is asked for. */
@Service
@Transactional(readOnly = true)
public class CollectionService {
    private final Repositories.Stops stops;
    private final Repositories.Plants plants;
    private final Repositories.Happenings happenings;
    private final Repositories.CareEntries careEntries;
    private final RecordReader reader;
    private final WrittenForms forms;
    private final Clock clock;

    CollectionService(
            Repositories.Stops stops,
            Repositories.Plants plants,
            Repositories.Happenings happenings,
            Repositories.CareEntries careEntries,
            RecordReader reader,
            WrittenForms forms,
            Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.happenings = happenings;
        this.careEntries = careEntries;
        this.reader = reader;
        this.forms = forms;
        this.clock = clock;
    }

    /** The stops in walking order. */
    public List<Stop> walk(UUID collection) {
        return stops.findByCollectionOrderByPosition(collection);
    }

    /** All plants, in the order in which they stand at their stops. */
    public List<Plant> plants(UUID collection) {
        return plants.findByCollectionOrderByPlaceOnStop(collection);
    }

    /**
     * @throws NotHere if the collection has no such plant
     */
    public Plant plant(UUID collection, UUID id) {
        return plants.findByCollectionAndId(collection, id).orElseThrow(() -> new NotHere("plant"));
    }

    /**
     * @throws NotHere if the collection has no such stop
     */
    public Stop stop(UUID collection, UUID id) {
        return stops.findByCollectionAndId(collection, id).orElseThrow(() -> new NotHere("stop"));
    }

    public Profile profile(Plant plant) {
        return reader.profile(plant);
    }

    /** What is known of a plant today, for the core. */
    public PlantRecord record(Plant plant) {
        return reader.read(plant, stop(plant.collection(), plant.stop()), happenings(plant));
    }

    /** What happened to a plant, the latest first. */
    public List<Happening> happenings(Plant plant) {
        return happenings.findByCollectionAndPlantOrderByOnDayDesc(plant.collection(), plant.id());
    }

    /** The latest day of each kind, by plant, for all plants in one question. */
    public Map<UUID, Map<HappeningKind, LocalDate>> latestDays(UUID collection, List<HappeningKind> kinds) {
        Map<UUID, Map<HappeningKind, LocalDate>> byPlant = new HashMap<>();
        for (Repositories.Latest latest : happenings.latest(collection, kinds)) {
            byPlant.computeIfAbsent(latest.getPlant(), plant -> new EnumMap<>(HappeningKind.class))
                    .put(latest.getKind(), latest.getDay());
        }
        return byPlant;
    }

    /** The lines of a care sheet by setting, the one that holds first, its history after it. */
    public Map<CareSetting, List<CareEntry>> careSheet(Plant plant) {
        Map<CareSetting, List<CareEntry>> sheet = new EnumMap<>(CareSetting.class);
        for (CareEntry entry :
                careEntries.findByCollectionAndPlantOrderByWrittenAtDesc(plant.collection(), plant.id())) {
            sheet.computeIfAbsent(entry.setting(), setting -> new ArrayList<>()).add(entry);
        }
        return sheet;
    }

    /** Writes a line of the care sheet; the older line stays as history. */
    @Transactional
    public void write(CareEntry entry) {
        careEntries.save(entry);
    }

    /** Notes something that happened. */
    @Transactional
    public void write(Happening happening) {
        happenings.save(happening);
    }

    /** Adds a stop at the end of the walk. */
    @Transactional
    public Stop write(Stop stop) {
        return stops.save(stop);
    }

    /** Adds or changes a plant. */
    @Transactional
    public Plant write(Plant plant) {
        return plants.save(plant);
    }

    /** Where a new plant would stand. */
    int nextPlace(UUID collection, UUID stop) {
        return plants.countByCollectionAndStop(collection, stop);
    }

    /** Where a new stop would come on the walk. */
    int nextPosition(UUID collection) {
        return walk(collection).stream().mapToInt(Stop::position).max().orElse(0) + 1;
    }

    /** Notes something once, however often the form is sent. */
    @Transactional
    public void note(UUID collection, UUID plantId, UUID form, HappeningKind kind, LocalDate day, NoteDetails details) {
        Plant plant = plant(collection, plantId);
        if (forms.firstTime(collection, form)) {
            write(new Happening(plant, kind, day, OffsetDateTime.now(clock))
                    .amount(details.amountMl())
                    .detail(details.text()));
        }
    }

    /** Runs a piece of writing once, however often its form is sent. */
    @Transactional
    public void once(UUID collection, UUID form, Runnable writing) {
        if (forms.firstTime(collection, form)) {
            writing.run();
        }
    }

    /**
     * What a note may say besides its kind and day.
     *
     * @param amountMl how much, mL, or null
     * @param text a few words, or null
     */
    public record NoteDetails(
            @Nullable Integer amountMl, @Nullable String text) {}
}
