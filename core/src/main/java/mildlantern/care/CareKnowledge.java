package mildlantern.care;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import mildlantern.air.Air;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.light.Photons;
import mildlantern.plant.Dryness;
import mildlantern.plant.Season;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;

/** Figures of {@code care.yaml}: what a miss weighs, what a change costs. */
public final class CareKnowledge {
    private static final double SQUARE_CM_A_SQUARE_M = 10_000;
    private static final double DAYS_A_MONTH = 30;
    private static final double HOURS_A_DAY = 24;

    final double lightHalved;
    final double lightDoubled;
    final double humidityShort;
    final double humidityOver;
    final double day;
    final double night;
    final double nightOver;
    final double most;
    final double wateringDoubled;
    final double waterDoubled;
    final double hungry;
    final double saltyDoubled;
    final double slack;
    final Range watering;
    private final Map<Dryness, Double> wateringLate = new EnumMap<>(Dryness.class);
    final double wateringSure;
    final double others;
    final double worth;
    final double lampPpfd;
    final double lampHours;
    final double lampYield;
    final double lampBoard;
    final double lampMargin;
    final double aboveLow;
    final double mostHumidity;
    private final double humidifierHolds;
    final Range room;
    final Range cabinet;

    private final Map<Change.Kind, Double> effort = new EnumMap<>(Change.Kind.class);
    private final Map<Change.Kind, Integer> lookAgain = new EnumMap<>(Change.Kind.class);
    private final Map<String, Change.Kind> trials = new HashMap<>();
    private final Map<Season, Changes.Outside> outside = new EnumMap<>(Season.class);
    private final double full;
    private final double effortBySteps;
    private final double effortDisplacing;
    private final double worksBook;
    private final double worksWeight;

    private CareKnowledge(Entry file) {
        Entry miss = file.at("miss");
        lightHalved = miss.number("light-halved", 0, 5);
        lightDoubled = miss.number("light-doubled", 0, 5);
        humidityShort = miss.number("humidity-short", 1, 100);
        humidityOver = miss.number("humidity-over", 1, 100);
        day = miss.number("day", 0.5, 40);
        night = miss.number("night", 0.5, 40);
        nightOver = miss.number("night-over", 0.5, 40);
        most = miss.number("most", 0.5, 5);
        wateringDoubled = miss.number("watering-doubled", 0, 5);
        waterDoubled = miss.number("water-doubled", 0, 5);
        hungry = miss.number("hungry", 0, 5);
        saltyDoubled = miss.number("salty-doubled", 0, 5);
        slack = file.number("slack", 0, 1);
        watering = file.range("watering", 0.1, 5);
        for (Dryness dryness : Dryness.values()) {
            wateringLate.put(
                    dryness,
                    file.at("watering-late")
                            .optionalNumber(Words.id(dryness), 1, 10)
                            .orElse(watering.high()));
        }
        wateringSure = file.number("watering-sure", 0.5, 1);
        others = file.number("others", 0, 1);
        worth = file.number("worth", 0, 1);
        for (Season season : Season.values()) {
            Entry weather = file.at("outside").at(Words.id(season));
            outside.put(
                    season,
                    new Changes.Outside(weather.number("celsius", -40, 50), weather.number("humidity", 0, 100)));
        }
        Entry cost = file.at("effort");
        for (Change.Kind kind : Change.Kind.values()) {
            effort.put(kind, cost.number(Words.id(kind), 0, 2));
            lookAgain.put(kind, (int) file.at("look-again").number(Words.id(kind), 1, 365));
        }
        effortBySteps = cost.number("move-by-steps", 0, 2);
        effortDisplacing = cost.number("move-displacing", 0, 2);
        worksBook = file.at("works").number("book", 0.05, 1);
        worksWeight = file.at("works").number("weight", 0.1, 100);
        Entry lamp = file.at("lamp");
        lampPpfd = lamp.number("most-ppfd", 10, 2000);
        lampMargin = lamp.number("margin", 1, 2);
        aboveLow = file.at("humidifier").number("above", 0, 20);
        mostHumidity = file.at("humidifier").number("most", 40, 100);
        humidifierHolds = file.at("humidifier").number("holds", 30, 100);
        full = file.number("full", 0.1, 1);
        lampHours = lamp.number("hours", 6, 18);
        lampYield = lamp.number("yield", 0.1, 5);
        lampBoard = lamp.number("least-board", 0.01, 5);
        Map<String, Change.Kind> kinds = new HashMap<>();
        for (Change.Kind kind : Change.Kind.values()) {
            kinds.put(Words.id(kind), kind);
        }
        file.at("trials").children().forEach((trial, entry) -> {
            if (!kinds.containsKey(entry.text())) {
                throw entry.failure("no sort of change");
            }
            trials.put(trial, Objects.requireNonNull(kinds.get(entry.text())));
        });
        Entry air = file.at("room");
        room = new Range(air.number("changes", 0.1, 10), air.number("cubic-metres", 1, 1000));
        cabinet = new Range(air.number("cabinet-cubic-metres", 0.01, 10), air.number("cabinet-changes", 0.1, 20));
    }

    /**
     * @throws mildlantern.knowledge.KnowledgeException if {@code care.yaml} is wrong; the message names the key
     */
    public static CareKnowledge load() {
        return new CareKnowledge(KnowledgeFiles.open("care.yaml"));
    }

    /** Trials of cases that are changes of care, by their ids, with the sort of change that each is. */
    public Map<String, Change.Kind> trials() {
        return Map.copyOf(trials);
    }

    double effort(Change.Kind kind) {
        return Objects.requireNonNull(effort.get(kind));
    }

    double effortOfMove(boolean bySteps, boolean displacing) {
        return displacing ? effortDisplacing : bySteps ? effortBySteps : effort(Change.Kind.MOVE);
    }

    /** Days between waterings against the days that its pot takes, which a kind bears that gets so dry. */
    Range wateringBorne(Dryness dryness) {
        return new Range(watering.low(), Objects.requireNonNull(wateringLate.get(dryness)));
    }

    /** Weather outdoors in a season, where no source of weather is known. */
    public Changes.Outside outside(Season season) {
        return Objects.requireNonNull(outside.get(season));
    }

    /** Hours a day that a lamp shines. */
    public double lampHours() {
        return lampHours;
    }

    /**
     * Light that a lamp adds in its usual hours, mol/m² and day.
     *
     * @param ppfd on the leaves, µmol/m² s
     */
    public double lampAdds(double ppfd) {
        return Photons.daily(ppfd, lampHours);
    }

    /**
     * What a lamp draws that lights a whole stop, W.
     *
     * @param ppfd on the leaves, µmol/m² s
     * @param boardSquareM the stop's board, m²
     */
    public double lampWatts(double ppfd, double boardSquareM) {
        return ppfd * Math.max(lampBoard, boardSquareM) / lampYield;
    }

    /** What such a lamp uses in a month of 30 days, kWh. */
    public double lampKwhAMonth(double ppfd, double boardSquareM) {
        return lampWatts(ppfd, boardSquareM) * lampHours * DAYS_A_MONTH / 1000;
    }

    /**
     * Water that a humidifier takes up in a day, L.
     *
     * @param glassCase whether it stands in a glass case, not in a room
     * @param percent relative humidity that it holds
     */
    public double humidifierLitres(boolean glassCase, double celsius, double percent, Changes.Outside weather) {
        return Air.humidifierGramsPerHour(
                        glassCase ? cabinet.low() : room.high(),
                        glassCase ? cabinet.high() : room.low(),
                        new Temperature(celsius),
                        new RelativeHumidity(percent),
                        new Temperature(weather.celsius()),
                        new RelativeHumidity(weather.humidity()))
                * HOURS_A_DAY
                / 1000;
    }

    /** The relative humidity that a humidifier of a room is set to where plants of many kinds stand, percent. */
    public double humidifierHolds() {
        return humidifierHolds;
    }

    /** What pots may take up of a board before the stop is full: their squares, cm². */
    public double room(double boardSquareM) {
        return full * boardSquareM * SQUARE_CM_A_SQUARE_M;
    }

    /** Whether a stop is full: the squares of its pots, cm², against its board, cm². */
    public boolean full(double pots, double board) {
        return pots > full * board;
    }

    /** What changes did in a collection, against what the book expects of them. */
    public Experience experience(List<Experience.Case> cases) {
        return new Experience(List.copyOf(cases), worksBook, worksWeight);
    }

    /** Days after a change on which to look whether it helped. */
    public int lookAgainDays(Change.Kind kind) {
        return Objects.requireNonNull(lookAgain.get(kind));
    }
}
