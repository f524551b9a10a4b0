package mildlantern.web.houseplan;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plan.Dials;
import mildlantern.plan.Fitting;
import mildlantern.plan.HousePlan;
import mildlantern.plan.HousePlanner;
import mildlantern.plan.Household;
import mildlantern.plant.PlantId;
import mildlantern.web.care.CareService;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What is asked of the planner for large houses, and what it found; each step stands stored before the next begins. */
@Component
@Transactional
class PlanWorks {
    private final PlanWorkRows rows;
    private final CareService care;
    private final Households households;
    private final Plants plants;
    private final HousePlanner planner;
    private final JsonMapper json;
    private final Clock clock;

    PlanWorks(
            PlanWorkRows rows,
            CareService care,
            Households households,
            Plants plants,
            HousePlanner planner,
            JsonMapper json,
            Clock clock) {
        this.rows = rows;
        this.care = care;
        this.households = households;
        this.plants = plants;
        this.planner = planner;
        this.json = json;
        this.clock = clock;
    }

    /** The dials as they are stored. */
    record Asked(
            int mostMoves,
            boolean lamps,
            boolean money,
            SortedSet<UUID> pinned,
            SortedSet<UUID> without,
            SortedSet<UUID> sameAir,
            List<SortedSet<UUID>> together) {
        static Asked of(Dials dials) {
            return new Asked(
                    dials.mostMoves(),
                    dials.lamps(),
                    dials.money(),
                    ids(dials.pinned(), PlantId::value),
                    ids(dials.without(), StopId::value),
                    ids(dials.sameAir(), StopId::value),
                    dials.together().stream()
                            .map(group -> ids(group, PlantId::value))
                            .sorted(Comparator.comparing(SortedSet::first))
                            .toList());
        }

        private static <T> SortedSet<UUID> ids(Set<T> of, Function<T, UUID> value) {
            return of.stream().map(value).collect(Collectors.toCollection(TreeSet::new));
        }

        private static <T> Set<T> all(Set<UUID> ids, Function<UUID, T> of) {
            return ids.stream().map(of).collect(Collectors.toSet());
        }

        Dials dials() {
            return new Dials(
                    mostMoves,
                    lamps,
                    money,
                    all(pinned, PlantId::new),
                    all(without, StopId::new),
                    all(sameAir, StopId::new),
                    together.stream().map(group -> all(group, PlantId::new)).toList());
        }
    }

    /** A plan as it is stored. */
    record Found(Map<UUID, UUID> stops, Map<UUID, Fitting> fittings, Set<UUID> softer, double least) {
        static Found of(HousePlan plan) {
            Map<UUID, UUID> stops = new HashMap<>();
            plan.stops().forEach((plant, stop) -> stops.put(plant.value(), stop.value()));
            Map<UUID, Fitting> fittings = new HashMap<>();
            plan.fittings().forEach((stop, fitting) -> fittings.put(stop.value(), fitting));
            return new Found(stops, fittings, Asked.ids(plan.softer(), PlantId::value), plan.least());
        }
    }

    /** A piece of work for the planner. */
    record Piece(CollectionId collection, String asked) {}

    /** What was asked last, if these dials were. */
    @Transactional(readOnly = true)
    Optional<PlanWork> of(CollectionId collection, Dials dials) {
        return rows.findByCollection(collection).filter(work -> work.asked().equals(text(dials)));
    }

    private String text(Dials dials) {
        return json.writeValueAsString(Asked.of(dials));
    }

    void ask(CollectionId collection, Dials dials) {
        rows.ask(UUID.randomUUID(), collection.value(), text(dials), OffsetDateTime.now(clock));
    }

    /** What is to be planned next; what was begun before a restart is begun anew. */
    Optional<Piece> next() {
        return rows.findByStateInOrderByAskedAt(Set.of(PlanWork.State.WAITING, PlanWork.State.RUNNING)).stream()
                .findFirst()
                .filter(work -> rows.begin(work.collection(), work.asked()) == 1)
                .map(work -> new Piece(work.collection(), work.asked()));
    }

    @Transactional(readOnly = true)
    Household house(Piece piece) {
        List<Plant> all = plants.plants(piece.collection());
        return households.of(households.house(care.house(piece.collection(), all)), all);
    }

    Dials dials(Piece piece) {
        return json.readValue(piece.asked(), Asked.class).dials();
    }

    /** Notes how near the best that was found yet is to the best that can be. */
    void within(Piece piece, double share) {
        rows.within(piece.collection(), piece.asked(), share);
    }

    void done(Piece piece, HousePlan plan) {
        rows.done(piece.collection(), piece.asked(), json.writeValueAsString(Found.of(plan)));
    }

    void failed(Piece piece) {
        rows.failed(piece.collection(), piece.asked());
    }

    /** A plan that was found, of the house as it is now. */
    HousePlan recall(PlanWork work, Household house) {
        Found found = json.readValue(work.found().orElseThrow(), Found.class);
        Map<PlantId, StopId> stops = new HashMap<>();
        found.stops().forEach((plant, stop) -> stops.put(new PlantId(plant), new StopId(stop)));
        Map<StopId, Fitting> fittings = new HashMap<>();
        found.fittings().forEach((stop, fitting) -> fittings.put(new StopId(stop), fitting));
        return planner.recall(house, stops, fittings, Asked.all(found.softer(), PlantId::new), found.least());
    }
}
