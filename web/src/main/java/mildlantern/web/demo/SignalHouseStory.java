package mildlantern.web.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import mildlantern.air.Glazing;
import mildlantern.care.Need;
import mildlantern.diagnosis.Part;
import mildlantern.light.Curtain;
import mildlantern.outcome.Verdict;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Near;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.treatment.CareSetting;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.StopKind;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.dataformat.yaml.YAMLMapper;

/**
 * The story of the signal house as its file tells it. Days are days ago.
 *
 * @param walk its stops from end to end
 * @param plants what stands there
 * @param troubles cases, with all that was seen and done
 * @param lost the case of the plant that was lost
 * @param care what its keepers noted of single plants
 * @param moves plants that its keepers moved for their good, and what became of that
 */
record SignalHouseStory(
        List<Standing> walk,
        List<Pot> plants,
        List<Trouble> troubles,
        Trouble lost,
        List<Noted> care,
        List<Moved> moves) {
    private static final String FILE = "/demo/signal-house.yaml";

    /** A stop; {@code glassCm} is how far from the glass, {@code heaterCm} how far from a heater. */
    record Standing(
            String name,
            String note,
            StopKind kind,
            @Nullable String room,
            @Nullable Glass glass,
            @Nullable Integer glassCm,
            int widthCm,
            int depthCm,
            Brightness light,
            double humidity,
            double day,
            double night,
            AirMovement air,
            double wetHours,
            boolean crowded,
            Set<Near> near,
            @Nullable Integer heaterCm,
            Optional<Pane> window) {}

    /** The window of a stop; {@code sillCm} above the leaves, {@code outsideCm} how deep it lies. */
    record Pane(Glazing glazing, Curtain curtain, int widthCm, int heightCm, int sillCm, int outsideCm) {}

    /**
     * A plant; {@code months} since it was potted, {@code counts} of leaves, growths, offsets, flowers and buds;
     * {@code waterEveryDays} where it is watered by the calendar, {@code seenDaysAgo} when it was last seen to.
     */
    record Pot(
            String name,
            String kind,
            String stop,
            PotKind pot,
            double cm,
            String medium,
            int months,
            WaterSource water,
            FeedStrength feed,
            List<Integer> counts,
            double thirst,
            Optional<Double> waterEveryDays,
            Optional<Integer> seenDaysAgo) {}

    /** A case. */
    record Trouble(
            String plant,
            int opened,
            List<Seen> seen,
            Optional<Decided> decided,
            Optional<Seen> again,
            Optional<Closed> closed) {}

    /** Something that was looked for. */
    record Seen(int ago, String finding, String state, Part part) {}

    /** What was decided; a day to look again that is still to come is negative. */
    record Decided(String cause, String trial, int ago, int lookAgain) {}

    /** How a case ended, and the line that it left on the care sheet. */
    record Closed(int ago, String outcome, String lesson, CareSetting care, String text, String reason) {}

    /** A line of a care sheet. */
    record Noted(String plant, CareSetting setting, String text, String reason, int since) {}

    /** A plant that was moved for a need; {@code found} how it looked when it was looked at again, where it was. */
    record Moved(
            String plant,
            String from,
            String text,
            int ago,
            int lookAgain,
            Need.Kind need,
            double before,
            double expected,
            Optional<Verdict> found) {}

    static SignalHouseStory read() {
        YAMLMapper yaml = YAMLMapper.builder()
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .build();
        try (InputStream in = Objects.requireNonNull(SignalHouseStory.class.getResourceAsStream(FILE))) {
            return yaml.readValue(in, SignalHouseStory.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
