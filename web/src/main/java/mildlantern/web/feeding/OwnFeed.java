package mildlantern.web.feeding;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.util.Optional;
import java.util.UUID;
import mildlantern.message.MessageKey;
import mildlantern.nutrition.Feed;
import mildlantern.nutrition.FeedProduct;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.NullUnmarked;

/** A feed that the grower owns, as its label says. */
@Entity
@NullUnmarked
class OwnFeed extends Row {
    /** How a label counts. */
    public enum Says implements MessageKey {
        OXIDES,
        ELEMENTS,
        RATIO;

        public String words() {
            return Wording.of(this);
        }
    }

    private String name;

    @Enumerated(EnumType.STRING)
    private FeedProduct.Form form;

    @Enumerated(EnumType.STRING)
    private Says says;

    private double n;
    private double p;
    private double k;
    private Double total;
    private double calcium;
    private double magnesium;
    private double iron;
    private boolean micros;
    private boolean organic;
    private double density = 1;
    private double ec = 1;
    private double months;

    @Version
    private Long version;

    protected OwnFeed() {}

    OwnFeed(CollectionId collection, String name) {
        super(UUID.randomUUID(), collection);
        this.name = name;
    }

    OwnFeed labelled(
            FeedProduct.Form comes, Says way, double nitrogen, double phosphorus, double potassium, Double sum) {
        this.form = comes;
        this.says = way;
        this.n = nitrogen;
        this.p = phosphorus;
        this.k = potassium;
        this.total = sum;
        this.density = comes == FeedProduct.Form.LIQUID ? 1.1 : 1;
        this.months = comes == FeedProduct.Form.GRANULES ? 6 : 0;
        return this;
    }

    OwnFeed with(double ca, double mg, double fe, boolean micronutrients, boolean isOrganic) {
        this.calcium = ca;
        this.magnesium = mg;
        this.iron = fe;
        this.micros = micronutrients;
        this.organic = isOrganic;
        return this;
    }

    String name() {
        return name;
    }

    FeedProduct product() {
        Feed label = switch (says) {
            case OXIDES -> Feed.oxides(n, p, k);
            case ELEMENTS -> Feed.elements(n, p, k);
            case RATIO -> Feed.ratio(n, p, k, total == null ? 10 : total);
        };
        return new FeedProduct(
                key().toString(),
                name,
                form,
                density,
                label,
                calcium,
                magnesium,
                iron,
                micros,
                organic,
                organic ? Math.min(ec, 0.5) : ec,
                months,
                Optional.empty());
    }
}
