package mildlantern.water;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.Words;
import mildlantern.plant.Dryness;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.Medium;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;

/** Measures of pots and of the plants in them, as {@code water.yaml} gives them. */
final class PotFigures {
    private final double taper;
    private final double fill;
    private final double rate;
    private final double nightRate;
    private final double shaded;
    private final double wallRate;
    private final double bogDepthCm;
    private final double traySize;
    private final double spentOnWood;
    private final double spentByAirPlants;
    private final double idleByDay;
    private final double idleByNight;
    private final double harmThin;
    private final double harmStore;
    private final double storeFrom;
    private final Set<String> nightPores;
    private final Set<String> dayPores;
    private final double freeWater;
    private final ByName heights;
    private final ByName usualPots;
    private final ByName leafArea;
    private final ByName leafClass;
    private final ByName open;
    private final ByName tissue;
    private final ByName atWork;
    private final ByName sparing;
    private final Map<Dryness, Wanted> wanted = new TreeMap<>();

    /**
     * How dry a plant gets.
     *
     * @param left available share left in the medium
     * @param spent share of its tissue's store that is given up besides
     */
    record Wanted(double left, double spent) {}

    /** Figures by the word of a constant, or by the id of a kind, which goes first. */
    private record ByName(Map<String, Double> values, OptionalDouble other) {
        static ByName read(Entry entry, double low, double high) {
            Map<String, Double> values = new TreeMap<>();
            entry.keys().forEach(key -> values.put(key, entry.number(key, low, high)));
            return new ByName(values, entry.optionalNumber("other", low, high));
        }

        double of(Enum<?> constant) {
            return find(Words.id(constant))
                    .orElseGet(() -> other.orElseThrow(() -> new IllegalStateException("no figure for " + constant)));
        }

        /** By the kind, else by its form. */
        double of(Profile kind) {
            return find(kind).orElseGet(() -> of(kind.form()));
        }

        Optional<Double> find(Profile kind) {
            return kind.among(values);
        }

        Optional<Double> find(String id) {
            return Optional.ofNullable(values.get(id));
        }
    }

    PotFigures(Entry file, PlantKnowledge plants) {
        Entry pot = file.at("pot");
        taper = pot.number("taper", 0.3, 1);
        fill = pot.number("fill", 0.3, 1);
        heights = ByName.read(pot.at("height"), 0.05, 3);
        usualPots = ByName.read(pot.at("usual"), 2, 200);
        rate = file.number("rate", 0.001, 1);
        nightRate = file.number("night-rate", 0.01, 1);
        nightPores = Set.copyOf(file.words("night-pores"));
        dayPores = Set.copyOf(file.words("day-pores"));
        freeWater = file.number("free-water", 0, 2);
        shaded = file.number("shaded", 0, 1);
        open = ByName.read(file.at("open"), 0, 1);
        wallRate = file.number("wall", 0, 2);
        leafArea = ByName.read(file.at("leaf-area"), 0.1, 30);
        leafClass = ByName.read(file.at("leaf-class"), 0.1, 5);
        tissue = ByName.read(file.at("tissue"), 0.001, 5);
        atWork = ByName.read(file.at("at-work"), 0, 1);
        for (Dryness dryness : Dryness.values()) {
            if (dryness != Dryness.BOG) {
                Entry entry = file.at("dry").at(Words.id(dryness));
                wanted.put(
                        dryness,
                        new Wanted(
                                entry.number("left", 0, 1),
                                entry.optionalNumber("spent", 0, 1).orElse(0)));
            }
        }
        spentOnWood = file.at("dry").at("mount").number("spent", 0, 1);
        spentByAirPlants = file.at("dry").at("air-plant").number("spent", 0, 1);
        sparing = ByName.read(file.at("sparing"), 0.05, 1);
        idleByDay = file.at("idle").number("day", 0, 1);
        idleByNight = file.at("idle").number("night", 0, 1);
        harmThin = file.at("harm").number("thin", 0.05, 1);
        harmStore = file.at("harm").number("store", 0.05, 1);
        storeFrom = file.at("harm").number("from", 0, 5);
        bogDepthCm = file.number("bog-depth", 0.1, 10);
        traySize = file.number("tray-size", 1, 10);
        List<String> forms = Words.ids(GrowthForm.class);
        tissue.values().keySet().stream()
                .filter(id -> !forms.contains(id))
                .forEach(id -> known(file.at("tissue"), id, plants));
        nightPores.forEach(id -> known(file.at("night-pores"), id, plants));
        dayPores.forEach(id -> known(file.at("day-pores"), id, plants));
        atWork.values().keySet().stream()
                .filter(id -> !Words.ids(Phase.class).contains(id))
                .forEach(id -> known(file.at("at-work"), id, plants));
    }

    private static void known(Entry entry, String id, PlantKnowledge plants) {
        if (plants.profile(id).isEmpty()) {
            throw entry.failure("'" + id + "' is no kind of plant");
        }
    }

    double leafSquareCm(PotOfPlant of) {
        return top(of.diameterCm()) * leafArea.of(of.profile().form()) * leafClass.of(of.leaves());
    }

    double usualPotCm(PotKind wall) {
        return usualPots.of(wall);
    }

    double millilitres(PotKind wall, double diameterCm, OptionalDouble heightCm) {
        return top(diameterCm) * height(wall, diameterCm, heightCm) * taper * fill;
    }

    private double height(PotKind wall, double diameterCm, OptionalDouble heightCm) {
        return heightCm.orElseGet(() -> diameterCm * heights.of(wall));
    }

    private static double top(double diameterCm) {
        return Math.PI / 4 * diameterCm * diameterCm;
    }

    /** The share of its usual leaf work that a kind does in a phase. */
    double atWork(Profile kind, Phase phase) {
        return phase.rests() ? atWork.find(kind).orElseGet(() -> atWork.of(phase)) : atWork.of(phase);
    }

    private double onWood(Profile kind) {
        return kind.form() == GrowthForm.AIR_PLANT ? spentByAirPlants : spentOnWood;
    }

    PotParts of(PotOfPlant pot, Losses losses) {
        Profile kind = pot.profile();
        boolean bog = pot.dryness() == Dryness.BOG;
        boolean night = kind.isAmong(nightPores) && !kind.isAmong(dayPores);
        double top = top(pot.diameterCm());
        double leaf = leafSquareCm(pot);
        double store = tissue.of(kind);
        double height = height(pot.wall(), pot.diameterCm(), pot.heightCm());
        boolean wood = pot.medium().id().equals(Medium.MOUNTED);
        Wanted want = bog ? new Wanted(1, 0) : Objects.requireNonNull(wanted.get(pot.dryness()));
        return new PotParts(
                millilitres(pot.wall(), pot.diameterCm(), pot.heightCm())
                        * pot.medium().holds().middle(),
                pot.medium().available(),
                pot.reservoirMl() > 0 || !bog ? pot.reservoirMl() : top * traySize * bogDepthCm,
                leaf * rate * (night ? nightRate : sparing.of(kind)),
                top
                        * (pot.medium().surface() * (1 - shaded * (1 - open.of(kind.form())))
                                + (bog ? (traySize - 1) * freeWater : 0)),
                pot.wall() == PotKind.CLAY ? Math.PI * pot.diameterCm() * height * taper * wallRate : 0,
                pot.medium().falls(),
                bog ? want.left() : Math.max(want.left(), pot.medium().least()),
                leaf * store,
                wood ? onWood(kind) : want.spent(),
                store < storeFrom ? harmThin : harmStore,
                night ? idleByNight : idleByDay,
                pot.medium().keepsDry(),
                top,
                night,
                wood,
                losses);
    }
}
