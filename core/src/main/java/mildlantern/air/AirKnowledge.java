package mildlantern.air;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;

/** What depends on figures of {@code air.yaml}: cold glass, leaf-spot risk and grouping. */
public final class AirKnowledge {
    private final Map<Glazing, Double> glass = new EnumMap<>(Glazing.class);
    private final double innerFilm;
    private final SortedMap<Double, Double> coldReach = new TreeMap<>();
    private final Range grouping;
    private final double least;
    private final double best;
    private final double most;
    private final double hours;
    private final Marks marks;
    private final double heaterReach;

    /**
     * Where a figure begins to matter.
     *
     * @param dryKpa deficit above which soft leaves crisp, kPa
     * @param closeKpa deficit below which nothing dries, kPa
     * @param chillCelsius leaf temperature below which tropicals are hurt within hours, °C
     * @param risky leaf-spot risk from which something should be done, 0 to 1
     */
    public record Marks(double dryKpa, double closeKpa, double chillCelsius, double risky) {}

    private AirKnowledge(Entry file) {
        file.allowOnly(Set.of("glass", "inner-film", "cold-reach", "grouping", "leaf-spot", "marks", "heater-reach"));
        for (Glazing glazing : Glazing.values()) {
            glass.put(glazing, file.at("glass").number(Words.id(glazing), 0.2, 8));
        }
        innerFilm = file.number("inner-film", 0.05, 0.5);
        file.at("cold-reach").children().forEach((cm, share) -> coldReach.put(Double.valueOf(cm), share.number(0, 1)));
        grouping = file.range("grouping", 0, 30);
        Entry spot = file.at("leaf-spot");
        least = spot.number("least", -5, 30);
        best = spot.number("best", least, 40);
        most = spot.number("most", best, 50);
        hours = spot.number("hours", 1, 48);
        heaterReach = file.number("heater-reach", 10, 500);
        Entry mark = file.at("marks");
        marks = new Marks(
                mark.number("dry", 0, 10),
                mark.number("close", 0, 10),
                mark.number("chill", 0, 30),
                mark.number("risky", 0, 1));
    }

    /**
     * @throws KnowledgeException if the file is wrong; the message names the key
     */
    public static AirKnowledge load() {
        return new AirKnowledge(KnowledgeFiles.open("air.yaml"));
    }

    /**
     * Temperature of the inner face of a window: inside − U · R · (inside − outside), with U the window's heat transfer and R the resistance
     * of the inner air film (EN ISO 6946).
     */
    public Temperature paneInside(Temperature inside, Temperature outside, Glazing glazing) {
        double share = Math.min(1, Objects.requireNonNull(glass.get(glazing)) * innerFilm);
        return new Temperature(inside.celsius() - share * (inside.celsius() - outside.celsius()));
    }

    /**
     * Temperature of a leaf at a distance from the pane; in still air at night.
     *
     * @param distanceCm from the glass, cm, 0 if it touches
     */
    public Temperature leafAtPane(Temperature inside, Temperature outside, Glazing glazing, double distanceCm) {
        double pane = paneInside(inside, outside, glazing).celsius();
        double share = coldShare(Limits.require("distance", distanceCm, 0, 1000, "cm"));
        return new Temperature(inside.celsius() - share * (inside.celsius() - pane));
    }

    private double coldShare(double cm) {
        double below = coldReach.firstKey();
        for (Map.Entry<Double, Double> point : coldReach.entrySet()) {
            if (cm <= point.getKey()) {
                double from = Objects.requireNonNull(coldReach.get(below));
                double width = point.getKey() - below;
                return width == 0 ? from : from + (cm - below) / width * (point.getValue() - from);
            }
            below = point.getKey();
        }
        return Objects.requireNonNull(coldReach.get(coldReach.lastKey()));
    }

    /**
     * How near the leaves are to what a leaf spot needs, each day: wet hours over the hours needed at this temperature, W_min / f(T) with
     * f(T) = ((T_max − T) / (T_max − T_opt)) · ((T − T_min) / (T_opt − T_min))^((T_opt − T_min) / (T_max − T_opt)). Source: Magarey, Sutton and
     * Russo (2005), Phytopathology 95, equations 1 and 2.
     *
     * @param air temperature while the leaves are wet
     * @param wetHours hours a day that they are wet, 0 to 24
     * @return 0 (none) to 1 (enough to infect, or more)
     */
    public double leafSpotRisk(Temperature air, double wetHours) {
        double wet = Limits.require("hours of wet leaves", wetHours, 0, 24, "h");
        return Math.min(1, wet * response(air.celsius()) / hours);
    }

    private double response(double celsius) {
        if (celsius <= least || celsius >= most) {
            return 0;
        }
        return (most - celsius)
                / (most - best)
                * Math.pow((celsius - least) / (best - least), (best - least) / (most - best));
    }

    /** How far a heater or a draught reaches, cm. */
    public double heaterReachCm() {
        return heaterReach;
    }

    public Marks marks() {
        return marks;
    }

    /** Percent of relative humidity that grouping watered plants adds, roughly. */
    public Range grouping() {
        return grouping;
    }
}
