package mildlantern.treatment;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;

/**
 * What a course is wanted for.
 *
 * @param disorder id of the decided cause
 * @param situation the plant and its place
 * @param style house style, or another for this course
 * @param from first day
 * @param severe whether many leaves or the growing point are taken
 * @param counted how many of the noticed stages were counted on the plant
 * @param coverage share of the surface that an application wets, 0 to 1
 * @param labels the grower's own products
 */
public record CourseRequest(
        DisorderId disorder,
        Situation situation,
        Style style,
        LocalDate from,
        boolean severe,
        OptionalDouble counted,
        double coverage,
        List<Label> labels) {

    /** The grower's own product that is this means, if they have one. */
    Optional<Label> label(Means one) {
        return labels.stream().filter(label -> label.means().equals(one.id())).findFirst();
    }

    /** The order for a means on a day, at the label's strength where there is a label. */
    Order order(Means one, LocalDate on) {
        Optional<Label> label = label(one);
        return new Order(one, on, disorder, label.flatMap(Label::most).or(one::rate), false, label);
    }

    /** Uses that are left of a means this season, 1 or more; of what has no label, the most that are worth while. */
    int mostUses(Means one) {
        int most = label(one)
                .filter(label -> label.usesASeason().isPresent())
                .map(label -> label.usesASeason().getAsInt())
                .orElse(one.mostUses());
        long used = situation.uses().stream()
                .filter(use -> use.means().equals(one.id()))
                .count();
        return (int) Math.max(1, one.product() ? most - used : most);
    }
}
