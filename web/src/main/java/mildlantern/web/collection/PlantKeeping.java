package mildlantern.web.collection;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import mildlantern.log.LogEntry;
import mildlantern.plant.Stage;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What becomes of plants: added, changed, split, propagated, no longer kept. */
@Service
@Transactional
class PlantKeeping {
    private final CollectionService collections;
    private final LogBook log;
    private final Repositories.Plants plants;
    private final Upkeeper upkeeper;
    private final Clock clock;

    PlantKeeping(
            CollectionService collections, LogBook log, Repositories.Plants plants, Upkeeper upkeeper, Clock clock) {
        this.collections = collections;
        this.log = log;
        this.plants = plants;
        this.upkeeper = upkeeper;
        this.clock = clock;
    }

    /** Whether another plant carries this accession number already. */
    @Transactional(readOnly = true)
    boolean taken(UUID collection, String accession, Optional<Plant> by) {
        return plants.existsByCollectionAndAccession(collection, accession)
                && by.filter(plant -> accession.equals(plant.accession())).isEmpty();
    }

    /** Adds a plant, once. */
    void add(UUID collection, PlantForm form) {
        Stop stop = collections.stop(collection, Objects.requireNonNull(form.stop()));
        collections.once(
                collection,
                Objects.requireNonNull(form.form()),
                () -> collections.write(form.into(new Plant(
                        UUID.randomUUID(),
                        collection,
                        stop.id(),
                        collections.nextPlace(collection, stop.id()),
                        "",
                        ""))));
    }

    /** Changes a plant, once; a changed stop is a move and stands in its log. */
    void change(Plant plant, PlantForm form) {
        UUID to = Objects.requireNonNull(form.stop());
        collections.stop(plant.collection(), to);
        collections.once(plant.collection(), Objects.requireNonNull(form.form()), () -> {
            form.into(plant);
            if (to.equals(plant.stop())) {
                collections.write(plant);
            } else {
                log.write(
                        plant,
                        LocalDate.now(clock),
                        List.of(LogBook.Line.of(new LogEntry.Moved(
                                Optional.empty(), Optional.of(to), OptionalDouble.empty(), OptionalDouble.empty()))),
                        Optional.empty());
            }
        });
    }

    /**
     * Makes new plants of one, once: parts of a clump, or cuttings and offsets that keep their mother.
     *
     * @param count how many, 1 to 50
     * @param cutting whether they are young and the mother stays whole
     */
    void multiply(Plant mother, UUID form, int count, boolean cutting) {
        collections.once(mother.collection(), form, () -> {
            LocalDate today = LocalDate.now(clock);
            for (int i = 1; i <= count; i++) {
                Plant child = new Plant(
                                UUID.randomUUID(),
                                mother.collection(),
                                mother.stop(),
                                collections.nextPlace(mother.collection(), mother.stop()),
                                freeName(mother, i),
                                mother.profile())
                        .named(mother.cultivar(), null, "from " + mother.name())
                        .ofKind(mother.profile(), mother.form())
                        .acquired(today)
                        .potted(
                                mother.potKind(),
                                cutting ? Double.valueOf(9) : mother.potDiameterCm(),
                                mother.medium(),
                                today)
                        .pot(null, 0, today)
                        .kept(mother.waterSource(), mother.feedStrength(), mother.overTop(), false, mother.drainHoles())
                        .grown(cutting ? Stage.CUTTING : mother.stage())
                        .leafy(mother.leafClass())
                        .counted(
                                share(mother.leaves(), count, cutting),
                                share(mother.growths(), count, cutting),
                                0,
                                0,
                                0)
                        .from(mother.id());
                collections.store(child);
                log.arrived(child, today, form);
            }
            log.note(
                            mother,
                            today,
                            cutting ? HappeningKind.PROPAGATED : HappeningKind.SPLIT,
                            count == 1 ? "one new plant" : count + " new plants")
                    .inBatch(form);
            if (!cutting) {
                mother.counted(
                        share(mother.leaves(), count, false),
                        share(mother.growths(), count, false),
                        mother.offsets(),
                        mother.flowers(),
                        mother.buds());
            }
            collections.store(mother);
            upkeeper.reckonStop(mother.collection(), mother.stop());
        });
    }

    private static int share(int whole, int parts, boolean cutting) {
        return cutting ? Math.min(whole, 3) : Math.max(whole > 0 ? 1 : 0, whole / (parts + 1));
    }

    private String freeName(Plant mother, int number) {
        List<String> names = collections.names(mother.collection()).stream()
                .map(named -> named.name())
                .toList();
        int next = number + 1;
        while (names.contains(mother.name() + " " + next)) {
            next++;
        }
        return mother.name() + " " + next;
    }

    /** A plant is no longer kept, once. */
    void end(Plant plant, UUID form, boolean lost, String cause) {
        collections.once(
                plant.collection(),
                form,
                () -> log.end(
                        plant,
                        lost ? Plant.State.LOST : Plant.State.RETIRED,
                        LocalDate.now(clock),
                        cause.isBlank() ? null : cause.strip()));
    }
}
