package mildlantern.light;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.Brightness;
import mildlantern.quantity.DailyLight;

/** Light as it is reckoned where no meter has read it. */
public final class Daylight {
    private static final double MOST = 80;
    private final Map<Brightness, Double> brightness = new EnumMap<>(Brightness.class);

    private Daylight(Entry file) {
        for (Brightness value : Brightness.values()) {
            brightness.put(value, file.at("brightness").number(Words.id(value), 0, MOST));
        }
    }

    /**
     * Reads the figures.
     *
     * @throws KnowledgeException if the file is wrong; the message names the file and key
     */
    public static Daylight load() {
        return new Daylight(KnowledgeFiles.open("light.yaml"));
    }

    /**
     * The light of a brightness: within a factor of two of what a meter would read.
     *
     * @param sun the sun of the day against the spring equinox at 45°: {@link Sun.Year#share}
     */
    public DailyLight of(Brightness light, double sun) {
        return new DailyLight(Math.min(MOST, Objects.requireNonNull(brightness.get(light)) * sun));
    }

    /** How many times the light of one brightness another has. */
    public double ratio(Brightness from, Brightness to) {
        return Objects.requireNonNull(brightness.get(to)) / Objects.requireNonNull(brightness.get(from));
    }
}
