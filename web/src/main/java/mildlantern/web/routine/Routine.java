package mildlantern.web.routine;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * The one door to the record. What is written of plants and what follows from it are stored in one transaction, under a lock on the
 * plants concerned; so what is stored as reckoned is always what a reckoning from the log would give.
 *
 * <p>Locks are taken in one order, which keeps writers from waiting for each other in a circle: first that of the house, shared by all
 * who write of single plants and held alone by whoever changes what many of them depend on (the climate of a stop); then the plants', by
 * their ids. Locks belong to the transaction and to the database, so they hold across all instances of the application.
 *
 * <p>Pieces of writing may be nested; what follows is worked out once, when the outermost is done.
 */
@Component
public class Routine {
    /** How many plants are read into memory at once to be worked out. */
    private static final int AT_ONCE = 50;

    private static final Logger LOG = LoggerFactory.getLogger(Routine.class);

    private final JdbcClient jdbc;
    private final EntityManager entities;
    private final Plants plants;
    private final LogBook logBook;
    private final Scheduler scheduler;
    private final ObjectProvider<Routine> self;
    private final Clock clock;

    Routine(
            JdbcClient jdbc,
            EntityManager entities,
            Plants plants,
            LogBook logBook,
            Scheduler scheduler,
            ObjectProvider<Routine> self,
            Clock clock) {
        this.jdbc = jdbc;
        this.entities = entities;
        this.plants = plants;
        this.logBook = logBook;
        this.scheduler = scheduler;
        this.self = self;
        this.clock = clock;
    }

    /** What is open in the running transaction. */
    private static final class Open {
        private final CollectionId collection;
        private final boolean whole;
        private final Set<PlantId> locked = new HashSet<>();
        private final Set<PlantId> touched = new LinkedHashSet<>();
        private final Map<PlantId, OffsetDateTime> lastWritten = new HashMap<>();

        Open(CollectionId collection, boolean whole) {
            this.collection = collection;
            this.whole = whole;
        }
    }

    /**
     * Writes of some plants and works out what follows.
     *
     * @param some the plants concerned; plants made in the writing need not be named
     * @param writing reads the plants itself, so that it sees them as they are under the lock
     */
    @Transactional
    public <T, X extends Exception> T change(CollectionId collection, Collection<PlantId> some, Writing<T, X> writing)
            throws X {
        return in(collection, some, false, writing);
    }

    /** Writes of some plants and works out what follows. */
    @Transactional
    public <X extends Exception> void write(CollectionId collection, Collection<PlantId> some, Deed<X> deed) throws X {
        in(collection, some, false, giving(deed));
    }

    private static <X extends Exception> Writing<Boolean, X> giving(Deed<X> deed) {
        return () -> {
            deed.run();
            return true;
        };
    }

    /**
     * Writes what many plants of a house depend on, as the climate of a stop, or a whole archive; nobody else writes of its plants
     * meanwhile.
     */
    @Transactional
    public <X extends Exception> void writeAll(CollectionId collection, Deed<X> deed) throws X {
        in(collection, List.of(), true, giving(deed));
    }

    private <T, X extends Exception> T in(
            CollectionId collection, Collection<PlantId> some, boolean whole, Writing<T, X> writing) throws X {
        Open outer = open();
        if (outer != null) {
            if (!outer.collection.equals(collection) || whole && !outer.whole) {
                throw new IllegalStateException("the outer piece of writing holds too little for this one");
            }
            lock(outer, some);
            return writing.run();
        }
        Open open = new Open(collection, whole);
        TransactionSynchronizationManager.bindResource(this, open);
        try {
            jdbc.sql("select pg_advisory_xact_lock" + (whole ? "" : "_shared") + "(hashtextextended(?, 0))")
                    .param(collection.toString())
                    .query()
                    .singleRow();
            lock(open, some);
            T result = writing.run();
            settle(open);
            return result;
        } finally {
            TransactionSynchronizationManager.unbindResource(this);
        }
    }

    private @Nullable Open open() {
        return (Open) TransactionSynchronizationManager.getResource(this);
    }

    private void lock(Open open, Collection<PlantId> some) {
        List<PlantId> fresh =
                some.stream().filter(id -> !open.locked.contains(id)).distinct().toList();
        if (fresh.isEmpty() || !open.locked.addAll(fresh) || open.whole) {
            return;
        }
        plants.lock(open.collection, fresh);
        readLastWritten(open, fresh);
    }

    private void readLastWritten(Open open, List<PlantId> some) {
        some.forEach(id -> open.lastWritten.put(id, OffsetDateTime.MIN));
        jdbc.sql("""
                        select plant_id, max(written_at) as last from happening
                        where collection_id = :collection and plant_id = any(:some) group by plant_id
                        """)
                .param("collection", open.collection.value())
                .param("some", some.stream().map(PlantId::value).toArray(UUID[]::new))
                .query(row -> {
                    open.lastWritten.put(
                            new PlantId(row.getObject("plant_id", UUID.class)),
                            row.getObject("last", OffsetDateTime.class));
                });
    }

    /**
     * Notes that something was written of a plant, so that what follows is worked out.
     *
     * @throws IllegalStateException outside of a piece of writing, or if the plant was there before and is not locked
     */
    void touched(Plant plant) {
        Open open = open();
        if (open == null
                || !open.collection.equals(plant.collection())
                || !open.whole && !plant.isNew() && !open.locked.contains(plant.id())) {
            throw new IllegalStateException(
                    "plant " + plant.id() + " is written of without the lock that the record needs");
        }
        open.locked.add(plant.id());
        open.touched.add(plant.id());
    }

    /**
     * The time to write on a plant's next entry: now, and always after its entries so far. What a plant is and what can be taken back
     * go by the order of writing, which holds although a clock is put back, or two instances' clocks differ.
     */
    OffsetDateTime moment(Plant plant) {
        touched(plant);
        Open open = Objects.requireNonNull(open());
        if (!plant.isNew() && !open.lastWritten.containsKey(plant.id())) {
            readLastWritten(open, List.of(plant.id()));
        }
        OffsetDateTime now = OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MICROS);
        return Objects.requireNonNull(open.lastWritten.merge(
                plant.id(), now, (last, wanted) -> wanted.isAfter(last) ? wanted : last.plus(1, ChronoUnit.MICROS)));
    }

    /** Works out what follows from what was written so far, where the rest of the writing builds on it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void settle() {
        Open open = open();
        if (open == null) {
            throw new IllegalStateException("nothing is being written");
        }
        settle(open);
    }

    private void settle(Open open) {
        List<PlantId> ids = List.copyOf(open.touched);
        open.touched.clear();
        entities.flush();
        for (int i = 0; i < ids.size(); i += AT_ONCE) {
            List<PlantId> some = ids.subList(i, Math.min(ids.size(), i + AT_ONCE));
            // In the order in which they were written of: work is levelled as it comes, and is to come out alike each
            // time.
            Map<PlantId, Plant> found =
                    plants.plants(open.collection, some).stream().collect(Collectors.toMap(Plant::id, plant -> plant));
            scheduler.reckon(
                    open.collection,
                    some.stream()
                            .flatMap(id -> Optional.ofNullable(found.get(id)).stream())
                            .toList());
        }
    }

    /** Notes all plants whose water depends on a stop's air and light: those that stand there, and those that lately did. */
    void touchedAt(CollectionId collection, StopId stop) {
        Set<PlantId> ids = new LinkedHashSet<>(
                logBook.passedBy(collection, stop, LocalDate.now(clock).minusDays(Scheduler.DAYS_BACK)));
        plants.plantsAt(collection, stop).forEach(plant -> ids.add(plant.id()));
        plants.plants(collection, ids).forEach(this::touched);
    }

    /** Notes all plants of the collection, as after an archive came in. */
    public void touchedAll(CollectionId collection) {
        plants.all(collection).forEach(this::touched);
    }

    /** Works one plant out anew from its log. */
    @Transactional
    public void refresh(CollectionId collection, PlantId plant) {
        write(collection, List.of(plant), () -> plants.find(collection, plant).ifPresent(this::touched));
    }

    /**
     * Works plants out anew, one by one, each in a transaction of its own: whoever writes of one of them waits for that one only, and
     * what is stored is never older than what was written.
     */
    @Transactional(propagation = Propagation.NEVER)
    public void refresh(CollectionId collection, List<PlantId> some) {
        Routine door = self.getObject();
        for (PlantId plant : some) {
            try {
                door.refresh(collection, plant);
            } catch (RuntimeException e) {
                // One that cannot be worked out does not keep the others from it.
                LOG.error("plant {} could not be worked out anew", plant, e);
            }
        }
    }

    /** Works all plants of a collection out anew, one by one. */
    @Transactional(propagation = Propagation.NEVER)
    public void refreshAll(CollectionId collection) {
        refresh(
                collection,
                jdbc
                        .sql("select id from plant where collection_id = ? order by id")
                        .param(collection.value())
                        .query(UUID.class)
                        .list()
                        .stream()
                        .map(PlantId::new)
                        .toList());
    }
}
