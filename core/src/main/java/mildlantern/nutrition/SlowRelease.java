package mildlantern.nutrition;

import java.time.LocalDate;
import java.util.function.ToDoubleFunction;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.quantity.Limits;

/**
 * Coated granules: they free their food evenly over the months that the label gives at 21 °C, twice as fast for each 10 °C more (makers' tables;
 * the usual Q₁₀ of diffusion through the coat).
 */
public final class SlowRelease {
    private static final double DAYS_A_MONTH = 365.25 / 12;

    private final double at;
    private final double doubles;

    private SlowRelease(Entry file) {
        at = file.at("slow-release").number("at", 10, 40);
        doubles = file.at("slow-release").number("doubles", 5, 20);
    }

    /**
     * @throws mildlantern.knowledge.KnowledgeException if {@code feeds.yaml} is wrong; the message names the key
     */
    public static SlowRelease load() {
        return new SlowRelease(KnowledgeFiles.open("feeds.yaml"));
    }

    /**
     * Share that is freed in a day.
     *
     * @param months that it lasts at 21 °C, 1 to 24
     * @param celsius mean of the day
     */
    public double aDay(double months, double celsius) {
        Limits.require("months", months, 1, 24, "");
        Limits.require("temperature", celsius, -40, 60, "°C");
        return celsius <= 0 ? 0 : Math.pow(2, (celsius - at) / doubles) / (months * DAYS_A_MONTH);
    }

    /**
     * Share that is left.
     *
     * @param laid the day on which it was laid
     * @param today the day asked for
     * @param celsius mean of each day, °C
     * @return 0 to 1
     */
    public double left(double months, LocalDate laid, LocalDate today, ToDoubleFunction<LocalDate> celsius) {
        double left = 1;
        for (LocalDate day = laid; day.isBefore(today) && left > 0; day = day.plusDays(1)) {
            left -= aDay(months, celsius.applyAsDouble(day));
        }
        return Math.max(0, left);
    }

    /**
     * The day on which it is used up.
     *
     * @param most how many days are looked ahead at most
     */
    public LocalDate usedUp(double months, LocalDate laid, ToDoubleFunction<LocalDate> celsius, int most) {
        double left = 1;
        LocalDate day = laid;
        while (left > 0 && day.isBefore(laid.plusDays(most))) {
            left -= aDay(months, celsius.applyAsDouble(day));
            day = day.plusDays(1);
        }
        return day;
    }
}
