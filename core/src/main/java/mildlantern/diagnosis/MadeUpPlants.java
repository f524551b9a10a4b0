package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.random.RandomGenerator;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.AirMovement;
import mildlantern.plant.Brightness;
import mildlantern.plant.EventKind;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Near;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;

/**
 * Plants in trouble, made up from the knowledge base itself: a record by chance, causes by their prior odds with that record,
 * and findings as likely as those causes make them. What the diagnosis says of them can be checked against the truth.
 */
public final class MadeUpPlants {
    private static final double KNOWN = 0.7;

    private final DiagnosisKnowledge knowledge;
    private final List<Profile> profiles;
    private final PlantKnowledge plants;

    /**
     * @param knowledge what causes make likely
     * @param plants the kinds of plants to draw from, each as often as the others
     */
    public MadeUpPlants(DiagnosisKnowledge knowledge, PlantKnowledge plants) {
        this.knowledge = knowledge;
        this.plants = plants;
        this.profiles = List.copyOf(plants.profiles());
    }

    /**
     * A made-up plant.
     *
     * @param record what is known of it
     * @param causes ids of the causes that are truly there, none to three
     * @param findings every finding that makes sense on it, in the state it truly has
     */
    public record MadeUp(PlantRecord record, Set<DisorderId> causes, Map<FindingId, String> findings) {}

    /** Draws a plant; the same chance gives the same plant. */
    public MadeUp draw(RandomGenerator chance) {
        PlantRecord record = new Drawing(chance).record(pick(chance, profiles));
        Differential prior = new Differential(knowledge, record, Evidence.NONE);
        Hypotheses sets = prior.sets();
        int set = pick(chance, prior.weights());
        Map<FindingId, String> findings = new LinkedHashMap<>();
        for (Finding finding : knowledge.findings()) {
            if (finding.appliesTo(record)) {
                double[] shares = new Likelihoods(finding, prior.disorders()).of(sets, set);
                findings.put(
                        finding.id(), finding.states().get(pick(chance, shares)).id());
            }
        }
        return new MadeUp(record, prior.causesOf(set), findings);
    }

    private static <T> T pick(RandomGenerator chance, List<T> of) {
        return of.get(chance.nextInt(of.size()));
    }

    private static <T extends Enum<T>> T pick(RandomGenerator chance, Class<T> of) {
        return of.getEnumConstants()[chance.nextInt(of.getEnumConstants().length)];
    }

    /** A position, each as often as its weight. */
    private static int pick(RandomGenerator chance, double[] weights) {
        double total = 0;
        for (double weight : weights) {
            total += weight;
        }
        double left = chance.nextDouble() * total;
        for (int i = 0; i < weights.length; i++) {
            left -= weights[i];
            if (left < 0) {
                return i;
            }
        }
        return weights.length - 1;
    }

    /** Draws what a record may hold; each thing is known in seven of ten records. */
    private final class Drawing {
        private final RandomGenerator chance;

        Drawing(RandomGenerator chance) {
            this.chance = chance;
        }

        private boolean known() {
            return chance.nextDouble() < KNOWN;
        }

        private OptionalDouble number(double low, double high) {
            return known() ? OptionalDouble.of(Math.rint(chance.nextDouble(low, high))) : OptionalDouble.empty();
        }

        private <T extends Enum<T>> Optional<T> one(Class<T> of) {
            return known() ? Optional.of(pick(chance, of)) : Optional.empty();
        }

        private Optional<Boolean> yesOrNo(double share) {
            return known() ? Optional.of(chance.nextDouble() < share) : Optional.empty();
        }

        private Optional<Temperature> warmth(double low, double high) {
            OptionalDouble celsius = number(low, high);
            return celsius.isPresent() ? Optional.of(new Temperature(celsius.getAsDouble())) : Optional.empty();
        }

        PlantRecord record(Profile profile) {
            double middle = profile.wateringDays().middle();
            OptionalDouble humidity =
                    number(profile.humidity().low() - 30, profile.humidity().high());
            return new PlantRecord(
                    profile,
                    one(Stage.class),
                    one(Season.class),
                    Optional.empty(),
                    new PlantRecord.Place(
                            one(Brightness.class),
                            humidity.isPresent()
                                    ? Optional.of(new RelativeHumidity(Math.max(15, humidity.getAsDouble())))
                                    : Optional.empty(),
                            warmth(profile.day().low() - 4, profile.day().high() + 6),
                            warmth(
                                    profile.night().celsius() - 6,
                                    profile.night().celsius() + 8),
                            number(0, 8),
                            known()
                                    ? Optional.of(
                                            chance.nextInt(3) == 0
                                                    ? EnumSet.of(pick(chance, Near.class))
                                                    : EnumSet.noneOf(Near.class))
                                    : Optional.empty(),
                            yesOrNo(0.3),
                            one(AirMovement.class),
                            OptionalDouble.empty()),
                    new PlantRecord.Watering(
                            number(0, 2 * middle),
                            number(middle * 0.4, middle * 1.8),
                            one(WaterSource.class),
                            yesOrNo(0.3),
                            yesOrNo(0.3),
                            yesOrNo(0.3),
                            yesOrNo(0.95),
                            Optional.empty()),
                    new PlantRecord.Pot(
                            number(1, 40), known() ? plants.medium(pick(chance, profile.media())) : Optional.empty()),
                    new PlantRecord.Feeding(number(1, 200), one(FeedStrength.class), Optional.empty()),
                    events(),
                    number(1, 120));
        }

        private List<PlantRecord.Event> events() {
            List<PlantRecord.Event> events = new ArrayList<>();
            while (chance.nextInt(3) == 0) {
                events.add(PlantRecord.Event.of(pick(chance, EventKind.class), Math.rint(chance.nextDouble(1, 120))));
            }
            return List.copyOf(events);
        }
    }
}
