package mildlantern.care;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.message.Message;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.Wants;
import mildlantern.quantity.Temperature;
import org.jspecify.annotations.Nullable;

/**
 * Finds the steps by which a plant gets from one stop to another without a burn or a shock: no more than half again in light a week, no more than
 * about 8 °C at once; by stops that lie between, or behind a net or a blind at the last one. The cheapest way in days and handling wins
 * (Dijkstra's search over stops and shades).
 */
public final class StepPlanner {
    private final Moves moves;
    private final Map<String, Double> shades = new LinkedHashMap<>();
    private final int lightDays;
    private final int warmthDays;
    private final double gentleWarmth;
    private final double moveCost;
    private final double shadeCost;
    private final int most;
    private final double harmless;

    private StepPlanner(Entry file, Moves moves) {
        this.moves = moves;
        shades.put("", 1.0);
        file.at("shade").children().forEach((name, share) -> shades.put(name.replace('-', ' '), share.number(0.02, 1)));
        Entry steps = file.at("steps");
        lightDays = (int) steps.number("light-days", 1, 60);
        warmthDays = (int) steps.number("warmth-days", 1, 60);
        gentleWarmth = steps.number("gentle-warmth", 0, 20);
        moveCost = steps.number("move-cost", 0, 60);
        shadeCost = steps.number("shade-cost", 0, 60);
        most = (int) steps.number("most", 2, 40);
        harmless = steps.number("harmless", 0, 10);
    }

    /**
     * @throws mildlantern.knowledge.KnowledgeException if {@code care.yaml} is wrong; the message names the key
     */
    public static StepPlanner load(Moves moves) {
        return new StepPlanner(KnowledgeFiles.open("care.yaml"), moves);
    }

    /**
     * A stop on the way.
     *
     * @param light mol/m² and day
     * @param byDay temperature by day, °C
     * @param night coldest night, °C
     * @param open whether a plant may wait there: not a stop for plants that must stand alone
     */
    public record Place(StopId id, String name, double light, double byDay, double night, boolean open) {}

    /**
     * One step.
     *
     * @param on the day
     * @param stop where it goes
     * @param shade what hangs before it: empty for nothing
     * @param light that it then gets, mol/m² and day
     * @param lightRatio against the step before
     * @param warmthStep change by day, °C, signed
     * @param words what to do
     */
    public record Step(
            LocalDate on,
            Place stop,
            String shade,
            double light,
            double lightRatio,
            double warmthStep,
            Message words) {}

    /**
     * A plan.
     *
     * @param steps in order; the last one ends at the wanted stop, unshaded
     * @param warnings what no step can spare it
     */
    public record Plan(List<Step> steps, List<Message> warnings) {
        public int days() {
            return (int) ChronoUnit.DAYS.between(
                    steps.get(0).on(), steps.get(steps.size() - 1).on());
        }
    }

    private record Spot(Place place, String shade, double light) {
        String key() {
            return place.id() + shade;
        }
    }

    private record Way(
            Spot spot, double cost, int steps, @Nullable Way before) {}

    /**
     * Plans a move.
     *
     * @param from where it stands
     * @param to where it is to stand
     * @param between stops that may serve on the way
     * @param start the day of the first step
     */
    public Plan plan(Wants wants, Place from, Place to, List<Place> between, LocalDate start) {
        List<Spot> spots = new ArrayList<>();
        List<Place> places = new ArrayList<>(between.stream()
                .filter(place -> place.open()
                        && !place.id().equals(from.id())
                        && !place.id().equals(to.id()))
                .filter(place -> place.night() >= wants.night().low() - 1)
                .toList());
        places.add(to);
        places.forEach(place -> shades.forEach((name, share) ->
                spots.add(new Spot(place, name, Math.max(0.05, place.light() * share)))));
        Spot begin = new Spot(from, "", Math.max(0.05, from.light()));
        List<Message> warnings = new ArrayList<>();
        Optional<List<Spot>> way = search(begin, spots, to);
        List<Spot> path = way.orElseGet(() -> {
            warnings.add(
                    Math.abs(to.byDay() - from.byDay()) > moves.temperatureStep()
                            ? StepSays.WARMTH_SHOCK.with(degrees(from.byDay()), degrees(to.byDay()))
                            : StepSays.LIGHT_SHOCK.with());
            return List.of(begin, new Spot(to, "", Math.max(0.05, to.light())));
        });
        if (to.night() < wants.night().low()) {
            warnings.add(StepSays.COLD_NIGHTS.with(
                    degrees(to.night()), degrees(wants.night().low())));
        }
        return new Plan(dated(path, start), List.copyOf(warnings));
    }

    private Optional<List<Spot>> search(Spot begin, List<Spot> spots, Place to) {
        PriorityQueue<Way> open = new PriorityQueue<>(Comparator.comparingDouble(Way::cost));
        Map<String, Double> best = new HashMap<>();
        open.add(new Way(begin, 0, 0, null));
        while (!open.isEmpty()) {
            Way way = open.remove();
            if (way.spot().place().id().equals(to.id()) && way.spot().shade().isEmpty()) {
                LinkedList<Spot> path = new LinkedList<>();
                for (Way at = way; at != null; at = at.before()) {
                    path.addFirst(at.spot());
                }
                return Optional.of(List.copyOf(path));
            }
            if (way.cost() > best.getOrDefault(way.spot().key(), Double.MAX_VALUE) || way.steps() >= most) {
                continue;
            }
            for (Spot next : spots) {
                if (!takes(way.spot(), next)) {
                    continue;
                }
                double cost = way.cost()
                        + wait(way.spot(), next)
                        + (next.place().id().equals(way.spot().place().id()) ? 0 : moveCost)
                        + (next.shade().isEmpty() ? 0 : shadeCost);
                if (cost < best.getOrDefault(next.key(), Double.MAX_VALUE)) {
                    best.put(next.key(), cost);
                    open.add(new Way(next, cost, way.steps() + 1, way));
                }
            }
        }
        return Optional.empty();
    }

    private boolean takes(Spot from, Spot to) {
        return !from.key().equals(to.key())
                && to.light() <= Math.max(from.light() * moves.lightUp() * 1.0001, harmless)
                && Math.abs(to.place().byDay() - from.place().byDay()) <= moves.temperatureStep() + 1e-9;
    }

    /** Days to stay after a step before the next one. */
    private int wait(Spot from, Spot to) {
        int days = 1;
        if (to.light() > from.light() * 1.05) {
            days = lightDays;
        }
        if (Math.abs(to.place().byDay() - from.place().byDay()) > gentleWarmth) {
            days = Math.max(days, warmthDays);
        }
        return days;
    }

    private List<Step> dated(List<Spot> path, LocalDate start) {
        List<Step> steps = new ArrayList<>();
        LocalDate on = start;
        for (int i = 1; i < path.size(); i++) {
            Spot before = path.get(i - 1);
            Spot spot = path.get(i);
            steps.add(new Step(
                    on,
                    spot.place(),
                    spot.shade(),
                    spot.light(),
                    spot.light() / before.light(),
                    spot.place().byDay() - before.place().byDay(),
                    words(before, spot)));
            on = on.plusDays(wait(before, spot));
        }
        return List.copyOf(steps);
    }

    private static Message words(Spot before, Spot spot) {
        boolean stays = spot.place().id().equals(before.place().id());
        boolean open = spot.shade().isEmpty();
        if (stays) {
            return open ? StepSays.SHADE_AWAY.with() : StepSays.SHADE_ONLY.with(spot.shade());
        }
        return open
                ? StepSays.TO.with(spot.place().name())
                : StepSays.TO_BEHIND.with(spot.place().name(), spot.shade());
    }

    private static Temperature degrees(double celsius) {
        return new Temperature(Math.round(celsius * 10) / 10.0);
    }
}
