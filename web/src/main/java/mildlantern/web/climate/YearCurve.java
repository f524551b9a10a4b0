package mildlantern.web.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.quantity.Limits;
import mildlantern.web.platform.SvgNumbers;
import mildlantern.web.words.Wording;

/** The year's light at a stop as a curve. */
final class YearCurve {
    private static final double LEFT = 34;
    private static final double RIGHT = 372;
    private static final double TOP = 8;
    private static final double BOTTOM = 92;
    private static final String MONTHS = "JFMAMJJASOND";

    private YearCurve() {}

    /** @param measured what is measured now, mol/m² and day; empty where that is only reckoned */
    static StopYears.Year draw(List<Double> mol, int week, Optional<Double> measured) {
        double most =
                Math.max(2, mol.stream().mapToDouble(Double::doubleValue).max().orElse(1) * 1.05);
        StringBuilder path = new StringBuilder();
        for (int point = 0; point < mol.size(); point++) {
            path.append(point == 0 ? 'M' : 'L').append(SvgNumbers.point(x(point * 7), y(mol.get(point), most)));
        }
        List<AirChart.Mark> months = new ArrayList<>();
        for (int month = 0; month < 12; month++) {
            months.add(new AirChart.Mark(x((int) (month * 30.4 + 15)), MONTHS.substring(month, month + 1)));
        }
        double step = most > 30 ? 20 : most > 12 ? 10 : most > 6 ? 5 : 2;
        List<AirChart.Mark> ticks = new ArrayList<>();
        for (double value = 0; value <= most; value += step) {
            ticks.add(new AirChart.Mark(y(value, most), Limits.plain(value)));
        }
        double lowest = mol.stream().mapToDouble(Double::doubleValue).min().orElse(0);
        double highest = mol.stream().mapToDouble(Double::doubleValue).max().orElse(0);
        return new StopYears.Year(
                path.toString(),
                List.copyOf(months),
                List.copyOf(ticks),
                measured.map(now -> Wording.say(
                                "climate.year-curve.from-mol-measured",
                                Limits.tenths(lowest),
                                Limits.tenths(highest),
                                Limits.tenths(now)))
                        .orElseGet(() -> Wording.say(
                                "climate.year-curve.from-mol-m-day",
                                Limits.tenths(lowest),
                                Limits.tenths(highest),
                                Limits.tenths(mol.get(week)))));
    }

    private static double x(int day) {
        return LEFT + day / 371.0 * (RIGHT - LEFT);
    }

    private static double y(double mol, double most) {
        return BOTTOM - mol / most * (BOTTOM - TOP);
    }
}
