package mildlantern.web.year;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.Words;
import mildlantern.plant.Phase;
import mildlantern.quantity.Range;
import mildlantern.season.Conditions;
import mildlantern.season.PlantYear;
import mildlantern.season.YearKnowledge;
import mildlantern.web.platform.SvgNumbers;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;

/** Draws a plant's year: its phases past and coming on one line, and below them its nights against those that it wants. */
final class YearDrawing {
    /** Days that are shown before today, and after it. */
    static final int BEFORE = 120;

    static final int AFTER = 270;
    private static final double WIDTH = 760;
    private static final double NIGHTS_TOP = 64;
    private static final double NIGHTS_BOTTOM = 190;
    private static final double LETTER = 7.2;

    /** Letters are so many times as large on a phone. */
    private static final double ON_A_PHONE = 2.1;

    private final LocalDate today;
    private final LocalDate from;
    private final Locale locale;

    YearDrawing(LocalDate today, Locale locale) {
        this.today = today;
        this.from = today.minusDays(BEFORE);
        this.locale = locale;
    }

    /**
     * A phase on the line.
     *
     * @param phase its id, for its colour
     * @param coming whether it is still to come
     * @param words its name, where there is room
     * @param tight whether the name has no room on a phone
     */
    record Band(double x, double width, String phase, boolean coming, String words, boolean tight) {}

    /** A month on the axis. */
    record Month(double x, String words) {}

    /** Nights that are wanted in a phase. */
    record Wanted(double x, double width, double y, double height) {}

    /** A temperature on the axis. */
    record Tick(double y, String words) {}

    /**
     * The drawing.
     *
     * @param today x of today
     * @param nights path of the coldest of each night, broken where nothing was read
     */
    record Drawn(
            List<Band> bands,
            List<Month> months,
            double today,
            List<Wanted> wanted,
            String nights,
            List<Tick> ticks,
            String said) {}

    /** The phases only, for a line in a list. */
    List<Band> bands(PlantYear year) {
        LocalDate until = today.plusDays(AFTER);
        List<Band> bands = new ArrayList<>();
        for (PlantYear.Stretch stretch : year.stretches()) {
            LocalDate begins = stretch.from().isBefore(from) ? from : stretch.from();
            LocalDate ends = stretch.until().isAfter(until) ? until : stretch.until();
            if (!begins.isBefore(ends)) {
                continue;
            }
            double width = x(ends) - x(begins);
            String words = Wording.of(stretch.phase());
            bands.add(new Band(
                    tenths(x(begins)),
                    tenths(width),
                    id(stretch.phase()),
                    begins.isAfter(today),
                    words.length() * LETTER < width ? words : "",
                    words.length() * LETTER * ON_A_PHONE > width));
        }
        return List.copyOf(bands);
    }

    List<Month> months() {
        List<Month> months = new ArrayList<>();
        LocalDate month = from.withDayOfMonth(1).plusMonths(1);
        while (month.isBefore(today.plusDays(AFTER))) {
            months.add(new Month(tenths(x(month)), month.getMonth().getDisplayName(TextStyle.SHORT, locale)));
            month = month.plusMonths(1);
        }
        return List.copyOf(months);
    }

    double todayX() {
        return tenths(x(today));
    }

    /** The whole drawing of one plant. */
    Drawn draw(PlantYear year, Conditions there, YearKnowledge knowledge) {
        List<double[]> read = new ArrayList<>();
        double low = 100;
        double high = -100;
        for (LocalDate day = from; !day.isAfter(today); day = day.plusDays(1)) {
            OptionalDouble night = there.night(day);
            if (night.isPresent()) {
                read.add(new double[] {x(day), night.getAsDouble(), ChronoUnit.DAYS.between(from, day)});
                low = Math.min(low, night.getAsDouble());
                high = Math.max(high, night.getAsDouble());
            }
        }
        List<Range> ranges = year.stretches().stream()
                .map(it -> knowledge.wants(year.kind(), it.phase(), false).night())
                .toList();
        for (Range range : ranges) {
            low = Math.min(low, range.low());
            high = Math.max(high, range.high());
        }
        Scale scale = new Scale(Math.floor(low / 5) * 5, Math.ceil(high / 5) * 5);
        List<Wanted> wanted = new ArrayList<>();
        List<Band> bands = bands(year);
        List<PlantYear.Stretch> shown = year.stretches().stream()
                .filter(it -> it.until().isAfter(from) && it.from().isBefore(today.plusDays(AFTER)))
                .toList();
        for (int i = 0; i < bands.size(); i++) {
            Range nights =
                    knowledge.wants(year.kind(), shown.get(i).phase(), false).night();
            wanted.add(new Wanted(
                    bands.get(i).x(),
                    bands.get(i).width(),
                    scale.y(nights.high()),
                    tenths(scale.y(nights.low()) - scale.y(nights.high()))));
        }
        return new Drawn(
                bands,
                months(),
                todayX(),
                List.copyOf(wanted),
                path(read, scale),
                scale.ticks(),
                Wording.say("year.drawing.said", Wording.of(year.phase())));
    }

    private static String path(List<double[]> read, Scale scale) {
        StringBuilder path = new StringBuilder();
        double last = -10;
        for (double[] night : read) {
            path.append(night[2] - last > 1.5 ? 'M' : 'L').append(SvgNumbers.point(night[0], scale.y(night[1])));
            last = night[2];
        }
        return path.toString();
    }

    private static double tenths(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private double x(LocalDate day) {
        return (double) ChronoUnit.DAYS.between(from, day) / (BEFORE + AFTER) * WIDTH;
    }

    private record Scale(double low, double high) {
        double y(double celsius) {
            return tenths(NIGHTS_BOTTOM - (celsius - low) / Math.max(5, high - low) * (NIGHTS_BOTTOM - NIGHTS_TOP));
        }

        List<Tick> ticks() {
            List<Tick> ticks = new ArrayList<>();
            double step = high - low > 30 ? 10 : 5;
            for (double value = low; value <= high; value += step) {
                ticks.add(new Tick(y(value), Units.number(value, Unit.Of.TEMPERATURE)));
            }
            return List.copyOf(ticks);
        }
    }

    /** The id of a phase, for its colour. */
    static String id(Phase phase) {
        return Words.id(phase);
    }

    /** How much of what is wanted is counted, for a bar: 0 to 1. */
    static double share(Optional<PlantYear.Chill> chill) {
        return chill.map(it -> Math.min(1, it.nights() / (7 * it.weeks().high())))
                .orElse(0.0);
    }
}
