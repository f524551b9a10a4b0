package mildlantern.treatment;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.quantity.Range;

/**
 * What a course is wanted for.
 *
 * @param disorder id of what it is against
 * @param situation the plant and its place
 * @param style the house style for this course
 * @param aim what it is to reach
 * @param from its first day
 * @param severe whether many leaves or the growing point are taken
 * @param counted how many were counted, where somebody counted
 * @param coverage share of the surface that an application wets, 0 to 1
 * @param labels the grower's own products
 * @param figures what the house has learned
 * @param failed ids of what was just used and left too many: something else comes first
 */
public record CourseRequest(
        DisorderId disorder,
        Situation situation,
        Style style,
        Aim aim,
        LocalDate from,
        boolean severe,
        OptionalDouble counted,
        double coverage,
        List<Label> labels,
        HouseFigures figures,
        List<String> failed) {

    /** The same in another style. */
    CourseRequest in(Style other) {
        return new CourseRequest(
                disorder, situation, other, aim, from, severe, counted, coverage, labels, figures, failed);
    }

    /** The grower's own product that is this means, if they have one. */
    Optional<Label> label(Means one) {
        return labels.stream().filter(label -> label.means().equals(one.id())).findFirst();
    }

    /** The order for a means on a day, at the label's strength where there is a label. */
    Order order(Means one, LocalDate on) {
        Optional<Label> label = label(one);
        return new Order(one, on, disorder, label.flatMap(Label::most).or(one::rate), false, label);
    }

    /** Uses that are left of a means this season; of what has no label, the most that are worth while. */
    int usesLeft(Means one) {
        int most = Refusals.mostUses(one, label(one));
        long used = situation.uses().stream()
                .filter(use -> use.means().equals(one.id()))
                .count();
        return (int) Math.max(0, one.product() ? most - used : most);
    }

    /** Days between two uses that the label, or else practice, allows. */
    Range interval(Means one) {
        Range usual = one.intervalAgainst(disorder);
        double least = label(one)
                .filter(label -> label.intervalDays().isPresent())
                .map(label -> (double) label.intervalDays().getAsInt())
                .orElse(usual.low());
        return new Range(least, Math.max(usual.high(), least));
    }
}
