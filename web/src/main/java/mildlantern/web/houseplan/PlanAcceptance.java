package mildlantern.web.houseplan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.care.Change;
import mildlantern.care.ChangeSays;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.Subject;
import mildlantern.place.StopId;
import mildlantern.web.care.CareService;
import mildlantern.web.care.CareWriter;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** Accepts what a page of a plan showed: plants to be carried, things to be set up, softer water. */
@Component
class PlanAcceptance {

    private final CareService care;
    private final CareWriter writer;
    private final Plants plants;
    private final Households households;
    private final PlanThings things;
    private final SetupTasks setups;

    PlanAcceptance(
            CareService care,
            CareWriter writer,
            Plants plants,
            Households households,
            PlanThings things,
            SetupTasks setups) {
        this.care = care;
        this.writer = writer;
        this.plants = plants;
        this.households = households;
        this.things = things;
        this.setups = setups;
    }

    /**
     * What a page sends back.
     *
     * @param carry each as "plant stop"
     * @param put each as "stop what amount"
     * @param soft plants that are to get softer water
     */
    record Sent(List<String> carry, List<String> put, List<String> soft) {}

    /** What was begun: plants on their way, things to be set up, plants with other water. */
    record Begun(long moves, int setups, long softer) {
        boolean nothing() {
            return moves == 0 && setups == 0 && softer == 0;
        }
    }

    /**
     * Begins all of it, once a form; what is no such line, or another's, is left out. What is read before it is begun is read apart from the writing,
     * which reads the plants again when it holds them.
     */
    Begun accept(CollectionId collection, FormKey form, Sent sent) {
        List<Plant> all = plants.plants(collection);
        CareService.House house = households.house(care.house(collection, all));
        List<Setup> put = things.read(house, sent.put());
        CareService.House then = households.with(house, PlanThings.fittings(house, put));
        Map<String, Plant> byId =
                all.stream().collect(Collectors.toMap(plant -> plant.id().toString(), Function.identity()));
        List<CareWriter.Accepted> accepted = new ArrayList<>(carried(house, byId, sent.carry()));
        for (Setup setup : put) {
            all.stream()
                    .flatMap(plant -> eased(house, then, plant, setup).stream())
                    .forEach(accepted::add);
        }
        for (String id : sent.soft()) {
            Optional.ofNullable(byId.get(id))
                    .flatMap(plant -> softer(house, plant))
                    .ifPresent(accepted::add);
        }
        int[] planned = {0};
        List<CareWriter.Accepted> begun = writer.acceptPlan(
                collection, form, accepted, read -> households.accepting(read, PlanThings.fittings(read, put)), () -> {
                    for (Setup setup : put) {
                        setups.plan(collection, setup, things.words(house, setup));
                        planned[0]++;
                    }
                });
        return new Begun(count(begun, Change.Kind.MOVE), planned[0], count(begun, Change.Kind.WATER));
    }

    private static long count(List<CareWriter.Accepted> begun, Change.Kind kind) {
        return begun.stream().filter(one -> one.kind() == kind).count();
    }

    private List<CareWriter.Accepted> carried(CareService.House house, Map<String, Plant> byId, List<String> lines) {
        Map<String, StopId> stops =
                house.stops().keySet().stream().collect(Collectors.toMap(StopId::toString, Function.identity()));
        List<CareWriter.Accepted> carried = new ArrayList<>();
        for (String line : lines) {
            String[] parts = line.split(" ", 2);
            Plant plant = byId.get(parts[0]);
            StopId to = parts.length == 2 ? stops.get(parts[1]) : null;
            if (plant != null && to != null && !to.equals(plant.stop())) {
                List<Need> needs = care.needs(house, subject(house, plant));
                carried.add(new CareWriter.Accepted(
                        plant.id(),
                        Change.Kind.MOVE,
                        to,
                        "",
                        lacks(needs.stream()
                                .filter(need -> need.kind().ofStop())
                                .toList())));
            }
        }
        return carried;
    }

    /** What setting something up does for a plant that stands there, where it does anything. */
    private Optional<CareWriter.Accepted> eased(
            CareService.House house, CareService.House then, Plant plant, Setup setup) {
        boolean here = setup.serves(
                Objects.requireNonNull(house.stops().get(setup.stop())),
                Objects.requireNonNull(house.stops().get(plant.stop())));
        if (!here) {
            return Optional.empty();
        }
        Subject subject = subject(house, plant);
        // While a case is open, what comes of its trial is looked at.
        if (house.open().on(plant.id())) {
            return Optional.empty();
        }
        List<Need> now = of(care.needs(house, subject), setup.what().changes());
        return Needs.eased(
                        now,
                        care.needsAt(then, subject, plant.stop()),
                        setup.what().changes())
                ? Optional.of(new CareWriter.Accepted(
                        plant.id(), setup.what().change(), plant.stop(), things.words(house, setup), lacks(now)))
                : Optional.empty();
    }

    private Optional<CareWriter.Accepted> softer(CareService.House house, Plant plant) {
        List<Need> water = of(care.needs(house, subject(house, plant)), Need.Kind.WATER);
        return Needs.missed(water) > 0 && !house.open().on(plant.id())
                ? Optional.of(new CareWriter.Accepted(
                        plant.id(),
                        Change.Kind.WATER,
                        plant.stop(),
                        Wording.of(ChangeSays.SOFTER_WATER.with()),
                        lacks(water)))
                : Optional.empty();
    }

    private Subject subject(CareService.House house, Plant plant) {
        return care.subject(house, plant, Optional.empty());
    }

    private static List<Need> of(List<Need> needs, Need.Kind kind) {
        return needs.stream().filter(need -> need.kind() == kind).toList();
    }

    private static String lacks(List<Need> needs) {
        return needs.stream()
                .flatMap(need -> need.missed().stream())
                .map(Wording::of)
                .collect(Collectors.joining(" "));
    }
}
