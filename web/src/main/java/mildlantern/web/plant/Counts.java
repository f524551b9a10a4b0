package mildlantern.web.plant;

import jakarta.persistence.Embeddable;

/**
 * What can be counted on a plant.
 *
 * @param leaves leaves or fronds
 * @param growths pitchers or canes
 * @param flowers open ones
 */
@Embeddable
public record Counts(int leaves, int growths, int offsets, int flowers, int buds) {
    static final Counts NONE = new Counts(0, 0, 0, 0, 0);
}
