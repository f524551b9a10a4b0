package mildlantern.bench;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.pest.Conditions;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Pests;
import mildlantern.pest.Search;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.CourseRequest;
import mildlantern.treatment.HouseFigures;
import mildlantern.treatment.Means;
import mildlantern.treatment.Situation;
import mildlantern.treatment.Style;
import mildlantern.treatment.TreatmentKnowledge;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A full search for the fewest uses over all intervals, by pest; and a whole course composed, with every means weighed. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class PestClockBench {
    private static final double CELSIUS = 22;
    private static final double COVERAGE = 0.9;

    /** Contact sprays on quick and slow pests, and the longest-lasting means. */
    @Param({"spider-mites:soap", "thrips:soap", "scale-insects:alcohol-swab", "whitefly:systemic-insecticide"})
    private String against = "";

    private final TreatmentKnowledge knowledge = TreatmentKnowledge.load(Pests.load());
    private final CourseComposer composer = new CourseComposer(knowledge, Quarantine.load(Pests.load()));
    private final Profile profile = PlantKnowledge.load().profile("monstera").orElseThrow();
    private LifeTable pest = Pests.load().all().iterator().next();
    private Means means = knowledge.all().iterator().next();

    @Setup
    public void chosen() {
        String[] parts = against.split(":");
        pest = knowledge.pests().find(new DisorderId(parts[0])).orElseThrow();
        means = knowledge.find(parts[1]).orElseThrow();
    }

    @Benchmark
    public Search search() {
        PestClock clock = new PestClock(pest, new Conditions(CELSIUS, COVERAGE, pest.start()));
        return clock.search(
                List.of(knowledge.effect(means, pest)),
                (int) means.intervalAgainst(pest.id()).low(),
                (int) means.intervalAgainst(pest.id()).high(),
                means.pace().mostUses(),
                Aim.CONTROL);
    }

    @Benchmark
    public Course course() {
        return composer.compose(new CourseRequest(
                pest.id(),
                Situation.of(profile, CELSIUS),
                Style.WASH,
                Aim.CONTROL,
                LocalDate.of(2026, 3, 2),
                false,
                OptionalDouble.empty(),
                COVERAGE,
                List.of(),
                HouseFigures.NONE,
                List.of()));
    }
}
