package mildlantern.web.log;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.log.Counted;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.SprayKind;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.PropertyNamingStrategies;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;

/**
 * The one form in which an entry is stored: a JSON object of what its kind says, the kind itself beside it. The names are those under
 * which archives carry the same.
 */
@Component
class EntryJson {
    static final Set<String> FIELDS = Set.of(
            "amount_ml",
            "temperature_step",
            "light_ratio",
            "spray",
            "means",
            "water",
            "way",
            "found",
            "top",
            "middle",
            "bottom",
            "grams",
            "yardstick",
            "product",
            "mg_nitrogen",
            "diameter_cm",
            "medium",
            "from_stop",
            "to_stop",
            "counted",
            "number",
            "granule_grams",
            "length_cm",
            "sign",
            "phase");

    private static final double MOST_WHOLE = 1e15;

    private final JsonMapper entries;
    private final JsonMapper states;

    EntryJson(JsonMapper json) {
        this.states = json;
        this.entries = json.rebuild()
                .propertyNamingStrategy(PropertyNamingStrategies.SNAKE_CASE)
                .changeDefaultPropertyInclusion(value -> value.withValueInclusion(JsonInclude.Include.NON_ABSENT))
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .addModule(new SimpleModule("numbers")
                        .addSerializer(double.class, new Plain())
                        .addSerializer(Double.class, new Plain())
                        .addSerializer(OptionalDouble.class, new PlainOptional()))
                .addMixIn(LogEntry.Watered.class, OfWatered.class)
                .addMixIn(LogEntry.TrapFed.class, OfTrapFed.class)
                .addMixIn(LogEntry.Granules.class, OfGranules.class)
                .addMixIn(LogEntry.Moved.class, OfMoved.class)
                .addMixIn(LogEntry.Befell.class, OfBefell.class)
                .addMixIn(LogEntry.Treated.class, OfTreated.class)
                .addMixIn(LogEntry.Count.class, OfCount.class)
                .addMixIn(LogEntry.Bloom.class, OfBloom.class)
                .addMixIn(LogEntry.Ended.class, OfEnded.class)
                .build();
    }

    /** Whole numbers without a fraction, as the database writes them into an archive: 150, not 150.0. */
    private static final class Plain extends StdSerializer<Double> {
        Plain() {
            super(Double.class);
        }

        @Override
        public void serialize(Double value, JsonGenerator out, SerializationContext context) {
            write(value, out);
        }

        static void write(double value, JsonGenerator out) {
            if (value == Math.rint(value) && Math.abs(value) < MOST_WHOLE) {
                out.writeNumber((long) value);
            } else {
                out.writeNumber(value);
            }
        }
    }

    private static final class PlainOptional extends StdSerializer<OptionalDouble> {
        PlainOptional() {
            super(OptionalDouble.class);
        }

        @Override
        public boolean isEmpty(SerializationContext context, OptionalDouble value) {
            return value.isEmpty();
        }

        @Override
        public void serialize(OptionalDouble value, JsonGenerator out, SerializationContext context) {
            Plain.write(value.orElseThrow(), out);
        }
    }

    private interface OfWatered {
        @JsonProperty("amount_ml")
        OptionalInt ml();
    }

    private interface OfTrapFed {
        @JsonProperty("number")
        OptionalInt traps();
    }

    private interface OfGranules {
        @JsonProperty("granule_grams")
        double grams();
    }

    private interface OfMoved {
        @JsonProperty("from_stop")
        Optional<StopId> from();

        @JsonProperty("to_stop")
        Optional<StopId> to();
    }

    private interface OfBefell {
        @JsonIgnore
        EventKind event();
    }

    private interface OfTreated {
        @JsonProperty("spray")
        Optional<SprayKind> with();
    }

    private interface OfCount {
        @JsonProperty("counted")
        Counted what();
    }

    private interface OfBloom {
        @JsonIgnore
        boolean opened();
    }

    private interface OfEnded {
        @JsonIgnore
        boolean lost();
    }

    /** By how much something that befell a plant changed its air and light. */
    private record Changed(OptionalDouble temperatureStep, OptionalDouble lightRatio) {}

    String write(LogEntry entry) {
        return entries.writeValueAsString(entry);
    }

    /**
     * @throws RuntimeException if the text is no entry of that kind
     */
    LogEntry read(LogKind kind, String text) {
        return switch (kind) {
            case WATERED -> entries.readValue(text, LogEntry.Watered.class);
            case PROBED -> entries.readValue(text, LogEntry.Probed.class);
            case WEIGHED -> entries.readValue(text, LogEntry.Weighed.class);
            case FED -> entries.readValue(text, LogEntry.Fed.class);
            case TRAP_FED -> entries.readValue(text, LogEntry.TrapFed.class);
            case GRANULES -> entries.readValue(text, LogEntry.Granules.class);
            case NEW_LEAF -> entries.readValue(text, LogEntry.NewLeaf.class);
            case REPOTTED -> entries.readValue(text, LogEntry.Repotted.class);
            case MOVED -> entries.readValue(text, LogEntry.Moved.class);
            case SPRAYED -> entries.readValue(text, LogEntry.Treated.class);
            case COUNTED -> entries.readValue(text, LogEntry.Count.class);
            case ARRIVED, BROUGHT_IN, PUT_OUT, CHILLED, FORCED, SHADE_LOST, STORM, HEATING_ON, LEFT_ALONE ->
                befell(kind, text);
            case GROWTH_SEEN -> entries.readValue(text, LogEntry.Grew.class);
            case PHASE_SAID -> entries.readValue(text, LogEntry.PhaseSaid.class);
            case BLOOM_OPENED -> new LogEntry.Bloom(true);
            case BLOOM_ENDED -> new LogEntry.Bloom(false);
            case PRUNED -> new LogEntry.Pruned();
            case CUP_EMPTIED -> new LogEntry.CupEmptied();
            case LOOKED -> new LogEntry.Looked();
            case NOTED -> new LogEntry.Noted();
            case PUT_OFF -> new LogEntry.PutOff();
            case PHOTO -> new LogEntry.Photographed();
            case SHIFTED -> new LogEntry.Shifted();
            case SPLIT -> new LogEntry.Split();
            case PROPAGATED -> new LogEntry.Propagated();
            case RETIRED -> new LogEntry.Ended(false);
            case LOST -> new LogEntry.Ended(true);
            case UNDONE -> new LogEntry.TakenBack();
        };
    }

    private LogEntry befell(LogKind kind, String text) {
        Changed changed = entries.readValue(text, Changed.class);
        return new LogEntry.Befell(kind.event().orElseThrow(), changed.temperatureStep(), changed.lightRatio());
    }

    String write(PlantState state) {
        return states.writeValueAsString(state);
    }

    PlantState state(String text) {
        return states.readValue(text, PlantState.class);
    }
}
