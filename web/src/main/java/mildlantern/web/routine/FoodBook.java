package mildlantern.web.routine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.FeedProduct;
import mildlantern.nutrition.PotAccount;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.plant.WaterWant;
import mildlantern.season.PlantYear;
import mildlantern.water.PotOfPlant;
import mildlantern.water.PotWater;
import mildlantern.water.WaterKnowledge;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import org.springframework.stereotype.Component;

/** Keeps the account of nitrogen and salts of a plant's pot from its log. */
@Component
public class FoodBook {
    /** Further back than this, what was given is used up or washed out. */
    private static final int MOST_DAYS = 1100;

    private static final double MG_A_PERCENT_OF_A_GRAM = 10;

    private final PotAccount account;
    private final FeedPlan feeds;
    private final FeedProduct granules;
    private final WaterKnowledge water;
    private final WaterBook pots;
    private final HouseWaters waters;

    FoodBook(PotAccount account, FeedPlan feeds, WaterKnowledge water, WaterBook pots, HouseWaters waters) {
        this.waters = waters;
        this.account = account;
        this.feeds = feeds;
        this.granules = feeds.products().stream()
                .filter(product -> product.form() == FeedProduct.Form.GRANULES)
                .findFirst()
                .orElseThrow();
        this.water = water;
        this.pots = pots;
    }

    /** What its pot holds by now; nothing of a plant whose potting day is not known, or that stands in a tray. An old pot counts from three years ago. */
    public Optional<PotAccount.Balance> balance(Plant plant, Profile profile, List<LogLine> log, LocalDate today) {
        Optional<LocalDate> potted =
                Optional.ofNullable(plant.pottedOn()).or(() -> Optional.ofNullable(plant.acquiredOn()));
        PotOfPlant pot = pots.pot(plant, profile);
        if (potted.isEmpty() || pots.tray(plant, profile)) {
            return Optional.empty();
        }
        LocalDate oldest = today.minusDays(MOST_DAYS);
        PotWater balance = water.pot(pot);
        WaterSource usual = Optional.ofNullable(plant.waterSource())
                .orElse(profile.water() == WaterWant.ANY ? WaterSource.SOFT_TAP : WaterSource.RAIN);
        List<PotAccount.Gift> gifts = gifts(log, profile, usual, waters.dissolved(plant.collection()));
        WaterBook.Climates climates = pots.climates(plant.collection());
        PlantYear year = climates.house().of(plant);
        return Optional.of(account.keep(
                new PotAccount.Pot(
                        balance.capacityMl(),
                        Math.min(balance.thresholdMl(), balance.capacityMl()),
                        water.leafSquareCm(pot),
                        pot.medium().id(),
                        profile.water(),
                        account.appetite(profile)),
                gifts,
                laid(log),
                day -> climates.celsius(plant.stop(), day),
                potted.get().isBefore(oldest) ? oldest : potted.get(),
                today,
                day -> year.at(day).phase().grows()));
    }

    private List<PotAccount.Laid> laid(List<LogLine> log) {
        return log.stream()
                .flatMap(line -> line.as(LogEntry.Granules.class).map(entry -> laid(line.onDay(), entry)).stream())
                .toList();
    }

    private PotAccount.Laid laid(LocalDate day, LogEntry.Granules entry) {
        FeedProduct product = entry.product()
                .flatMap(this::product)
                .filter(it -> it.form() == FeedProduct.Form.GRANULES)
                .orElse(granules);
        return new PotAccount.Laid(
                day, entry.grams() * product.label().nitrogen() * MG_A_PERCENT_OF_A_GRAM, product.months());
    }

    /** A feed goes with the water of its day; where none was noted, it was a watering of its own. */
    private List<PotAccount.Gift> gifts(
            List<LogLine> log, Profile profile, WaterSource usual, Map<WaterSource, Double> dissolved) {
        Map<LocalDate, Double> fed = new HashMap<>();
        Map<LocalDate, OptionalDouble> salts = new HashMap<>();
        log.forEach(line -> line.as(LogEntry.Fed.class).ifPresent(entry -> {
            fed.put(line.onDay(), entry.mgNitrogen().orElse(profile.feedMgN().middle()));
            salts.put(
                    line.onDay(),
                    entry.product()
                            .flatMap(this::product)
                            .map(account::saltsPerNitrogen)
                            .orElse(OptionalDouble.empty()));
        }));
        List<PotAccount.Gift> gifts = new ArrayList<>();
        log.forEach(line -> line.as(LogEntry.Watered.class)
                .ifPresent(entry -> gifts.add(gift(
                        line.onDay(),
                        entry.ml().orElse(0),
                        dissolved(entry.water().orElse(usual), dissolved),
                        Optional.ofNullable(fed.remove(line.onDay())),
                        salts))));
        fed.forEach(
                (day, strength) -> gifts.add(gift(day, 0, dissolved(usual, dissolved), Optional.of(strength), salts)));
        return gifts;
    }

    /** A feed of the shops by its id, or by the name under which it was written down. */
    private Optional<FeedProduct> product(String written) {
        return feeds.products().stream()
                .filter(product ->
                        product.id().equals(written) || product.name().equals(written))
                .findFirst();
    }

    private double dissolved(WaterSource water, Map<WaterSource, Double> dissolved) {
        return Optional.ofNullable(dissolved.get(water)).orElseGet(() -> account.usualSalts(water));
    }

    private static PotAccount.Gift gift(
            LocalDate day, double ml, double waterMg, Optional<Double> strength, Map<LocalDate, OptionalDouble> salts) {
        return new PotAccount.Gift(
                day,
                ml,
                waterMg,
                strength.orElse(0.0),
                strength.isPresent() ? salts.getOrDefault(day, OptionalDouble.empty()) : OptionalDouble.empty());
    }
}
