package mildlantern.treatment;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import mildlantern.knowledge.Words;
import mildlantern.mixing.Rate;
import mildlantern.quantity.Limits;

/** Holds an order against the plant, its place, what was used lately and the label, and says why it must not be. */
public final class Refusals {
    /** Uses further back than this belong to another season. */
    private static final int SEASON_DAYS = 365;

    /** A course has ended, and another begun, when nothing was used for so long. */
    private static final int COURSE_GAP_DAYS = 30;

    private final TreatmentKnowledge knowledge;

    public Refusals(TreatmentKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * All that is to be said of an order.
     *
     * @return refusals first; nothing if it may be done without a further thought
     */
    public List<Verdict> judge(Order order, Situation situation) {
        List<Verdict> verdicts = new ArrayList<>();
        order.means()
                .refused()
                .ifPresent(why -> verdicts.add(Verdict.refused(
                        "never",
                        why,
                        order.means()
                                .instead()
                                .flatMap(knowledge::find)
                                .map(other -> "Use " + other.name() + ".")
                                .orElse("Leave it."))));
        plant(order, situation, verdicts);
        place(order, situation, verdicts);
        strength(order, verdicts);
        calendar(order, situation, verdicts);
        label(order, situation, verdicts);
        verdicts.sort(Comparator.comparing(Verdict::level));
        return List.copyOf(verdicts);
    }

    private void plant(Order order, Situation situation, List<Verdict> verdicts) {
        Means means = order.means();
        String name = Say.capital(means.name());
        List<String> harmed = knowledge.shared(situation.profile(), means.neverOn());
        if (!harmed.isEmpty()) {
            verdicts.add(
                    Verdict.refused("harms", name + " harms " + Words.listed(harmed) + ".", nearest(order, situation)));
        }
        List<String> marked = knowledge.shared(situation.profile(), means.mindOn());
        if (!marked.isEmpty()) {
            verdicts.add(Verdict.warning(
                    "may-mark", name + " can mark " + Words.listed(marked) + ": try one leaf a day ahead, and rinse."));
        }
        if (situation.flowering() && !means.terms().onFlowering()) {
            verdicts.add(Verdict.refused(
                    "flowering",
                    name + " is not used on a plant in flower: bees and other good insects come to it.",
                    "Cut the flowers off first, or: " + Say.lower(nearest(order, situation))));
        }
        if (situation.thirsty() && !means.terms().onThirsty()) {
            verdicts.add(Verdict.refused(
                    "thirsty", name + " burns a plant that wants water.", "Water it today and begin tomorrow."));
        }
        boolean sprayed = means.way() == Means.Way.SPRAY || means.way() == Means.Way.SWAB;
        if (sprayed && situation.holds().contains(Hold.SPRAY)) {
            verdicts.add(Verdict.refused(
                    "on-hold",
                    "Spraying is on hold while the trial of this plant runs.",
                    "Wait for its look again, or close the case first."));
        }
        if (!means.against().isEmpty() && !means.against().contains(order.against())) {
            verdicts.add(Verdict.refused("useless", name + " does nothing against this.", nearest(order, situation)));
        }
    }

    private void place(Order order, Situation situation, List<Verdict> verdicts) {
        Means.Terms terms = order.means().terms();
        String name = Say.capital(order.means().name());
        if (!terms.celsius().contains(situation.celsius())) {
            boolean hot = situation.celsius() > terms.celsius().high();
            verdicts.add(Verdict.refused(
                    hot ? "too-hot" : "too-cold",
                    name + " is for " + Limits.plain(terms.celsius().low()) + " to "
                            + Limits.plain(terms.celsius().high()) + " °C; it is " + Limits.plain(situation.celsius())
                            + " °C there.",
                    hot
                            ? "Wait for a cool evening, or stand it somewhere cooler first."
                            : "Stand it somewhere warmer first."));
        }
        terms.humidity().ifPresent(least -> {
            if (situation.humidity().isPresent() && situation.humidity().getAsDouble() < least) {
                verdicts.add(Verdict.refused(
                        "too-dry",
                        name + " needs air of " + Limits.plain(least) + " % or more; there it is "
                                + Limits.plain(situation.humidity().getAsDouble()) + " %.",
                        "Stand it in the cabinet or a clear bag, or choose another means."));
            }
        });
        terms.mediumCelsius().ifPresent(range -> {
            if (!range.contains(situation.celsius())) {
                verdicts.add(Verdict.refused(
                        "medium-cold",
                        name + " works in a medium of " + Limits.plain(range.low()) + " to "
                                + Limits.plain(range.high()) + " °C only.",
                        "Wait until the medium is warm enough."));
            }
        });
        if (order.inSun() && !terms.sun()) {
            verdicts.add(Verdict.refused(
                    "sun",
                    name + " in the sun burns leaves.",
                    "In the evening, or in shade until it has dried"
                            + terms.rinseHours().map(r -> " or been rinsed off").orElse("") + "."));
        } else if (situation.sunny() && !terms.sun()) {
            verdicts.add(Verdict.warning(
                    "sun-later", "Only when the sun is off it: " + terms.time().orElse("evening") + "."));
        }
    }

    private void strength(Order order, List<Verdict> verdicts) {
        if (order.rate().isEmpty()) {
            return;
        }
        Rate rate = order.rate().get();
        Optional<Rate> limit = order.label().flatMap(Label::most).or(order.means()::strongest);
        limit.ifPresent(most -> {
            if (rate.measure().kind() != most.measure().kind()) {
                verdicts.add(Verdict.refused(
                        "wrong-unit",
                        "The rate is in " + rate.measure().symbol() + ", the label's in "
                                + most.measure().symbol() + ".",
                        "Measure it as the label does."));
            } else if (rate.strongerThan(most)) {
                String said = order.label().isPresent()
                        ? "The label"
                        : Say.capital(order.means().name());
                verdicts.add(Verdict.refused(
                        "too-strong",
                        said + " allows at most " + Say.rate(most) + "; this is " + Say.rate(rate) + ".",
                        "Mix " + Say.rate(most) + " or weaker."));
            }
        });
    }

    private void calendar(Order order, Situation situation, List<Verdict> verdicts) {
        Means means = order.means();
        for (Situation.Use use : situation.uses()) {
            long days = Math.abs(ChronoUnit.DAYS.between(use.on(), order.on()));
            if (days == 0 && use.product() && means.product() && !use.means().equals(means.id())) {
                verdicts.add(Verdict.refused(
                        "two-products",
                        "Two products on one day: " + nameOf(use.means()) + " is used on that day already.",
                        "Another day, after the interval of the first."));
            }
            if (use.means().equals(means.id())) {
                int least = (int) order.label()
                        .map(Label::intervalDays)
                        .filter(OptionalInt::isPresent)
                        .map(OptionalInt::getAsInt)
                        .map(Integer::doubleValue)
                        .orElse(means.intervalAgainst(order.against()).low())
                        .doubleValue();
                if (days < least && (days > 0 || !use.on().equals(order.on()) || means.product())) {
                    verdicts.add(Verdict.refused(
                            "too-soon",
                            Say.capital(means.name()) + " again after " + Say.days(days) + "; at least "
                                    + Say.days(least) + " lie between two uses.",
                            "On " + use.on().plusDays(least) + " at the earliest."));
                }
            }
            clash(means, use.means(), days, verdicts);
            knowledge.find(use.means()).ifPresent(other -> clash(other, means.id(), days, verdicts));
        }
        rotation(order, situation, verdicts);
    }

    /** Either of two means may name the other as what must stay away from it; it is said once. */
    private void clash(Means one, String other, long days, List<Verdict> verdicts) {
        one.cancels().stream()
                .filter(cancel -> cancel.means().contains(other) && days < cancel.days())
                .findFirst()
                .ifPresent(cancel -> {
                    if (verdicts.stream().noneMatch(verdict -> verdict.rule().equals("cancels"))) {
                        verdicts.add(Verdict.refused(
                                "cancels",
                                Say.capital(one.name()) + " and " + nameOf(other) + " within " + cancel.days()
                                        + " days: " + cancel.why() + ".",
                                "Leave " + cancel.days() + " days between them, or stay with one of the two."));
                    }
                });
    }

    private void rotation(Order order, Situation situation, List<Verdict> verdicts) {
        Means means = order.means();
        List<Situation.Use> same = situation.uses().stream()
                .filter(use -> use.means().equals(means.id()))
                .filter(use -> Math.abs(ChronoUnit.DAYS.between(use.on(), order.on())) <= SEASON_DAYS)
                .toList();
        int most = order.label()
                .map(Label::usesASeason)
                .filter(OptionalInt::isPresent)
                .map(OptionalInt::getAsInt)
                .orElse(means.mostUses());
        if (same.size() >= most && means.product()) {
            verdicts.add(Verdict.refused(
                    "too-often",
                    Say.capital(means.name()) + " was used " + times(same.size()) + " this season; "
                            + (order.label().isPresent() ? "the label allows " : "more than ")
                            + (order.label().isPresent() ? times(most) : times(most) + " breeds resistance") + ".",
                    nearest(order, situation)));
        }
        Optional<String> group = order.label().flatMap(Label::group).or(means::group);
        group.ifPresent(code -> situation.uses().stream()
                .filter(use -> use.group().isPresent() && !use.on().isAfter(order.on()))
                .max(Comparator.comparing(Situation.Use::on))
                .filter(last -> last.group().get().equals(code))
                .filter(last -> ChronoUnit.DAYS.between(last.on(), order.on()) > COURSE_GAP_DAYS)
                .ifPresent(last -> verdicts.add(Verdict.refused(
                        "same-group",
                        "The last course was of the same mode-of-action group (" + code.substring(code.indexOf('-') + 1)
                                + "): two in a row breed resistance.",
                        nearest(order, situation)))));
    }

    private void label(Order order, Situation situation, List<Verdict> verdicts) {
        order.label().ifPresent(label -> {
            if (label.registered().isEmpty()) {
                verdicts.add(Verdict.refused(
                        "registered-unknown",
                        "Is " + label.name()
                                + " registered where you live? That must be answered before its first use.",
                        "Look on the label for the registration number, then answer it at the product."));
            } else if (!label.registered().get()) {
                verdicts.add(Verdict.refused(
                        "not-registered",
                        label.name() + " is not registered where you live.",
                        nearest(order, situation)));
            }
            if (label.notOn().contains(situation.profile().id())
                    || label.notOn().contains(situation.profile().nearest())) {
                verdicts.add(Verdict.refused(
                        "label-forbids",
                        "The label of " + label.name() + " forbids it on "
                                + situation.profile().name() + ".",
                        nearest(order, situation)));
            }
            if (!label.means().equals(order.means().id())) {
                verdicts.add(Verdict.refused(
                        "wrong-product",
                        label.name() + " is not " + order.means().name() + ".",
                        "Choose the right product."));
            }
        });
    }

    /** The first other means against the same disorder that this plant bears here; it is only named, not judged by the calendar. */
    private String nearest(Order order, Situation situation) {
        return knowledge.against(order.against()).stream()
                .filter(other -> !other.id().equals(order.means().id()))
                .filter(other -> other.refused().isEmpty())
                .filter(other ->
                        knowledge.shared(situation.profile(), other.neverOn()).isEmpty())
                .filter(other -> other.terms().celsius().contains(situation.celsius()))
                .filter(other -> !situation.flowering() || other.terms().onFlowering())
                .findFirst()
                .map(other -> "Nearest that this plant bears: " + other.name() + ".")
                .orElse("Nothing else in the knowledge base suits; ask a plant clinic or adviser.");
    }

    private String nameOf(String id) {
        return knowledge.find(id).map(Means::name).orElse(id);
    }

    private static String times(int times) {
        return times == 1 ? "once" : times == 2 ? "twice" : times + " times";
    }
}
