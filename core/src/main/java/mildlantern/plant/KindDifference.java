package mildlantern.plant;

import java.util.ArrayList;
import java.util.List;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;

/** What a plant is kept by otherwise when it turns out to be of another kind; what makes no difference to its grower is not among it. */
public enum KindDifference implements MessageKey {
    /** With the brightness. */
    LIGHT,
    /** With both ends, percent. */
    HUMIDITY,
    /** With both ends. */
    DAY,
    /** With the coldest night. */
    NIGHT,
    /** With both ends, days. */
    WATERING,
    /** With how dry it gets. */
    DRYNESS,
    /** With how free of minerals it is. */
    WATER,
    /** With both ends, mg of nitrogen per litre. */
    FEED,
    /** With what rest. */
    REST,
    NO_REST;

    // What a grower would act on; practice.
    private static final double HUMIDITY_POINTS = 10;
    private static final double CELSIUS = 3;
    private static final double DAYS_TIMES = 1.3;
    private static final double FEED_MG = 25;

    /** What changes if a plant that was kept as one kind is kept as another. */
    public static List<Message> between(Profile from, Profile to) {
        List<Message> differences = new ArrayList<>();
        if (from.light() != to.light()) {
            differences.add(LIGHT.with(to.light()));
        }
        if (from.dryness() != to.dryness()) {
            differences.add(DRYNESS.with(to.dryness()));
        }
        if (to.wateringDays().middle() >= from.wateringDays().middle() * DAYS_TIMES
                || from.wateringDays().middle() >= to.wateringDays().middle() * DAYS_TIMES) {
            differences.add(
                    WATERING.with(to.wateringDays().low(), to.wateringDays().high()));
        }
        if (from.water() != to.water()) {
            differences.add(WATER.with(to.water()));
        }
        if (apart(from.humidity(), to.humidity(), HUMIDITY_POINTS)) {
            differences.add(HUMIDITY.with(to.humidity().low(), to.humidity().high()));
        }
        if (apart(from.day(), to.day(), CELSIUS)) {
            differences.add(DAY.with(
                    new Temperature(to.day().low()), new Temperature(to.day().high())));
        }
        if (Math.abs(from.night().celsius() - to.night().celsius()) >= CELSIUS) {
            differences.add(NIGHT.with(to.night()));
        }
        if (apart(from.feedMgN(), to.feedMgN(), FEED_MG)) {
            differences.add(FEED.with(to.feedMgN().low(), to.feedMgN().high()));
        }
        if (!from.rest().equals(to.rest())) {
            differences.add(to.rest().map(REST::with).orElseGet(NO_REST::with));
        }
        return List.copyOf(differences);
    }

    private static boolean apart(Range one, Range other, double least) {
        return Math.abs(one.low() - other.low()) >= least || Math.abs(one.high() - other.high()) >= least;
    }
}
