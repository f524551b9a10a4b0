package mildlantern.web.treatment;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.treatment.Label;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.NullUnmarked;

/** A product that the grower owns, as its label says. */
@Entity
@NullUnmarked
class OwnProduct extends Row {
    private String name;
    private String means;
    private String ingredient;
    private String modeGroup;
    private Double leastAmount;
    private double mostAmount;

    @Enumerated(EnumType.STRING)
    private Measure measure;

    @Enumerated(EnumType.STRING)
    private Carrier carrier;

    private Integer intervalDays;
    private Integer seasonUses;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<String> notOn = List.of();

    private Boolean registered;

    @Version
    private Long version;

    protected OwnProduct() {}

    OwnProduct(CollectionId collection, Label label) {
        super(UUID.randomUUID(), collection);
        name = label.name();
        means = label.means();
        ingredient = label.ingredient();
        modeGroup = label.group().orElse(null);
        leastAmount = label.least().map(Rate::amount).orElse(null);
        Rate most = label.most().orElseThrow();
        mostAmount = most.amount();
        measure = most.measure();
        carrier = most.carrier();
        intervalDays = label.intervalDays().isPresent() ? label.intervalDays().getAsInt() : null;
        seasonUses = label.usesASeason().isPresent() ? label.usesASeason().getAsInt() : null;
        notOn = label.notOn().stream().sorted().toList();
        registered = label.registered().orElse(null);
    }

    void answer(boolean isRegistered) {
        registered = isRegistered;
    }

    Label label() {
        return new Label(
                name,
                means,
                ingredient,
                Optional.ofNullable(modeGroup),
                Optional.ofNullable(leastAmount).map(amount -> new Rate(amount, measure, carrier)),
                Optional.of(new Rate(mostAmount, measure, carrier)),
                intervalDays == null ? OptionalInt.empty() : OptionalInt.of(intervalDays),
                seasonUses == null ? OptionalInt.empty() : OptionalInt.of(seasonUses),
                Set.copyOf(notOn),
                Optional.ofNullable(registered));
    }

    static Set<String> kinds(String typed) {
        return Arrays.stream(typed.split(","))
                .map(String::strip)
                .filter(id -> !id.isBlank())
                .collect(Collectors.toUnmodifiableSet());
    }

    public ProductId id() {
        return new ProductId(key());
    }
}
