package mildlantern.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import mildlantern.diagnosis.Cause;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Evidence;
import mildlantern.diagnosis.Explanation;
import mildlantern.diagnosis.NextLook;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.EventKind;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Near;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Season;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.treatment.Trials;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One differential with twelve findings over the whole knowledge base; sample mode, so that the median is printed (p0.50). */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(2)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
public class DifferentialBench {
    private static final Evidence TWELVE = Evidence.of(Map.ofEntries(
            Map.entry(new FindingId("leaf.limp"), "present"),
            Map.entry(new FindingId("leaf.leathery"), "present"),
            Map.entry(new FindingId("leaf.yellow"), "present"),
            Map.entry(new FindingId("affected-leaves"), "rising-from-bottom"),
            Map.entry(new FindingId("onset"), "weeks"),
            Map.entry(new FindingId("leaf.stippling"), "absent"),
            Map.entry(new FindingId("leaf.cotton"), "absent"),
            Map.entry(new FindingId("soil.top"), "moist"),
            Map.entry(new FindingId("soil.deep"), "wet"),
            Map.entry(new FindingId("pot.weight"), "heavy"),
            Map.entry(new FindingId("soil.sour"), "present"),
            Map.entry(new FindingId("new-growth"), "small")));

    private final Diagnosis diagnosis;
    private final PlantRecord record;

    public DifferentialBench() {
        PlantKnowledge plants = PlantKnowledge.load();
        diagnosis = new Diagnosis(DiagnosisKnowledge.load(plants, Trials.load()));
        record = new PlantRecord(
                plants.profile("phalaenopsis").orElseThrow(),
                Optional.of(Stage.ADULT),
                Optional.of(Season.WINTER),
                Optional.empty(),
                new PlantRecord.Place(
                        Optional.of(Brightness.MEDIUM),
                        Optional.of(new RelativeHumidity(44)),
                        Optional.of(new Temperature(21)),
                        Optional.of(new Temperature(17)),
                        OptionalDouble.of(1),
                        Optional.of(Set.of(Near.HEATER)),
                        Optional.of(true),
                        Optional.of(AirMovement.STILL),
                        OptionalDouble.empty()),
                new PlantRecord.Watering(
                        OptionalDouble.of(3),
                        OptionalDouble.of(4),
                        Optional.of(WaterSource.SOFT_TAP),
                        Optional.empty(),
                        Optional.of(false),
                        Optional.of(true),
                        Optional.of(true),
                        Optional.empty()),
                new PlantRecord.Pot(OptionalDouble.of(34), plants.medium("bark")),
                new PlantRecord.Feeding(OptionalDouble.of(40), Optional.of(FeedStrength.WEAK), Optional.empty()),
                List.of(PlantRecord.Event.of(EventKind.MOVED, 40)),
                OptionalDouble.of(30));
    }

    @Benchmark
    public List<Cause> ladder() {
        return diagnosis.consider(record, TWELVE).ladder();
    }

    @Benchmark
    public List<NextLook> ladderAndNextLooks() {
        return diagnosis.consider(record, TWELVE).nextLooks(3, Set.of());
    }

    @Benchmark
    public Explanation ladderAndReasonsForTheFirst() {
        Differential differential = diagnosis.consider(record, TWELVE);
        return differential.explain(differential.ladder().get(0).disorder().id());
    }
}
