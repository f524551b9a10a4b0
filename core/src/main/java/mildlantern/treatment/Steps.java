package mildlantern.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.Words;
import mildlantern.pest.LifeTable;
import mildlantern.quantity.Limits;

/** Writes the steps of a course: what to do, under which conditions, wearing what. */
final class Steps {
    private static final int LOOK_AFTER_DAYS = 7;

    private Steps() {}

    /** Days after its use at which a means has shown what it can: a week, or longer where it starts late and goes on. */
    static int worksUntil(Means one) {
        return one.lasting()
                .map(lasting -> lasting.starts() + Math.min(lasting.days(), 2 * LOOK_AFTER_DAYS) - LOOK_AFTER_DAYS)
                .orElse(0);
    }

    /** A look halfway, one a week after the last use, and one when what was missed would be grown: then it may go back. */
    static void looks(List<Course.Step> steps, LocalDate from, int lastDay, int generation) {
        if (lastDay >= 8) {
            steps.add(look(
                    from.plusDays(lastDay / 2), "Look at it with the lens and count again: there should be fewer."));
        }
        LocalDate decides = from.plusDays(lastDay + LOOK_AFTER_DAYS);
        steps.add(look(decides, "Look again with the same counts, and compare."));
        LocalDate release = decides.plusDays(Math.max(14, generation) - (long) LOOK_AFTER_DAYS);
        steps.add(new Course.Step(
                release,
                Course.Phase.RELEASE,
                Optional.empty(),
                "If nothing new was found by then, it may go back to its place.",
                List.of("Any new find starts this clock again.")));
    }

    static int generation(LifeTable pest, CourseRequest request) {
        OptionalDouble days = pest.daysToAdult(request.situation().celsius());
        return (int) Math.ceil(Math.min(60, days.orElse(60)));
    }

    static Course.Step look(LocalDate on, String what) {
        return new Course.Step(on, Course.Phase.LOOK, Optional.empty(), what, List.of());
    }

    static Course.Step isolate(LocalDate from) {
        return new Course.Step(
                from,
                Course.Phase.ISOLATE,
                Optional.empty(),
                "Stand it alone where it is seen daily.",
                List.of(
                        "Wash the spot, the outside of the pot and the saucer; sterilise tools before the next plant."));
    }

    static Course.Step test(LocalDate from, Means one) {
        return new Course.Step(
                from,
                Course.Phase.TEST,
                Optional.of(one.id()),
                "Try it on one leaf and look tomorrow.",
                List.of("A mark means: do not go on, and plan another course."));
    }

    static Course.Step use(LocalDate on, Course.Phase phase, Means one, CourseRequest request) {
        String what = phase == Course.Phase.REPEAT
                ? Say.capital(one.name()) + strength(one, request) + ", as before."
                : instruction(one, request);
        return new Course.Step(on, phase, Optional.of(one.id()), what, terms(one));
    }

    private static String strength(Means one, CourseRequest request) {
        return request.label(one)
                .flatMap(Label::most)
                .or(one::rate)
                .map(rate -> ", " + Say.rate(rate))
                .orElse("");
    }

    private static String instruction(Means one, CourseRequest request) {
        String strength = strength(one, request);
        return switch (one.way()) {
            case SPRAY -> Say.capital(one.name()) + strength + ": tops, undersides, joints and stems, until it drips.";
            case SWAB -> Say.capital(one.name()) + strength + ": touch each one that you find.";
            case DRENCH -> Say.capital(one.name()) + strength + ": the whole surface of the moist medium.";
            case RELEASE -> "Let go " + one.name() + ": spread over the leaves, as many as their supplier says.";
            case CARD -> "Hang up " + one.name() + " at the height of the leaves, count, and change them.";
            case TRAP -> "Set out: " + one.name() + ".";
            case HAND -> Say.capital(one.name()) + ": " + one.summary() + ".";
        };
    }

    /** Conditions, rinsing, gear and cautions of a means, a sentence each. */
    static List<String> terms(Means one) {
        List<String> terms = new ArrayList<>();
        Means.Terms when = one.terms();
        if (one.product() || one.way() == Means.Way.RELEASE) {
            terms.add("Between " + Limits.plain(when.celsius().low()) + " and "
                    + Limits.plain(when.celsius().high()) + " °C.");
        }
        if (!when.sun()) {
            terms.add("Never in the sun"
                    + when.time().map(time -> "; in the " + time).orElse("") + ".");
        } else {
            when.time()
                    .ifPresent(time ->
                            terms.add("In the " + time + (time.equals("morning") ? ", so that leaves dry." : ".")));
        }
        when.humidity().ifPresent(least -> terms.add("Air of " + Limits.plain(least) + " % or more."));
        when.rinseHours()
                .ifPresent(hours -> terms.add(
                        hours.high() <= 1
                                ? "Rinse it off within an hour."
                                : "Rinse after " + Limits.plain(hours.low()) + " to " + Limits.plain(hours.high())
                                        + " hours."));
        if (!one.care().gear().isEmpty()) {
            terms.add("Wear " + Words.listed(one.care().gear()) + ".");
        }
        one.care().caution().ifPresent(terms::add);
        if (one.product()) {
            terms.add(
                    "The product's label and local rules stand above this; away from food, children, pets, fish and bees; wash hands.");
        }
        one.care().away().ifPresent(terms::add);
        return List.copyOf(terms);
    }

    static List<Course.Step> inOrder(List<Course.Step> steps) {
        return steps.stream()
                .sorted(Comparator.comparing(Course.Step::on).thenComparing(Course.Step::phase))
                .toList();
    }
}
