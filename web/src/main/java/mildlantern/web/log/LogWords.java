package mildlantern.web.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.knowledge.Words;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Hold;
import mildlantern.web.stop.StopNow;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;

/** Entries of the log in words. */
public final class LogWords {
    private static final DayFormat DAY = DayFormat.YEAR;

    private LogWords() {}

    /** What happened with all its figures, as in "watered 380 mL rain water". */
    public static String said(LogLine line) {
        return said(line.entry(), line.words().orElse(""));
    }

    /** An entry with its further words, which may be blank. */
    public static String said(LogEntry entry, String words) {
        String details = details(entry, words);
        String what = entry.kind() == LogKind.NOTED && !details.isEmpty() ? "" : of(entry.kind());
        return (what + " " + details).strip();
    }

    /** What happened, and nothing more. */
    public static String of(LogKind kind) {
        return switch (kind) {
            case ARRIVED -> Wording.say("log.log-words.came-here");
            case LOOKED -> Wording.say("log.log-words.looked-fine");
            case WATERED -> Wording.say("log.log-words.watered");
            case FED -> Wording.say("log.log-words.fed");
            case TRAP_FED -> Wording.say("log.log-words.fed-through-traps");
            case GRANULES -> Wording.say("log.log-words.granules-laid");
            case PROBED -> Wording.say("log.log-words.probed");
            case WEIGHED -> Wording.say("log.log-words.weighed");
            case MOVED -> Wording.say("log.log-words.moved");
            case SHIFTED -> Wording.say("log.log-words.shifted-stop");
            case BROUGHT_IN -> Wording.say("log.log-words.brought");
            case PUT_OUT -> Wording.say("log.log-words.put-outdoors");
            case REPOTTED -> Wording.say("log.log-words.repotted");
            case SPRAYED -> Wording.say("log.log-words.treated");
            case PRUNED -> Wording.say("log.log-words.pruned");
            case CUP_EMPTIED -> Wording.say("log.log-words.cup-emptied");
            case COUNTED -> Wording.say("log.log-words.counted");
            case NEW_LEAF -> Wording.say("log.log-words.new-leaf-measured");
            case BLOOM_OPENED -> Wording.say("log.log-words.bloom-opened");
            case BLOOM_ENDED -> Wording.say("log.log-words.bloom-ended");
            case GROWTH_SEEN -> Wording.say("log.log-words.growth-seen");
            case PHASE_SAID -> Wording.say("log.log-words.phase-said");
            case PHOTO -> Wording.say("log.log-words.photo-taken");
            case NOTED -> Wording.say("log.log-words.note");
            case CHILLED -> Wording.say("log.log-words.chilled");
            case FORCED -> Wording.say("log.log-words.forced-flower");
            case SHADE_LOST -> Wording.say("log.log-words.lost-shade");
            case STORM -> Wording.say("log.log-words.storm");
            case HEATING_ON -> Wording.say("log.log-words.heating-on");
            case LEFT_ALONE -> Wording.say("log.log-words.not-disturbed");
            case SPLIT -> Wording.say("log.log-words.split");
            case PROPAGATED -> Wording.say("log.log-words.propagated");
            case RETIRED -> Wording.say("log.log-words.given-away-retired");
            case LOST -> Wording.say("log.log-words.lost");
            case PUT_OFF -> Wording.say("log.log-words.not-today");
            case UNDONE -> Wording.say("log.log-words.undone");
        };
    }

    /** What must wait, in a sentence. */
    public static String holds(Set<Hold> holds) {
        return Wording.listed(holds.stream().sorted().map(Wording::of).toList());
    }

    /** How a figure of a stop is known and how old it is. */
    public static String known(StopNow.Known known) {
        String how = switch (known.origin()) {
            case TYPED -> Wording.say("log.log-words.typed");
            case METER -> Wording.say("log.log-words.by-meter");
            case MEASURED -> Wording.say("log.log-words.measured-mean-week");
        };
        return known.on().map(day -> how + " " + DAY.format(day)).orElse(Wording.say("log.log-words.entered"));
    }

    /** The figures of an entry, and its further words. */
    static String details(LogEntry entry, String words) {
        List<String> parts = new ArrayList<>(figures(entry, words));
        if (!words.isBlank()) {
            parts.add(words);
        }
        return String.join(" ", parts);
    }

    private static List<String> figures(LogEntry entry, String words) {
        return switch (entry.kind()) {
            case WATERED -> watered((LogEntry.Watered) entry);
            case PROBED -> List.of(probed((LogEntry.Probed) entry));
            case WEIGHED -> weighed((LogEntry.Weighed) entry);
            case FED -> fed((LogEntry.Fed) entry, words);
            case TRAP_FED -> trapFed((LogEntry.TrapFed) entry);
            case GRANULES -> granules((LogEntry.Granules) entry, words);
            case NEW_LEAF -> List.of(Units.shown(((LogEntry.NewLeaf) entry).lengthCm(), Unit.Of.LENGTH));
            case REPOTTED -> repotted((LogEntry.Repotted) entry);
            case SPRAYED -> treated((LogEntry.Treated) entry, words);
            case COUNTED -> List.of(counted((LogEntry.Count) entry));
            case GROWTH_SEEN -> List.of(Wording.of(((LogEntry.Grew) entry).sign()));
            case PHASE_SAID -> List.of(Wording.of(((LogEntry.PhaseSaid) entry).phase()));
            case MOVED -> {
                LogEntry.Moved moved = (LogEntry.Moved) entry;
                yield changed(moved.temperatureStep(), moved.lightRatio());
            }
            case ARRIVED, BROUGHT_IN, PUT_OUT, CHILLED, FORCED, SHADE_LOST, STORM, HEATING_ON, LEFT_ALONE -> {
                LogEntry.Befell befell = (LogEntry.Befell) entry;
                yield changed(befell.temperatureStep(), befell.lightRatio());
            }
            case BLOOM_OPENED,
                    BLOOM_ENDED,
                    PRUNED,
                    CUP_EMPTIED,
                    LOOKED,
                    NOTED,
                    PUT_OFF,
                    PHOTO,
                    SHIFTED,
                    SPLIT,
                    PROPAGATED,
                    RETIRED,
                    LOST,
                    UNDONE -> List.of();
        };
    }

    private static List<String> watered(LogEntry.Watered entry) {
        List<String> parts = new ArrayList<>();
        entry.ml().ifPresent(ml -> parts.add(Units.shown(ml, Unit.Of.VOLUME)));
        entry.water().ifPresent(water -> parts.add(Wording.of(water)));
        switch (entry.way()) {
            case BELOW -> parts.add(Wording.say("log.log-words.from-below"));
            case SOAKED -> parts.add(Wording.say("log.log-words.soaked"));
            case RESERVOIR -> parts.add(Wording.say("log.log-words.reservoir-filled"));
            case ABOVE -> {
                // As usual.
            }
        }
        entry.found()
                .ifPresent(found -> parts.add(
                        switch (found) {
                            case STILL_WET -> Wording.say("log.log-words.was-still-wet");
                            case READY -> Wording.say("log.log-words.was-ready");
                            case BONE_DRY -> Wording.say("log.log-words.was-bone-dry");
                        }));
        return parts;
    }

    private static String probed(LogEntry.Probed entry) {
        return entry.top() == entry.middle() && entry.middle() == entry.bottom()
                ? Wording.of(entry.top())
                : Wording.of(entry.top()) + " · " + Wording.of(entry.middle()) + " · " + Wording.of(entry.bottom());
    }

    private static List<String> weighed(LogEntry.Weighed entry) {
        List<String> parts = new ArrayList<>(List.of(entry.grams() + " g"));
        entry.yardstick().ifPresent(as -> parts.add("(" + Wording.of(as) + ")"));
        return parts;
    }

    private static List<String> fed(LogEntry.Fed entry, String words) {
        List<String> parts = new ArrayList<>();
        entry.product().filter(product -> notIn(words, product)).ifPresent(parts::add);
        entry.mgNitrogen().ifPresent(mg -> parts.add(Wording.say("log.log-words.mg-n-l", Limits.plain(mg))));
        return parts;
    }

    private static List<String> trapFed(LogEntry.TrapFed entry) {
        List<String> parts = new ArrayList<>();
        entry.mgNitrogen().ifPresent(mg -> parts.add(Wording.say("log.log-words.mg-n-l", Limits.plain(mg))));
        entry.traps().ifPresent(traps -> parts.add(Wording.say("log.log-words.traps", traps)));
        return parts;
    }

    private static List<String> granules(LogEntry.Granules entry, String words) {
        List<String> parts = new ArrayList<>();
        entry.product().filter(product -> notIn(words, product)).ifPresent(parts::add);
        parts.add(Limits.plain(entry.grams()) + " g");
        return parts;
    }

    private static List<String> repotted(LogEntry.Repotted entry) {
        List<String> parts = new ArrayList<>();
        entry.diameterCm().ifPresent(cm -> parts.add(Units.shown(cm, Unit.Of.LENGTH)));
        entry.medium().ifPresent(medium -> parts.add(Wording.say("log.log-words.in", Words.spoken(medium))));
        return parts;
    }

    private static List<String> treated(LogEntry.Treated entry, String words) {
        List<String> parts = new ArrayList<>();
        entry.product().filter(product -> notIn(words, product)).ifPresent(parts::add);
        entry.means()
                .or(() -> entry.with().map(Words::id))
                .map(Words::spoken)
                .filter(with -> notIn(words, with))
                .ifPresent(with -> parts.add(Wording.say("log.log-words.with", with)));
        return parts;
    }

    private static String counted(LogEntry.Count entry) {
        return entry.number() + " " + entry.what().name().toLowerCase(Locale.ROOT);
    }

    private static List<String> changed(OptionalDouble temperatureStep, OptionalDouble lightRatio) {
        List<String> parts = new ArrayList<>();
        temperatureStep.stream().filter(step -> step != 0).forEach(step -> parts.add(degrees(step)));
        lightRatio.stream()
                .filter(ratio -> ratio != 1)
                .forEach(ratio -> parts.add(Wording.say("log.log-words.light", Limits.plain(ratio))));
        return parts;
    }

    /** A step of temperature, signed. */
    public static String degrees(double step) {
        return (step > 0 ? "+" : "−") + Units.apart(Math.abs(step), Unit.Of.TEMPERATURE);
    }

    /** What was typed may name it already. */
    private static boolean notIn(String words, String name) {
        return !words.toLowerCase(Locale.ROOT).contains(name.toLowerCase(Locale.ROOT));
    }
}
