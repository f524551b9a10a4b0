package mildlantern.web.pestclock;

import static mildlantern.web.platform.SvgNumbers.point;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import mildlantern.pest.PestDay;
import mildlantern.web.words.Wording;

/**
 * The curves of a pest clock. Height is by tenfold steps, so that ten and ten thousand both show; the bands of the stages share the height
 * of all by their shares.
 */
final class ClockDrawing {
    static final int WIDTH = 860;
    static final int HEIGHT = 300;
    private static final int LEFT = 58;
    private static final int RIGHT = 14;
    private static final int TOP = 12;
    private static final int BOTTOM = 40;
    private static final double FLOOR = 0.01;

    private final List<PestDay> course;
    private final double ceiling;

    /**
     * One stage as a band.
     *
     * @param name its word
     * @param number its place among the stages, for its ink
     * @param path its outline
     */
    record Band(String name, int number, String path) {}

    /**
     * A mark on an axis.
     *
     * @param at along the axis
     * @param words what stands there
     */
    record Tick(double at, String words) {}

    /** A use of a means: where along the days, and which. */
    record Use(double x, String words) {}

    /** All that is drawn. */
    record Picture(
            List<Band> bands,
            String none,
            String once,
            List<Tick> days,
            List<Tick> numbers,
            List<Use> uses,
            double floor,
            double oneLeft) {}

    ClockDrawing(List<PestDay> course, List<PestDay> none) {
        this.course = course;
        double most = none.stream().mapToDouble(PestDay::total).max().orElse(1);
        most = Math.max(most, course.stream().mapToDouble(PestDay::total).max().orElse(1));
        this.ceiling = Math.pow(10, Math.ceil(Math.log10(Math.max(10, Math.min(most, 1e5)))));
    }

    Picture draw(List<String> stages, List<PestDay> none, List<PestDay> once, List<Use> uses) {
        List<Band> bands = new ArrayList<>();
        for (int stage = 0; stage < stages.size(); stage++) {
            bands.add(new Band(stages.get(stage), stage, band(stage)));
        }
        List<Tick> days = new ArrayList<>();
        int every = course.size() > 80 ? 14 : 7;
        for (int day = 0; day < course.size() - 1; day += every) {
            days.add(new Tick(
                    x(day),
                    day == 0 ? Wording.say("pestclock.drawing.today") : Wording.say("pestclock.drawing.day", day)));
        }
        Set<Double> shown = new TreeSet<>();
        for (double number = 1; number <= ceiling; number *= 10) {
            shown.add(number);
        }
        List<Tick> numbers = shown.stream()
                .map(number -> new Tick(
                        y(number), String.format(Locale.ROOT, "%,.0f", number).replace(',', ' ')))
                .toList();
        return new Picture(bands, line(none), line(once), days, numbers, uses, HEIGHT - BOTTOM, y(1));
    }

    double x(double day) {
        return LEFT + day * (WIDTH - LEFT - RIGHT) / Math.max(1, course.size() - 1);
    }

    private double y(double number) {
        double share = Math.log10(Math.max(number, FLOOR) / FLOOR) / Math.log10(ceiling / FLOOR);
        return HEIGHT - BOTTOM - Math.min(1.02, share) * (HEIGHT - BOTTOM - TOP);
    }

    private String band(int stage) {
        StringBuilder upper = new StringBuilder();
        StringBuilder lower = new StringBuilder();
        for (int day = 0; day < course.size(); day++) {
            double[] numbers = course.get(day).byStage();
            double total = Math.max(course.get(day).total(), 1e-12);
            double below = 0;
            for (int i = 0; i < stage; i++) {
                below += numbers[i];
            }
            double height = HEIGHT - BOTTOM - y(total);
            double foot = HEIGHT - BOTTOM - height * below / total;
            double head = HEIGHT - BOTTOM - height * (below + numbers[stage]) / total;
            upper.append(day == 0 ? "M" : "L").append(point(x(day), head));
            lower.insert(0, "L" + point(x(day), foot));
        }
        return upper.append(lower).append('Z').toString();
    }

    private String line(List<PestDay> run) {
        StringBuilder line = new StringBuilder();
        for (int day = 0; day < run.size(); day++) {
            line.append(day == 0 ? "M" : "L")
                    .append(point(x(day), y(run.get(day).total())));
            if (run.get(day).total() > ceiling) {
                break;
            }
        }
        return line.toString();
    }
}
