package mildlantern.season;

import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.Entry;
import mildlantern.quantity.Range;

/**
 * The year of a kind.
 *
 * @param hold light under which it loses, mol/m² and day
 * @param slowFeed share of its growing feed while it only holds
 * @param nightMost warmest nights it likes in growth, °C, where they are known
 * @param lightHours most hours of light, where its flowers or its rest hang on long nights
 * @param rest its rest, if it has one
 * @param spell nights that set its flowers without a rest
 * @param buds what it wants from buds until they swell, if that differs
 * @param cold what cold takes of it
 * @param outdoors whether it gains from a summer outdoors
 * @param disputed what a grower of its group would say against it
 */
public record KindOfYear(
        double hold,
        double slowFeed,
        OptionalDouble nightMost,
        OptionalDouble lightHours,
        Optional<Rest> rest,
        Optional<Spell> spell,
        Optional<Buds> buds,
        ColdLimits cold,
        boolean outdoors,
        Optional<String> disputed) {
    /**
     * A cool spell.
     *
     * @param below nights count under it, °C
     * @param weeks how many of them
     * @param hours hours of daylight under which it is the time
     */
    public record Spell(double below, Range weeks, double hours) {}

    /** From buds until they swell. */
    public record Buds(Range nights, Range days, double feed) {}

    static KindOfYear read(Entry entry, double slowFeed) {
        return new KindOfYear(
                entry.number("hold", 0.1, 30),
                entry.optionalNumber("slow-feed", 0, 1).orElse(slowFeed),
                entry.optionalNumber("night-most", 5, 35),
                entry.optionalNumber("light-hours", 6, 16),
                entry.find("rest").map(Rest::read),
                entry.find("cool-spell")
                        .map(it -> new Spell(
                                it.number("below", 0, 30), it.range("weeks", 1, 30), it.number("hours", 6, 18))),
                entry.find("buds")
                        .map(it -> new Buds(
                                it.range("nights", -10, 30), it.range("days", -10, 40), it.number("feed", 0, 1))),
                new ColdLimits(entry.number("leaves", -30, 15), entry.number("roots", -30, 12)),
                entry.flag("outdoors"),
                entry.optionalText("disputed"));
    }
}
