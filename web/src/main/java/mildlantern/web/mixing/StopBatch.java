package mildlantern.web.mixing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.mixing.AreaRate;
import mildlantern.mixing.Batch;
import mildlantern.mixing.Measure;
import mildlantern.quantity.Limits;
import mildlantern.web.calculator.Asks;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Field;
import mildlantern.web.calculator.Form;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.WaterBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One mixture for all pots of a stop: the sum of what each gets, with a tenth to spare. */
@Service
class StopBatch {
    /** Usual drench on a square metre, L: wets the upper half of most pots. */
    private static final double DRENCH = 10;

    private final Stops stops;
    private final Plants plants;
    private final WaterBook water;

    /** How it is given. */
    enum Use {
        SPRAY("sprayed until it drips"),
        DRENCH("drenched");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    StopBatch(Stops stops, Plants plants, WaterBook water) {
        this.stops = stops;
        this.plants = plants;
        this.water = water;
    }

    /** The calculator with this collection's stops to choose from. */
    @Transactional(readOnly = true)
    Calculator<?> calculator(CollectionId collection) {
        List<Field.Choice> standing = stops.walk(collection).stream()
                .map(stop -> new Field.Choice(stop.id().toString(), stop.name()))
                .toList();
        List<Field.Choice> choices = standing.isEmpty() ? List.of(new Field.Choice("none", "no stop yet")) : standing;
        return new Calculator<>(
                "batch",
                "Batch for a stop",
                "What to make for all pots of a stop, each by its leaves or its surface.",
                Form.of(BatchAsked.class)
                        .choices("stop", choices)
                        .worded(Use.class, Use::words)
                        .only("measure", List.of(Measure.MILLILITRE, Measure.GRAM))
                        .worded(Measure.class, Measure::symbol),
                asked -> batch(collection, asked));
    }

    private Calculator.Answer batch(CollectionId collection, BatchAsked asked) {
        Optional<Stop> stop = this.stops.walk(collection).stream()
                .filter(one -> one.id().toString().equals(asked.stop()))
                .findFirst();
        List<Plant> plants =
                stop.map(one -> this.plants.plantsAt(collection, one.id())).orElse(List.of());
        boolean spray = asked.use() == Use.SPRAY;
        List<Double> shares = new ArrayList<>();
        List<Calculator.Line> each = new ArrayList<>();
        for (Plant plant : plants) {
            double share = spray
                    ? Batch.spray(water.leafSquareCm(plant, this.plants.profile(plant)))
                    : new AreaRate(1, Measure.Kind.MASS, DRENCH, 1).millilitresFor(plant.acrossCm());
            shares.add(share);
            each.add(Calculator.Line.of(plant.name(), share, "mL"));
        }
        Batch batch = Batch.of(shares);
        Measure measure = asked.measure();
        double product = batch.millilitres() * asked.rate() / 1000;
        List<Calculator.Line> lines = new ArrayList<>();
        lines.add(Calculator.Line.of("To make, with a tenth to spare", batch.millilitres(), "mL"));
        lines.add(Calculators.measured("Product for that", product, measure.kind()));
        lines.addAll(each);
        List<String> warnings = new ArrayList<>();
        if (plants.isEmpty()) {
            warnings.add("Nothing stands there.");
        }
        Calculators.tooLittle(product, measure.kind(), warnings);
        return new Calculator.Answer(
                lines,
                warnings,
                Calculators.bottle(
                        asked.product(),
                        Limits.plain(asked.rate()) + " " + measure.symbol() + " per L, for "
                                + stop.map(Stop::name).orElse("a stop")));
    }

    record BatchAsked(
            @Asks.Text(label = "Product") String product,
            @Asks.Choice(label = "Stop") String stop,
            @Asks.Choice(label = "It is", preset = "spray") Use use,

            @Asks.Number(label = "Product", unit = "per L", preset = 20, low = 0.001, high = 1000)
            double rate,

            @Asks.Choice(label = "in", preset = "millilitre")
            Measure measure) {}
}
