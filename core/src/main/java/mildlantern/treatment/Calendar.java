package mildlantern.treatment;

import static mildlantern.treatment.Verdict.refused;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import mildlantern.message.Message;

/** Holds an order against what was used on the plant before, however that was written down. */
final class Calendar {
    /** Uses further back than this belong to another season. */
    private static final int SEASON_DAYS = 365;

    /** A course has ended, and another begun, when nothing was used for so long. */
    private static final int COURSE_GAP_DAYS = 30;

    private final TreatmentKnowledge knowledge;

    Calendar(TreatmentKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    void judge(Order order, Situation situation, Message nearest, List<Verdict> verdicts) {
        Means means = order.means();
        for (Situation.Use use : situation.uses()) {
            long days = ChronoUnit.DAYS.between(use.on(), order.on());
            if (days == 0 && use.product() && means.product() && !use.means().equals(means.id())) {
                verdicts.add(refused(Rule.TWO_PRODUCTS.with(nameOf(use.means())), Instead.ANOTHER_DAY.with()));
            }
            if (use.means().equals(means.id())) {
                again(order, use, Math.abs(days), verdicts);
            }
            clash(means, use, days, verdicts);
        }
        rotation(order, situation, nearest, verdicts);
    }

    private static void again(Order order, Situation.Use use, long days, List<Verdict> verdicts) {
        Means means = order.means();
        int least = order.label()
                .map(Label::intervalDays)
                .filter(OptionalInt::isPresent)
                .map(OptionalInt::getAsInt)
                .orElse((int) means.intervalAgainst(order.against()).low());
        if (days < least && (days > 0 || means.product())) {
            verdicts.add(refused(
                    Rule.TOO_SOON.with(Say.capital(means.name()), days, least),
                    Instead.NOT_BEFORE.with(use.on().plusDays(least))));
        }
    }

    /** Either of two means may name the other as what must stay away from it; it is said once. */
    private void clash(Means means, Situation.Use use, long days, List<Verdict> verdicts) {
        Optional<Means> other = knowledge.find(use.means());
        boolean first = days >= 0;
        Optional<Means.Cancel> mine = means.cancel(use.means());
        Optional<Means.Cancel> theirs = other.flatMap(one -> one.cancel(means.id()));
        int needed = Math.max(
                mine.map(first ? Means.Cancel::days : Means.Cancel::then).orElse(0),
                theirs.map(first ? Means.Cancel::then : Means.Cancel::days).orElse(0));
        if (Math.abs(days) < needed && verdicts.stream().noneMatch(verdict -> verdict.rule() == Rule.CANCELS)) {
            verdicts.add(refused(
                    Rule.CANCELS.with(
                            Say.capital(means.name()),
                            nameOf(use.means()),
                            needed,
                            mine.or(() -> theirs).map(Means.Cancel::why).orElse("")),
                    Instead.DAYS_BETWEEN.with(needed)));
        }
    }

    private void rotation(Order order, Situation situation, Message nearest, List<Verdict> verdicts) {
        Means means = order.means();
        if (!means.product()) {
            return;
        }
        long season = situation.uses().stream()
                .filter(use -> use.means().equals(means.id()))
                .filter(use -> Math.abs(ChronoUnit.DAYS.between(use.on(), order.on())) <= SEASON_DAYS)
                .count();
        int most = Refusals.mostUses(means, order.label());
        if (season >= most) {
            verdicts.add(refused(
                    Rule.TOO_OFTEN.with(
                            Say.capital(means.name()),
                            season,
                            most,
                            order.label().isPresent() ? "label" : "usual"),
                    nearest));
        } else if (inRow(order, situation) >= means.pace().inRow()) {
            verdicts.add(refused(
                    Rule.IN_A_ROW.with(Say.capital(means.name()), means.pace().inRow()), nearest));
        }
        Optional<String> group = order.label().flatMap(Label::group).or(means::group);
        group.ifPresent(code -> situation.uses().stream()
                .filter(use -> use.group().isPresent() && !use.on().isAfter(order.on()))
                .filter(use -> sameTarget(use, order))
                .max(Comparator.comparing(Situation.Use::on))
                .filter(last -> last.group().get().equals(code))
                .filter(last -> ChronoUnit.DAYS.between(last.on(), order.on())
                        > Math.max(
                                COURSE_GAP_DAYS,
                                means.intervalAgainst(order.against()).high()))
                .ifPresent(last ->
                        verdicts.add(refused(Rule.SAME_GROUP.with(code.substring(code.indexOf('-') + 1)), nearest))));
    }

    /** Resistance is bred in one pest: a use against another counts for nothing; of what is not known, nobody can say so. */
    private boolean sameTarget(Situation.Use use, Order order) {
        return knowledge
                .find(use.means())
                .map(one -> one.against().contains(order.against()))
                .orElse(true);
    }

    /** How often it was used in a row lately, with no other product and no long pause between. */
    private long inRow(Order order, Situation situation) {
        List<Situation.Use> before = situation.uses().stream()
                .filter(use -> use.product() && use.on().isBefore(order.on()))
                .sorted(Comparator.comparing(Situation.Use::on).reversed())
                .toList();
        long row = 0;
        LocalDate after = order.on();
        for (Situation.Use use : before) {
            if (!use.means().equals(order.means().id()) || ChronoUnit.DAYS.between(use.on(), after) > COURSE_GAP_DAYS) {
                break;
            }
            after = use.on();
            row++;
        }
        return row;
    }

    private String nameOf(String id) {
        return knowledge.find(id).map(Means::name).orElse(id);
    }
}
