package mildlantern.mixing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What the grower can measure, and how near an amount they come with it. */
public final class Tools {
    /** The usual ones: two syringes, a spoon, a jug and a pocket scale. */
    public static final Tools USUAL = new Tools(List.of(Tool.values()));

    /** An amount is measurable if rounding to the marks misses it by no more than this. */
    public static final double NEAR_ENOUGH = 0.05;

    /** More fillings than this and the count is lost. */
    private static final int MOST_FILLINGS = 5;

    private final List<Tool> tools;

    public Tools(List<Tool> tools) {
        this.tools = List.copyOf(tools);
    }

    /**
     * An amount as it can be measured.
     *
     * @param tool with what
     * @param amount mL or g, at a mark of the tool; 0 where it is less than half a mark
     * @param error (measured − wanted) ÷ wanted
     */
    public record Measured(Tool tool, double amount, double error) {
        public boolean nearEnough() {
            return Math.abs(error) <= NEAR_ENOUGH;
        }
    }

    /**
     * The coarsest tool that comes near enough, because it is quickest; if none does, the one that comes nearest.
     *
     * @param amount mL or g, above 0
     * @param kind which
     * @return nothing if no tool measures that kind
     */
    public Optional<Measured> measure(double amount, Measure.Kind kind) {
        List<Measured> ways = tools.stream()
                .filter(tool -> tool.kind() == kind)
                .map(tool -> at(tool, amount))
                .toList();
        Comparator<Measured> coarse =
                Comparator.comparingDouble(way -> way.tool().step());
        return ways.stream()
                .filter(way -> way.nearEnough()
                        && way.amount() <= MOST_FILLINGS * way.tool().holds())
                .max(coarse)
                .or(() -> ways.stream().min(Comparator.comparingDouble(way -> Math.abs(way.error()))));
    }

    private static Measured at(Tool tool, double amount) {
        double marks = Math.rint(amount / tool.step());
        double measured = marks * tool.step();
        return new Measured(tool, measured, (measured - amount) / amount);
    }

    /**
     * How many times as much must be made before the product can be measured near enough.
     *
     * @param amount mL or g of product that is wanted now, above 0
     * @return 1 if it can be measured as it is; whole numbers up to 100; nothing if even that is too little
     */
    public Optional<Integer> timesUntilMeasurable(double amount, Measure.Kind kind) {
        for (int times = 1; times <= 100; times++) {
            if (measure(amount * times, kind).filter(Measured::nearEnough).isPresent()) {
                return Optional.of(times);
            }
        }
        return Optional.empty();
    }
}
