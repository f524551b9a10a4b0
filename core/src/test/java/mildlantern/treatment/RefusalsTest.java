package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.DisorderId;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.plant.PlantKnowledge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Dangerous and senseless orders are refused, each with the reason and the nearest safe way. */
class RefusalsTest {
    private static final TreatmentKnowledge KNOWLEDGE = TreatmentKnowledge.load(Pests.load());
    private static final Refusals REFUSALS = new Refusals(KNOWLEDGE);
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 10);

    /** A situation in words: "flowering", "thirsty", "29C", "40%", "in-sun", "hold-spray", and uses as "soap-3" (three days ago). */
    private static List<Verdict> judge(String means, String kind, String against, String words) {
        List<Situation.Use> uses = new ArrayList<>();
        double celsius = 21;
        double humidity = 70;
        Set<Hold> holds = new HashSet<>();
        Set<String> said =
                Stream.of(words.split(" ")).filter(word -> !word.isBlank()).collect(Collectors.toSet());
        Optional<Rate> rate = KNOWLEDGE.find(means).orElseThrow().rate();
        for (String word : said) {
            if (word.endsWith("C")) {
                celsius = Double.parseDouble(word.replace("C", ""));
            } else if (word.endsWith("%")) {
                humidity = Double.parseDouble(word.replace("%", ""));
            } else if (word.endsWith("mL/L")) {
                rate = Optional.of(
                        new Rate(Double.parseDouble(word.replace("mL/L", "")), Measure.MILLILITRE, Carrier.LITRE));
            } else if (word.endsWith("vol")) {
                rate = Optional.of(
                        new Rate(Double.parseDouble(word.replace("vol", "")), Measure.MILLILITRE, Carrier.PERCENT));
            } else if (word.matches("[a-z-]+-\\d+")) {
                String id = word.replaceAll("-\\d+$", "");
                Means used = KNOWLEDGE.find(id).orElseThrow();
                int days = Integer.parseInt(word.replaceAll("^.*-", ""));
                uses.add(new Situation.Use(id, TODAY.minusDays(days), used.group(), used.product()));
            } else if (word.equals("hold")) {
                holds.add(Hold.SPRAY);
            }
        }
        Situation situation = new Situation(
                PLANTS.profile(kind).orElseThrow(),
                said.contains("flowering"),
                said.contains("thirsty"),
                celsius,
                OptionalDouble.of(humidity),
                false,
                holds,
                uses);
        return REFUSALS.judge(
                new Order(
                        KNOWLEDGE.find(means).orElseThrow(),
                        TODAY,
                        new DisorderId(against),
                        rate,
                        said.contains("sun"),
                        Optional.empty()),
                situation);
    }

    @ParameterizedTest
    @CsvSource({
        "household-detergent, pothos, spider-mites, '', never",
        "household-detergent, boston-fern, aphids, '', never",
        "copper, phalaenopsis, cercospora-leaf-spot, '', harms",
        "copper, paphiopedilum, cercospora-leaf-spot, '', harms",
        "copper, miltoniopsis, cercospora-leaf-spot, '', harms",
        "copper, tank-bromeliad, fungal-leaf-spot, '', harms",
        "copper, tillandsia, fungal-leaf-spot, '', harms",
        "copper, sarracenia, fungal-leaf-spot, '', harms",
        "soap, drosera, aphids, '', harms",
        "soap, dionaea, aphids, '', harms",
        "oil, pinguicula, spider-mites, '', harms",
        "oil, african-violet, spider-mites, '', harms",
        "oil, calathea, spider-mites, '', harms",
        "oil, boston-fern, scale-insects, '', harms",
        "oil, calamondin, scale-insects, '', harms",
        "alcohol-swab, african-violet, mealybugs, '', harms",
        "alcohol-swab, boston-fern, scale-insects, '', harms",
        "alcohol-swab, nepenthes, mealybugs, '', harms",
        "systemic-insecticide, nepenthes, mealybugs, '', harms",
        "systemic-insecticide, calamondin, scale-insects, '', harms",
        "miticide, dionaea, spider-mites, '', harms",
        "systemic-fungicide, cephalotus, grey-mould, '', harms",
        "wiping, drosera, spider-mites, '', harms",
        "dry-medium, sarracenia, fungus-gnats, '', harms",
        "systemic-insecticide, tropical-hibiscus, aphids, flowering, flowering",
        "miticide, tropical-hibiscus, spider-mites, flowering, flowering",
        "oil, monstera, spider-mites, thirsty, thirsty",
        "oil, monstera, spider-mites, sun, sun",
        "soap, monstera, spider-mites, sun, sun",
        "alcohol-swab, monstera, mealybugs, sun, sun",
        "soap, monstera, spider-mites, 31C, too-hot",
        "sulphur, tropical-hibiscus, powdery-mildew, 30C, too-hot",
        "predatory-mites, monstera, spider-mites, 15C, too-cold",
        "predatory-mites, monstera, spider-mites, 40%, too-dry",
        "beauveria, monstera, thrips, 50%, too-dry",
        "nematodes, monstera, fungus-gnats, 10C, medium-cold",
        "alcohol-swab, monstera, mealybugs, 80vol, too-strong",
        "alcohol-swab, monstera, mealybugs, 91vol, too-strong",
        "soap, monstera, spider-mites, 40mL/L, too-strong",
        "oil, monstera, spider-mites, 20mL/L, too-strong",
        "soap, monstera, spider-mites, soap-1, too-soon",
        "soap, monstera, spider-mites, soap-0, too-soon",
        "miticide, monstera, spider-mites, miticide-3, too-soon",
        "miticide, monstera, spider-mites, miticide-8 miticide-16, too-often",
        "soap, monstera, spider-mites, oil-0, two-products",
        "oil, monstera, spider-mites, sulphur-6, cancels",
        "predatory-mites, monstera, spider-mites, soap-5, cancels",
        "soap, monstera, spider-mites, predatory-mites-3, cancels",
        "predatory-mites, monstera, spider-mites, systemic-insecticide-60, cancels",
        "beauveria, monstera, thrips, copper-5, cancels",
        "systemic-fungicide, monstera, root-rot, root-guard-10, cancels",
        "miticide, monstera, spider-mites, miticide-40, same-group",
        "systemic-insecticide, monstera, spider-mites, '', useless",
        "soap, monstera, fungus-gnats, '', useless",
        "soap, monstera, spider-mites, hold, on-hold"
    })
    void refused(String means, String kind, String against, String words, String rule) {
        List<Verdict> verdicts = judge(means, kind, against, words);
        assertThat(verdicts)
                .filteredOn(Verdict::refuses)
                .extracting(Verdict::rule)
                .contains(rule);
        assertThat(verdicts).filteredOn(Verdict::refuses).allSatisfy(verdict -> {
            assertThat(verdict.reason()).endsWith(".");
            assertThat(verdict.instead()).isPresent();
        });
    }

    @ParameterizedTest
    @CsvSource({
        "soap, monstera, spider-mites, ''",
        "soap, monstera, spider-mites, soap-4",
        "soap, phalaenopsis, mealybugs, 28C",
        "alcohol-swab, phalaenopsis, mealybugs, 50vol",
        "alcohol-swab, monstera, mealybugs, 70vol",
        "oil, monstera, scale-insects, sulphur-15",
        "predatory-mites, monstera, spider-mites, soap-15",
        "miticide, monstera, spider-mites, miticide-8",
        "copper, monstera, cercospora-leaf-spot, systemic-fungicide-14",
        "water-spray, drosera, aphids, flowering",
        "yellow-card, sarracenia, fungus-gnats, ''",
        "root-guard, boston-fern, root-rot, ''"
    })
    void allowed(String means, String kind, String against, String words) {
        assertThat(judge(means, kind, against, words)).noneMatch(Verdict::refuses);
    }

    @Test
    void whatMayMarkIsWarnedOfAndRinsed() {
        assertThat(judge("soap", "boston-fern", "scale-insects", ""))
                .extracting(Verdict::rule)
                .containsExactly("may-mark");
    }

    @Test
    void theNearestSafeWayIsOneThatThisPlantBears() {
        Verdict refused =
                judge("copper", "phalaenopsis", "cercospora-leaf-spot", "").get(0);
        assertThat(refused.instead().orElseThrow()).contains("taking leaves off");
    }

    @Test
    void aPlantOnHoldIsNotFed() {
        assertThat(FeedHold.feeding(Set.of(Hold.FEED, Hold.MOVE)))
                .hasValueSatisfying(verdict -> assertThat(verdict.refuses()).isTrue());
        assertThat(FeedHold.feeding(Set.of(Hold.MOVE))).isEmpty();
    }

    private static Label label(
            Optional<Boolean> registered, OptionalInt interval, OptionalInt uses, Set<String> notOn) {
        return new Label(
                "Grower's soap",
                "soap",
                "potassium salts of fatty acids, 10 g/L",
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Rate(10, Measure.MILLILITRE, Carrier.LITRE)),
                interval,
                uses,
                notOn,
                registered);
    }

    private static List<Verdict> judge(Label label, double strength, Situation.Use... uses) {
        Situation situation = new Situation(
                PLANTS.profile("monstera").orElseThrow(),
                false,
                false,
                20,
                OptionalDouble.of(60),
                false,
                Set.of(),
                List.of(uses));
        Order order = new Order(
                KNOWLEDGE.find("soap").orElseThrow(),
                TODAY,
                new DisorderId("spider-mites"),
                Optional.of(new Rate(strength, Measure.MILLILITRE, Carrier.LITRE)),
                false,
                Optional.of(label));
        return REFUSALS.judge(order, situation);
    }

    @Test
    void theLabelStandsAboveWhatTheProductKnows() {
        Label label = label(Optional.of(true), OptionalInt.of(10), OptionalInt.of(2), Set.of());
        Situation.Use sixDaysAgo = new Situation.Use("soap", TODAY.minusDays(6), Optional.empty(), true);
        Situation.Use earlier = new Situation.Use("soap", TODAY.minusDays(20), Optional.empty(), true);
        assertThat(judge(label, 10)).noneMatch(Verdict::refuses);
        assertThat(judge(label, 15)).extracting(Verdict::rule).contains("too-strong");
        assertThat(judge(label, 10, sixDaysAgo)).extracting(Verdict::rule).contains("too-soon");
        assertThat(judge(label, 10, earlier, new Situation.Use("soap", TODAY.minusDays(40), Optional.empty(), true)))
                .extracting(Verdict::rule)
                .contains("too-often");
        assertThat(judge(label(Optional.of(true), OptionalInt.empty(), OptionalInt.empty(), Set.of("monstera")), 10))
                .extracting(Verdict::rule)
                .contains("label-forbids");
    }

    @Test
    void whetherItIsRegisteredMustBeAnsweredFirst() {
        assertThat(judge(label(Optional.empty(), OptionalInt.empty(), OptionalInt.empty(), Set.of()), 10))
                .extracting(Verdict::rule)
                .contains("registered-unknown");
        assertThat(judge(label(Optional.of(false), OptionalInt.empty(), OptionalInt.empty(), Set.of()), 10))
                .extracting(Verdict::rule)
                .contains("not-registered");
    }

    @Test
    void allThatIsTreatedIsAKnownCause() {
        Set<DisorderId> causes = DiagnosisKnowledge.load(PLANTS, Trials.load()).disorders().stream()
                .map(Disorder::id)
                .collect(Collectors.toSet());
        assertThat(causes).containsAll(KNOWLEDGE.disorders());
        assertThat(causes)
                .containsAll(Pests.load().all().stream().map(LifeTable::id).toList());
    }

    @Test
    void everyMeansSaysItsTerms() {
        assertThat(KNOWLEDGE.all()).hasSizeGreaterThan(25).allSatisfy(means -> {
            assertThat(means.name()).isNotBlank();
            assertThat(means.interval().low()).isPositive();
            if (means.product() && means.refused().isEmpty()) {
                assertThat(means.care().gear())
                        .as(means.id() + " needs gloves at least")
                        .isNotEmpty();
                assertThat(means.care().away())
                        .as(means.id() + ": what becomes of the rest")
                        .isPresent();
            }
        });
    }
}
