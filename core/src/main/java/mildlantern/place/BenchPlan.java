package mildlantern.place;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import mildlantern.plant.PlantId;

/** A stop seen from above, in cm: x from the left, y from the glass. */
public final class BenchPlan {
    /** Leaves reach so far beyond the pot's middle, in pot radii: touching leaves are within reach of a mite. */
    public static final double LEAF_REACH = 1.35;

    private BenchPlan() {}

    /**
     * A pot to be laid out.
     *
     * @param diameterCm across the top
     * @param x its middle, where it was placed by hand; likewise y
     */
    public record Pot(PlantId id, double diameterCm, OptionalDouble x, OptionalDouble y) {}

    /** A pot in its place: middle and radius in cm. */
    public record Placed(PlantId id, double x, double y, double radius) {
        private double distance(Placed other) {
            return Math.hypot(x - other.x, y - other.y);
        }
    }

    /**
     * Lays out a stop. Pots that were placed by hand stay where they are, drawn in from beyond the edge; the others stand in as many
     * rows as they need, in their order.
     *
     * @param pots in the order in which they stand
     * @param widthCm width of the stop
     * @param depthCm depth of the stop
     */
    public static List<Placed> lay(List<Pot> pots, double widthCm, double depthCm) {
        List<Pot> loose = pots.stream().filter(pot -> pot.x().isEmpty()).toList();
        double across = loose.stream().mapToDouble(Pot::diameterCm).sum();
        int rows = (int) Math.max(1, Math.ceil(across * LEAF_REACH / widthCm));
        List<Placed> placed = new ArrayList<>();
        double done = 0;
        double gap = Math.max(0, (rows * widthCm - across) / Math.max(1, loose.size()));
        for (Pot pot : pots) {
            double radius = pot.diameterCm() / 2;
            if (pot.x().isPresent()) {
                placed.add(new Placed(
                        pot.id(),
                        within(pot.x().getAsDouble(), radius, widthCm),
                        within(pot.y().orElse(depthCm / 2), radius, depthCm),
                        radius));
                continue;
            }
            double middle = done + gap / 2 + radius;
            int row = (int) Math.min(rows - 1, middle / widthCm);
            placed.add(new Placed(
                    pot.id(), within(middle - row * widthCm, radius, widthCm), depthCm * (row + 0.5) / rows, radius));
            done += gap + pot.diameterCm();
        }
        return List.copyOf(placed);
    }

    private static double within(double middle, double radius, double length) {
        return radius * 2 >= length ? length / 2 : Math.max(radius, Math.min(length - radius, middle));
    }

    /** The pots whose leaves touch those of one, the nearest first. */
    public static List<PlantId> withinReach(List<Placed> plan, PlantId of) {
        return plan.stream()
                .filter(pot -> pot.id().equals(of))
                .findFirst()
                .map(pot -> plan.stream()
                        .filter(other -> !other.id().equals(of))
                        .filter(other -> pot.distance(other) < LEAF_REACH * (pot.radius() + other.radius()))
                        .sorted((a, b) -> Double.compare(pot.distance(a), pot.distance(b)))
                        .map(Placed::id)
                        .toList())
                .orElse(List.of());
    }
}
