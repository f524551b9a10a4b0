package mildlantern.web.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.place.BenchPlan;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.PlatePictures;
import mildlantern.web.plant.Standing;
import mildlantern.web.stop.Stop;
import org.springframework.stereotype.Component;

/** Draws a stop from above, to scale. */
@Component
public class StopPlans {
    private static final double EDGE = 12;
    private static final double LABEL = 8;

    private final PlatePictures plates;

    StopPlans(PlatePictures plates) {
        this.plates = plates;
    }

    /**
     * A drawn stop; lengths in drawing units.
     *
     * @param width of the drawing
     * @param height of the drawing
     * @param boardX left edge of the board; likewise the others
     * @param scale units a cm
     */
    public record Drawn(
            double width,
            double height,
            double boardX,
            double boardY,
            double boardWidth,
            double boardHeight,
            double scale,
            List<Pot> pots) {}

    /** A drawn pot: its middle and radius in drawing units, its middle in cm, and whom its leaves touch. */
    public record Pot(
            PlantId plant,
            String name,
            String svg,
            double x,
            double y,
            double radius,
            double cmX,
            double cmY,
            double cmRadius,
            double labelY,
            List<PlantId> within) {}

    /**
     * Draws a stop into a frame.
     *
     * @param width of the drawing, in its units
     * @param most its greatest height
     */
    public Drawn draw(Stop stop, List<Plant> plants, double width, double most) {
        double scale = Math.min((width - 2 * EDGE) / stop.widthCm(), (most - 2 * EDGE - LABEL) / stop.depthCm());
        double boardWidth = stop.widthCm() * scale;
        double boardHeight = stop.depthCm() * scale;
        double left = (width - boardWidth) / 2;
        List<BenchPlan.Placed> placed = Standing.at(stop, plants);
        Map<PlantId, Plant> byId = plants.stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        List<Pot> pots = placed.stream()
                .map(pot -> {
                    Plant plant = Objects.requireNonNull(byId.get(pot.id()));
                    double radius = pot.radius() * scale;
                    double y = EDGE + pot.y() * scale;
                    return new Pot(
                            pot.id(),
                            plant.name(),
                            plates.fromAbove(plant, radius),
                            left + pot.x() * scale,
                            y,
                            radius,
                            pot.x(),
                            pot.y(),
                            pot.radius(),
                            y + radius * BenchPlan.LEAF_REACH + 9,
                            BenchPlan.withinReach(placed, pot.id()));
                })
                .toList();
        return new Drawn(width, boardHeight + 2 * EDGE + LABEL, left, EDGE, boardWidth, boardHeight, scale, pots);
    }
}
