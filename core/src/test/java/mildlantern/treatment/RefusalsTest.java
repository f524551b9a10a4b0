package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
import mildlantern.quarantine.Quarantine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Dangerous and senseless orders are refused, each with the reason and the nearest safe way. */
class RefusalsTest {
    private static final TreatmentKnowledge KNOWLEDGE = TreatmentKnowledge.load(Pests.load());
    private static final Refusals REFUSALS = new Refusals(KNOWLEDGE);
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 10);

    private static final Map<String, Situation.State> STATES = Map.of(
            "flowering", Situation.State.FLOWERING,
            "in-bud", Situation.State.IN_BUD,
            "thirsty", Situation.State.THIRSTY,
            "potted", Situation.State.NEWLY_POTTED,
            "outdoors", Situation.State.OUTDOORS,
            "hard-water", Situation.State.HARD_WATER);

    /**
     * A situation in words: "flowering", "thirsty", "29C" (all day), "34max" (the warmest), "40%", "in-sun", "hold", "3leaves", and uses as "soap-3"
     * (three days ago).
     */
    private static List<Verdict> judge(String means, String kind, String against, String words) {
        List<Situation.Use> uses = new ArrayList<>();
        double celsius = 21;
        double warmest = 0;
        double humidity = 70;
        OptionalInt leaves = OptionalInt.empty();
        Set<Hold> holds = new HashSet<>();
        Set<Situation.State> states = new HashSet<>();
        Set<String> said =
                Stream.of(words.split(" ")).filter(word -> !word.isBlank()).collect(Collectors.toSet());
        Optional<Rate> rate = KNOWLEDGE.find(means).orElseThrow().rate();
        for (String word : said) {
            Optional.ofNullable(STATES.get(word)).ifPresent(states::add);
            if (word.endsWith("C")) {
                celsius = Double.parseDouble(word.replace("C", ""));
            } else if (word.endsWith("max")) {
                warmest = Double.parseDouble(word.replace("max", ""));
            } else if (word.endsWith("leaves")) {
                leaves = OptionalInt.of(Integer.parseInt(word.replace("leaves", "")));
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
                states,
                celsius,
                Math.max(celsius, warmest),
                celsius,
                OptionalDouble.of(humidity),
                leaves,
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

    private static Rule rule(String word) {
        return Rule.valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_'));
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
        "alcohol-swab, african-violet, mealybugs, '', harms",
        "alcohol-swab, boston-fern, scale-insects, '', harms",
        "alcohol-swab, nepenthes, mealybugs, '', harms",
        "systemic-insecticide, nepenthes, mealybugs, '', harms",
        "systemic-insecticide, calamondin, scale-insects, '', edible",
        "contact-fungicide, calamondin, fungal-leaf-spot, outdoors, edible",
        "contact-fungicide, monstera, fungal-leaf-spot, '', indoors",
        "miticide, boston-fern, spider-mites, '', harms",
        "copper, anthurium, bacterial-leaf-spot, '', harms",
        "copper, dendrobium-evergreen, fungal-leaf-spot, '', harms",
        "oil, temperate-bonsai, conifer-mites, '', harms",
        "oil, tillandsia, scale-insects, '', harms",
        "soap, succulent-rosette, mealybugs, '', harms",
        "wiping, tropical-bonsai, spider-mites, '', harms",
        "wiping, cactus, mealybugs, '', harms",
        "wiping, platycerium, scale-insects, '', harms",
        "copper, catasetum, fungal-leaf-spot, '', harms",
        "oil, poinsettia, whitefly, '', harms",
        "oil, parlour-palm, scale-insects, '', harms",
        "alcohol-swab, begonia, mealybugs, '', harms",
        "soap, dyckia, scale-insects, '', harms",
        "submersion, monstera, aphids, '', only-for",
        "essential-oils, monstera, spider-mites, '', never",
        "metaldehyde, monstera, slugs-snails, '', never",
        "bleach-on-plants, monstera, crown-rot, '', never",
        "cut-to-sound, phalaenopsis, crown-rot, '', useless",
        "systemic-insecticide, cattleya, armoured-scale, '', useless",
        "systemic-fungicide, monstera, root-rot, '', useless",
        "systemic-fungicide, monstera, grey-mould, '', useless",
        "systemic-insecticide, tropical-hibiscus, aphids, in-bud, in-bud",
        "copper, cattleya, fungal-leaf-spot, flowering, flowering",
        "soap, monstera, spider-mites, thirsty, thirsty",
        "sulphur, tropical-hibiscus, powdery-mildew, thirsty, thirsty",
        "miticide, monstera, spider-mites, thirsty, thirsty",
        "alcohol-swab, monstera, mealybugs, thirsty, thirsty",
        "soap, monstera, spider-mites, potted, newly-potted",
        "systemic-insecticide, monstera, root-aphids, root-wash-5, newly-potted",
        "soap, monstera, spider-mites, root-wash-13, newly-potted",
        "soap, monstera, spider-mites, 28C 34max, too-hot",
        "soap, monstera, spider-mites, 34max, too-hot",
        "soap, monstera, spider-mites, soap-4 soap-8 soap-12 soap-16, in-a-row",
        "oil, monstera, scale-insects, contact-fungicide-10, cancels",
        "predatory-mites, monstera, spider-mites, sulphur-5, cancels",
        "copper, monstera, fungal-leaf-spot, phosphonate-7, cancels",
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
        "predatory-mites, monstera, spider-mites, soap-0, cancels",
        "soap, monstera, spider-mites, predatory-mites-3, cancels",
        "predatory-mites, monstera, spider-mites, systemic-insecticide-30, cancels",
        "beauveria, monstera, thrips, copper-5, cancels",
        "oomycete-fungicide, monstera, root-rot, root-guard-10, cancels",
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
                .contains(rule(rule));
        assertThat(verdicts)
                .filteredOn(Verdict::refuses)
                .allSatisfy(verdict -> assertThat(verdict.instead()).isPresent());
    }

    @ParameterizedTest
    @CsvSource({
        "soap, monstera, spider-mites, ''",
        "soap, monstera, spider-mites, soap-4",
        "soap, phalaenopsis, mealybugs, 28C",
        "alcohol-swab, phalaenopsis, mealybugs, 50vol",
        "alcohol-swab, monstera, mealybugs, 70vol",
        "oil, monstera, scale-insects, sulphur-15",
        "predatory-mites, monstera, spider-mites, soap-1",
        "predatory-mites, monstera, spider-mites, oil-3",
        "dry-air-mites, monstera, spider-mites, 45%",
        "nematodes, monstera, fungus-gnats, systemic-insecticide-10",
        "bt-caterpillars, monstera, caterpillars, bti-60",
        "oil, calamondin, scale-insects, ''",
        "submersion, drosera, aphids, ''",
        "dry-crown, phalaenopsis, crown-rot, ''",
        "hot-water-dip, african-violet, cyclamen-mites, ''",
        "oomycete-fungicide, monstera, root-rot, ''",
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
                .containsExactly(Rule.MAY_MARK);
    }

    @Test
    void theNearestSafeWayIsOneThatThisPlantBears() {
        Verdict refused =
                judge("copper", "phalaenopsis", "cercospora-leaf-spot", "").get(0);
        assertThat(refused.instead()).contains(Instead.NEAREST.with("taking leaves off"));
    }

    @ParameterizedTest
    @CsvSource({
        "water-spray, phalaenopsis, thrips, '', CROWN",
        "take-off-leaves, phalaenopsis, fungal-leaf-spot, 4leaves, FEW_LEAVES",
        "oil, calamondin, scale-insects, '', HARVEST",
        "soap, monstera, spider-mites, hard-water, HARD_WATER",
        "soap, jade-plant, mealybugs, '', MAY_MARK"
    })
    void whatIsToBeMindedIsSaid(String means, String kind, String against, String words, Rule rule) {
        List<Verdict> verdicts = judge(means, kind, against, words);
        assertThat(verdicts).noneMatch(Verdict::refuses);
        assertThat(verdicts).extracting(Verdict::rule).contains(rule);
    }

    @Test
    void whatIsEatenBearsNothingThatMustNotBeEaten() {
        assertThat(judge("miticide", "calamondin", "spider-mites", ""))
                .extracting(Verdict::rule)
                .contains(Rule.EDIBLE);
        assertThat(judge("miticide", "tropical-hibiscus", "spider-mites", ""))
                .extracting(Verdict::rule)
                .doesNotContain(Rule.EDIBLE);
    }

    @Test
    void everyPestForWhichSomethingLivingIsSoldHasALivingAnswer() {
        Set<String> none = Set.of("lesion-nematodes", "foliar-nematodes", "bush-snails");
        assertThat(Pests.load().all())
                .filteredOn(pest -> !none.contains(pest.id().value()))
                .allSatisfy(pest -> assertThat(KNOWLEDGE.against(pest.id()))
                        .as(pest.id().value())
                        .anyMatch(one -> one.styles().contains(Style.LIVING)
                                && one.works().lasting().isPresent()));
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
        Situation plain = Situation.of(PLANTS.profile("monstera").orElseThrow(), 20);
        Situation situation = new Situation(
                plain.profile(),
                plain.states(),
                20,
                20,
                20,
                OptionalDouble.of(60),
                plain.leaves(),
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
        assertThat(judge(label, 15)).extracting(Verdict::rule).contains(Rule.TOO_STRONG);
        assertThat(judge(label, 10, sixDaysAgo)).extracting(Verdict::rule).contains(Rule.TOO_SOON);
        assertThat(judge(label, 10, earlier, new Situation.Use("soap", TODAY.minusDays(40), Optional.empty(), true)))
                .extracting(Verdict::rule)
                .contains(Rule.TOO_OFTEN);
        assertThat(judge(label(Optional.of(true), OptionalInt.empty(), OptionalInt.empty(), Set.of("monstera")), 10))
                .extracting(Verdict::rule)
                .contains(Rule.LABEL_FORBIDS);
    }

    @Test
    void whetherItIsRegisteredMustBeAnsweredFirst() {
        assertThat(judge(label(Optional.empty(), OptionalInt.empty(), OptionalInt.empty(), Set.of()), 10))
                .extracting(Verdict::rule)
                .contains(Rule.REGISTERED_UNKNOWN);
        assertThat(judge(label(Optional.of(false), OptionalInt.empty(), OptionalInt.empty(), Set.of()), 10))
                .extracting(Verdict::rule)
                .contains(Rule.NOT_REGISTERED);
    }

    @Test
    void allThatIsTreatedIsAKnownCause() {
        Set<DisorderId> causes = DiagnosisKnowledge.load(PLANTS, Trials.load()).disorders().stream()
                .map(Disorder::id)
                .collect(Collectors.toSet());
        assertThat(causes).containsAll(KNOWLEDGE.disorders());
        assertThat(causes).containsAll(Quarantine.load(Pests.load()).disorders());
        assertThat(causes)
                .containsAll(Pests.load().all().stream().map(LifeTable::id).toList());
    }

    @Test
    void everyMeansSaysItsTerms() {
        assertThat(KNOWLEDGE.all()).hasSizeGreaterThan(25).allSatisfy(means -> {
            assertThat(means.name()).isNotBlank();
            assertThat(means.pace().interval().low()).isPositive();
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
