package mildlantern.water;

import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import mildlantern.air.Air;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.light.Daylight;
import mildlantern.log.LogEntry;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.quantity.DailyLight;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.quantity.VapourPressureDeficit;

/** The figures of {@code water.yaml}, checked; makes a pot's water from them. */
public final class WaterKnowledge {
    /** Times the light from which it grows that a plant in good growth has. */
    private static final double GROWS_WELL = 2;

    private static final double LEAST_DEFICIT_KPA = 0.05;
    private static final int HALVINGS = 30;

    final Range check;
    final double dayToDay;
    final Learning learning;
    final Early early;
    final Readings readings;

    private final PotFigures pots;
    private final Losses losses;
    private final double usualDay;
    private final double usualNightCooler;
    private final double usualHumidity;
    private final Daylight daylight;
    private final PlantKnowledge plants;
    private final Map<Profile, Double> usual = new ConcurrentHashMap<>();
    private final Map<LogEntry.Probed, Sight> sights = new ConcurrentHashMap<>();

    /**
     * How a plant's thirst and its pot's store are learned.
     *
     * @param thirst standard deviation of the thirst's natural logarithm between plants of a kind
     * @param store the same of what a medium holds
     * @param weighed the same where both weights of the pot are known
     * @param repotted what a repotting adds to the doubt of the thirst
     * @param bound the kind's own mean stays within this factor of the rates
     * @param drift standard deviation of the thirst's logarithm per root of a day
     * @param wrong share of entries that are slips of the pen
     */
    record Learning(
            double thirst, double store, double weighed, double repotted, double bound, double drift, double wrong) {}

    /**
     * When waterings are said to come too early.
     *
     * @param margin so much more left than it wants
     * @param least of at least so many waterings
     * @param readings and from at least so many readings
     * @param days waterings of so many last days
     */
    record Early(double margin, int least, int readings, int days) {}

    private WaterKnowledge(Entry file, PlantKnowledge plants) {
        this.plants = plants;
        pots = new PotFigures(file, plants);
        losses = Losses.read(file);
        daylight = Daylight.load();
        Entry air = file.at("usual-air");
        usualDay = air.number("day", 0, 40);
        usualNightCooler = air.number("night-cooler", 0, 20);
        usualHumidity = air.number("humidity", 0, 100);
        Entry factor = file.at("factor");
        learning = new Learning(
                factor.number("thirst", 0.01, 2),
                factor.number("store", 0.01, 2),
                factor.number("weighed", 0.01, 2),
                factor.number("repotted", 0, 2),
                factor.number("bound", 1, 10),
                factor.number("drift", 0, 1),
                factor.number("wrong", 0.001, 0.5));
        readings = Readings.read(file.at("reading"), factor.at("unmarked"));
        check = file.range("check", 0, 1);
        dayToDay = file.number("day-to-day", 0, 1);
        Entry soon = file.at("early");
        early = new Early(
                soon.number("margin", 0, 1),
                (int) soon.number("least", 1, 50),
                (int) soon.number("readings", 0, 50),
                7 * (int) soon.number("weeks", 1, 52));
    }

    /**
     * Reads the figures.
     *
     * @throws KnowledgeException if the file is wrong; the message names file and key
     */
    public static WaterKnowledge load(PlantKnowledge plants) {
        return new WaterKnowledge(KnowledgeFiles.open("water.yaml"), plants);
    }

    /**
     * What was read of a day's air and light at a stop; a usual room's where it is missing.
     *
     * @param day temperature by day, °C
     * @param night lowest temperature of the night, °C
     * @param humidityPercent mean relative humidity of the day
     * @param dailyLight light as a meter read it, mol/m² and day; reckoned from brightness and sun where it is missing
     */
    public record AirRead(
            OptionalDouble day, OptionalDouble night, OptionalDouble humidityPercent, OptionalDouble dailyLight) {}

    /**
     * A day's pull on leaves and medium. The vapour in the air is that of its mean humidity at its mean temperature, and the same by day and night (FAO
     * paper 56, page 36, on vapour pressure from mean humidity).
     *
     * @param sun the sun of the day against the spring equinox at 45°
     */
    public Climate climate(AirRead read, Brightness light, double sun) {
        double day = read.day().orElse(usualDay);
        double night = read.night().orElse(day - usualNightCooler);
        Temperature mean = new Temperature((day + night) / 2);
        double vapour =
                Air.vapourKpa(mean, new RelativeHumidity(read.humidityPercent().orElse(usualHumidity)));
        DailyLight mol = read.dailyLight().isPresent()
                ? new DailyLight(read.dailyLight().getAsDouble())
                : daylight.of(light, sun);
        return new Climate(deficit(day, vapour), deficit(night, vapour), mol, mean.celsius(), Climate.Outdoors.NONE);
    }

    private static VapourPressureDeficit deficit(double celsius, double vapourKpa) {
        return new VapourPressureDeficit(
                Math.max(LEAST_DEFICIT_KPA, Air.saturationKpa(new Temperature(celsius)) - vapourKpa));
    }

    /** What a probe says; there are only as many as levels at three depths. */
    Sight sight(LogEntry.Probed probed) {
        return sights.computeIfAbsent(probed, it -> readings.sight(it, learning.wrong()));
    }

    /** Leaf area of a plant, one side, cm²: by its pot's top, its growth form and its leaf-area class. */
    public double leafSquareCm(PotOfPlant of) {
        return pots.leafSquareCm(of);
    }

    /**
     * Medium that a pot takes, L: a cone cut off, by its top, its height and the share that is filled.
     *
     * @param wall what the pot is made of
     * @param diameterCm across its top, cm
     * @param heightCm inside, cm; the usual for its width where it is missing
     */
    public double litres(PotKind wall, double diameterCm, OptionalDouble heightCm) {
        return pots.millilitres(wall, diameterCm, heightCm) / 1000;
    }

    /** The water of one plant and its pot. */
    public PotWater pot(PotOfPlant of) {
        return new PotWater(pots.of(of, losses));
    }

    /** The share of its usual leaf work that a kind does in a phase: bare trees and what is dormant hardly drink. */
    public double atWork(Profile kind, Phase phase) {
        return pots.atWork(kind, phase);
    }

    /**
     * Natural logarithm of the thirst that plants of a kind have on average: the one with which the kind dries in its usual days in a usual pot, in
     * its first medium and the climate that it wants. Bounded, because usual days are a yardstick.
     */
    public double usualLogThirst(Profile profile) {
        return usual.computeIfAbsent(profile, this::fitted);
    }

    private double fitted(Profile profile) {
        if (profile.dryness() == Dryness.BOG) {
            return 0;
        }
        Climate wanted = Climate.even(
                Air.deficit(
                        new Temperature(profile.day().middle()),
                        new RelativeHumidity(profile.humidity().middle())),
                new DailyLight(Math.min(
                        profile.dailyLight().middle(),
                        GROWS_WELL * profile.dailyLight().low())));
        PotWater pot = pot(new PotOfPlant(
                profile,
                profile.usualPot(),
                pots.usualPotCm(profile.usualPot()),
                OptionalDouble.empty(),
                plants.medium(profile.usualMedium()).orElseThrow(),
                LeafClass.USUAL,
                0));
        double low = -Math.log(learning.bound());
        double high = -low;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            boolean slow = pot.daysToDry(pot.full(), wanted, Math.exp(middle))
                    > profile.wateringDays().middle();
            low = slow ? middle : low;
            high = slow ? high : middle;
        }
        return (low + high) / 2;
    }
}
