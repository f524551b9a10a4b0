package mildlantern.web.log;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import mildlantern.knowledge.Words;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Hold;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.StopNow;

/** Entries of the log in words. */
public final class LogWords {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);

    private LogWords() {}

    /** What happened with all its figures, as in "watered 380 mL rain water". */
    public static String said(LogRow row) {
        String details = details(row);
        String what = row.kind() == LogKind.NOTED && !details.isEmpty()
                ? ""
                : row.kind().words();
        return (what + " " + details).strip();
    }

    /** What must wait, in a sentence. */
    public static String holds(Set<Hold> holds) {
        return Words.listed(holds.stream().sorted().map(Hold::words).toList());
    }

    /** How a figure of a stop is known and how old it is. */
    public static String known(StopNow.Known known) {
        String how = switch (known.origin()) {
            case TYPED -> "typed";
            case METER -> "by meter";
            case MEASURED -> "measured, mean of the week to";
        };
        return known.on().map(day -> how + " " + DAY.format(day)).orElse("as typed");
    }

    /** An entry in words before it is written. */
    public static String said(LogEntry entry, String words) {
        Plant anyPlant = new Plant(
                new PlantId(new UUID(0, 0)), new CollectionId(new UUID(0, 0)), new StopId(new UUID(0, 0)), 0, "", "");
        return said(
                LogRow.of(anyPlant, LocalDate.EPOCH, entry, OffsetDateTime.MIN).detail(words));
    }

    /** The figures and words of an entry. */
    static String details(LogRow row) {
        List<String> parts = new ArrayList<>();
        Optional.ofNullable(row.amountMl()).ifPresent(ml -> parts.add(ml + " mL"));
        Optional.ofNullable(row.water()).ifPresent(water -> parts.add(water(water)));
        Optional.ofNullable(row.way())
                .filter(way -> way != LogEntry.Way.ABOVE)
                .ifPresent(way -> parts.add(
                        switch (way) {
                            case BELOW -> "from below";
                            case SOAKED -> "soaked";
                            case RESERVOIR -> "reservoir filled";
                            case ABOVE -> "";
                        }));
        Optional.ofNullable(row.found())
                .ifPresent(found -> parts.add(
                        switch (found) {
                            case STILL_WET -> "was still wet";
                            case READY -> "was ready";
                            case BONE_DRY -> "was bone dry";
                        }));
        probed(row).ifPresent(parts::add);
        Optional.ofNullable(row.grams()).ifPresent(grams -> parts.add(grams + " g"));
        Optional.ofNullable(row.yardstick()).ifPresent(as -> parts.add("(" + Words.spoken(Words.id(as)) + ")"));
        Optional.ofNullable(row.product())
                // Words that were typed name it already.
                .filter(product -> row.detail() == null
                        || !row.detail().toLowerCase(Locale.ROOT).contains(product.toLowerCase(Locale.ROOT)))
                .ifPresent(parts::add);
        Optional.ofNullable(row.mgNitrogen()).ifPresent(mg -> parts.add(Limits.plain(mg) + " mg N/L"));
        Optional.ofNullable(row.diameterCm()).ifPresent(cm -> parts.add(Limits.plain(cm) + " cm"));
        Optional.ofNullable(row.granuleGrams()).ifPresent(grams -> parts.add(Limits.plain(grams) + " g"));
        Optional.ofNullable(row.lengthCm()).ifPresent(cm -> parts.add(Limits.plain(cm) + " cm"));
        Optional.ofNullable(row.medium()).ifPresent(medium -> parts.add("in " + Words.spoken(medium)));
        Optional.ofNullable(row.number())
                .ifPresent(number -> parts.add(number + " "
                        + (row.kind() == LogKind.TRAP_FED
                                ? "traps"
                                : row.counted() == null
                                        ? ""
                                        : row.counted().name().toLowerCase(Locale.ROOT))));
        Optional.ofNullable(row.means())
                .or(() -> Optional.ofNullable(row.spray()).map(Words::id))
                .map(Words::spoken)
                .filter(with -> row.detail() == null
                        || !row.detail().toLowerCase(Locale.ROOT).contains(with))
                .ifPresent(with -> parts.add("with " + with));
        Optional.ofNullable(row.temperatureStep())
                .filter(step -> step != 0)
                .ifPresent(step -> parts.add((step > 0 ? "+" : "−") + Limits.plain(Math.abs(step)) + " °C"));
        Optional.ofNullable(row.lightRatio())
                .filter(ratio -> ratio != 1)
                .ifPresent(ratio -> parts.add(Limits.plain(ratio) + " × the light"));
        Optional.ofNullable(row.detail()).filter(text -> !text.isBlank()).ifPresent(parts::add);
        return String.join(" ", parts);
    }

    private static Optional<String> probed(LogRow row) {
        if (row.top() == null) {
            return Optional.empty();
        }
        return Optional.of(
                row.top() == row.middle() && row.middle() == row.bottom()
                        ? Words.id(row.top())
                        : Words.id(row.top()) + " · " + Words.id(row.middle()) + " · " + Words.id(row.bottom()));
    }

    /** The kind of water in words, as in "rain water". */
    public static String water(WaterSource source) {
        return switch (source) {
            case RAIN -> "rain water";
            case REVERSE_OSMOSIS -> "reverse-osmosis water";
            case DISTILLED -> "distilled water";
            case SOFT_TAP -> "tap water";
            case HARD_TAP -> "hard tap water";
            case SOFTENED_TAP -> "softened tap water";
        };
    }
}
