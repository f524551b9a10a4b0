package mildlantern.web.routine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import mildlantern.place.StopId;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.StaleEdit;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes what a stop is and what was read there, and has worked out anew what of its plants depends on it. */
@Service
@Transactional
public class StopWriter {
    private final Stops stops;
    private final Plants plants;
    private final Routine routine;
    private final WrittenForms forms;

    StopWriter(Stops stops, Plants plants, Routine routine, WrittenForms forms) {
        this.stops = stops;
        this.plants = plants;
        this.routine = routine;
        this.forms = forms;
    }

    /**
     * Changes what a stop is and where on the walk it comes, once.
     *
     * @param opened the version that the page showed
     * @param changes what becomes of the stop as it is now
     * @throws StaleEdit if it was changed since the page was opened; nothing is stored
     */
    @Transactional(rollbackFor = StaleEdit.class)
    public void reshape(
            CollectionId collection,
            StopId stop,
            FormKey form,
            @Nullable Long opened,
            int position,
            UnaryOperator<Stop> changes)
            throws StaleEdit {
        routine.writeAll(collection, () -> {
            Stop found = stops.stop(collection, stop);
            if (forms.firstTime(collection, form)) {
                StaleEdit.check(opened, found.version());
                place(changes.apply(found), position);
                routine.touchedAt(collection, stop);
            }
        });
    }

    /**
     * Puts a stop into the bin. Nobody moves a plant meanwhile.
     *
     * @return false if a plant stands there; then nothing is changed
     */
    public boolean remove(CollectionId collection, StopId stop, LocalDate on) {
        stops.stop(collection, stop);
        boolean[] removed = {false};
        routine.writeAll(collection, () -> {
            removed[0] = plants.plantsAt(collection, stop).isEmpty();
            if (removed[0]) {
                stops.remove(collection, stop, on);
            }
        });
        return removed[0];
    }

    /** Puts a stop where it comes on the walk; the others close up. */
    private void place(Stop stop, int position) {
        List<Stop> order = new ArrayList<>(stops.walk(stop.collection()).stream()
                .filter(other -> !other.id().equals(stop.id()))
                .toList());
        order.add(Math.min(order.size(), position - 1), stop);
        for (int i = 0; i < order.size(); i++) {
            stops.store(order.get(i).at(i + 1));
        }
    }

    /** Writes what was read at a stop, once; where nothing later was typed, the stop is now as read. */
    public void read(CollectionId collection, StopId stopId, FormKey form, Function<Stop, StopReading> readings) {
        read(collection, stopId, form, UnaryOperator.identity(), readings);
    }

    /**
     * Writes what was read at a stop, once.
     *
     * @param learned what the reading also tells of the stop, as a meter does of its window
     */
    public void read(
            CollectionId collection,
            StopId stopId,
            FormKey form,
            UnaryOperator<Stop> learned,
            Function<Stop, StopReading> readings) {
        routine.writeAll(collection, () -> {
            Stop stop = stops.stop(collection, stopId);
            if (forms.firstTime(collection, form)) {
                read(learned.apply(stop), readings.apply(stop));
            }
        });
    }

    private void read(Stop stop, StopReading reading) {
        boolean latest = stops.typedReadings(stop, 1).stream()
                .noneMatch(other -> other.onDay().isAfter(reading.onDay()));
        stops.store(reading);
        stops.store(latest ? stop.typed(reading) : stop);
        routine.touchedAt(stop.collection(), stop.id());
    }

    /**
     * Changes what a stop is.
     *
     * @param changes reads what else it needs itself, so that it sees it under the lock
     */
    public Stop alter(CollectionId collection, StopId stopId, UnaryOperator<Stop> changes) {
        Stop[] altered = new Stop[1];
        routine.writeAll(collection, () -> {
            altered[0] = stops.store(changes.apply(stops.stop(collection, stopId)));
            routine.touchedAt(collection, stopId);
        });
        return altered[0];
    }

    /** Stores what sensors measured at a stop, and works out anew what depends on it. */
    public void measured(CollectionId collection, StopId stop, Runnable storing) {
        routine.writeAll(collection, () -> {
            storing.run();
            routine.touchedAt(collection, stop);
        });
    }
}
