package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Disorder;
import mildlantern.knowledge.DisorderId;
import mildlantern.log.LogEntry;
import mildlantern.message.Message;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.pest.LifeTable;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Label;
import mildlantern.treatment.Means;
import mildlantern.treatment.Order;
import mildlantern.treatment.Refusals;
import mildlantern.treatment.TermSays;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.treatment.Verdict;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.log.UseTerms;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.remedy.RemedyCards;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Answers whether something may be used on a plant today, and writes down what was used. */
@Service
@Transactional
class UseService implements UseTerms {
    private final Plants plants;
    private final CaseTroubles cases;
    private final TreatmentKnowledge knowledge;
    private final Diagnosis diagnosis;
    private final Situations situations;
    private final CourseRepositories.Products products;
    private final RecordWriter log;
    private final UsedMeans used;
    private final RemedyCards remedies;
    private final Clock clock;

    UseService(
            Plants plants,
            CaseTroubles cases,
            TreatmentKnowledge knowledge,
            Diagnosis diagnosis,
            Situations situations,
            CourseRepositories.Products products,
            RecordWriter log,
            UsedMeans used,
            RemedyCards remedies,
            Clock clock) {
        this.plants = plants;
        this.cases = cases;
        this.knowledge = knowledge;
        this.diagnosis = diagnosis;
        this.situations = situations;
        this.products = products;
        this.log = log;
        this.used = used;
        this.remedies = remedies;
        this.clock = clock;
    }

    /**
     * What is to be used.
     *
     * @param means id
     * @param against id of the disorder
     * @param amount strength, per litre or percent as the means' usual rate counts; empty for the usual
     * @param q what was typed instead of choosing
     * @param sun whether the sun will be on the plant
     */
    record Asked(
            Optional<String> means,
            Optional<DisorderId> against,
            String amount,
            String q,
            @Nullable Boolean sun) {
        Asked {
            amount = Objects.requireNonNullElse(amount, "");
            q = Objects.requireNonNullElse(q, "").strip();
        }

        boolean inSun() {
            return Boolean.TRUE.equals(sun);
        }
    }

    /** Something to choose. */
    record Choice(String id, String words, boolean chosen) {}

    /** What is said of it: whether it refuses, why, and what instead. */
    record Said(boolean refuses, String reason, Optional<String> instead) {}

    /** The page. */
    record Page(
            PlantId plant,
            String name,
            StopId stop,
            List<Choice> means,
            List<Choice> against,
            String amount,
            String unit,
            Optional<String> problem,
            boolean sun,
            boolean refused,
            String summary,
            List<Said> verdicts,
            List<String> terms,
            String q,
            Optional<RemedyCards.Card> remedy,
            boolean unknown,
            FormKey form) {
        /** Whether a means is answered for: not where something was typed that is none. */
        public boolean answered() {
            return !unknown
                    && (remedy.isEmpty()
                            || remedy.flatMap(RemedyCards.Card::means).isPresent());
        }
    }

    @Transactional(readOnly = true)
    public Page page(CollectionId collection, PlantId plantId, Asked asked) {
        Plant plant = plants.plant(collection, plantId);
        List<DisorderId> decided = cases.decided(collection).stream()
                .filter(one -> one.plant().equals(plantId))
                .flatMap(one -> one.causes().stream())
                .filter(knowledge::treats)
                .toList();
        Optional<RemedyCards.Card> remedy = asked.q().isEmpty() ? Optional.empty() : remedies.find(asked.q());
        Optional<String> typed = asked.q().isEmpty() ? Optional.empty() : typed(collection, asked.q(), remedy);
        Means means = typed.or(asked::means)
                .flatMap(knowledge::find)
                .orElseGet(() -> decided.stream()
                        .flatMap(cause -> knowledge.against(cause).stream())
                        .filter(Means::product)
                        .findFirst()
                        .orElseGet(() -> knowledge.find("soap").orElseThrow(() -> new NotHere("means"))));
        DisorderId against = asked.against()
                .filter(knowledge::treats)
                .orElseGet(() -> decided.stream().findFirst().orElseGet(() -> usual(means)));
        LocalDate today = LocalDate.now(clock);
        Optional<String> problem = Optional.empty();
        Optional<Label> label = label(collection, means);
        Optional<Rate> rate = label.flatMap(Label::most).or(means::rate);
        try {
            rate = asked.amount().isBlank() ? rate : strength(means, rate, asked.amount());
        } catch (IllegalArgumentException e) {
            problem = Optional.of(
                    e instanceof NumberFormatException
                            ? Wording.say(
                                    "treatment.use-service.not-number-write-one",
                                    asked.amount().strip())
                            : Wording.say("treatment.use-service.mix-cannot-strong-write"));
        }
        List<Verdict> verdicts = new Refusals(knowledge)
                .judge(
                        new Order(means, today, against, rate, asked.inSun(), label),
                        situations.of(plant, today, cases.holds(plant)));
        // A strength that cannot be is no question that has an answer.
        boolean refused = problem.isPresent() || verdicts.stream().anyMatch(Verdict::refuses);
        return new Page(
                plantId,
                plant.name(),
                plant.stop(),
                knowledge.all().stream()
                        .map(one -> new Choice(one.id(), one.name(), one.equals(means)))
                        .toList(),
                knowledge.disorders().stream()
                        .sorted()
                        .map(id -> new Choice(id.value(), name(id), id.equals(against)))
                        .toList(),
                asked.amount().isBlank()
                        ? rate.map(it -> Limits.plain(it.amount())).orElse("")
                        : asked.amount(),
                rate.or(means::rate)
                        .map(it -> Wording.of(it.measure()) + " " + Wording.of(it.carrier()))
                        .orElse(""),
                problem,
                asked.inSun(),
                refused,
                problem.isPresent()
                        ? Wording.say("treatment.use-service.correct-strength-first")
                        : refused
                                ? Wording.say("treatment.use-service.no-not-today")
                                : verdicts.isEmpty()
                                        ? Wording.say("treatment.use-service.yes")
                                        : Wording.say("treatment.use-service.yes-cautions"),
                verdicts.stream()
                        .map(one -> new Said(
                                one.refuses(),
                                Wording.of(one.reason()),
                                one.instead().map(Wording::of)))
                        .toList(),
                refused
                        ? List.of()
                        : Stream.concat(TermSays.safety(means).stream(), TermSays.conditions(means).stream())
                                .map(Wording::of)
                                .toList(),
                asked.q(),
                remedy,
                !asked.q().isEmpty() && remedy.isEmpty() && typed.isEmpty(),
                FormKey.fresh());
    }

    /** The means that was typed, by any of its names, those of own products or of a remedy that is one. */
    private Optional<String> typed(CollectionId collection, String words, Optional<RemedyCards.Card> remedy) {
        return remedy.isPresent()
                ? remedy.flatMap(RemedyCards.Card::means)
                : used.recognition(collection)
                        .find(words)
                        .map(found -> found.means().id());
    }

    @Override
    @Transactional(readOnly = true)
    public List<Message> against(Plant plant, LogEntry.Treated used) {
        Optional<Means> found = used.means().flatMap(knowledge::find);
        if (found.isEmpty()) {
            return List.of();
        }
        Means means = found.get();
        LocalDate today = LocalDate.now(clock);
        Optional<Label> label = label(plant.collection(), means);
        DisorderId against = usual(means);
        Order order =
                new Order(means, today, against, label.flatMap(Label::most).or(means::rate), false, label);
        return new Refusals(knowledge)
                .judge(order, situations.of(plant, today, cases.holds(plant))).stream()
                        .filter(Verdict::refuses)
                        .map(Verdict::reason)
                        .toList();
    }

    /** The house's own product that is this means, where it has one. */
    private Optional<Label> label(CollectionId collection, Means means) {
        return products.of(collection).stream()
                .map(OwnProduct::label)
                .filter(one -> one.means().equals(means.id()))
                .findFirst();
    }

    /** What it is mostly used against: the first in the order of the life tables, which begin with what is commonest. */
    private DisorderId usual(Means means) {
        return knowledge.pests().all().stream()
                .map(LifeTable::id)
                .filter(means.against()::contains)
                .findFirst()
                .or(() -> means.against().stream().sorted().findFirst())
                .orElse(new DisorderId("spider-mites"));
    }

    private String name(DisorderId disorder) {
        return diagnosis.knowledge().disorder(disorder).map(Disorder::name).orElse(disorder.value());
    }

    private static Optional<Rate> strength(Means means, Optional<Rate> usual, String amount) {
        double number = Numbers.read(amount);
        Measure measure = usual.map(Rate::measure).orElse(Measure.MILLILITRE);
        Carrier carrier = usual.map(Rate::carrier).orElse(Carrier.LITRE);
        return means.rate().isPresent() || usual.isPresent()
                ? Optional.of(new Rate(number, measure, carrier))
                : Optional.empty();
    }

    /** Writes down what was used, once; it is a fact, whatever was said of it. */
    public void used(CollectionId collection, PlantId plant, FormKey form, String means) {
        Means one = knowledge.find(means).orElseThrow(() -> new NotHere("means"));
        log.write(
                collection,
                plant,
                form,
                LocalDate.now(clock),
                List.of(new RecordWriter.Line(
                        used.chosen(collection, one), one.name().toLowerCase(Locale.ROOT))));
    }
}
