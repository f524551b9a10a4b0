package mildlantern.web.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import mildlantern.pest.Outlook;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;

/** Draws what a course expects to be noticed, day by day, with the band in which nine of ten lie, and the counts made so far. */
final class CourseDrawing {
    static final int WIDTH = 560;
    static final int HEIGHT = 170;
    private static final int LEFT = 40;
    private static final int RIGHT = 12;
    private static final int TOP = 12;
    private static final int FOOT = 142;

    private final Outlook outlook;
    private final LocalDate from;
    private final double most;

    /** A mark on an axis. */
    record Tick(double at, String words) {}

    /** A count that was made, or a use. */
    record Mark(double x, double y, String words) {}

    /** All that is drawn. */
    record Picture(
            String band,
            String line,
            List<Tick> days,
            List<Tick> numbers,
            List<Mark> counts,
            List<Mark> uses,
            double today,
            String words) {}

    /** A count and its day, counted from the first of the course. */
    record Counted(int day, int number) {}

    CourseDrawing(Outlook outlook, LocalDate from, List<Counted> counts) {
        this.outlook = outlook;
        this.from = from;
        double highest = Math.max(2, outlook.high(0));
        for (Counted count : counts) {
            highest = Math.max(highest, count.number());
        }
        this.most = highest;
    }

    Picture draw(List<Counted> counts, List<Integer> uses, LocalDate today, String unit) {
        StringBuilder upper = new StringBuilder();
        StringBuilder lower = new StringBuilder();
        StringBuilder line = new StringBuilder();
        for (int day = 0; day <= outlook.days(); day++) {
            String to = day == 0 ? "M" : "L";
            upper.append(to).append(point(day, outlook.high(day)));
            lower.insert(0, "L" + point(day, outlook.low(day)));
            line.append(to).append(point(day, outlook.middle(day)));
        }
        List<Tick> days = new ArrayList<>();
        for (int day = 0; day <= outlook.days(); day += 7) {
            days.add(new Tick(x(day), DayFormat.SHORT.format(from.plusDays(day))));
        }
        List<Tick> numbers = new ArrayList<>();
        double step = step();
        for (double number = 0; number <= most; number += step) {
            numbers.add(new Tick(y(number), Wording.say("treatment.course-drawing.number", number)));
        }
        long now = ChronoUnit.DAYS.between(from, today);
        return new Picture(
                upper.append(lower).append('Z').toString(),
                line.toString(),
                days,
                numbers,
                counts.stream()
                        .map(count -> new Mark(
                                x(count.day()),
                                y(count.number()),
                                Wording.say(
                                        "treatment.course-drawing.counted",
                                        count.number(),
                                        DayFormat.SHORT.format(from.plusDays(count.day())))))
                        .toList(),
                uses.stream().map(day -> new Mark(x(day), FOOT, "")).toList(),
                now >= 0 && now <= outlook.days() ? x(now) : -1,
                Wording.say("treatment.course-drawing.words", unit));
    }

    private double step() {
        double rough = most / 4;
        double power = Math.pow(10, Math.floor(Math.log10(Math.max(1, rough))));
        return rough / power > 5 ? 10 * power : rough / power > 2 ? 5 * power : rough / power > 1 ? 2 * power : power;
    }

    private String point(int day, double number) {
        return Math.round(x(day) * 10) / 10.0 + " " + Math.round(y(number) * 10) / 10.0 + " ";
    }

    private double x(double day) {
        return LEFT + day * (WIDTH - LEFT - RIGHT) / Math.max(1, outlook.days());
    }

    private double y(double number) {
        return FOOT - Math.min(1.02, number / most) * (FOOT - TOP);
    }
}
