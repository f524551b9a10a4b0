package mildlantern.web.plantpage;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mildlantern.log.LogKind;
import mildlantern.water.DayOfWater;
import mildlantern.water.WaterEstimate;
import mildlantern.water.WaterOutlook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.SvgNumbers;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;

/** Draws a plant's time on one axis: water with its doubt, and below it everything that happened. */
final class Strip {
    static final double WIDTH = 1000;
    private static final double LEFT = 92;
    private static final double RIGHT = 8;
    private static final double WATER_TOP = 10;
    private static final double WATER_HEIGHT = 96;
    private static final double LANE = 19;
    private static final DayFormat DAY = DayFormat.YEAR;
    private static final DayFormat SHORT = DayFormat.SHORT;
    private static final DayFormat MONTH = DayFormat.MONTH_YEAR;

    private final LocalDate from;
    private final LocalDate until;
    private final LocalDate today;

    /**
     * @param from first day of the axis
     * @param until last day of the axis, today or later where days ahead are drawn
     */
    Strip(LocalDate from, LocalDate until, LocalDate today) {
        this.from = from;
        this.until = until;
        this.today = today;
    }

    /** A drawn strip; paths and places in its own units. */
    record Drawn(
            double height,
            String band,
            String line,
            String ahead,
            String aheadBand,
            double threshold,
            double now,
            List<Tick> ticks,
            List<Mark> seen,
            List<Mark> pours,
            List<Lane> lanes,
            String words) {}

    /** A day named on the axis. */
    record Tick(double x, String label) {}

    /** Something that happened: its place and what to say of it. */
    record Mark(double x, double y, String words, double strength) {}

    /** A line of one kind of happening below the water. */
    record Lane(String label, String glyph, double y, List<Mark> marks, List<Bar> bars) {}

    /** Something that lasted. */
    record Bar(double x, double width, String words, String address) {}

    /** A span of days with words for it. */
    record Span(LocalDate from, Optional<LocalDate> until, String words, String address) {}

    private double x(LocalDate day) {
        double days = Math.max(1, ChronoUnit.DAYS.between(from, until));
        return tenths(LEFT + (WIDTH - LEFT - RIGHT) * ChronoUnit.DAYS.between(from, day) / days);
    }

    private static double y(double fullness) {
        return tenths(WATER_TOP + WATER_HEIGHT * (1 - Math.max(0, Math.min(1, fullness))));
    }

    /** Nobody sees more of it, and the page need not carry more. */
    private static double tenths(double value) {
        return Math.rint(value * 10) / 10;
    }

    private boolean shown(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(until);
    }

    Drawn draw(WaterEstimate estimate, double threshold, List<LogLine> log, List<Span> cases, Optional<Span> bloomNow) {
        List<DayOfWater> curve =
                estimate.curve().stream().filter(day -> shown(day.day())).toList();
        List<Lane> lanes = lanes(log, cases, bloomNow);
        return new Drawn(
                WATER_TOP + WATER_HEIGHT + 26 + LANE * lanes.size() + 14,
                band(curve),
                line(curve),
                ahead(estimate.outlook()),
                aheadBand(estimate.outlook(), threshold),
                y(threshold),
                x(today),
                ticks(),
                estimate.seen().stream()
                        .filter(seen -> shown(seen.day()))
                        .map(seen -> new Mark(
                                x(seen.day()),
                                y(seen.fullness()),
                                Wording.say(
                                        "plantpage.strip.read-left-likely-slip",
                                        SHORT.format(seen.day()),
                                        Math.round(100 * seen.fullness()),
                                        seen.believed() < 0.5),
                                seen.believed()))
                        .toList(),
                marks(log, List.of(LogKind.WATERED), WATER_TOP + WATER_HEIGHT + 7),
                lanes,
                words(estimate, curve));
    }

    private static String words(WaterEstimate estimate, List<DayOfWater> curve) {
        if (curve.isEmpty()) {
            return Wording.say("plantpage.strip.no-watering-has-been");
        }
        WaterOutlook outlook = estimate.outlook();
        return Wording.say(
                "plantpage.strip.water-left-now-about",
                Math.round(100 * outlook.fullness()),
                Math.max(0, Math.round(outlook.dryLikely())),
                Math.round(outlook.dryEarly()),
                Math.round(outlook.dryLate()));
    }

    private String band(List<DayOfWater> curve) {
        if (curve.size() < 2) {
            return "";
        }
        StringBuilder path = new StringBuilder("M");
        curve.forEach(day ->
                path.append(SvgNumbers.point(x(day.day()), y(day.high()))).append(' '));
        for (int i = curve.size() - 1; i >= 0; i--) {
            path.append(SvgNumbers.point(x(curve.get(i).day()), y(curve.get(i).low())))
                    .append(' ');
        }
        return path.append('Z').toString();
    }

    private String line(List<DayOfWater> curve) {
        if (curve.isEmpty()) {
            return "";
        }
        StringBuilder path = new StringBuilder("M");
        for (DayOfWater day : curve) {
            path.append(SvgNumbers.point(x(day.day()), y(day.fullness()))).append(' ');
            if (Math.abs(day.after() - day.fullness()) > 0.01) {
                path.append(SvgNumbers.point(x(day.day()), y(day.after()))).append(' ');
            }
        }
        return path.toString().strip();
    }

    private String ahead(WaterOutlook outlook) {
        return !outlook.known() || !until.isAfter(today)
                ? ""
                : "M" + SvgNumbers.point(x(today), y(outlook.fullness())) + " "
                        + SvgNumbers.point(within(outlook.dryLikely()), y(thresholdOf(outlook)));
    }

    private static double thresholdOf(WaterOutlook outlook) {
        return Math.min(outlook.fullness(), outlook.threshold());
    }

    private String aheadBand(WaterOutlook outlook, double threshold) {
        return !outlook.known() || !until.isAfter(today)
                ? ""
                : "M" + SvgNumbers.point(x(today), y(outlook.fullness())) + " "
                        + SvgNumbers.point(within(outlook.dryLate()), y(threshold)) + " "
                        + SvgNumbers.point(within(outlook.dryEarly()), y(threshold)) + "Z";
    }

    private double within(double days) {
        double ahead = Math.min(Math.max(0, days), ChronoUnit.DAYS.between(today, until));
        double perDay = (WIDTH - LEFT - RIGHT) / Math.max(1, ChronoUnit.DAYS.between(from, until));
        return x(today) + ahead * perDay;
    }

    private List<Tick> ticks() {
        long days = ChronoUnit.DAYS.between(from, until);
        List<Tick> ticks = new ArrayList<>();
        if (days <= 150) {
            int step = days <= 50 ? 7 : 14;
            for (LocalDate day = today; !day.isBefore(from); day = day.minusDays(step)) {
                ticks.add(new Tick(x(day), day.equals(today) ? "today" : SHORT.format(day)));
            }
            return ticks;
        }
        int months = days <= 480 ? 1 : days <= 900 ? 3 : 6;
        LocalDate day = from.withDayOfMonth(1).plusMonths(1);
        for (; !day.isAfter(until); day = day.plusMonths(months)) {
            ticks.add(new Tick(x(day), days <= 480 ? MONTH.format(day).substring(0, 3) : MONTH.format(day)));
        }
        return ticks;
    }

    private List<Mark> marks(List<LogLine> log, List<LogKind> kinds, double y) {
        return log.stream()
                .filter(row -> kinds.contains(row.kind()) && shown(row.onDay()))
                .map(row -> new Mark(x(row.onDay()), y, DAY.format(row.onDay()) + ": " + LogWords.said(row), 1))
                .toList();
    }

    private List<Lane> lanes(List<LogLine> log, List<Span> cases, Optional<Span> bloomNow) {
        List<Lane> lanes = new ArrayList<>();
        double top = WATER_TOP + WATER_HEIGHT + 34;
        for (StripLane lane : StripLane.values()) {
            double y = top + LANE * lanes.size();
            List<Mark> marks = marks(log, lane.kinds(), y);
            if (!marks.isEmpty()) {
                lanes.add(new Lane(Wording.of(lane), lane.glyph(), y, marks, List.of()));
            }
        }
        List<Bar> bloom = bars(blooms(log, bloomNow));
        if (!bloom.isEmpty()) {
            lanes.add(new Lane(
                    Wording.say("plantpage.strip.lane-bloom"), "bloom", top + LANE * lanes.size(), List.of(), bloom));
        }
        List<Bar> troubles = bars(cases);
        if (!troubles.isEmpty()) {
            lanes.add(new Lane(
                    Wording.say("plantpage.strip.lane-cases"), "case", top + LANE * lanes.size(), List.of(), troubles));
        }
        return lanes;
    }

    private static List<Span> blooms(List<LogLine> log, Optional<Span> now) {
        List<Span> spans = new ArrayList<>(now.stream().toList());
        List<LogLine> turns = log.stream()
                .filter(row -> row.kind() == LogKind.BLOOM_OPENED || row.kind() == LogKind.BLOOM_ENDED)
                .sorted(Comparator.comparing(LogLine::onDay))
                .toList();
        for (int i = 0; i < turns.size(); i++) {
            boolean opened = turns.get(i).kind() == LogKind.BLOOM_OPENED;
            boolean ended = opened && i + 1 < turns.size();
            if (ended) {
                spans.add(new Span(
                        turns.get(i).onDay(),
                        Optional.of(turns.get(i + 1).onDay()),
                        Wording.say("plantpage.strip.bloom"),
                        ""));
            }
        }
        return spans;
    }

    private List<Bar> bars(List<Span> spans) {
        List<Bar> bars = new ArrayList<>();
        for (Span span : spans) {
            LocalDate end = span.until().orElse(today);
            if (end.isBefore(from) || span.from().isAfter(until)) {
                continue;
            }
            double left = x(span.from().isBefore(from) ? from : span.from());
            double right = x(end.isAfter(until) ? until : end);
            bars.add(new Bar(
                    left,
                    Math.max(5, right - left),
                    DAY.format(span.from())
                            + span.until()
                                    .map(day -> Wording.say("plantpage.strip.to", DAY.format(day)))
                                    .orElse(" on") + ": " + span.words(),
                    span.address()));
        }
        return bars;
    }

    /** An address of a case. */
    static String caseAddress(CaseId id) {
        return "/cases/" + id;
    }
}
