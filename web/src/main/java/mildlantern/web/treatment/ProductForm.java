package mildlantern.web.treatment;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.treatment.Label;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Wording;

/**
 * A product's label as it was typed. Everything is text, so that what cannot be understood is kept.
 *
 * @param registered "yes", "no" or nothing yet
 */
record ProductForm(
        String name,
        String means,
        String ingredient,
        String group,
        String least,
        String most,
        Measure measure,
        Carrier carrier,
        String interval,
        String uses,
        String notOn,
        String registered) {
    ProductForm {
        name = Objects.requireNonNullElse(name, "");
        means = Objects.requireNonNullElse(means, "");
        ingredient = Objects.requireNonNullElse(ingredient, "");
        group = Objects.requireNonNullElse(group, "");
        least = Objects.requireNonNullElse(least, "");
        most = Objects.requireNonNullElse(most, "");
        measure = Objects.requireNonNullElse(measure, Measure.MILLILITRE);
        carrier = Objects.requireNonNullElse(carrier, Carrier.LITRE);
        interval = Objects.requireNonNullElse(interval, "");
        uses = Objects.requireNonNullElse(uses, "");
        notOn = Objects.requireNonNullElse(notOn, "");
        registered = Objects.requireNonNullElse(registered, "");
    }

    static final ProductForm EMPTY =
            new ProductForm("", "soap", "", "", "", "", Measure.MILLILITRE, Carrier.LITRE, "", "", "", "");

    /** What is wrong, by field. */
    Map<String, String> problems(Set<String> meansIds, Set<String> kinds) {
        Map<String, String> problems = new LinkedHashMap<>();
        text(problems, "name", name, 80);
        text(problems, "ingredient", ingredient, 120);
        if (!meansIds.contains(means)) {
            problems.put("means", Wording.say("treatment.product-form.choose-what"));
        }
        if (group.length() > 12) {
            problems.put("group", Wording.say("treatment.product-form.group-code-short-i"));
        }
        Optional<Double> strongest = number(problems, "most", most, true, 0.0001, 100_000);
        Optional<Double> weakest = number(problems, "least", least, false, 0.0001, 100_000);
        number(problems, "interval", interval, false, 1, 365);
        number(problems, "uses", uses, false, 1, 50);
        if (strongest.isPresent() && weakest.isPresent() && weakest.get() > strongest.get()) {
            problems.put("least", Wording.say("treatment.product-form.weakest-rate-not-above"));
        }
        if (strongest.isPresent() && !problems.containsKey("most")) {
            try {
                new Rate(strongest.get(), measure, carrier);
            } catch (IllegalArgumentException e) {
                problems.put("most", Wording.say("treatment.product-form.more-product-than-mixture"));
            }
        }
        OwnProduct.kinds(notOn).stream()
                .filter(kind -> !kinds.contains(kind))
                .findFirst()
                .ifPresent(kind ->
                        problems.put("notOn", Wording.say("treatment.product-form.not-type-plant-known", kind)));
        return problems;
    }

    private static void text(Map<String, String> problems, String field, String value, int longest) {
        if (value.isBlank()) {
            problems.put(field, Wording.say("treatment.product-form.fill"));
        } else if (value.length() > longest) {
            problems.put(field, Wording.say("treatment.product-form.most-letters", longest));
        }
    }

    private static Optional<Double> number(
            Map<String, String> problems, String field, String value, boolean needed, double low, double high) {
        if (value.isBlank()) {
            if (needed) {
                problems.put(field, Wording.say("treatment.product-form.labels-strongest-rate-must"));
            }
            return Optional.empty();
        }
        try {
            double number = Numbers.read(value);
            if (number < low || number > high) {
                problems.put(field, Wording.say("treatment.product-form.outside-what-label-says"));
                return Optional.empty();
            }
            return Optional.of(number);
        } catch (NumberFormatException e) {
            problems.put(field, String.valueOf(e.getMessage()));
            return Optional.empty();
        }
    }

    /** The label; asked only when nothing is wrong. */
    Label label() {
        return new Label(
                name.strip(),
                means,
                ingredient.strip(),
                group.isBlank() ? Optional.empty() : Optional.of(group.strip()),
                rate(least),
                rate(most),
                whole(interval),
                whole(uses),
                OwnProduct.kinds(notOn),
                switch (registered) {
                    case "yes" -> Optional.of(true);
                    case "no" -> Optional.of(false);
                    default -> Optional.empty();
                });
    }

    private Optional<Rate> rate(String amount) {
        return amount.isBlank() ? Optional.empty() : Optional.of(new Rate(Numbers.read(amount), measure, carrier));
    }

    private static OptionalInt whole(String value) {
        return value.isBlank() ? OptionalInt.empty() : OptionalInt.of((int) Numbers.read(value));
    }
}
