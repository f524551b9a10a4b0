package mildlantern.almanac;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import mildlantern.care.CareKnowledge;
import mildlantern.care.CareOrigin;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.PotGives;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Evidence;
import mildlantern.knowledge.DisorderId;
import mildlantern.nutrition.FedSoFar;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.Waters;
import mildlantern.pest.Pests;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.Family;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterWant;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.season.ColdLimits;
import mildlantern.season.Years;
import mildlantern.treatment.Order;
import mildlantern.treatment.Refusals;
import mildlantern.treatment.Rule;
import mildlantern.treatment.Situation;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.treatment.Trials;
import mildlantern.treatment.Verdict;
import mildlantern.water.Climate;
import mildlantern.water.LeafClass;
import mildlantern.water.PotOfPlant;
import mildlantern.water.PotOn;
import mildlantern.water.WaterBalance;
import mildlantern.water.WaterKnowledge;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * A kind that a grower added wants something else than the kind that it is most like: every engine that asks for that need answers otherwise, with
 * each kind of the book as the nearest. An engine that takes the nearest kind's figure in silence, or one for all, fails here.
 */
class EveryKindEverywhereTest {
    private static final LocalDate DAY = LocalDate.of(2026, 5, 10);
    private static final Waters WATERS = Waters.load();
    private static final Needs NEEDS = new Needs(CareKnowledge.load(), WATERS);
    private static final FeedPlan FEEDS = FeedPlan.load();
    private static final WaterKnowledge WATER = WaterKnowledge.load(Years.PLANTS);
    private static final TreatmentKnowledge TREATMENT = TreatmentKnowledge.load(Pests.load());
    private static final Refusals REFUSALS = new Refusals(TREATMENT);
    private static final Diagnosis DIAGNOSIS = new Diagnosis(DiagnosisKnowledge.load(Years.PLANTS, Trials.load()));

    static Stream<Profile> kinds() {
        return Years.PLANTS.profiles().stream();
    }

    /** The same kind with other needs, named as in the profile. */
    private static Profile own(Profile like, Map<String, Object> needs) {
        try {
            RecordComponent[] parts = Profile.class.getRecordComponents();
            Object[] values = new Object[parts.length];
            for (int i = 0; i < parts.length; i++) {
                Object value = needs.get(parts[i].getName());
                values[i] = value == null ? parts[i].getAccessor().invoke(like) : value;
            }
            Class<?>[] types =
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
            return Profile.class.getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Range moved(Range range, double by) {
        return new Range(range.low() + by, range.high() + by);
    }

    private static Range times(Range range, double by) {
        return new Range(range.low() * by, range.high() * by);
    }

    private static Figure figure(double value) {
        return Figure.of(value, CareOrigin.ACCOUNT_OF_POT.with());
    }

    private static final Map<String, Function<Profile, Object>> ENGINES = new LinkedHashMap<>();

    static {
        ENGINES.put("season", Years::growing);
        ENGINES.put("care", EveryKindEverywhereTest::missed);
        ENGINES.put("water", EveryKindEverywhereTest::days);
        ENGINES.put("food", kind -> FEEDS.next(kind, Years.growing(kind), FedSoFar.NOTHING, new Range(14, 21)));
        ENGINES.put("waters", WATERS::allowedMg);
        ENGINES.put("waters with feed", WATERS::allowedWithFeed);
        ENGINES.put("diagnosis", EveryKindEverywhereTest::probabilities);
        ENGINES.put("treatment", EveryKindEverywhereTest::refusedAsFood);
    }

    private static List<Need> missed(Profile kind) {
        Gives gives = new Gives(
                Optional.of(figure(60)), Optional.of(figure(15)), Optional.of(figure(-6)), Optional.of(figure(-12)));
        return NEEDS.of(kind, Years.growing(kind), gives, PotGives.NOTHING);
    }

    private static double days(Profile kind) {
        PotOfPlant pot = new PotOfPlant(
                kind,
                kind.usualPot(),
                13,
                OptionalDouble.empty(),
                Years.PLANTS.medium(kind.usualMedium()).orElseThrow(),
                LeafClass.USUAL,
                0);
        Climate climate = WATER.climate(
                new WaterKnowledge.AirRead(
                        OptionalDouble.of(20), OptionalDouble.empty(), OptionalDouble.of(50), OptionalDouble.of(8)),
                Brightness.MEDIUM,
                1);
        return new WaterBalance(WATER)
                .estimate(List.of(PotOn.always(pot)), List.of(), day -> climate, DAY)
                .outlook()
                .expectedDays();
    }

    /** In cold and mild places, from dim to glaring. */
    private static List<Double> probabilities(Profile kind) {
        return Stream.of(-10, -6, -3, 1, 5, 9, 13)
                .flatMap(night -> Stream.of(1, 3, 8, 20, 60).flatMap(mol -> probabilities(kind, night, mol).stream()))
                .toList();
    }

    private static List<Double> probabilities(Profile kind, double night, double mol) {
        PlantRecord bare = PlantRecord.of(kind);
        PlantRecord record = new PlantRecord(
                kind,
                bare.stage(),
                bare.season(),
                Optional.of(Years.growing(kind)),
                new PlantRecord.Place(
                        Optional.empty(),
                        Optional.of(new RelativeHumidity(35)),
                        Optional.empty(),
                        Optional.of(new Temperature(night)),
                        OptionalDouble.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        OptionalDouble.of(mol)),
                bare.watering(),
                bare.pot(),
                bare.feeding(),
                bare.events(),
                bare.bloomDays());
        return DIAGNOSIS.consider(record, Evidence.of(Map.of())).ladder().stream()
                .map(standing -> standing.probability())
                .toList();
    }

    private static boolean refusedAsFood(Profile kind) {
        return REFUSALS
                .judge(
                        Order.of(TREATMENT.find("miticide").orElseThrow(), DAY, new DisorderId("spider-mites")),
                        new Situation(
                                kind,
                                Set.of(),
                                20,
                                24,
                                15,
                                OptionalDouble.of(50),
                                OptionalInt.empty(),
                                Set.of(),
                                List.of()))
                .stream()
                .map(Verdict::rule)
                .anyMatch(Rule.EDIBLE::equals);
    }

    private static void heardBy(Profile like, Map<String, Object> needs, String... engines) {
        Profile own = own(like, needs);
        List<String> deaf = new ArrayList<>();
        for (String engine : engines) {
            Function<Profile, Object> answers = Objects.requireNonNull(ENGINES.get(engine));
            if (answers.apply(own).equals(answers.apply(like))) {
                deaf.add(engine);
            }
        }
        assertThat(deaf)
                .as("does not hear of %s of a kind like %s", needs.keySet(), like.id())
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whatAKindWantsOfItsPlaceIsHeard(Profile like) {
        heardBy(like, Map.of("dailyLight", times(like.dailyLight(), 0.4)), "season", "care", "diagnosis");
        heardBy(like, Map.of("humidity", moved(like.humidity(), -12)), "season", "care", "diagnosis");
        heardBy(like, Map.of("day", moved(like.day(), 4)), "season", "care");
        heardBy(like, Map.of("night", new Temperature(like.night().celsius() + 5)), "season", "care", "diagnosis");
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whatAKindWantsOfItsPotIsHeard(Profile like) {
        // What stands in water is refilled by what its tray loses, whatever days its grower is used to.
        if (like.dryness() != Dryness.BOG) {
            heardBy(like, Map.of("wateringDays", times(like.wateringDays(), 1.7)), "water");
            heardBy(
                    like,
                    Map.of("dryness", like.dryness() == Dryness.LONG_DRY ? Dryness.TOP_DRY : Dryness.LONG_DRY),
                    "season");
        }
        if (like.dryness() != Dryness.BOG && like.usualPot() != PotKind.MOUNT) {
            heardBy(
                    like,
                    Map.of("dryness", like.dryness() == Dryness.LONG_DRY ? Dryness.SURFACE_DRY : Dryness.LONG_DRY),
                    "water");
        }
        for (WaterWant other : WaterWant.values()) {
            if (other != like.water()) {
                heardBy(like, Map.of("water", other), "waters", "waters with feed");
            }
        }
        if (like.family() != Family.CARNIVOROUS && like.feedMgN().high() > 0) {
            heardBy(
                    like,
                    Map.of("feedMgN", like.feedMgN().middle() < 100 ? new Range(140, 160) : new Range(20, 30)),
                    "food");
        }
        if (!like.edible()) {
            heardBy(like, Map.of("edible", true), "treatment");
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void aHardierKindIsNotHurtByANightThatItLikes(Profile like) {
        Profile hardier = own(like, Map.of("night", new Temperature(like.night().celsius() - 12)));
        assertThat(Years.KNOWLEDGE.cold(hardier).after(hardier.night().celsius()))
                .isEqualTo(ColdLimits.Harm.NONE);
        assertThat(Years.KNOWLEDGE.cold(like))
                .isEqualTo(Years.KNOWLEDGE.of(like).cold());
    }
}
