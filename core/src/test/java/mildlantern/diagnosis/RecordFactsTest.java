package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import mildlantern.knowledge.DisorderId;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.EventKind;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Near;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.PlantRecord.Event;
import mildlantern.plant.Season;
import mildlantern.plant.SprayKind;
import mildlantern.plant.Stage;
import mildlantern.plant.Wants;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.season.Years;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a plant's record tells, in the words that a grower reads. */
class RecordFactsTest {
    private static PlantRecord orchid() {
        return orchid(Optional.empty());
    }

    private static PlantRecord orchid(Optional<Wants> wants) {
        return new PlantRecord(
                Known.PLANTS.profile("phalaenopsis").orElseThrow(),
                Optional.of(Stage.ADULT),
                Optional.of(Season.WINTER),
                wants,
                new PlantRecord.Place(
                        Optional.of(Brightness.LOW),
                        Optional.of(new RelativeHumidity(34)),
                        Optional.of(new Temperature(21)),
                        Optional.of(new Temperature(12)),
                        OptionalDouble.of(2),
                        Optional.of(Set.of(Near.HEATER)),
                        Optional.of(true),
                        Optional.of(AirMovement.STILL),
                        OptionalDouble.of(1.4)),
                new PlantRecord.Watering(
                        OptionalDouble.of(3),
                        OptionalDouble.of(4),
                        Optional.of(WaterSource.HARD_TAP),
                        Optional.of(true),
                        Optional.of(true),
                        Optional.of(true),
                        Optional.of(false),
                        Optional.of(new PlantRecord.Drying(18, 8, 4, 0.2, true, OptionalDouble.of(0.7)))),
                new PlantRecord.Pot(OptionalDouble.of(34), Known.PLANTS.medium("bark")),
                new PlantRecord.Feeding(
                        OptionalDouble.of(45),
                        Optional.of(FeedStrength.WEAK),
                        Optional.of(new PlantRecord.PotFood(2, 4, 1.9, 1.3))),
                List.of(
                        new Event(EventKind.MOVED, 9, OptionalDouble.of(-14), OptionalDouble.of(0.3), Optional.empty()),
                        new Event(
                                EventKind.SPRAYED,
                                5,
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                Optional.of(SprayKind.COPPER))),
                OptionalDouble.of(98));
    }

    private static Fact fact(PlantRecord record, String id) {
        return Known.KNOWLEDGE.facts(record).stream()
                .filter(fact -> fact.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "rh.gap, '34 % humidity at this stop; this plant wants 50 to 70 %'",
        "light.gap, 'low light at this stop; this plant wants medium'",
        "night.under, '12 °C by night; this plant likes 15 °C or more'",
        "near.heater, a heater close by",
        "crowded, plants touch one another here",
        "air, the air is still here",
        "water.since, 'last watered 3 days ago; 14 to 22 is usual'",
        "water.early, 70 % of the latest waterings came well before it needed them",
        "drying.slow, 'takes 18 days to dry; 8 would be usual for this pot and place'",
        "water.source, watered with hard tap water",
        "over-top, watered over the crown and leaves",
        "outer-pot, stands in an outer pot",
        "drain-holes, the pot has no drain holes",
        "pot.age, '34 months in bark, which lasts 18 to 30'",
        "feed.days, last fed 45 days ago",
        "change.temp, 'moved 9 days ago, −14 °C'",
        "change.light, moved 9 days ago to 0.3 times the light",
        "sprayed.with, sprayed with copper 5 days ago",
        "bloom.age, 'in bloom for 14 weeks; 8 to 16 is normal'"
    })
    void aFactIsSaidWithItsFigures(String id, String sentence) {
        assertThat(fact(orchid(), id).speaksFor()).isEqualTo(sentence);
    }

    @Test
    void aPlantAtRestIsNeitherShortOfLightNorThirsty() {
        PlantRecord resting = orchid(Optional.of(Years.wants("cactus", Phase.DRY_REST)));
        assertThat(Known.KNOWLEDGE.facts(resting)).noneMatch(fact -> fact.id().equals("light.gap"));
        assertThat(fact(resting, "water.since").number().orElseThrow()).isLessThan(0.1);
        assertThat(fact(resting, "night.under").number()).hasValue(3 - 12.0);
    }

    @Test
    void whatIsNotKnownIsNotSaid() {
        assertThat(Known.KNOWLEDGE.facts(Known.bare("phalaenopsis")))
                .extracting(Fact::id)
                .containsExactly("family", "profile");
    }

    @Test
    void everyFactThatARuleNamesCanComeFromSomeRecord() {
        Set<String> never = new TreeSet<>();
        MadeUpPlants plants = new MadeUpPlants(Known.KNOWLEDGE, Known.PLANTS);
        Set<String> told = new TreeSet<>();
        Random chance = new Random(11);
        for (int i = 0; i < 300; i++) {
            Known.KNOWLEDGE.facts(plants.draw(chance).record()).forEach(fact -> told.add(fact.id()));
        }
        Known.KNOWLEDGE.facts(orchid()).forEach(fact -> told.add(fact.id()));
        Known.KNOWLEDGE.facts(atRest("cactus")).forEach(fact -> told.add(fact.id()));
        Known.KNOWLEDGE.facts(chilled()).forEach(fact -> told.add(fact.id()));
        for (Disorder disorder : Known.KNOWLEDGE.disorders()) {
            for (RecordRule rule : disorder.rules()) {
                if (!told.contains(rule.fact())) {
                    never.add(rule.fact());
                }
            }
        }
        assertThat(never).isEmpty();
    }

    /** A plant of which nothing is known but that it was much colder for a night. */
    private static PlantRecord chilled() {
        PlantRecord bare = Known.bare("phalaenopsis");
        return new PlantRecord(
                bare.profile(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                bare.place(),
                bare.watering(),
                bare.pot(),
                bare.feeding(),
                List.of(new Event(
                        EventKind.CHILLED, 3, OptionalDouble.of(-12), OptionalDouble.empty(), Optional.empty())),
                OptionalDouble.empty());
    }

    /** A plant of which nothing is known but that it is winter, and that it rests. */
    private static PlantRecord atRest(String kind) {
        PlantRecord bare = Known.bare(kind);
        return new PlantRecord(
                bare.profile(),
                bare.stage(),
                Optional.of(Season.WINTER),
                Optional.of(Years.wants(bare.profile(), Phase.DRY_REST)),
                bare.place(),
                bare.watering(),
                bare.pot(),
                bare.feeding(),
                bare.events(),
                bare.bloomDays());
    }

    @Test
    void aCactusThatShrinksInItsRestIsNotThirsty_andInSummerItIs() {
        Evidence shrunk = Known.seen("leaf.leathery", "present", "soil.deep", "dry", "new-growth", "none");
        Differential winter = Known.DIAGNOSIS.consider(atRest("cactus"), shrunk);
        assertThat(winter.ladder().get(0).disorder().id()).hasToString("winter-shrinking");
        assertThat(Known.DIAGNOSIS.consider(Known.bare("cactus"), shrunk).probability(new DisorderId("underwatering")))
                .isGreaterThan(winter.probability(new DisorderId("underwatering")));
    }

    @Test
    void noSingleFactIsTrustedMoreThanFiftyToOne() {
        double most = Math.log(50) + 1e-9;
        for (Disorder disorder : Known.KNOWLEDGE.disorders()) {
            for (Fact fact : Known.KNOWLEDGE.facts(orchid())) {
                assertThat(Math.abs(Odds.logFactor(disorder, fact)))
                        .as("%s, %s", disorder.id(), fact.id())
                        .isLessThanOrEqualTo(most);
            }
        }
    }

    @Test
    void theRecordAloneAlreadySuspectsWhatItShould() {
        Differential before = Known.DIAGNOSIS.consider(Known.bare("phalaenopsis"), Evidence.NONE);
        Differential after = Known.DIAGNOSIS.consider(orchid(), Evidence.NONE);
        for (String id : List.of("failing-medium", "low-humidity", "overwatering", "salt-buildup", "crown-rot")) {
            assertThat(after.probability(new DisorderId(id)))
                    .as(id)
                    .isGreaterThan(before.probability(new DisorderId(id)));
        }
        assertThat(Known.DIAGNOSIS
                        .consider(orchid(), Known.seen("flowers.drop", "present"))
                        .probability(new DisorderId("spent-flowers")))
                .isGreaterThan(before.probability(new DisorderId("spent-flowers")));
    }

    @Test
    void measuredLightAndTheAccountOfThePotSpeakWithTheirFigures() {
        List<Fact> facts = RecordFacts.load().of(orchid());

        assertThat(facts)
                .filteredOn(fact -> fact.id().equals("light.measured"))
                .singleElement()
                .satisfies(fact -> assertThat(fact.speaksFor())
                        .isEqualTo("1.4 mol/m² of light a day here as measured; this plant wants 4 to 10 now"));
        assertThat(facts)
                .filteredOn(fact -> fact.id().equals("pot.nitrogen"))
                .singleElement()
                .satisfies(fact -> assertThat(fact.number()).hasValue(0.5));
        assertThat(facts).anyMatch(fact -> fact.speaksFor().contains("about 1.9 mS/cm in its pot"));
    }
}
