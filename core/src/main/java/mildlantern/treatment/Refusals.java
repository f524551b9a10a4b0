package mildlantern.treatment;

import static mildlantern.treatment.Verdict.refused;
import static mildlantern.treatment.Verdict.warning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.message.Message;
import mildlantern.mixing.Rate;
import mildlantern.quantity.Temperature;

/**
 * Holds an order against the plant, its place, what was used lately and the label, and says why it must not be. Whatever proposes or records a
 * use asks this one rule: courses, trials, the page of a use, the typed line.
 */
public final class Refusals {
    /** Below this many leaves, none is taken off whole. */
    private static final int FEW_LEAVES = 6;

    private static final String CROWN = "crown";

    private final TreatmentKnowledge knowledge;
    private final Calendar calendar;

    public Refusals(TreatmentKnowledge knowledge) {
        this.knowledge = knowledge;
        this.calendar = new Calendar(knowledge);
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
                .ifPresent(why -> verdicts.add(refused(
                        Rule.NEVER.with(why),
                        order.means()
                                .instead()
                                .flatMap(knowledge::find)
                                .map(other -> Instead.USE.with(other.name()))
                                .orElseGet(Instead.LEAVE_IT::with))));
        plant(order, situation, verdicts);
        state(order, situation, verdicts);
        warmth(order, situation, verdicts);
        place(order, situation, verdicts);
        strength(order, verdicts);
        Message nearest = nearest(order, situation);
        calendar.judge(order, situation, nearest, verdicts);
        label(order, situation, nearest, verdicts);
        verdicts.sort(Comparator.comparing(Verdict::level));
        return List.copyOf(verdicts);
    }

    private boolean eaten(Situation situation) {
        return situation.profile().edible();
    }

    private void plant(Order order, Situation situation, List<Verdict> verdicts) {
        Means means = order.means();
        String name = Say.capital(means.name());
        List<String> harmed =
                knowledge.shared(situation.profile(), means.plants().neverOn());
        if (!harmed.isEmpty()) {
            verdicts.add(refused(Rule.HARMS.with(name, harmed), nearest(order, situation)));
        }
        if (!forThis(means, situation)) {
            verdicts.add(refused(
                    Rule.ONLY_FOR.with(name, knowledge.words(means.plants().onlyOn())), nearest(order, situation)));
        }
        if (eaten(situation) && !means.terms().edible()) {
            verdicts.add(refused(Rule.EDIBLE.with(name), nearest(order, situation)));
        } else if (eaten(situation) && means.terms().harvestDays() > 0) {
            verdicts.add(warning(Rule.HARVEST.with(name, means.terms().harvestDays())));
        }
        List<String> marked =
                knowledge.shared(situation.profile(), means.plants().mindOn());
        if (!marked.isEmpty() && harmed.isEmpty()) {
            verdicts.add(warning(Rule.MAY_MARK.with(name, marked)));
        }
        if (means.terms().wetsCrown()
                && !knowledge.shared(situation.profile(), Set.of(CROWN)).isEmpty()) {
            verdicts.add(warning(Rule.CROWN.with(name)));
        }
        if (means.terms().takesLeaves()
                && situation.leaves().isPresent()
                && situation.leaves().getAsInt() < FEW_LEAVES) {
            verdicts.add(warning(Rule.FEW_LEAVES.with(situation.leaves().getAsInt())));
        }
        if (!means.against().isEmpty() && !means.against().contains(order.against())) {
            verdicts.add(refused(Rule.USELESS.with(name), nearest(order, situation)));
        }
    }

    private boolean forThis(Means means, Situation situation) {
        Set<String> only = means.plants().onlyOn();
        return only.isEmpty() || !knowledge.shared(situation.profile(), only).isEmpty();
    }

    private void state(Order order, Situation situation, List<Verdict> verdicts) {
        Means means = order.means();
        String name = Say.capital(means.name());
        if (situation.is(Situation.State.FLOWERING) && !means.terms().onFlowering()) {
            verdicts.add(refused(
                    Rule.FLOWERING.with(name),
                    bearable(order, situation)
                            .map(other -> Instead.CUT_FLOWERS_OR.with(other.name()))
                            .orElseGet(Instead.CUT_FLOWERS::with)));
        }
        if (situation.is(Situation.State.IN_BUD) && means.terms().beforeFlower() > 0) {
            verdicts.add(refused(Rule.IN_BUD.with(name, means.terms().beforeFlower()), nearest(order, situation)));
        }
        if (situation.is(Situation.State.THIRSTY) && !means.terms().onThirsty()) {
            verdicts.add(refused(Rule.THIRSTY.with(name), Instead.WATER_FIRST.with()));
        }
        if (!means.terms().onThirsty() && newlyPotted(order, situation)) {
            verdicts.add(refused(Rule.NEWLY_POTTED.with(name), Instead.LET_SETTLE.with()));
        }
        boolean sprayed =
                means.way() == Means.Way.SPRAY || means.way() == Means.Way.SWAB || means.way() == Means.Way.DIP;
        if (sprayed && situation.holds().contains(Hold.SPRAY)) {
            verdicts.add(refused(Rule.ON_HOLD.with(), Instead.END_TRIAL.with()));
        }
    }

    private boolean newlyPotted(Order order, Situation situation) {
        return situation.is(Situation.State.NEWLY_POTTED)
                || situation.uses().stream()
                        .filter(use -> use.on().isAfter(order.on().minusDays(Situation.SETTLES_DAYS))
                                && !use.on().isAfter(order.on()))
                        .flatMap(use -> knowledge.find(use.means()).stream())
                        .anyMatch(order.means()::waitsFor);
    }

    private static void warmth(Order order, Situation situation, List<Verdict> verdicts) {
        Means.Terms terms = order.means().terms();
        String name = Say.capital(order.means().name());
        Temperature low = new Temperature(terms.celsius().low());
        Temperature high = new Temperature(terms.celsius().high());
        if (situation.warmest() > terms.celsius().high()) {
            verdicts.add(refused(
                    Rule.TOO_HOT.with(name, low, high, new Temperature(situation.warmest())), Instead.COOLER.with()));
        } else if (situation.celsius() < terms.celsius().low()) {
            verdicts.add(refused(
                    Rule.TOO_COLD.with(name, low, high, new Temperature(situation.celsius())), Instead.WARMER.with()));
        }
        terms.humidity().ifPresent(least -> {
            if (situation.humidity().isPresent() && situation.humidity().getAsDouble() < least) {
                verdicts.add(refused(
                        Rule.TOO_DRY.with(
                                name, least, Math.rint(situation.humidity().getAsDouble())),
                        Instead.MOISTER.with()));
            }
        });
        terms.mediumCelsius().ifPresent(range -> {
            if (!range.contains(situation.celsius())) {
                verdicts.add(refused(
                        Rule.MEDIUM_COLD.with(name, new Temperature(range.low()), new Temperature(range.high())),
                        Instead.WARM_MEDIUM.with()));
            }
        });
    }

    private static void place(Order order, Situation situation, List<Verdict> verdicts) {
        Means.Terms terms = order.means().terms();
        String name = Say.capital(order.means().name());
        if (order.inSun() && !terms.sun()) {
            verdicts.add(refused(
                    Rule.SUN.with(name),
                    (terms.rinseHours().isPresent() ? Instead.EVENING_UNTIL_RINSED : Instead.EVENING).with()));
        } else if (situation.is(Situation.State.SUNNY) && !terms.sun()) {
            verdicts.add(warning(Rule.SUN_LATER.with(terms.time().orElse(Means.TimeOfDay.EVENING))));
        }
        if (!situation.is(Situation.State.OUTDOORS) && !terms.indoors()) {
            verdicts.add(refused(Rule.INDOORS.with(name), Instead.OUTDOORS.with()));
        }
        if (situation.is(Situation.State.HARD_WATER) && terms.softWater()) {
            verdicts.add(warning(Rule.HARD_WATER.with(name)));
        }
    }

    private static void strength(Order order, List<Verdict> verdicts) {
        if (order.rate().isEmpty()) {
            return;
        }
        Rate rate = order.rate().get();
        Optional<Rate> limit = order.label().flatMap(Label::most).or(order.means()::strongest);
        limit.ifPresent(most -> {
            if (rate.measure().kind() != most.measure().kind()) {
                verdicts.add(
                        refused(Rule.WRONG_UNIT.with(rate.measure(), most.measure()), Instead.MEASURE_AS_LABEL.with()));
            } else if (rate.strongerThan(most)) {
                verdicts.add(refused(
                        Rule.TOO_STRONG.with(
                                Say.capital(order.means().name()),
                                Instead.rate(most),
                                Instead.rate(rate),
                                order.label().isPresent() ? "label" : "usual"),
                        Instead.MIX.with(Instead.rate(most))));
            }
        });
    }

    private static void label(Order order, Situation situation, Message nearest, List<Verdict> verdicts) {
        order.label().ifPresent(label -> {
            if (label.registered().isEmpty()) {
                verdicts.add(refused(Rule.REGISTERED_UNKNOWN.with(label.name()), Instead.LOOK_ON_LABEL.with()));
            } else if (!label.registered().get()) {
                verdicts.add(refused(Rule.NOT_REGISTERED.with(label.name()), nearest));
            }
            if (label.notOn().contains(situation.profile().id())
                    || situation.profile().isAmong(label.notOn())) {
                verdicts.add(refused(
                        Rule.LABEL_FORBIDS.with(
                                label.name(), situation.profile().name()),
                        nearest));
            }
            if (!label.means().equals(order.means().id())) {
                verdicts.add(refused(
                        Rule.WRONG_PRODUCT.with(label.name(), order.means().name()), Instead.RIGHT_PRODUCT.with()));
            }
        });
    }

    /** The first other means against the same disorder that this plant bears here; it is only named, not judged by the calendar. */
    private Optional<Means> bearable(Order order, Situation situation) {
        boolean eaten = eaten(situation);
        return knowledge.against(order.against()).stream()
                .filter(other -> !other.id().equals(order.means().id()))
                .filter(other -> other.refused().isEmpty())
                .filter(other -> forThis(other, situation))
                .filter(other -> !eaten || other.terms().edible())
                .filter(other -> other.terms().indoors() || situation.is(Situation.State.OUTDOORS))
                .filter(other -> knowledge
                        .shared(situation.profile(), other.plants().neverOn())
                        .isEmpty())
                .filter(other -> other.terms().celsius().contains(situation.celsius())
                        && situation.warmest() <= other.terms().celsius().high())
                .filter(other -> !situation.is(Situation.State.FLOWERING)
                        || other.terms().onFlowering())
                .findFirst();
    }

    private Message nearest(Order order, Situation situation) {
        return bearable(order, situation)
                .map(other -> Instead.NEAREST.with(other.name()))
                .orElseGet(Instead.NOTHING_ELSE::with);
    }

    /** The first reason against an order, where there is one. */
    public Optional<Verdict> refusal(Order order, Situation situation) {
        return judge(order, situation).stream().filter(Verdict::refuses).findFirst();
    }

    /** Uses of a means that its label, or else practice, allows in a season. */
    static int mostUses(Means means, Optional<Label> label) {
        return label.map(Label::usesASeason)
                .filter(OptionalInt::isPresent)
                .map(OptionalInt::getAsInt)
                .orElse(means.pace().mostUses());
    }
}
