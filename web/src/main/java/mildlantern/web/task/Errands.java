package mildlantern.web.task;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.handwork.Errand;
import mildlantern.handwork.Guard;
import mildlantern.plant.PlantId;
import mildlantern.treatment.Style;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Errands of cleaning and guarding: cases and the season say what is due, and nothing is stored before it is done. */
@Service
@Transactional
class Errands {
    private static final int A_YEAR = 366;

    private final HandTaskRows rows;
    private final Plants plants;
    private final CaseTroubles cases;
    private final Houses houses;
    private final Stops stops;
    private final Guard guard;
    private final WrittenForms forms;
    private final Clock clock;

    Errands(
            HandTaskRows rows,
            Plants plants,
            CaseTroubles cases,
            Houses houses,
            Stops stops,
            Guard guard,
            WrittenForms forms,
            Clock clock) {
        this.rows = rows;
        this.plants = plants;
        this.cases = cases;
        this.houses = houses;
        this.stops = stops;
        this.guard = guard;
        this.forms = forms;
        this.clock = clock;
    }

    /** What cases and the season ask for until a day. */
    @Transactional(readOnly = true)
    List<Asked> until(CollectionId collection, LocalDate day) {
        List<HandTaskRow> done =
                rows.findByCollectionAndErrandNotNullAndDoneOnGreaterThanEqual(collection, day.minusDays(A_YEAR));
        LocalDate today = LocalDate.now(clock);
        List<Asked> asked = new ArrayList<>();
        for (CaseTroubles.Decided one : cases.decided(collection)) {
            guard.ofCase(one.causes(), one.openedOn(), last(done, Optional.of(one.plant())), today, day)
                    .forEach(due -> asked.add(Asked.of(due.errand(), Optional.of(one.plant()), due.day())));
        }
        boolean outdoors = stops.walk(collection).stream().anyMatch(stop -> stop.kind() == StopKind.OUTDOORS);
        Guard.House house = new Guard.House(outdoors, houses.style(collection) != Style.SYSTEMIC);
        guard.ofSeason(LocalDate.now(clock), houses.seasons(collection), house, last(done, Optional.empty()))
                .forEach(due -> asked.add(Asked.of(due.errand(), Optional.empty(), due.day())));
        return asked;
    }

    private static Function<Errand, Optional<LocalDate>> last(List<HandTaskRow> done, Optional<PlantId> plant) {
        Map<Errand, LocalDate> days = done.stream()
                .filter(row -> row.plant().equals(plant))
                .collect(Collectors.toMap(
                        HandTaskRow::errand, HandTaskRow::doneOn, (one, other) -> one.isAfter(other) ? one : other));
        return errand -> Optional.ofNullable(days.get(errand));
    }

    /**
     * Writes down that an errand was done today, once.
     *
     * @param plant the plant whose case asked for it; empty where the season did
     */
    void done(CollectionId collection, FormKey form, Errand errand, Optional<PlantId> plant) {
        plant.ifPresent(id -> plants.plant(collection, id));
        if (forms.firstTime(collection, form)) {
            rows.save(HandTaskRow.errandDone(collection, plant.orElse(null), errand, LocalDate.now(clock)));
        }
    }
}
