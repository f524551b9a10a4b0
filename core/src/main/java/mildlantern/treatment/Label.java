package mildlantern.treatment;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.mixing.Rate;

/**
 * The label of a product that the grower owns. It stands above everything the product knows of that means.
 *
 * @param name the grower's name for it
 * @param means id of the means that it is
 * @param ingredient active ingredient and its share, as the label says it
 * @param group mode-of-action group, where the label says it
 * @param least weakest rate of the label
 * @param most strongest rate of the label
 * @param intervalDays least days between two uses
 * @param usesASeason most uses a season
 * @param notOn ids of kinds that the label forbids
 * @param registered whether it is registered where the grower lives; unanswered until they say so
 */
public record Label(
        String name,
        String means,
        String ingredient,
        Optional<String> group,
        Optional<Rate> least,
        Optional<Rate> most,
        OptionalInt intervalDays,
        OptionalInt usesASeason,
        Set<String> notOn,
        Optional<Boolean> registered) {}
