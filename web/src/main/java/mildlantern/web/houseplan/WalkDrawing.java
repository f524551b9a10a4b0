package mildlantern.web.houseplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.Spot;
import mildlantern.place.StopId;
import mildlantern.plan.HousePlan;
import mildlantern.plant.PlantId;

/** Draws the walk before and after a plan: a line of pots for each stop, and from the one to the other who is carried. */
final class WalkDrawing {
    private static final int NAMES = 168;
    private static final int ACROSS = 17;
    private static final int A_ROW = 10;
    private static final int LINES = 190;
    private static final int HEAD = 22;
    private static final int BETWEEN = 8;
    private static final int BEFORE = NAMES;
    private static final int AFTER = NAMES + A_ROW * ACROSS + LINES;

    private final Map<PlantId, Integer> numbers;
    private final Function<PlantId, String> names;
    private final List<HousePlanViews.Band> bands = new ArrayList<>();
    private final List<HousePlanViews.Pot> pots = new ArrayList<>();
    private final List<HousePlanViews.Way> ways = new ArrayList<>();

    private WalkDrawing(Map<PlantId, Integer> numbers, Function<PlantId, String> names) {
        this.numbers = numbers;
        this.names = names;
    }

    /** @param numbers of those that are carried, in the order of the list */
    static HousePlanViews.Drawing of(
            List<Spot> spots, HousePlan plan, Map<PlantId, Integer> numbers, Function<PlantId, String> names) {
        WalkDrawing drawing = new WalkDrawing(numbers, names);
        int height = drawing.draw(spots, plan);
        return new HousePlanViews.Drawing(
                AFTER + A_ROW * ACROSS,
                height,
                BEFORE,
                AFTER,
                List.copyOf(drawing.bands),
                List.copyOf(drawing.pots),
                List.copyOf(drawing.ways));
    }

    private int draw(List<Spot> spots, HousePlan plan) {
        Map<StopId, List<HousePlan.Fate>> before =
                plan.fates().stream().collect(Collectors.groupingBy(HousePlan.Fate::from));
        Map<StopId, List<HousePlan.Fate>> after =
                plan.fates().stream().collect(Collectors.groupingBy(HousePlan.Fate::to));
        Map<PlantId, int[]> from = new HashMap<>();
        Map<PlantId, int[]> to = new HashMap<>();
        int y = HEAD;
        for (Spot spot : spots) {
            List<HousePlan.Fate> here = before.getOrDefault(spot.id(), List.of());
            List<HousePlan.Fate> then = after.getOrDefault(spot.id(), List.of());
            if (here.isEmpty() && then.isEmpty()) {
                continue;
            }
            int rows = (Math.max(here.size(), then.size()) + A_ROW - 1) / A_ROW;
            bands.add(new HousePlanViews.Band(spot.name(), y, rows * ACROSS + BETWEEN));
            int top = y + BETWEEN / 2;
            for (int i = 0; i < here.size(); i++) {
                from.put(here.get(i).plant(), pot(here.get(i), here.get(i).before(), BEFORE, top, i, true));
            }
            for (int i = 0; i < then.size(); i++) {
                to.put(then.get(i).plant(), pot(then.get(i), then.get(i).after(), AFTER, top, i, false));
            }
            y += rows * ACROSS + BETWEEN;
        }
        for (HousePlan.Fate fate : plan.moves()) {
            ways.add(way(Objects.requireNonNull(from.get(fate.plant())), Objects.requireNonNull(to.get(fate.plant()))));
        }
        return y;
    }

    private int[] pot(HousePlan.Fate fate, List<Need> needs, int left, int top, int place, boolean leaves) {
        int x = left + place % A_ROW * ACROSS + ACROSS / 2;
        int y = top + place / A_ROW * ACROSS + ACROSS / 2;
        pots.add(new HousePlanViews.Pot(
                x,
                y,
                Needs.worst(needs).isPresent() ? "lacks" : "fits",
                fate.moves() && leaves ? "leaves" : "",
                fate.moves() ? String.valueOf(numbers.getOrDefault(fate.plant(), 0)) : "",
                names.apply(fate.plant())));
        return new int[] {x, y};
    }

    /** From the right edge of the pots before to the left edge of those after, so that it crosses none. */
    private static HousePlanViews.Way way(int[] from, int[] to) {
        int out = BEFORE + A_ROW * ACROSS;
        int middle = (out + AFTER) / 2;
        return new HousePlanViews.Way("M%d %dH%dC%d %d %d %d %d %dH%d"
                .formatted(
                        from[0] + ACROSS / 2,
                        from[1],
                        out,
                        middle,
                        from[1],
                        middle,
                        to[1],
                        AFTER,
                        to[1],
                        to[0] - ACROSS / 2));
    }
}
