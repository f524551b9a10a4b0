package mildlantern.nutrition;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.plant.WaterWant;
import mildlantern.quantity.Limits;

/**
 * Keeps account of nitrogen and salts in a pot, day by day. The pot is taken to be well mixed: what runs out carries its share, and uptake
 * follows what is there (Michaelis and Menten's form, as for roots by Barber 1995). Mass balance holds to the last digit.
 */
public final class PotAccount {
    private static final double LEAST_APPETITE = 0.1;
    private static final double MG_A_PERCENT_OF_A_GRAM = 10;
    private static final Set<String> KEYS = Set.of(
            "water-salts",
            "salts-per-nitrogen",
            "demand",
            "usual-feed",
            "rest",
            "half",
            "taken-with",
            "run-off",
            "starts",
            "conductivity",
            "salty",
            "sure",
            "hungry");

    private final Map<WaterSource, Double> waterSalts = new EnumMap<>(WaterSource.class);
    private final Map<WaterWant, Double> salty = new EnumMap<>(WaterWant.class);
    private final Map<String, Double> starts = new LinkedHashMap<>();
    private final double saltsPerNitrogen;
    private final double demand;
    private final double usualFeed;
    private final double rest;
    private final double half;
    private final double takenWith;
    private final double runOff;
    private final double conductivity;
    private final double sure;
    private final double hungry;
    private final SlowRelease slow = SlowRelease.load();

    private PotAccount(Entry file) {
        file.allowOnly(KEYS);
        for (WaterSource source : WaterSource.values()) {
            waterSalts.put(source, file.at("water-salts").number(Words.id(source), 0, 2000));
        }
        for (WaterWant want : WaterWant.values()) {
            salty.put(want, file.at("salty").number(Words.id(want), 0.05, 5));
        }
        file.at("starts").children().forEach((medium, mg) -> starts.put(medium, mg.number(0, 500)));
        saltsPerNitrogen = file.number("salts-per-nitrogen", 1, 20);
        demand = file.number("demand", 0, 0.1);
        usualFeed = file.number("usual-feed", 10, 500);
        rest = file.number("rest", 0, 1);
        half = file.number("half", 0.1, 200);
        takenWith = file.number("taken-with", 0, 1);
        runOff = file.number("run-off", 0, 0.9);
        conductivity = file.number("conductivity", 400, 800);
        sure = file.number("sure", 1, 3);
        hungry = file.number("hungry", 0, 100);
    }

    /**
     * @throws KnowledgeException if {@code nutrition.yaml} is wrong; the message names the key
     */
    public static PotAccount load() {
        return new PotAccount(KnowledgeFiles.open("nutrition.yaml"));
    }

    /**
     * A pot.
     *
     * @param capacityMl water it holds wet through, mL
     * @param leftMl what of it is left when it is watered as its kind wants, mL
     * @param leafSquareCm leaf area, one side, cm²
     * @param medium id of its medium
     * @param wants the water its kind wants
     * @param appetite times the demand of a usual foliage plant that its kind has, above 0
     */
    public record Pot(
            double capacityMl, double leftMl, double leafSquareCm, String medium, WaterWant wants, double appetite) {
        /**
         * @throws IllegalArgumentException if a size is not above 0
         */
        public Pot {
            Limits.require("water held", capacityMl, 1, 1e6, "mL");
            Limits.require("water left", leftMl, 0, capacityMl, "mL");
            Limits.require("leaf area", leafSquareCm, 0, 1e6, "cm²");
        }
    }

    /**
     * Water given to a pot, with or without feed.
     *
     * @param on the day
     * @param ml how much, mL; 0 for wet through, as usual
     * @param waterMg dissolved in the bare water, mg/L
     * @param mgNitrogen nitrogen in a litre of it, mg/L, 0 for plain water
     * @param saltsPerNitrogen mg of all salts that its feed brings with a mg of nitrogen; the usual where it is not known
     */
    public record Gift(LocalDate on, double ml, double waterMg, double mgNitrogen, OptionalDouble saltsPerNitrogen) {}

    /**
     * Granules of slow release on a pot.
     *
     * @param on the day on which they were laid
     * @param mgNitrogen nitrogen in them, mg
     * @param months that they last at 21 °C
     */
    public record Laid(LocalDate on, double mgNitrogen, double months) {}

    /**
     * The account.
     *
     * @param nitrogen what came of the nitrogen, mg
     * @param salts what came of all salts, mg
     * @param nitrogenPerLitre in the pot's water wet through, mg/L
     * @param conductivity of that water, mS/cm, about
     * @param flushDue whether it is saltier than its kind bears
     * @param hungry whether it grows and goes short of nitrogen
     */
    public record Balance(
            Flow nitrogen,
            Flow salts,
            double nitrogenPerLitre,
            double conductivity,
            boolean flushDue,
            boolean hungry) {}

    /**
     * Where a substance went.
     *
     * @param given with the medium, feeds and waters, mg
     * @param taken by the plant, mg
     * @param washed out below, mg
     * @param left in the pot, mg
     */
    public record Flow(double given, double taken, double washed, double left) {}

    /**
     * Keeps the account from the potting on.
     *
     * @param pot the pot
     * @param gifts in any order; those before the potting or after today do not count
     * @param potted the day it was potted
     * @param today the last day
     * @param grows whether it grows on a day
     */
    public Balance keep(Pot pot, List<Gift> gifts, LocalDate potted, LocalDate today, Predicate<LocalDate> grows) {
        return keep(pot, gifts, List.of(), day -> 0, potted, today, grows);
    }

    /**
     * The same with granules that free their food by the warmth of each day.
     *
     * @param laid granules; those laid before the potting went with the old medium
     * @param celsius mean temperature of a day, °C
     */
    public Balance keep(
            Pot pot,
            List<Gift> gifts,
            List<Laid> laid,
            ToDoubleFunction<LocalDate> celsius,
            LocalDate potted,
            LocalDate today,
            Predicate<LocalDate> grows) {
        double litres = pot.capacityMl() / 1000;
        double nitrogen = starts.getOrDefault(pot.medium(), 0.0) * litres;
        double salts = nitrogen * saltsPerNitrogen;
        double[] ofNitrogen = {nitrogen, 0, 0};
        double[] ofSalts = {salts, 0, 0};
        List<Gift> inOrder = gifts.stream()
                .filter(gift -> !gift.on().isBefore(potted) && !gift.on().isAfter(today))
                .sorted(Comparator.comparing(Gift::on))
                .toList();
        double[] used = new double[laid.size()];
        int next = 0;
        long days = ChronoUnit.DAYS.between(potted, today);
        for (long day = 0; day <= days; day++) {
            LocalDate on = potted.plusDays(day);
            for (; next < inOrder.size() && inOrder.get(next).on().equals(on); next++) {
                Gift gift = inOrder.get(next);
                double room = pot.capacityMl() - pot.leftMl();
                double ml = gift.ml() > 0 ? gift.ml() : room / (1 - runOff);
                double addedNitrogen = gift.mgNitrogen() * ml / 1000;
                double addedSalts =
                        addedNitrogen * gift.saltsPerNitrogen().orElse(saltsPerNitrogen) + gift.waterMg() * ml / 1000;
                nitrogen += addedNitrogen;
                salts += addedSalts;
                ofNitrogen[0] += addedNitrogen;
                ofSalts[0] += addedSalts;
                double out = Math.max(0, ml - room) / (pot.leftMl() + ml);
                ofNitrogen[2] += nitrogen * out;
                ofSalts[2] += salts * out;
                nitrogen -= nitrogen * out;
                salts -= salts * out;
            }
            double freed = freed(laid, potted, on, celsius, used);
            nitrogen += freed;
            salts += freed * saltsPerNitrogen;
            ofNitrogen[0] += freed;
            ofSalts[0] += freed * saltsPerNitrogen;
            double perLitre = nitrogen / litres;
            double wanted = demand * pot.appetite() * pot.leafSquareCm() * (grows.test(on) ? 1 : rest);
            double taken = Math.min(nitrogen, wanted * perLitre / (perLitre + half));
            double takenSalts = Math.min(salts, taken * saltsPerNitrogen * takenWith);
            nitrogen -= taken;
            salts -= takenSalts;
            ofNitrogen[1] += taken;
            ofSalts[1] += takenSalts;
        }
        double perLitre = nitrogen / litres;
        double strength = salts / litres / conductivity;
        return new Balance(
                new Flow(ofNitrogen[0], ofNitrogen[1], ofNitrogen[2], nitrogen),
                new Flow(ofSalts[0], ofSalts[1], ofSalts[2], salts),
                perLitre,
                strength,
                strength > sure * Objects.requireNonNull(salty.get(pot.wants())),
                grows.test(today) && perLitre < hungry);
    }

    /** What all granules free on a day, mg; never more than they hold. */
    private double freed(
            List<Laid> laid, LocalDate potted, LocalDate on, ToDoubleFunction<LocalDate> celsius, double[] used) {
        double freed = 0;
        for (int i = 0; i < used.length; i++) {
            Laid granules = laid.get(i);
            if (granules.on().isBefore(potted) || granules.on().isAfter(on)) {
                continue;
            }
            double share = Math.min(1 - used[i], slow.aDay(granules.months(), celsius.applyAsDouble(on)));
            used[i] += share;
            freed += share * granules.mgNitrogen();
        }
        return freed;
    }

    /** Nitrogen below which a growing plant goes short, mg/L in the pot's water. */
    public double hungryBelow() {
        return hungry;
    }

    /** Conductivity of the pot's water from which a kind wants a flush, mS/cm; the account's own error is allowed for. */
    public double saltyAbove(WaterWant want) {
        return sure * Objects.requireNonNull(salty.get(want));
    }

    /** Dissolved in a usual water, mg/L; a grower's own analysis takes its place. */
    public double usualSalts(WaterSource water) {
        return Objects.requireNonNull(waterSalts.get(water));
    }

    /** Times the demand of a usual foliage plant that a kind has: as strongly as growers feed it. */
    public double appetite(Profile kind) {
        return Math.max(LEAST_APPETITE, kind.feedMgN().middle() / usualFeed);
    }

    /** Salts that a feed brings with a mg of nitrogen, mg, by what its label says and what it adds in conductivity. */
    public OptionalDouble saltsPerNitrogen(FeedProduct feed) {
        double nitrogen = feed.label().nitrogen() * MG_A_PERCENT_OF_A_GRAM;
        return nitrogen > 0 && feed.ecPerGram() > 0
                ? OptionalDouble.of(feed.ecPerGram() * conductivity / nitrogen)
                : OptionalDouble.empty();
    }
}
