package mildlantern.log;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.Phase;
import mildlantern.plant.SprayKind;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Limits;

/** One thing that was done to a plant or seen on it. Each kind says only what it can say. */
public sealed interface LogEntry {
    /** Which of the things it is that a log can note. */
    LogKind kind();

    /** An entry of which is known that it happened, and nothing more. */
    static LogEntry bare(EventKind event) {
        return switch (event) {
            case MOVED -> new Moved(Optional.empty(), Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty());
            case REPOTTED -> new Repotted(OptionalDouble.empty(), Optional.empty());
            case FED -> new Fed(Optional.empty(), OptionalDouble.empty());
            case SPRAYED -> new Treated(Optional.empty(), Optional.empty(), Optional.empty());
            case ACQUIRED, BROUGHT_IN, PUT_OUT, CHILLED, FORCED_FLOWERING, SHADE_LOST, STORM, HEATING_ON, AWAY ->
                new Befell(event, OptionalDouble.empty(), OptionalDouble.empty());
        };
    }

    /**
     * Watered.
     *
     * @param ml how much, 1 to 100 000 mL; missing means wet through, as usual
     * @param water where it came from
     * @param way how
     * @param found how the medium was found
     */
    record Watered(OptionalInt ml, Optional<WaterSource> water, Way way, Optional<Felt> found) implements LogEntry {
        public Watered {
            ml.ifPresent(amount -> Limits.require(Amount.WATER, amount, 1, 100_000, "mL"));
        }

        /** Wet through from above, nothing else said. */
        public static Watered through() {
            return new Watered(OptionalInt.empty(), Optional.empty(), Way.ABOVE, Optional.empty());
        }

        public static Watered of(int ml) {
            return new Watered(OptionalInt.of(ml), Optional.empty(), Way.ABOVE, Optional.empty());
        }

        @Override
        public LogKind kind() {
            return LogKind.WATERED;
        }
    }

    /** Probed at three depths; a finger is a probe that says the same for all. */
    record Probed(Wetness top, Wetness middle, Wetness bottom) implements LogEntry {
        public static Probed all(Wetness wetness) {
            return new Probed(wetness, wetness, wetness);
        }

        @Override
        public LogKind kind() {
            return LogKind.PROBED;
        }
    }

    /**
     * Weighed with pot and all.
     *
     * @param grams 1 to 200 000 g
     * @param yardstick set where the weight is that of the pot just wet through, or bone dry
     */
    record Weighed(int grams, Optional<Yardstick> yardstick) implements LogEntry {
        public Weighed {
            Limits.require(Amount.WEIGHT, grams, 1, 200_000, "g");
        }

        @Override
        public LogKind kind() {
            return LogKind.WEIGHED;
        }
    }

    /**
     * Fed.
     *
     * @param product what with
     * @param mgNitrogen strength, mg nitrogen per litre, 0 to 2000
     */
    record Fed(Optional<String> product, OptionalDouble mgNitrogen) implements LogEntry {
        public Fed {
            mgNitrogen.ifPresent(mg -> Limits.require(Amount.NITROGEN, mg, 0, 2000, "mg/L"));
        }

        @Override
        public LogKind kind() {
            return LogKind.FED;
        }
    }

    /**
     * Fed through its traps; nothing came to the roots.
     *
     * @param traps pitchers filled or leaves misted
     * @param mgNitrogen strength, mg nitrogen per litre, 0 to 2000
     */
    record TrapFed(OptionalInt traps, OptionalDouble mgNitrogen) implements LogEntry {
        public TrapFed {
            mgNitrogen.ifPresent(mg -> Limits.require(Amount.NITROGEN, mg, 0, 2000, "mg/L"));
        }

        @Override
        public LogKind kind() {
            return LogKind.TRAP_FED;
        }
    }

    /**
     * Granules of slow release were laid on the medium.
     *
     * @param product what
     * @param grams 0.01 to 5000 g
     */
    record Granules(Optional<String> product, double grams) implements LogEntry {
        public Granules {
            Limits.require(Amount.GRANULES, grams, 0.01, 5000, "g");
        }

        @Override
        public LogKind kind() {
            return LogKind.GRANULES;
        }
    }

    /**
     * The newest leaf was measured.
     *
     * @param lengthCm 0.1 to 300 cm
     */
    record NewLeaf(double lengthCm) implements LogEntry {
        public NewLeaf {
            Limits.require(Amount.LEAF, lengthCm, 0.1, 300, "cm");
        }

        @Override
        public LogKind kind() {
            return LogKind.NEW_LEAF;
        }
    }

    /**
     * Repotted.
     *
     * @param diameterCm of the new pot, 2 to 200 cm
     * @param medium id of the new medium
     */
    record Repotted(OptionalDouble diameterCm, Optional<String> medium) implements LogEntry {
        public Repotted {
            diameterCm.ifPresent(cm -> Limits.require(Amount.POT, cm, 2, 200, "cm"));
        }

        @Override
        public LogKind kind() {
            return LogKind.REPOTTED;
        }
    }

    /**
     * Moved to another stop.
     *
     * @param from the stop it left
     * @param to the stop it stands at now
     * @param temperatureStep change by day, °C, signed
     * @param lightRatio new light over old, above 0
     */
    record Moved(Optional<StopId> from, Optional<StopId> to, OptionalDouble temperatureStep, OptionalDouble lightRatio)
            implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.MOVED;
        }
    }

    /** Something that befell it: came here, was chilled, was left alone. */
    record Befell(EventKind event, OptionalDouble temperatureStep, OptionalDouble lightRatio) implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.of(event);
        }
    }

    /**
     * Treated against a pest or disease.
     *
     * @param with the kind of spray, where it is one of those that leave marks of their own
     * @param means id of what was used, where it was recognised
     * @param product the product or active ingredient, where it was named
     */
    record Treated(Optional<SprayKind> with, Optional<String> means, Optional<String> product) implements LogEntry {
        /** Treated with something of which nothing more is known. */
        public static Treated with(SprayKind kind) {
            return new Treated(Optional.of(kind), Optional.empty(), Optional.empty());
        }

        @Override
        public LogKind kind() {
            return LogKind.SPRAYED;
        }
    }

    /** Pruned or trimmed. */
    record Pruned() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.PRUNED;
        }
    }

    /** The water was tipped out of its cup. */
    record CupEmptied() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.CUP_EMPTIED;
        }
    }

    /** Looked at, nothing amiss. */
    record Looked() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.LOOKED;
        }
    }

    /**
     * Counted.
     *
     * @param number 0 to 1 000 000
     */
    record Count(Counted what, int number) implements LogEntry {
        public Count {
            Limits.require(Amount.COUNT, number, 0, 1_000_000, "");
        }

        @Override
        public LogKind kind() {
            return LogKind.COUNTED;
        }
    }

    /** The first flower opened, or the last one went. */
    record Bloom(boolean opened) implements LogEntry {
        @Override
        public LogKind kind() {
            return opened ? LogKind.BLOOM_OPENED : LogKind.BLOOM_ENDED;
        }
    }

    /** Seen of its year: new growth, bare wood, a spike, buds that swell. */
    record Grew(GrowthSign sign) implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.GROWTH_SEEN;
        }
    }

    /** Its grower says what time of its year it is. */
    record PhaseSaid(Phase phase) implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.PHASE_SAID;
        }
    }

    /** A few words, and nothing else. */
    record Noted() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.NOTED;
        }
    }

    /** Put off on the round; the reason stands in the entry's words. */
    record PutOff() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.PUT_OFF;
        }
    }

    /** A photo was taken. */
    record Photographed() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.PHOTO;
        }
    }

    /** Its pot was shifted on its stop. */
    record Shifted() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.SHIFTED;
        }
    }

    /** It was split into several; how many, stands in the entry's words. */
    record Split() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.SPLIT;
        }
    }

    /** New plants were made of it while it stayed whole. */
    record Propagated() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.PROPAGATED;
        }
    }

    /**
     * It is no longer kept; why, stands in the entry's words.
     *
     * @param lost whether it died, and was not given away
     */
    record Ended(boolean lost) implements LogEntry {
        @Override
        public LogKind kind() {
            return lost ? LogKind.LOST : LogKind.RETIRED;
        }
    }

    /** An earlier entry was taken back. */
    record TakenBack() implements LogEntry {
        @Override
        public LogKind kind() {
            return LogKind.UNDONE;
        }
    }
}
