package mildlantern.web.log;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.Maybe;
import org.jspecify.annotations.NullUnmarked;

/** Puts entries of the log into rows, and takes them out again. */
@NullUnmarked
final class EntryColumns {
    private final Plant plant;
    private final LocalDate day;
    private final OffsetDateTime writtenAt;

    EntryColumns(Plant plant, LocalDate day, OffsetDateTime writtenAt) {
        this.plant = plant;
        this.day = day;
        this.writtenAt = writtenAt;
    }

    private LogRow row(LogKind kind) {
        return new LogRow(plant, kind, day, writtenAt);
    }

    LogRow of(LogEntry entry) {
        if (entry instanceof LogEntry.Watered it) {
            return row(LogKind.WATERED)
                    .amount(it.ml().isPresent() ? it.ml().getAsInt() : null)
                    .watered(it.water().orElse(null), it.way(), it.found().orElse(null));
        } else if (entry instanceof LogEntry.Probed it) {
            return row(LogKind.PROBED).probed(it.top(), it.middle(), it.bottom());
        } else if (entry instanceof LogEntry.Weighed it) {
            return row(LogKind.WEIGHED).weighed(it.grams(), it.yardstick().orElse(null));
        } else if (entry instanceof LogEntry.Fed it) {
            return row(LogKind.FED).fed(it.product().orElse(null), number(it.mgNitrogen()));
        } else if (entry instanceof LogEntry.TrapFed it) {
            return row(LogKind.TRAP_FED)
                    .fed(null, number(it.mgNitrogen()))
                    .numbered(it.traps().isPresent() ? it.traps().getAsInt() : null);
        } else if (entry instanceof LogEntry.Granules it) {
            return row(LogKind.GRANULES).laid(it.product().orElse(null), it.grams());
        } else if (entry instanceof LogEntry.NewLeaf it) {
            return row(LogKind.NEW_LEAF).measuring(it.lengthCm());
        } else if (entry instanceof LogEntry.Repotted it) {
            return row(LogKind.REPOTTED)
                    .repotted(number(it.diameterCm()), it.medium().orElse(null));
        } else if (entry instanceof LogEntry.Moved it) {
            return row(LogKind.MOVED)
                    .between(it.from().orElse(null), it.to().orElse(null))
                    .change(number(it.temperatureStep()), number(it.lightRatio()));
        } else if (entry instanceof LogEntry.Befell it) {
            return row(LogKind.of(it.kind())).change(number(it.temperatureStep()), number(it.lightRatio()));
        } else if (entry instanceof LogEntry.Treated it) {
            return row(LogKind.SPRAYED)
                    .treated(
                            it.with().orElse(null),
                            it.means().orElse(null),
                            it.product().orElse(null));
        } else if (entry instanceof LogEntry.Count it) {
            return row(LogKind.COUNTED).counted(it.what(), it.number());
        } else if (entry instanceof LogEntry.Bloom it) {
            return row(it.opened() ? LogKind.BLOOM_OPENED : LogKind.BLOOM_ENDED);
        } else if (entry instanceof LogEntry.Pruned) {
            return row(LogKind.PRUNED);
        } else if (entry instanceof LogEntry.CupEmptied) {
            return row(LogKind.CUP_EMPTIED);
        } else if (entry instanceof LogEntry.Looked) {
            return row(LogKind.LOOKED);
        } else if (entry instanceof LogEntry.PutOff) {
            return row(LogKind.PUT_OFF);
        }
        return row(LogKind.NOTED);
    }

    static Optional<LogEntry> entry(LogRow row) {
        LogEntry entry = switch (row.kind()) {
            case WATERED ->
                new LogEntry.Watered(
                        row.amountMl() == null ? OptionalInt.empty() : OptionalInt.of(row.amountMl()),
                        Optional.ofNullable(row.water()),
                        row.way() == null ? LogEntry.Way.ABOVE : row.way(),
                        Optional.ofNullable(row.found()));
            case PROBED -> row.top() == null ? null : new LogEntry.Probed(row.top(), row.middle(), row.bottom());
            case WEIGHED -> new LogEntry.Weighed(row.grams(), Optional.ofNullable(row.yardstick()));
            case FED -> new LogEntry.Fed(Optional.ofNullable(row.product()), Maybe.number(row.mgNitrogen()));
            case TRAP_FED ->
                new LogEntry.TrapFed(
                        row.number() == null ? OptionalInt.empty() : OptionalInt.of(row.number()),
                        Maybe.number(row.mgNitrogen()));
            case GRANULES -> new LogEntry.Granules(Optional.ofNullable(row.product()), row.granuleGrams());
            case NEW_LEAF -> new LogEntry.NewLeaf(row.lengthCm());
            case REPOTTED -> new LogEntry.Repotted(Maybe.number(row.diameterCm()), Optional.ofNullable(row.medium()));
            case MOVED -> moved(row);
            case SPRAYED ->
                new LogEntry.Treated(
                        Optional.ofNullable(row.spray()),
                        Optional.ofNullable(row.means()),
                        Optional.ofNullable(row.product()));
            case COUNTED -> new LogEntry.Count(row.counted(), row.number());
            case BLOOM_OPENED -> new LogEntry.Bloom(true);
            case BLOOM_ENDED -> new LogEntry.Bloom(false);
            case PRUNED -> new LogEntry.Pruned();
            case CUP_EMPTIED -> new LogEntry.CupEmptied();
            case LOOKED -> new LogEntry.Looked();
            case NOTED -> new LogEntry.Noted();
            case PUT_OFF -> new LogEntry.PutOff();
            case ARRIVED, BROUGHT_IN, PUT_OUT, CHILLED, FORCED, SHADE_LOST, LEFT_ALONE ->
                new LogEntry.Befell(
                        row.kind().event().orElseThrow(),
                        Maybe.number(row.temperatureStep()),
                        Maybe.number(row.lightRatio()));
            default -> null;
        };
        return Optional.ofNullable(entry);
    }

    private static LogEntry.Moved moved(LogRow row) {
        StopId from = row.fromStop();
        return new LogEntry.Moved(
                Optional.ofNullable(from),
                Optional.ofNullable(row.toStop()),
                Maybe.number(row.temperatureStep()),
                Maybe.number(row.lightRatio()));
    }

    private static Double number(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }
}
