package mildlantern.water;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import mildlantern.air.Air;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.light.Daylight;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.quantity.DailyLight;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.quantity.VapourPressureDeficit;

/** The figures of {@code water.yaml}, checked; makes a pot's balance from them. */
public final class WaterKnowledge {
    /** The pot in which a kind is said to dry in its usual days: the commonest on a sill, and a bonsai's tray. */
    private static final double USUAL_POT_CM = 13;

    private static final double USUAL_TRAY_CM = 20;

    /** Times the light from which it grows that a plant in good growth has. */
    private static final double GROWS_WELL = 2;

    final double usable;
    final double stressBelow;
    final Range runOff;
    final double factorSpread;
    final double driftPerDay;
    final double wrongShare;
    final Range check;
    final double dayToDay;
    final double earlyMargin;
    final int earlyDays;
    final int earlyLeast;
    final int earlyReadings;
    final Readings readings;

    private final double taper;
    private final double fill;
    private final double rate;
    private final double nightRate;
    private final double vpdHalf;
    private final double lightFloor;
    private final double lightHalf;
    private final double lightGood;
    private final double surface;
    private final double shaded;
    private final double wallRate;
    private final double factorBound;
    private final double bogDepthCm;
    private final double traySize;
    private final double usualCelsius;
    private final double usualHumidity;
    private final Set<String> nightPores;
    private final Map<PotKind, Double> heights;
    private final Map<GrowthForm, Double> leafArea;
    private final Map<LeafClass, Double> leafClass;
    private final Daylight daylight;
    private final Map<Dryness, Wanted> wanted;
    private final PlantKnowledge plants;

    /** How dry a plant gets: usable share left, and days that it then stays so. */
    record Wanted(double left, double days) {}

    private WaterKnowledge(Entry file, PlantKnowledge plants) {
        this.plants = plants;
        usable = file.number("usable", 0.1, 1);
        taper = file.at("pot").number("taper", 0.3, 1);
        fill = file.at("pot").number("fill", 0.3, 1);
        heights = byConstant(PotKind.class, file.at("pot").at("height"), 0.05, 3);
        rate = file.number("rate", 0.001, 1);
        nightRate = file.number("night-rate", 0.01, 1);
        nightPores = Set.copyOf(kinds(file));
        vpdHalf = file.number("vpd-half", 0.1, 20);
        lightFloor = file.at("light").number("floor", 0, 1);
        lightHalf = file.at("light").number("half", 0.1, 80);
        lightGood = file.at("light").number("good", 0.1, 80);
        stressBelow = file.number("stress", 0.01, 1);
        surface = file.number("surface", 0, 2);
        shaded = file.number("shaded", 0, 1);
        wallRate = file.number("wall", 0, 2);
        leafArea = byConstant(GrowthForm.class, file.at("leaf-area"), 0.1, 30);
        leafClass = byConstant(LeafClass.class, file.at("leaf-class"), 0.1, 5);
        daylight = Daylight.load();
        usualCelsius = file.at("usual-air").number("day", 0, 40);
        usualHumidity = file.at("usual-air").number("humidity", 0, 100);
        wanted = new EnumMap<>(Dryness.class);
        for (Dryness dryness : Dryness.values()) {
            if (dryness != Dryness.BOG) {
                Entry entry = file.at("dry").at(Words.id(dryness));
                wanted.put(dryness, new Wanted(entry.number("left", 0, 1), entry.number("days", 0, 60)));
            }
        }
        bogDepthCm = file.number("bog-depth", 0.1, 10);
        traySize = file.number("tray-size", 1, 10);
        runOff = file.range("run-off", 0, 0.9);
        Entry factor = file.at("factor");
        factorSpread = factor.number("spread", 0.01, 2);
        factorBound = factor.number("bound", 1, 10);
        driftPerDay = factor.number("drift", 0, 1);
        wrongShare = factor.number("wrong", 0.001, 0.5);
        readings = Readings.read(file.at("reading"), factor.at("unmarked"));
        check = file.range("check", 0, 1);
        dayToDay = file.number("day-to-day", 0, 1);
        earlyMargin = file.number("early-margin", 0, 1);
        earlyLeast = (int) file.number("early-least", 1, 50);
        earlyReadings = (int) file.number("early-readings", 0, 50);
        earlyDays = 7 * (int) file.number("early-weeks", 1, 52);
    }

    private List<String> kinds(Entry file) {
        return file.at("night-pores").members().stream()
                .map(kind -> {
                    if (plants.profile(kind.text()).isEmpty()) {
                        throw kind.failure("'" + kind.text() + "' is no kind of plant");
                    }
                    return kind.text();
                })
                .toList();
    }

    private static <E extends Enum<E>> Map<E, Double> byConstant(Class<E> type, Entry entry, double low, double high) {
        Map<E, Double> values = new EnumMap<>(type);
        for (E constant : type.getEnumConstants()) {
            values.put(constant, entry.number(Words.id(constant), low, high));
        }
        return values;
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
     * A day's pull on leaves and medium, from what was read at a stop.
     *
     * @param day temperature by day, °C; a usual room's where it is missing
     * @param humidityPercent relative humidity; a usual room's where it is missing
     * @param dailyLight light as a meter read it, mol/m² and day; reckoned from brightness and sun where it is missing
     * @param sun the sun of the day against the spring equinox at 45°
     */
    public Climate climate(
            OptionalDouble day,
            OptionalDouble humidityPercent,
            Brightness light,
            OptionalDouble dailyLight,
            double sun) {
        DailyLight mol = dailyLight.isPresent() ? new DailyLight(dailyLight.getAsDouble()) : daylight.of(light, sun);
        VapourPressureDeficit deficit = Air.deficit(
                new Temperature(day.orElse(usualCelsius)), new RelativeHumidity(humidityPercent.orElse(usualHumidity)));
        return new Climate(deficit, mol);
    }

    /**
     * Leaf area of a plant, one side, reckoned from its pot's top, its growth form and its leaf-area class.
     *
     * @return cm²
     */
    public double leafSquareCm(PotOfPlant of) {
        double top = Math.PI / 4 * of.diameterCm() * of.diameterCm();
        return top * of(leafArea, of.profile().form()) * of(leafClass, of.leaves());
    }

    /**
     * Medium that a pot takes, L: a cone cut off, by its top, its height and the share that is filled.
     *
     * @param wall what the pot is made of
     * @param diameterCm across its top, cm
     * @param heightCm inside, cm; the usual for its width where it is missing
     */
    public double litres(PotKind wall, double diameterCm, OptionalDouble heightCm) {
        return millilitres(diameterCm, height(wall, diameterCm, heightCm)) / 1000;
    }

    private double height(PotKind wall, double diameterCm, OptionalDouble heightCm) {
        return heightCm.orElseGet(() -> diameterCm * of(heights, wall));
    }

    private double millilitres(double diameterCm, double heightCm) {
        return Math.PI / 4 * diameterCm * diameterCm * heightCm * taper * fill;
    }

    /** The balance of one plant's pot. */
    public PotWater pot(PotOfPlant of) {
        double height = height(of.wall(), of.diameterCm(), of.heightCm());
        double top = Math.PI / 4 * of.diameterCm() * of.diameterCm();
        double capacity =
                millilitres(of.diameterCm(), height) * of.medium().holds().middle();
        boolean bog = of.dryness() == Dryness.BOG;
        double tray = of.reservoirMl() > 0 || !bog ? of.reservoirMl() : top * traySize * bogDepthCm;
        boolean night = nightPores.contains(of.profile().nearest());
        double leaf = leafSquareCm(of);
        // A wall dries as walls do, whatever the kind: it follows the plant's own factor, but not that of its kind.
        double walls = of.wall() == PotKind.CLAY
                ? Math.PI * of.diameterCm() * height * taper * wallRate / Math.exp(usualLogFactor(of.profile()))
                : 0;
        Wanted want = bog ? new Wanted(1, 0) : of(wanted, of.dryness());
        return new PotWater(
                capacity,
                (1 - usable) * capacity,
                tray,
                leaf * rate * (night ? nightRate : 1),
                top * surface * shaded + walls,
                stressBelow,
                want.left(),
                want.days(),
                this);
    }

    /**
     * What is lost a day at the given climate, against 1 kPa in good light.
     *
     * @return leaves first, medium and wall second
     */
    double[] pull(Climate climate) {
        double d = climate.deficit().kilopascal();
        double closing = d * (1 + 1 / vpdHalf) / (1 + d / vpdHalf);
        double light = lit(climate.light().molPerSquareMetre()) / lit(lightGood);
        return new double[] {closing * light, d};
    }

    private double lit(double mol) {
        return lightFloor + (1 - lightFloor) * mol / (mol + lightHalf);
    }

    /**
     * Natural logarithm of the factor that plants of a kind have on average: the one with which the kind dries in its usual days in
     * a usual pot, in its first medium and the climate that it wants. Bounded, because usual days are a yardstick.
     */
    public double usualLogFactor(Profile profile) {
        if (profile.dryness() == Dryness.BOG) {
            return 0;
        }
        Climate wantedClimate = new Climate(
                Air.deficit(
                        new Temperature(profile.day().middle()),
                        new RelativeHumidity(profile.humidity().middle())),
                new DailyLight(Math.min(
                        profile.dailyLight().middle(),
                        GROWS_WELL * profile.dailyLight().low())));
        double wait = of(wanted, profile.dryness()).days();
        PotWater pot = usualPot(profile, plants.medium(profile.media().get(0)).orElseThrow());
        double days = pot.daysToDry(pot.topMl(), wantedClimate, 1) - wait;
        double usual = Math.max(1, profile.wateringDays().middle() - wait);
        double bound = Math.log(factorBound);
        return Math.max(-bound, Math.min(bound, Math.log(days / usual)));
    }

    private PotWater usualPot(Profile profile, Medium medium) {
        boolean tray = profile.form() == GrowthForm.BONSAI;
        return pot(new PotOfPlant(
                profile,
                tray ? PotKind.TRAY : PotKind.PLASTIC,
                tray ? USUAL_TRAY_CM : USUAL_POT_CM,
                OptionalDouble.empty(),
                medium,
                LeafClass.USUAL,
                0));
    }

    private static <K, V> V of(Map<K, V> map, K key) {
        V value = map.get(key);
        if (value == null) {
            throw new IllegalStateException("no figure for " + key);
        }
        return value;
    }
}
