package mildlantern.web.stop;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The stops of a collection in walking order, and what was read at them. */
@Service
@Transactional(readOnly = true)
public class Stops {
    private static final int LONGEST_NAME = 80;

    private final StopRows stops;
    private final StopReadingRows readings;
    private final WrittenForms forms;

    Stops(StopRows stops, StopReadingRows readings, WrittenForms forms) {
        this.stops = stops;
        this.readings = readings;
        this.forms = forms;
    }

    /** The stops in walking order. */
    public List<Stop> walk(CollectionId collection) {
        return stops.walk(collection).stream().map(StopRow::stop).toList();
    }

    /** The stop of the walk that has a name, whatever its case. */
    public Optional<Stop> named(CollectionId collection, String name) {
        return walk(collection).stream()
                .filter(stop -> stop.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    /** Stops in the bin, the latest first; what was read at them stays. */
    public List<Removed> removed(CollectionId collection, LocalDate since) {
        return stops.removed(collection, since).stream()
                .map(row -> new Removed(row.stop(), row.removedOn()))
                .toList();
    }

    /** A stop in the bin. */
    public record Removed(Stop stop, LocalDate on) {}

    /**
     * A stop of the walk.
     *
     * @throws NotHere if the collection has no such stop, or it is in the bin
     */
    public Stop onWalk(CollectionId collection, StopId id) {
        return stops.findById(id.value())
                .filter(row -> row.collection().equals(collection) && row.removedOn() == null)
                .map(StopRow::stop)
                .orElseThrow(() -> new NotHere("stop"));
    }

    /** Puts a stop into the bin; whoever calls knows that nothing stands there. */
    @Transactional
    public void remove(CollectionId collection, StopId id, LocalDate on) {
        stops.remove(collection.value(), id.value(), on);
    }

    /** Takes a stop out of the bin again. */
    @Transactional
    public void restore(CollectionId collection, StopId id) {
        stops.restore(collection.value(), id.value());
    }

    public Optional<Stop> find(CollectionId collection, StopId id) {
        return stops.findById(id.value())
                .filter(row -> row.collection().equals(collection))
                .map(StopRow::stop);
    }

    /**
     * @throws NotHere if the collection has no such stop
     */
    public Stop stop(CollectionId collection, StopId id) {
        return find(collection, id).orElseThrow(() -> new NotHere("stop"));
    }

    /** Adds a stop at the end of the walk, once. */
    @Transactional
    void add(CollectionId collection, NewStop form) {
        if (forms.firstTime(collection, Objects.requireNonNull(form.form()))) {
            int last = walk(collection).stream().mapToInt(Stop::position).max().orElse(0);
            store(form.at(collection, last + 1));
        }
    }

    /** A first stop: its name, what it is, and the light it gets where that is known. */
    public record First(String name, StopKind kind, Optional<Brightness> light) {}

    /**
     * Adds first stops at the end of the walk, once.
     *
     * @return names that are taken or too long; these were left out
     */
    @Transactional
    public List<String> add(CollectionId collection, FormKey form, List<First> first) {
        List<String> leftOut = new ArrayList<>();
        if (!forms.firstTime(collection, form)) {
            return leftOut;
        }
        for (First one : first) {
            if (one.name().length() > LONGEST_NAME
                    || named(collection, one.name()).isPresent()) {
                leftOut.add(one.name());
            } else {
                int last =
                        walk(collection).stream().mapToInt(Stop::position).max().orElse(0);
                store(new Stop(StopId.fresh(), collection, last + 1, one.name())
                        .climate(one.light().orElse(null), null, null, null)
                        .built(one.kind(), null, null));
            }
        }
        return leftOut;
    }

    /** Stores a stop. What depends on its climate is not worked out; that is the routine's part. */
    @Transactional
    public Stop store(Stop stop) {
        return stops.save(stops.findById(stop.id().value())
                        .map(row -> row.take(stop))
                        .orElseGet(() -> new StopRow(stop)))
                .stop();
    }

    /** Stores what was read at a stop; what depends on it is not worked out. */
    @Transactional(propagation = Propagation.REQUIRED)
    public void store(StopReading reading) {
        readings.save(new StopReadingRow(reading));
    }

    /** What was read at all stops from a day on, the latest last. */
    public List<StopReading> readingsSince(CollectionId collection, LocalDate day) {
        return readings(readings.findByCollectionAndOnDayGreaterThanEqualOrderByOnDayAscWrittenAtAsc(collection, day));
    }

    /** What was typed at a stop or read with a meter, the latest first. */
    public List<StopReading> typedReadings(Stop stop, int most) {
        return readings(readings.typed(stop.collection(), stop.id(), Limit.of(most)));
    }

    /** What was read at a stop, the latest last. */
    public List<StopReading> readings(Stop stop) {
        return readings(readings.findByCollectionAndStopOrderByOnDayAscWrittenAtAsc(stop.collection(), stop.id()));
    }

    /** What the water balance needs of a stop's readings, the latest last; without objects that are watched for change. */
    public List<ReadOnDay> readOnDays(CollectionId collection, StopId stop) {
        return readings.read(collection, stop);
    }

    private static List<StopReading> readings(List<StopReadingRow> rows) {
        return rows.stream().map(StopReadingRow::reading).toList();
    }
}
