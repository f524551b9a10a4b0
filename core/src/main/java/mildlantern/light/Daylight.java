package mildlantern.light;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.Brightness;
import mildlantern.plant.Season;
import mildlantern.quantity.DailyLight;

/** Light as it is reckoned where no meter has read it. */
public final class Daylight {
    private static final double MOST = 80;
    private final Map<Brightness, Double> brightness = new EnumMap<>(Brightness.class);
    private final Map<Season, Double> seasons = new EnumMap<>(Season.class);

    private Daylight(Entry file) {
        for (Brightness value : Brightness.values()) {
            brightness.put(value, file.at("brightness").number(Words.id(value), 0, MOST));
        }
        for (Season season : Season.values()) {
            seasons.put(season, file.at("season").number(Words.id(season), 0.05, 5));
        }
    }

    /**
     * Reads the figures.
     *
     * @throws KnowledgeException if the file is wrong; the message names file and key
     */
    public static Daylight load() {
        return new Daylight(KnowledgeFiles.open("light.yaml"));
    }

    /** The light of a brightness in a season: within a factor of two of what a meter would read. */
    public DailyLight of(Brightness light, Season season) {
        return new DailyLight(Math.min(
                MOST, Objects.requireNonNull(brightness.get(light)) * Objects.requireNonNull(seasons.get(season))));
    }

    /** How many times the light of one brightness another has. */
    public double ratio(Brightness from, Brightness to) {
        return Objects.requireNonNull(brightness.get(to)) / Objects.requireNonNull(brightness.get(from));
    }
}
