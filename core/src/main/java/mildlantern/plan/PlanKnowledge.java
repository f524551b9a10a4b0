package mildlantern.plan;

import java.util.Set;
import java.util.stream.DoubleStream;
import mildlantern.care.Need;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.plant.Phase;

/** Figures of {@code plan.yaml}: what counts how much, and what a change costs. */
public final class PlanKnowledge {
    private static final double DAYS_A_MONTH = 30;

    private final double chilled;
    private final double young;
    private final double highLight;
    private final double other;
    private final double muchLight;
    private final double move;
    private final double bySteps;
    private final double lamp;
    private final double kwh;
    final double humidifier;
    final double net;
    private final double setPoint;
    final double anotherWater;
    final double waterAPlant;
    private final double[] lamps;
    private final double[] nights;
    final double coolerOutdoors;
    private final double wattsADegree;
    private final double nightHours;
    final Minutes minutes;
    final double netPasses;
    final double coldSlack;
    final int places;
    private final double effortAPlant;
    private final double effortMost;
    final double near;
    final int weeksAhead;
    final double missAhead;
    final int weeksOfLight;

    /**
     * What things take, minutes.
     *
     * @param move carrying a plant
     * @param bySteps carrying it by steps, all of them
     * @param setUp putting up a lamp, a net or a humidifier, or setting a heating
     */
    record Minutes(double move, double bySteps, double setUp, double humidifierAWeek, double waterAWeek) {}

    private PlanKnowledge(Entry file) {
        file.allowOnly(Set.of(
                "weighs",
                "much-light",
                "costs",
                "lamps",
                "net",
                "nights",
                "minutes",
                "cold-slack",
                "places",
                "effort",
                "ahead"));
        Entry weighs = file.at("weighs");
        chilled = weighs.number("chilled", 0, 20);
        young = weighs.number("young", 0, 20);
        highLight = weighs.number("much-light", 0, 20);
        other = weighs.number("other", 0, 20);
        muchLight = file.number("much-light", 0, 60);
        Entry costs = file.at("costs");
        move = costs.number("move", 0, 5);
        bySteps = costs.number("by-steps", 0, 5);
        lamp = costs.number("lamp", 0, 20);
        kwh = costs.number("kwh", 0, 5);
        humidifier = costs.number("humidifier", 0, 20);
        net = costs.number("net", 0, 20);
        setPoint = costs.number("set-point", 0, 20);
        anotherWater = costs.number("another-water", 0, 20);
        waterAPlant = costs.number("water-a-plant", 0, 5);
        nights = file.at("nights").at("by").members().stream()
                .mapToDouble(entry -> entry.number(-10, 10))
                .toArray();
        coolerOutdoors = file.at("nights").number("outdoors-cooler", 0, 10);
        wattsADegree = file.at("nights").number("watts-a-degree", 0, 1000);
        nightHours = file.at("nights").number("hours", 1, 24);
        Entry times = file.at("minutes");
        minutes = new Minutes(
                times.number("move", 0, 60),
                times.number("by-steps", 0, 60),
                times.number("set-up", 0, 240),
                times.number("humidifier-a-week", 0, 240),
                times.number("water-a-week", 0, 240));
        lamps = file.at("lamps").members().stream()
                .mapToDouble(entry -> entry.number(10, 2000))
                .toArray();
        netPasses = file.number("net", 0.05, 1);
        coldSlack = file.number("cold-slack", 0, 5);
        places = (int) file.number("places", 2, 60);
        effortAPlant = file.at("effort").number("a-plant", 0.001, 60);
        weeksAhead = (int) file.at("ahead").number("weeks", 2, 52);
        weeksOfLight = (int) file.at("ahead").number("light", 0, 26);
        missAhead = file.at("ahead").number("miss", 0.05, 3);
        near = file.at("effort").number("near", 0, 0.5);
        effortMost = file.at("effort").number("most", 0.1, 3600);
    }

    /**
     * @throws mildlantern.knowledge.KnowledgeException if the file is wrong; the message names the key
     */
    public static PlanKnowledge load() {
        return new PlanKnowledge(KnowledgeFiles.open("plan.yaml"));
    }

    /** How much the misses of a plant count. */
    double weight(Household.Housed housed, Iterable<Need> now) {
        for (Need need : now) {
            boolean cold = need.kind() == Need.Kind.NIGHT && need.standing() == Need.Standing.SHORT;
            boolean restBroken = housed.plant().wants().phase().rests()
                    && (need.kind() == Need.Kind.NIGHT || need.kind() == Need.Kind.DAY)
                    && need.standing() == Need.Standing.OVER;
            if (cold || restBroken) {
                return chilled;
            }
        }
        if (housed.young() || housed.plant().wants().phase() == Phase.SPIKING) {
            return young;
        }
        return housed.plant().wants().growsFrom() >= muchLight ? highLight : other;
    }

    double costOfMove(boolean steps) {
        return move + (steps ? bySteps : 0);
    }

    /** @param kwhAMonth what it uses */
    double costOfLamp(double kwhAMonth) {
        return lamp + kwh * kwhAMonth;
    }

    /** @param by how much warmer the nights of a room are kept, °C; below 0 cooler, which costs the trouble only */
    double costOfNights(double by) {
        return by == 0 ? 0 : setPoint + kwh * nightKwhAMonth(by);
    }

    /** What the heating of a room uses more in a month for warmer nights, kWh; 0 for cooler ones. */
    public double nightKwhAMonth(double by) {
        return Math.max(0, by) * wattsADegree * nightHours * DAYS_A_MONTH / 1000;
    }

    /** Whether there is a lamp that adds so much on the leaves, µmol/m² s. */
    public boolean hasLamp(double ppfd) {
        return lampSizes().anyMatch(lamp -> lamp == ppfd);
    }

    /** Whether nights may be kept by so much warmer, °C. */
    public boolean hasNights(double by) {
        return nightSteps().anyMatch(step -> step == by);
    }

    DoubleStream nightSteps() {
        return DoubleStream.of(nights);
    }

    double effort(int plants) {
        return Math.min(effortMost, effortAPlant * plants);
    }

    DoubleStream lampSizes() {
        return DoubleStream.of(lamps);
    }
}
