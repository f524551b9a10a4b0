package mildlantern.web.season;

import java.time.LocalDate;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import mildlantern.light.Window;
import mildlantern.light.WindowLight;
import org.springframework.stereotype.Component;

/** The light of windows over the year, reckoned once for each: from the middle of each month, and between them in proportion. */
@Component
public class WindowCurves {
    private static final int MONTHS = 12;
    private static final int MIDDLE = 15;

    /** More windows than a collection has; when they are full they are reckoned anew. */
    private static final int MOST = 4000;

    private final WindowLight light;
    private final Map<Key, double[]> known = new ConcurrentHashMap<>();

    WindowCurves(WindowLight light) {
        this.light = light;
    }

    private record Key(Window window, double distanceM, double latitude) {}

    /** Light of a usual day, mol/m². */
    public double mol(Window window, double distanceM, double latitude, LocalDate day) {
        if (known.size() > MOST) {
            known.clear();
        }
        double[] months = known.computeIfAbsent(new Key(window, distanceM, latitude), this::reckon);
        double at = day.getMonthValue() - 1 + (day.getDayOfMonth() - MIDDLE) / (double) day.lengthOfMonth();
        int before = (int) Math.floor(at);
        double share = at - before;
        return (1 - share) * months[Math.floorMod(before, MONTHS)] + share * months[Math.floorMod(before + 1, MONTHS)];
    }

    private double[] reckon(Key key) {
        double[] months = new double[MONTHS];
        for (int month = 0; month < MONTHS; month++) {
            LocalDate day = LocalDate.of(2026, month + 1, MIDDLE);
            months[month] = light.usualDay(key.window(), key.distanceM(), key.latitude(), day)
                    .mol();
        }
        return months;
    }
}
