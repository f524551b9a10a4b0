package mildlantern.season;

import mildlantern.knowledge.Entry;

/**
 * What growers go by when they act on the year of a plant: {@code year.yaml}, 'practice'. Kind of source: practice.
 *
 * @param lead nights before the first that is too cold by which a plant comes in: a forecast is wrong by a night, and a grower is out
 * @param safe °C that the nights ahead lie above its limit before a plant goes out
 * @param ahead days ahead in which a step of the year is worth a line
 * @param waits days that a step which fell due waits for its answer
 * @param near °C by which nights may miss what is wanted before a place is no help
 * @param dayCounts what a degree by day counts against one by night, where places are compared
 * @param lightCounts degrees by night that half the light counts
 * @param frostNights nights of cold that still tell: what froze longer ago has shown it
 */
record Practice(
        int lead,
        double safe,
        int ahead,
        int waits,
        double near,
        double dayCounts,
        double lightCounts,
        int frostNights) {
    static Practice read(Entry entry) {
        return new Practice(
                (int) entry.number("lead", 0, 7),
                entry.number("safe", 0, 10),
                (int) entry.number("ahead", 7, 365),
                (int) entry.number("waits", 1, 90),
                entry.number("near", 0, 10),
                entry.number("day-counts", 0, 1),
                entry.number("light-counts", 0, 10),
                (int) entry.number("frost-nights", 7, 120));
    }
}
