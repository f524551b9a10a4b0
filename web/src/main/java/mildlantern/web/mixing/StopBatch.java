package mildlantern.web.mixing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.message.MessageKey;
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
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;
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
    enum Use implements MessageKey {
        SPRAY,
        DRENCH;

        String words() {
            return Wording.of(this);
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
        List<Field.Choice> choices = standing.isEmpty()
                ? List.of(new Field.Choice("none", Wording.say("mixing.stop-batch.no-stop-yet")))
                : standing;
        return new Calculator<>(
                "batch",
                Form.of(BatchAsked.class)
                        .choices("stop", choices)
                        .only("measure", List.of(Measure.MILLILITRE, Measure.GRAM)),
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
            each.add(Calculator.Line.in(plant.name(), share, Unit.MILLILITRE));
        }
        Batch batch = Batch.of(shares);
        Measure measure = asked.measure();
        double product = batch.millilitres() * asked.rate() / 1000;
        List<Calculator.Line> lines = new ArrayList<>();
        lines.add(Calculator.Line.in(
                Wording.say("mixing.stop-batch.make-10-spare"), batch.millilitres(), Unit.MILLILITRE));
        lines.add(Calculators.measured(Wording.say("mixing.stop-batch.product"), product, measure.kind()));
        lines.addAll(each);
        List<String> warnings = new ArrayList<>();
        if (plants.isEmpty()) {
            warnings.add(Wording.say("mixing.stop-batch.nothing-stands-there"));
        }
        Calculators.tooLittle(product, measure.kind(), warnings);
        return new Calculator.Answer(
                lines,
                warnings,
                Calculators.bottle(
                        asked.product(),
                        Wording.say(
                                "mixing.stop-batch.per-l",
                                Limits.plain(asked.rate()),
                                measure,
                                stop.map(Stop::name).orElse(Wording.say("mixing.stop-batch.a-stop")))));
    }

    record BatchAsked(
            @Asks.Text String product,
            @Asks.Choice String stop,
            @Asks.Choice(preset = "spray") Use use,

            @Asks.Number(preset = 20, low = 0.001, high = 1000)
            double rate,

            @Asks.Choice(preset = "millilitre") Measure measure) {}
}
