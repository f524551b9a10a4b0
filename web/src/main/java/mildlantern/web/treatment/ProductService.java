package mildlantern.web.treatment;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Label;
import mildlantern.treatment.Means;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The grower's own products. */
@Service
@Transactional
class ProductService {
    private final CourseRepositories.Products products;
    private final TreatmentKnowledge knowledge;
    private final PlantKnowledge plants;
    private final WrittenForms forms;

    ProductService(
            CourseRepositories.Products products,
            TreatmentKnowledge knowledge,
            PlantKnowledge plants,
            WrittenForms forms) {
        this.products = products;
        this.knowledge = knowledge;
        this.plants = plants;
        this.forms = forms;
    }

    /** A product as it is listed. */
    record Line(
            ProductId id, String name, String means, String ingredient, String rate, String terms, String registered) {}

    /** Something to choose. */
    record Choice(String id, String words) {}

    @Transactional(readOnly = true)
    public List<Line> list(CollectionId collection) {
        return products.of(collection).stream().map(this::line).toList();
    }

    private Line line(OwnProduct product) {
        Label label = product.label();
        String rate = label.most()
                .map(most -> label.least()
                        .map(least -> Wording.say(
                                "treatment.product-service.rates",
                                Limits.plain(least.amount()),
                                Limits.plain(most.amount()),
                                most.measure(),
                                most.carrier()))
                        .orElseGet(() -> Wording.say(
                                "treatment.product-service.rate",
                                Limits.plain(most.amount()),
                                most.measure(),
                                most.carrier())))
                .orElse("");
        String terms = (label.intervalDays().isPresent()
                        ? Wording.say(
                                "treatment.product-service.every-days-most",
                                label.intervalDays().getAsInt())
                        : "")
                + (label.usesASeason().isPresent()
                        ? Wording.say(
                                "treatment.product-service.uses-season",
                                label.usesASeason().getAsInt())
                        : "")
                + (label.notOn().isEmpty()
                        ? ""
                        : Wording.say(
                                "treatment.product-service.not",
                                label.notOn().stream().sorted().collect(Collectors.joining(", "))));
        return new Line(
                product.id(),
                label.name(),
                knowledge.find(label.means()).map(Means::name).orElse(label.means()),
                label.ingredient(),
                rate,
                terms.replaceFirst("^, ", ""),
                label.registered()
                        .map(yes -> yes
                                ? Wording.say("treatment.product-service.yes")
                                : Wording.say("treatment.product-service.no"))
                        .orElse(Wording.say("treatment.product-service.unanswered")));
    }

    /** What a product can be. */
    List<Choice> means() {
        return knowledge.all().stream()
                .filter(one -> one.product() && one.refused().isEmpty())
                .map(one -> new Choice(one.id(), one.name()))
                .toList();
    }

    /** Keeps a product, once; a name that is taken is a problem of its field. */
    public Map<String, String> keep(CollectionId collection, FormKey form, ProductForm typed) {
        Set<String> ids = means().stream().map(Choice::id).collect(Collectors.toSet());
        Set<String> kinds = plants.profiles().stream().map(Profile::id).collect(Collectors.toSet());
        Map<String, String> problems = typed.problems(ids, kinds);
        if (forms.stored(collection, form)) {
            return Map.of();
        }
        boolean taken = products.of(collection).stream()
                .anyMatch(one -> one.label()
                        .name()
                        .toLowerCase(Locale.ROOT)
                        .equals(typed.name().strip().toLowerCase(Locale.ROOT)));
        if (taken) {
            problems.put("name", Wording.say("treatment.product-service.you-have-product-name"));
        }
        if (problems.isEmpty() && forms.firstTime(collection, form)) {
            products.save(new OwnProduct(collection, typed.label()));
        }
        return problems;
    }

    /** Answers whether it is registered where the grower lives. */
    public void answer(CollectionId collection, ProductId id, boolean registered) {
        find(collection, id).answer(registered);
    }

    public void remove(CollectionId collection, ProductId id) {
        products.findByCollectionAndId(collection, id.value()).ifPresent(products::delete);
    }

    private OwnProduct find(CollectionId collection, ProductId id) {
        return products.findByCollectionAndId(collection, id.value()).orElseThrow(() -> new NotHere("product"));
    }
}
